'use client'
import NativeSelect from '@mui/material/NativeSelect'
import Table from '@mui/material/Table'
import TableBody from '@mui/material/TableBody'
import TableCell from '@mui/material/TableCell'
import TableHead from '@mui/material/TableHead'
import TableRow from '@mui/material/TableRow'
import ButtonBase from '@mui/material/ButtonBase'
import Button from '@mui/material/Button'
import Switch from '@mui/material/Switch'
import { type KeyboardEvent, useMemo } from 'react'
import { expectedW } from '@/core/simulation/expected'
import { peakRunningW } from '@/core/load/peak'
import { TIERS, type Tier } from '@/core/plan/limits'
import type { HouseholdLoad } from '@/core/plan/schema'
import { formatNumber } from '@/core/quantity/format'
import { EvidenceMark } from '@/ui/field/EvidenceMark'
import { changeStanding, moveLoad, standingOf } from '@/ui/household/edits'
import { useHousehold, useHouseholdStore, useScenario } from '@/ui/household/HouseholdContext'
import styles from './LoadsPage.module.css'
import { QuickLine } from './QuickLine'
import { DragArea, DragRow, type RowDrag } from './dragRows'
import { decidingQuantity } from './loadForm'
import { TIER_WORDS } from './tierWords'

interface LedgerProps {
  selectedId: string | null
  /** @param opens whether what is asked of it comes forward where there is no room beside */
  select: (id: string, opens?: boolean) => void
  add: () => void
}

/** The loads, a row each: switched on or off, how they stand in this outage, and the watts that matter. */
export function LoadLedger({ selectedId, select, add }: LedgerProps) {
  const loads = useHousehold((state) => state.household.loads)
  const scenario = useScenario()
  const store = useHouseholdStore()
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
        <QuickLine onAdded={(id) => select(id, false)} />
      </div>
    )
  }
  const row = (load: HouseholdLoad, i: number, drag: RowDrag) => (
    <LedgerRow
      key={load.id}
      drag={drag}
      load={load}
      index={i}
      isSelected={load.id === selectedId}
      select={() => select(load.id)}
      place={(by) => {
        store.getState().edit(moveLoad(load.id, i + by))
        requestAnimationFrame(() => document.getElementById(`load-${load.id}`)?.focus())
      }}
      move={(by) => {
        const next = loads[i + by]
        if (!next) return
        select(next.id, false)
        document.getElementById(`load-${next.id}`)?.focus()
      }}
    />
  )
  const table = (
    <Table className={styles.table}>
      <TableHead>
        <TableRow>
          <TableCell>
            <span className="visually-hidden">On</span>
          </TableCell>
          <TableCell>
            {loads.length} {loads.length === 1 ? 'load' : 'loads'} in {scenario.name}
          </TableCell>
          <TableCell>Importance</TableCell>
          <TableCell className={styles.runningCell}>Running W</TableCell>
          <TableCell className={styles.startCell}>Starting W</TableCell>
          <TableCell className={styles.averageCell}>Average W</TableCell>
          <TableCell>Wh a day</TableCell>
          <TableCell className={styles.markCell}>
            <span className="visually-hidden">Evidence</span>
          </TableCell>
        </TableRow>
      </TableHead>
      <TableBody>
        {loads.map((load, i) => (
          <DragRow key={load.id} id={load.id}>
            {(drag) => row(load, i, drag)}
          </DragRow>
        ))}
      </TableBody>
    </Table>
  )
  return (
    <>
      <div className={styles.addLine}>
        <Button id="add-load" onClick={add}>
          Add a load
        </Button>
        <QuickLine onAdded={(id) => select(id, false)} />
      </div>
      <DragArea ids={loads.map(({ id }) => id)} moveTo={(id, to) => store.getState().edit(moveLoad(id, to))}>
        {table}
      </DragArea>
    </>
  )
}

