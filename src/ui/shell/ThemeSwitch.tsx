'use client'
import DarkMode from '@mui/icons-material/DarkModeOutlined'
import LightMode from '@mui/icons-material/LightModeOutlined'
import IconButton from '@mui/material/IconButton'
import Tooltip from '@mui/material/Tooltip'
import { useColorScheme } from '@mui/material/styles'
import { useSyncExternalStore } from 'react'
import { themeSwitch } from '@/words/en/ui/shell'
import { wordsOf } from '@/words/translate'

const say = wordsOf(themeSwitch)

const never = () => () => {}

/** Day or night. Until one is chosen the page follows the system. */
export function ThemeSwitch() {
  const { mode, systemMode, setMode } = useColorScheme()
  const mounted = useSyncExternalStore(
    never,
    () => true,
    () => false,
  )
  const isNight = mounted && (mode === 'system' ? systemMode : mode) === 'dark'
  const words = isNight ? say('dayTheme') : say('nightTheme')
  return (
    <Tooltip title={words}>
      <IconButton aria-label={words} onClick={() => setMode(isNight ? 'light' : 'dark')}>
        {isNight ? <LightMode fontSize="small" /> : <DarkMode fontSize="small" />}
      </IconButton>
    </Tooltip>
  )
}
