'use client'
import DarkMode from '@mui/icons-material/DarkModeOutlined'
import LightMode from '@mui/icons-material/LightModeOutlined'
import IconButton from '@mui/material/IconButton'
import { useSyncExternalStore } from 'react'
import { themeSwitch } from '@/words/en/ui/shell'
import { wordsOf } from '@/words/translate'
import { hinted } from '../help/hints'
import { chooseScheme, schemeNow, subscribeScheme } from '../theme/scheme'

const say = wordsOf(themeSwitch)

/** Day or night. Until one is chosen the page follows the system. */
export function ThemeSwitch() {
  const isNight = useSyncExternalStore(
    subscribeScheme,
    () => schemeNow() === 'dark',
    () => false,
  )
  const words = isNight ? say('dayTheme') : say('nightTheme')
  return (
    <IconButton
      {...hinted(words)}
      aria-label={words}
      onClick={() => chooseScheme(isNight ? 'light' : 'dark')}
    >
      {isNight ? <LightMode fontSize="small" /> : <DarkMode fontSize="small" />}
    </IconButton>
  )
}
