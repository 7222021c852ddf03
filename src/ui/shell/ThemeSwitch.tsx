'use client'
import { useColorScheme } from '@mui/material/styles'
import { useSyncExternalStore } from 'react'
import styles from './Shell.module.css'

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
  return (
    <button
      className={styles.tool}
      onClick={() => setMode(isNight ? 'light' : 'dark')}
      aria-label={isNight ? 'Day theme' : 'Night theme'}
    >
      {isNight ? 'Day' : 'Night'}
    </button>
  )
}
