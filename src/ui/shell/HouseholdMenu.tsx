'use client'
import Divider from '@mui/material/Divider'
import Menu from '@mui/material/Menu'
import MenuItem from '@mui/material/MenuItem'
import dynamic from 'next/dynamic'
import { useState } from 'react'
import { useHousehold } from '../household/HouseholdContext'
import styles from './HouseholdMenu.module.css'

const NewHouseholdDialog = dynamic(
  () => import('./NewHouseholdDialog').then((module) => module.NewHouseholdDialog),
  { ssr: false },
)

export interface HouseholdEntry {
  id: string
  name: string
  sample: boolean
}

/** Which household this is, and the way to the others and to one of one's own. */
export function HouseholdMenu({ households }: { households: HouseholdEntry[] }) {
  const profile = useHousehold((state) => state.household.profile)
  const householdId = useHousehold((state) => state.householdId)
  const [anchor, setAnchor] = useState<HTMLElement | null>(null)
  const [starting, setStarting] = useState(false)
  const close = () => setAnchor(null)
  const startOwn = () => {
    close()
    setStarting(true)
  }
  return (
    <div className={styles.household}>
      <button
        className={styles.name}
        aria-haspopup="menu"
        onClick={(event) => setAnchor(event.currentTarget)}
      >
        {profile.name}
      </button>
      {profile.sample && (
        <>
          <span className={styles.sample}>
            sample<span className={styles.wide}> data</span>
          </span>
          <button className={styles.start} onClick={startOwn}>
            Start your own
          </button>
        </>
      )}
      <Menu anchorEl={anchor} open={anchor !== null} onClose={close}>
        {households.map(({ id, name, sample }) => (
          <MenuItem key={id} component="a" href={`/h/${id}/runtime`} selected={id === householdId}>
            {id === householdId ? profile.name : name}
            {sample ? ' (sample)' : ''}
          </MenuItem>
        ))}
        <Divider />
        <MenuItem onClick={startOwn}>Start your own household…</MenuItem>
        <MenuItem component="a" href={`/api/households/${householdId}/plan`}>
          Download this plan (JSON)
        </MenuItem>
      </Menu>
      {starting && <NewHouseholdDialog onClose={() => setStarting(false)} />}
    </div>
  )
}
