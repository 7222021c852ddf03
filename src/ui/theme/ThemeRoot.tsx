'use client'
import { THEME_ID } from '@mui/material/styles'
import { ThemeProvider } from '@mui/system'
import { type ReactNode, use } from 'react'
import { firstPaint } from '@/ui/shell/firstPaint'
import { StyleCache } from './StyleCache'
import { theme } from './theme'

/**
 * The theme for every page; `nonce` lets the styles MUI writes pass the content security policy. By its name it is handed on as it
 * is: without one each page would get a copy, and MUI, which keeps what it made from a theme, would make it all anew.
 */
export function ThemeRoot({ nonce, children }: { nonce: string; children: ReactNode }) {
  if (firstPaint) use(firstPaint)
  return (
    <StyleCache nonce={nonce}>
      <ThemeProvider theme={theme} themeId={THEME_ID}>
        {children}
      </ThemeProvider>
    </StyleCache>
  )
}
