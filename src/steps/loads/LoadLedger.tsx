'use client'
import Button from '@mui/material/Button'
import type { KeyboardEvent } from 'react'
import { averageW } from '@/core/load/average'
import { TIERS, type Tier } from '@/core/plan/limits'
import type { HouseholdLoad } from '@/core/plan/schema'
import { formatNumber } from '@/core/quantity/format'
import { EvidenceMark } from '@/ui/field/EvidenceMark'
import { changeStanding, standingOf } from '@/ui/household/edits'
import { useHousehold, useHouseholdStore, useScenario } from '@/ui/household/HouseholdContext'
import styles from './LoadsPage.module.css'
import { QuickLine } from './QuickLine'
import { decidingQuantity } from './loadForm'
import { TIER_WORDS } from './tierWords'

interface LedgerProps {
  selectedId: string | null
  select: (id: string) => void
  add: () => void
}

/** The loads, a row each: switched on or off, how they stand in this outage, and the watts that matter. */
export function LoadLedger({ selectedId, select, add }: LedgerProps) {
  const loads = useHousehold((state) => state.household.loads)
  const scenario = useScenario()
  if (loads.length === 0) {
    return (
      <div className={styles.empty}>
        <h2>No loads yet</h2>
        <p>
          Begin with what must not stop: the refrigerator, the heating’s pump, a breathing aid, the router.
          Typical watts are filled in; the label or a plug-in meter makes them better.
        </p>
        <p>
          <Button onClick={add} variant="contained" color="primary">
            Add a load
          </Button>{' '}
          or press <kbd>a</kbd>
        </p>
        <QuickLine onAdded={select} />
      </div>
    )
  }
  return (
    <>
      <div className={styles.addLine}>
        <Button onClick={add}>Add a load</Button>
        <QuickLine onAdded={select} />
      </div>
      <table className={styles.table}>
        <thead>
          <tr>
            <th>
              <span className="visually-hidden">On</span>
            </th>
            <th>
              {loads.length} {loads.length === 1 ? 'load' : 'loads'} in {scenario.name}
            </th>
            <th>Tier</th>
            <th>Running W</th>
            <th className={styles.startCell}>Starting W</th>
            <th className={styles.averageCell}>Average W</th>
            <th>Wh a day</th>
            <th className={styles.markCell}>
              <span className="visually-hidden">Evidence</span>
            </th>
          </tr>
        </thead>
        <tbody>
          {loads.map((load, i) => (
            <LedgerRow
              key={load.id}
              load={load}
              isSelected={load.id === selectedId}
              select={() => select(load.id)}
              move={(by) => {
                const next = loads[i + by]
                if (!next) return
                select(next.id)
                document.getElementById(`load-${next.id}`)?.focus()
              }}
            />
          ))}
        </tbody>
      </table>
    </>
  )
}

function LedgerRow(props: {
  load: HouseholdLoad
  isSelected: boolean
  select: () => void
  move: (by: 1 | -1) => void
}) {
  const { load, isSelected, select, move } = props
  const store = useHouseholdStore()
  const { on, tier } = useHousehold(({ household }) => standingOf(household, load))
  const { edit } = store.getState()
  const toggle = () => edit(changeStanding(load.id, { on: !on }))
  const isOut = !on || tier === 'refuse'
  const average = averageW(load.behaviour)
  const onKeyDown = (event: KeyboardEvent) => {
    if (event.key === 'ArrowDown') move(1)
    else if (event.key === 'ArrowUp') move(-1)
    else if (event.key === ' ') toggle()
    else return
    event.preventDefault()
  }
  return (
    <tr className={styles.row} data-selected={isSelected} data-off={isOut} onClick={select}>
      <td className={styles.switchCell}>
        <button
          className={styles.switch}
          role="switch"
          aria-checked={on}
          aria-label={`${load.name} on`}
          onClick={(event) => {
            event.stopPropagation()
            toggle()
          }}
        >
          <span />
        </button>
      </td>
      <td className={styles.nameCell}>
        <button
          id={`load-${load.id}`}
          className={styles.name}
          dir="auto"
          aria-pressed={isSelected}
          onKeyDown={onKeyDown}
          onClick={select}
          title={load.name}
        >
          {load.name}
          {load.volts === 240 && ', 240 V'}
        </button>
      </td>
      <td className={styles.tierCell}>
        <select
          className={styles.tier}
          data-tier={tier}
          value={tier}
          aria-label={`Tier of ${load.name}`}
          onChange={(event) => edit(changeStanding(load.id, { tier: event.target.value as Tier }))}
        >
          {TIERS.map((value) => (
            <option key={value} value={value}>
              {TIER_WORDS[value]}
            </option>
          ))}
        </select>
      </td>
      <td>{formatNumber(load.behaviour.runningW.value, 1)}</td>
      <td className={styles.startCell}>
        {load.start ? formatNumber(load.start.watts.value, 0) : <span className={styles.none}>none</span>}
      </td>
      <td className={styles.averageCell}>{isOut ? '–' : formatNumber(average, average < 10 ? 1 : 0)}</td>
      <td>{isOut ? '–' : formatNumber(average * 24, 0)}</td>
      <td className={`${styles.mark} ${styles.markCell}`}>
        <EvidenceMark evidence={decidingQuantity(load.behaviour).evidence} />
      </td>
    </tr>
  )
}
