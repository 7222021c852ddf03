'use client'
import BatteryFull from '@mui/icons-material/BatteryFullOutlined'
import Bolt from '@mui/icons-material/PowerOffOutlined'
import FactCheck from '@mui/icons-material/FactCheckOutlined'
import Cable from '@mui/icons-material/CableOutlined'
import Kitchen from '@mui/icons-material/KitchenOutlined'
import MoreHoriz from '@mui/icons-material/MoreHoriz'
import Schedule from '@mui/icons-material/Schedule'
import SolarPower from '@mui/icons-material/SolarPowerOutlined'
import BottomNavigation from '@mui/material/BottomNavigation'
import BottomNavigationAction from '@mui/material/BottomNavigationAction'
import Link from 'next/link'
import { useParams, usePathname } from 'next/navigation'
import { useState } from 'react'
import { useStore } from 'zustand'
import { stepsNav } from '@/words/en/ui/shell'
import { wordsOf } from '@/words/translate'
import { keyOf, keySettings } from './keySettings'
import { ChoiceMenu } from './lazy'
import styles from './Shell.module.css'
import { STEPS } from './steps'
import { useGo } from './useGo'

const say = wordsOf(stepsNav)

const ICONS = {
  outage: Bolt,
  loads: Kitchen,
  power: BatteryFull,
  runtime: Schedule,
  recharge: SolarPower,
  hookup: Cable,
  run: FactCheck,
}
/** Pages that fit beside each other under a thumb; the rest stand behind the last key. */
const MOST_BESIDE = 5

/** The pages in the order of the work: in a row above, on phones under the thumb. */
export function StepsNav() {
  const { householdId } = useParams<{ householdId: string }>()
  const here = usePathname().split('/').pop()
  const settings = useStore(keySettings)
  const [anchor, setAnchor] = useState<HTMLElement | null>(null)
  const go = useGo()
  const beside = STEPS.length > MOST_BESIDE ? STEPS.slice(0, MOST_BESIDE - 1) : STEPS
  const behind = STEPS.slice(beside.length)
  const current = (path: string) => (here === path ? 'page' : undefined)
  return (
    <>
      <nav className={styles.steps} aria-label={say('steps')}>
        {STEPS.map(({ path, name }) => (
          <Link
            key={path}
            href={`/h/${householdId}/${path}`}
            prefetch={false}
            className={styles.step}
            aria-current={current(path)}
          >
            {settings.on && (
              <span className={styles.stepKey} aria-hidden>
                {keyOf(settings, path)}
              </span>
            )}
            {name}
          </Link>
        ))}
      </nav>
      <BottomNavigation
        component="nav"
        aria-label={say('steps')}
        className={styles.bottom}
        value={here}
        showLabels
      >
        {beside.map(({ path, name }) => {
          const Icon = ICONS[path]
          return (
            <BottomNavigationAction
              key={path}
              value={path}
              label={name}
              icon={<Icon aria-hidden />}
              component={Link}
              href={`/h/${householdId}/${path}`}
              prefetch={false}
              aria-current={current(path)}
            />
          )
        })}
        {behind.length > 0 && (
          <BottomNavigationAction
            value="more"
            label={say('more')}
            icon={<MoreHoriz aria-hidden />}
            aria-haspopup="menu"
            onClick={(event) => setAnchor(event.currentTarget)}
          />
        )}
      </BottomNavigation>
      {anchor && (
        <ChoiceMenu
          anchor={anchor}
          onClose={() => setAnchor(null)}
          choices={behind.map(({ path, name }) => ({
            key: path,
            words: name,
            isChosen: here === path,
            pick: () => go(`/h/${householdId}/${path}`),
          }))}
        />
      )}
    </>
  )
}
