'use client'
import { ThemeProvider } from '@mui/system'
import { AppRouterCacheProvider } from '@mui/material-nextjs/v16-appRouter'
import type { ReactNode } from 'react'
import { theme } from './theme'

/** No browser that runs this page needs prefixed properties; without them a page's styles are a third shorter. */
const NO_PREFIXES: [] = []

/** The theme for every page; `nonce` lets the styles MUI writes pass the content security policy. */
export function ThemeRoot({ nonce, children }: { nonce: string; children: ReactNode }) {
  return (
    <AppRouterCacheProvider options={{ key: 'mui', nonce, enableCssLayer: true, stylisPlugins: NO_PREFIXES }}>
      <ThemeProvider theme={theme}>{children}</ThemeProvider>
    </AppRouterCacheProvider>
  )
}
