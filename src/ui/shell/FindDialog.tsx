'use client'
import Dialog from '@mui/material/Dialog'
import { useRouter } from 'next/navigation'
import { type KeyboardEvent, useState } from 'react'
import { choose } from '../household/edits'
import { useHousehold, useHouseholdStore } from '../household/HouseholdContext'
import styles from './dialog.module.css'
import { STEPS } from './steps'

interface Finding {
  id: string
  name: string
  kind: string
  open: () => void
}

/** Finds loads, outages, candidates and pages by any part of their name. */
export function FindDialog({ householdId, onClose }: { householdId: string; onClose: () => void }) {
  const store = useHouseholdStore()
  const household = useHousehold((state) => state.household)
  const router = useRouter()
  const [text, setText] = useState('')
  const [at, setAt] = useState(0)
  const go = (path: string) => router.push(`/h/${householdId}/${path}`)
  const { edit } = store.getState()
  const all: Finding[] = [
    ...household.loads.map(({ id, name }) => ({
      id,
      name,
      kind: 'load',
      open: () => go(`loads?load=${id}`),
    })),
    ...household.scenarios.map(({ id, name }) => ({
      id,
      name,
      kind: 'outage',
      open: () => {
        edit(choose({ scenarioId: id }))
        go('outage')
      },
    })),
    ...household.powerSystems.map(({ id, name }) => ({
      id,
      name,
      kind: 'power',
      open: () => {
        edit(choose({ powerSystemId: id }))
        go('power')
      },
    })),
    ...STEPS.map(({ path, name }) => ({ id: path, name, kind: 'page', open: () => go(path) })),
  ]
  const wanted = text.trim().toLowerCase()
  const found = all.filter(({ name }) => name.toLowerCase().includes(wanted))
  const open = (finding: Finding | undefined) => {
    if (!finding) return
    onClose()
    finding.open()
  }
  const onKeyDown = (event: KeyboardEvent) => {
    if (event.key === 'ArrowDown') setAt(Math.min(at + 1, found.length - 1))
    else if (event.key === 'ArrowUp') setAt(Math.max(at - 1, 0))
    else if (event.key === 'Enter') open(found[at])
    else return
    event.preventDefault()
  }
  return (
    <Dialog open onClose={onClose} slotProps={{ paper: { 'aria-label': 'Find' } }}>
      <div className={styles.dialog}>
        <input
          className={styles.search}
          value={text}
          onChange={(event) => {
            setText(event.target.value)
            setAt(0)
          }}
          onKeyDown={onKeyDown}
          placeholder="Part of a name"
          role="combobox"
          aria-label="Find a load, an outage, a power candidate or a page"
          aria-expanded
          aria-controls="found"
          aria-activedescendant={found[at] ? `found-${at}` : undefined}
          autoFocus
        />
        <ul id="found" className={styles.found} role="listbox" aria-label="Found">
          {found.map((finding, i) => (
            <li
              key={`${finding.kind} ${finding.id}`}
              id={`found-${i}`}
              role="option"
              aria-selected={i === at}
              onClick={() => open(finding)}
            >
              {finding.name}
              <span className={styles.kind}>{finding.kind}</span>
            </li>
          ))}
        </ul>
      </div>
    </Dialog>
  )
}
