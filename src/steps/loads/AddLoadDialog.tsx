'use client'
import Dialog from '@mui/material/Dialog'
import { type KeyboardEvent, useState } from 'react'
import { APPLIANCES } from '@/catalog/appliances'
import { averageW } from '@/core/load/average'
import { LIMITS } from '@/core/plan/limits'
import type { HouseholdLoad } from '@/core/plan/schema'
import { formatWatts } from '@/core/quantity/format'
import { addLoad, freshId, freshName } from '@/ui/household/edits'
import { useHousehold, useHouseholdStore } from '@/ui/household/HouseholdContext'
import styles from '@/ui/shell/dialog.module.css'
import { blankLoad, loadFrom } from './loadForm'

interface AddLoadProps {
  onClose: () => void
  onAdded: (id: string) => void
  afterId?: string
}

/** Adds a load: a typical thing by any part of its name, or one nothing is known of yet. */
export function AddLoadDialog({ onClose, onAdded, afterId }: AddLoadProps) {
  const store = useHouseholdStore()
  const household = useHousehold((state) => state.household)
  const [text, setText] = useState('')
  const [at, setAt] = useState(0)
  const mains = household.profile.mains === '230 V' ? 230 : 120
  const { loads } = household
  const wanted = text.trim().toLowerCase()
  const found = APPLIANCES.filter(({ name }) => name.toLowerCase().includes(wanted)).map((appliance) => ({
    name: appliance.name,
    words: `${formatWatts(appliance.behaviour.runningW.value)} running, ${formatWatts(averageW(appliance.behaviour))} average`,
    make: (): HouseholdLoad => {
      const name = freshName(appliance.name, loads)
      const load = loadFrom(appliance, freshId(name, loads), name, mains)
      return {
        ...load,
        standings: {
          [household.chosen.scenarioId]: { on: appliance.tier !== 'refuse', tier: appliance.tier },
        },
      }
    },
  }))
  const ownName = text.trim().slice(0, LIMITS.nameLength) || 'New load'
  const choices = [
    ...found,
    {
      name: text.trim() ? `“${ownName}”` : 'Something else',
      words: 'name and watts are yours to give',
      make: (): HouseholdLoad => {
        const name = freshName(ownName, loads)
        return blankLoad(freshId(name, loads), name, mains)
      },
    },
  ]
  const isFull = loads.length >= LIMITS.loads
  const add = (choice: (typeof choices)[number] | undefined) => {
    if (!choice || isFull) return
    const load = choice.make()
    store.getState().edit(addLoad(load, afterId))
    onAdded(load.id)
  }
  const onKeyDown = (event: KeyboardEvent) => {
    if (event.key === 'ArrowDown') setAt(Math.min(at + 1, choices.length - 1))
    else if (event.key === 'ArrowUp') setAt(Math.max(at - 1, 0))
    else if (event.key === 'Enter') add(choices[at])
    else return
    event.preventDefault()
  }
  return (
    <Dialog open onClose={onClose} aria-labelledby="add-load">
      <div className={styles.dialog}>
        <h2 id="add-load" className={styles.title}>
          Add a load
        </h2>
        <input
          className={styles.search}
          value={text}
          placeholder="Refrigerator, pump, router…"
          onChange={(event) => {
            setText(event.target.value)
            setAt(0)
          }}
          onKeyDown={onKeyDown}
          role="combobox"
          aria-label="What is it?"
          aria-expanded
          aria-controls="appliances"
          aria-activedescendant={`appliance-${at}`}
          autoFocus
        />
        {isFull && (
          <p className={styles.trouble} role="alert">
            A household has {LIMITS.loads} loads at most. Remove one first.
          </p>
        )}
        <ul id="appliances" className={styles.found} role="listbox" aria-label="Typical loads">
          {choices.map((choice, i) => (
            <li
              key={choice.name}
              id={`appliance-${i}`}
              role="option"
              aria-selected={i === at}
              onClick={() => add(choice)}
            >
              {choice.name}
              <span className={styles.kind}>{choice.words}</span>
            </li>
          ))}
        </ul>
      </div>
    </Dialog>
  )
}
