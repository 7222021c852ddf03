'use client'
import Table from '@mui/material/Table'
import TableBody from '@mui/material/TableBody'
import TableCell from '@mui/material/TableCell'
import TableHead from '@mui/material/TableHead'
import TableRow from '@mui/material/TableRow'
import ButtonBase from '@mui/material/ButtonBase'
import { Fragment, useState } from 'react'
import { planOf } from '@/core/plan/planOf'
import type { PowerSystem } from '@/core/plan/schema'
import type { Working } from '@/core/quantity/working'
import { SelectField } from '@/ui/field/SelectField'
import { Term } from '@/ui/help/Term'
import { choose } from '@/ui/household/edits'
import { useHousehold, useHouseholdStore } from '@/ui/household/HouseholdContext'
import { WorkingDialog } from '@/ui/shell/lazy'
import { OptionCell } from './OptionCell'
import { inOrder } from './optionOrder'
import type { RowContext } from './optionRows'
import { ROW_GROUPS } from './rowGroups'
import { decidingRow, decidingWords } from './deciding'
import styles from './PowerPage.module.css'
import { ChosenNotes } from './ChosenNotes'
import { MatrixRows } from './MatrixRows'
import { useOptionEvaluations } from './useOptionEvaluations'
import { useScenarioMatrix } from './useScenarioMatrix'

const KIND_WORDS = {
  station: 'portable',
  bank: 'built of parts',
  ups: 'office UPS',
  hybrid: 'hybrid inverter',
  vehicle: 'vehicle',
}

const ALL = '*'
/** The columns of labels and needs, and the most a column of figures is wide: few options do not stretch across the screen. */
const LABELS_PX = 284
const MOST_PX = 250

/** Properties in rows, options in columns, what is needed first; the cell that decides each column is outlined. */
export function OptionTable({ order }: { order: string }) {
  const store = useHouseholdStore()
  const household = useHousehold((state) => state.household)
  const evaluations = useOptionEvaluations()
  const { powerSystemId } = household.chosen
  const matrix = useScenarioMatrix()
  const [working, setWorking] = useState<Working | null>(null)
  const [figuresOf, setFiguresOf] = useState(ALL)
  const all = household.powerSystems.map((system): RowContext => {
    const here = system.sources.filter(({ isAway }) => !isAway)
    const one = system.id === powerSystemId ? system.sources.find(({ id }) => id === figuresOf) : undefined
    const sources = one ? [one] : here
    const outcome = evaluations.get(system.id)
    return {
      system,
      sources,
      source: sources[0],
      plan: planOf(household, household.chosen.scenarioId, system.id),
      evaluation: outcome?.kind === 'done' ? outcome.evaluation : undefined,
      failure: outcome?.kind === 'failed' ? outcome.message : null,
    }
  })
  const chosen = all.find(({ system }) => system.id === powerSystemId)!
  const contexts = inOrder(all, order)
  const flags = (system: PowerSystem) => ({
    'data-chosen': system.id === powerSystemId,
    'data-other': system.id !== powerSystemId,
  })
  return (
    <>
      <p className={styles.decides} data-testid="deciding">
        <b dir="auto">{chosen.system.name}</b>: {decidingWords(chosen)}
      </p>
      <ChosenNotes />
      {chosen.system.sources.length > 1 && (
        <SelectField
          label="Figures of the selected option"
          value={chosen.sources.length > 1 ? ALL : chosen.source.id}
          options={[
            { value: ALL, words: 'all its sources' },
            ...chosen.system.sources.map(({ id, name }) => ({ value: id, words: name })),
          ]}
          onChange={setFiguresOf}
        />
      )}
      <div className={styles.scroll}>
        <Table className={styles.table} style={{ maxWidth: LABELS_PX + contexts.length * MOST_PX }}>
          <colgroup>
            <col className={styles.labelColumn} />
            <col className={styles.needColumn} />
          </colgroup>
          <TableHead>
            <TableRow>
              <TableCell scope="row">
                <span className="visually-hidden">Property</span>
              </TableCell>
              <TableCell scope="col" className={styles.need}>
                You need
              </TableCell>
              {contexts.map(({ system }) => (
                <TableCell key={system.id} scope="col" {...flags(system)}>
                  <ButtonBase
                    id={`option-${system.id}`}
                    className={styles.head}
                    aria-pressed={system.id === powerSystemId}
                    onClick={() => store.getState().edit(choose({ powerSystemId: system.id }))}
                  >
                    <span dir="auto">{system.name}</span>
                    <small>
                      {KIND_WORDS[system.sources[0].kind]}
                      {system.id === powerSystemId ? ', selected' : ''}
                      {system.shown === 'pinned' ? ', pinned' : ''}
                      {system.sources.length > 1 ? `, ${system.sources.length} sources` : ''}
                    </small>
                  </ButtonBase>
                </TableCell>
              ))}
            </TableRow>
          </TableHead>
          <TableBody>
            {ROW_GROUPS.map(({ title, rows }) => (
              <Fragment key={title}>
                <TableRow className={styles.group}>
                  <TableCell component="th" scope="row" colSpan={2 + contexts.length}>
                    {title}
                  </TableCell>
                </TableRow>
                {rows.map((row) => (
                  <TableRow key={row.label}>
                    <TableCell component="th" scope="row">
                      <Term label={row.label} />
                    </TableCell>
                    <TableCell className={styles.need}>{row.need?.(chosen) ?? ''}</TableCell>
                    {contexts.map((context) => (
                      <OptionCell
                        key={context.system.id}
                        row={row}
                        context={context}
                        isChosen={context.system.id === powerSystemId}
                        isDeciding={decidingRow(context) === row}
                        flags={flags(context.system)}
                        openWorking={setWorking}
                      />
                    ))}
                  </TableRow>
                ))}
                {title === 'Runtime' && household.scenarios.length > 1 && (
                  <MatrixRows
                    scenarios={household.scenarios}
                    systems={contexts.map(({ system }) => system)}
                    cells={matrix}
                    flags={flags}
                  />
                )}
              </Fragment>
            ))}
          </TableBody>
        </Table>
      </div>
      {working && <WorkingDialog working={working} onClose={() => setWorking(null)} />}
    </>
  )
}