function LedgerRow(props: {
  drag: RowDrag
  load: HouseholdLoad
  index: number
  isSelected: boolean
  select: () => void
  move: (by: 1 | -1) => void
  /** moves the load itself up or down */
  place: (by: 1 | -1) => void
}) {
  const { load, index, isSelected, select, move, place } = props
  const { setRow, style, grip, isDragging } = props.drag
  const store = useHouseholdStore()
  const { on, tier, steering } = useHousehold(({ household }) => standingOf(household, load))
  const scenario = useScenario()
  const { edit } = store.getState()
  const toggle = () => edit(changeStanding(load.id, { on: !on }))
  const isOut = !on || tier === 'notOnBattery'
  const peakW = peakRunningW(load.behaviour)
  const average = useMemo(
    () => expectedW({ ...load, on, tier, steering, sourceId: '' }, scenario),
    [load, on, tier, steering, scenario],
  )
  const onKeyDown = (event: KeyboardEvent) => {
    if (event.altKey && event.key === 'ArrowDown') place(1)
    else if (event.altKey && event.key === 'ArrowUp') place(-1)
    else if (event.key === 'ArrowDown') move(1)
    else if (event.key === 'ArrowUp') move(-1)
    else return
    event.preventDefault()
  }
  return (
    <TableRow
      ref={setRow}
      className={styles.row}
      style={style}
      data-selected={isSelected}
      data-off={isOut}
      data-dragging={isDragging}
      onClick={select}
    >
      <TableCell className={styles.switchCell}>
        <ButtonBase
          className={styles.grip}
          {...grip}
          aria-label={`Move row ${index + 1}`}
          title="Drag to another place"
        >
          <span aria-hidden>⋮</span>
        </ButtonBase>
        <Switch
          checked={on}
          slotProps={{ input: { 'aria-label': `${load.name} on` } }}
          onClick={(event) => event.stopPropagation()}
          onChange={toggle}
        />
        <span className={styles.onWord} aria-hidden>
          {on ? 'on' : 'off'}
        </span>
      </TableCell>
      <TableCell component="th" scope="row" className={styles.nameCell}>
        <ButtonBase
          id={`load-${load.id}`}
          className={styles.name}
          dir="auto"
          aria-pressed={isSelected}
          onKeyDown={onKeyDown}
          onClick={select}
          title={load.name}
        >
          {load.name}
          {(load.count ?? 1) > 1 && ` × ${load.count}`}
          {load.volts === 240 && ', 240 V'}
        </ButtonBase>
      </TableCell>
      <TableCell className={styles.tierCell}>
        <NativeSelect
          className={styles.tier}
          data-tier={tier}
          value={tier}
          disableUnderline
          inputProps={{ 'aria-label': `Importance of ${load.name}` }}
          onChange={(event) => edit(changeStanding(load.id, { tier: event.target.value as Tier }))}
        >
          {TIERS.map((value) => (
            <option key={value} value={value}>
              {TIER_WORDS[value]}
            </option>
          ))}
        </NativeSelect>
      </TableCell>
      <TableCell className={styles.runningCell}>
        {peakW > load.behaviour.runningW.value && (
          <small className={styles.peak}>{formatNumber(peakW, 0)} defrosting</small>
        )}
        {formatNumber(load.behaviour.runningW.value, 1)}
      </TableCell>
      <TableCell className={styles.startCell}>
        {load.start ? formatNumber(load.start.watts.value, 0) : <span className={styles.none}>none</span>}
      </TableCell>
      <TableCell className={styles.averageCell}>
        {isOut ? '–' : formatNumber(average, average < 10 ? 1 : 0)}
      </TableCell>
      <TableCell>{isOut ? '–' : formatNumber(average * 24, 0)}</TableCell>
      <TableCell className={`${styles.mark} ${styles.markCell}`}>
        <EvidenceMark evidence={decidingQuantity(load.behaviour).evidence} />
      </TableCell>
    </TableRow>
  )
}
