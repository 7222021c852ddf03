import type { Metadata, Viewport } from 'next'
import { headers } from 'next/headers'
import type { ReactNode } from 'react'
import { EARLY_TAPS_SCRIPT } from '@/ui/shell/earlyTaps'
import { PageAnswers } from '@/ui/shell/PageAnswers'
import { SCHEME_SCRIPT } from '@/ui/theme/scheme'
import { latin, latinExtended } from '@/ui/theme/font'
import { ThemeRoot } from '@/ui/theme/ThemeRoot'
import '@/ui/theme/tokens.css'
import { appLayout } from '@/words/en/pages/app'
import { LANGUAGE } from '@/words/language'
import { wordsOf } from '@/words/translate'

const say = wordsOf(appLayout)

export const metadata: Metadata = {
  title: { default: 'Yotrope', template: '%s · Yotrope' },
  description: say('howLongYourHouseHoldsThrough'),
}

export const viewport: Viewport = { width: 'device-width', initialScale: 1 }

export default async function RootLayout({ children }: { children: ReactNode }) {
  const nonce = (await headers()).get('x-nonce') ?? ''
  return (
    <html lang={LANGUAGE} className={`${latin.variable} ${latinExtended.variable}`} suppressHydrationWarning>
      <body>
        <script
          nonce={nonce}
          suppressHydrationWarning
          dangerouslySetInnerHTML={{ __html: `${SCHEME_SCRIPT};${EARLY_TAPS_SCRIPT}` }}
        />
        <ThemeRoot nonce={nonce}>{children}</ThemeRoot>
        <p
          className="tap-kept"
          role="status"
          data-tap-kept={say('theTapIsKept')}
          suppressHydrationWarning
          // filled before the page's scripts take over, which leave it alone
          dangerouslySetInnerHTML={{ __html: '' }}
        />
        <PageAnswers />
      </body>
    </html>
  )
}
