import type { Metadata, Viewport } from 'next'
import { cookies, headers } from 'next/headers'
import type { ReactNode } from 'react'
import { EarlyTaps } from '@/ui/shell/EarlyTaps'
import { Hints } from '@/ui/help/Hints'
import { PageAnswers } from '@/ui/shell/PageAnswers'
import { SCHEME_COOKIE, schemeOf } from '@/ui/theme/scheme'
import { latin, latinExtended } from '@/ui/theme/font'
import { ThemeRoot } from '@/ui/theme/ThemeRoot'
import '@/ui/theme/tokens.css'
import '@/ui/theme/shared.css'
import { appLayout } from '@/words/en/pages/app'
import { LANGUAGE } from '@/words/language'
import { wordsOf } from '@/words/translate'

const say = wordsOf(appLayout)

export const metadata: Metadata = {
  title: { default: 'Yotrope', template: '%s · Yotrope' },
  description: say('howLongABatteryRunsYourHouse'),
}

export const viewport: Viewport = { width: 'device-width', initialScale: 1 }

export default async function RootLayout({ children }: { children: ReactNode }) {
  const nonce = (await headers()).get('x-nonce') ?? ''
  return (
    <html
      lang={LANGUAGE}
      className={`${latin.variable} ${latinExtended.variable}`}
      data-theme={schemeOf((await cookies()).get(SCHEME_COOKIE)?.value)}
      suppressHydrationWarning
    >
      <body>
        <ThemeRoot nonce={nonce}>
          {children}
          <Hints />
        </ThemeRoot>
        <p
          className="tap-kept"
          role="status"
          data-tap-kept={say('theTapIsKept')}
          suppressHydrationWarning
          // filled before the page's scripts take over, which leave it alone
          dangerouslySetInnerHTML={{ __html: '' }}
        />
        {/* behind the content, since the styles are waited for before it runs, and content behind it would wait as well */}
        <EarlyTaps nonce={nonce} />
        <PageAnswers />
      </body>
    </html>
  )
}
