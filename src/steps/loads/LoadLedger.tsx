'use client'
import Button from '@mui/material/Button'
import TableRow from '@mui/material/TableRow'
import { type KeyboardEvent, useMemo } from 'react'
import { changeStanding, moveLoad, standingOf } from '@/ui/household/edits'
import { useHousehold, useHouseholdStore, useScenario } from '@/ui/household/HouseholdContext'
import { rich } from '@/ui/rich'
import { DataTable } from '@/ui/table/DataTable'
import { loadLedger } from '@/words/en/pages/loads'
import { wordsOf } from '@/words/translate'
import { DragArea, DragRow } from './dragRows'
import { ledgerColumns, ledgerRow, nameId } from './ledgerColumns'
import styles from './LoadsPage.module.css'
import { QuickLine } from './QuickLine'

const say = wordsOf(loadLedger)

interface LedgerProps {
  selectedId: string | null
  /** @param opens whether what is asked of it comes forward where there is no room beside */
  select: (id: string, opens?: boolean) => void
  add: () => void
}

/** The loads, a row each: switched on or off, how they stand in this outage, and the watts that matter. */
export function LoadLedger({ selectedId, select, add }: LedgerProps) {
  const household = useHousehold((state) => state.household)
  const { loads } = household
  const scenario = useScenario()
  const store = useHouseholdStore()
  const { edit } = store.getState()
  const data = useMemo(
    () => loads.map((load) => ledgerRow(load, standingOf(household, load), scenario)),
    [household, loads, scenario],
  )
  const key = (id: string, event: KeyboardEvent<HTMLElement>) => {
    const by = event.key === 'ArrowDown' ? 1 : event.key === 'ArrowUp' ? -1 : 0
    if (by === 0) return
    event.preventDefault()
    const row = event.currentTarget.closest('tr')
    if (event.altKey) {
      // in another order there is no place to move to
      if (row?.dataset.fixed === 'true') return
      edit(moveLoad(id, loads.findIndex((load) => load.id === id) + by))
      requestAnimationFrame(() => document.getElementById(nameId(id))?.focus())
      return
    }
    // the next row as rows are shown, in whichever order
    const beside = by > 0 ? row?.nextElementSibling : row?.previousElementSibling
    const next = beside?.querySelector<HTMLElement>(`[id^="${nameId('')}"]`)
    if (!next) return
    select(next.id.slice(nameId('').length), false)
    next.focus()
  }
  const title = say('inWord', { nLoads: loads.length, scenario: scenario.name })
  const columns = ledgerColumns(title, {
    selectedId,
    select,
    setTier: (id, tier) => edit(changeStanding(id, { tier })),
    setOn: (id, on) => edit(changeStanding(id, { on })),
    key,
  })
  if (loads.length === 0) {
    return (
      <div className={styles.empty}>
        <h2>{say('noLoadsYet')}</h2>
        <p>{say('beginWithWhatMustNotStop')}</p>
        <p>
          <Button onClick={add} variant="contained" color="primary">
            {say('addALoad')}
          </Button>{' '}
          {rich(say, 'orPressA', { kbd: (text) => <kbd>{text}</kbd> })}
        </p>
        <QuickLine onAdded={(id) => select(id, false)} />
      </div>
    )
  }
  return (
    <>
      <div className={styles.addLine}>
        <Button id="add-load" onClick={add}>
          {say('addALoad')}
        </Button>
        <QuickLine onAdded={(id) => select(id, false)} />
      </div>
      <DragArea ids={loads.map(({ id }) => id)} moveTo={(id, to) => store.getState().edit(moveLoad(id, to))}>
        <DataTable
          className={styles.table}
          columns={columns}
          data={data}
          rowId={({ load }) => load.id}
          row={(row, cells, isInOrder) => (
            <DragRow id={row.load.id} isFixed={!isInOrder}>
              {({ setRow, style, isDragging }) => (
                <TableRow
                  ref={setRow}
                  className={styles.row}
                  style={style}
                  data-fixed={!isInOrder}
                  data-selected={row.load.id === selectedId}
                  data-off={row.isOut}
                  data-dragging={isDragging}
                  onClick={() => select(row.load.id)}
                >
                  {cells}
                </TableRow>
              )}
            </DragRow>
          )}
        />
      </DragArea>
    </>
  )
}
