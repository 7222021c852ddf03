'use client'
import { EARLY_TAPS_SCRIPT } from './earlyTaps'

/** The script that keeps what is tapped early. A component of the browser too, so that its text is not sent twice: there it is done already. */
export function EarlyTaps({ nonce }: { nonce: string }) {
  return (
    <script
      nonce={nonce}
      suppressHydrationWarning
      dangerouslySetInnerHTML={{ __html: typeof window === 'undefined' ? EARLY_TAPS_SCRIPT : '' }}
    />
  )
}
