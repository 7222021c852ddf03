'use client'
import { ThemeProvider } from '@mui/system'
import { type ReactNode, use } from 'react'
import { firstPaint } from '@/ui/shell/firstPaint'
import { StyleCache } from './StyleCache'
import { theme } from './theme'

/** The theme for every page; `nonce` lets the styles MUI writes pass the content security policy. */
export function ThemeRoot({ nonce, children }: { nonce: string; children: ReactNode }) {
  if (firstPaint) use(firstPaint)
  return (
    <StyleCache nonce={nonce}>
      <ThemeProvider theme={theme}>{children}</ThemeProvider>
    </StyleCache>
  )
}
