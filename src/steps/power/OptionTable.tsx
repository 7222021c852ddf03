'use client'
import ButtonBase from '@mui/material/ButtonBase'
import TableCell from '@mui/material/TableCell'
import TableRow from '@mui/material/TableRow'
import { useState } from 'react'
import { planOf } from '@/core/plan/planOf'
import type { PowerSystem, Scenario } from '@/core/plan/schema'
import { formatNumber } from '@/words/format'
import type { Working } from '@/words/workings/working'
import { SelectField } from '@/ui/field/SelectField'
import { Term } from '@/ui/help/Term'
import { choose } from '@/ui/household/edits'
import { useHousehold, useHouseholdStore } from '@/ui/household/HouseholdContext'
import { WorkingDialog } from '@/ui/shell/lazy'
import { type DataColumn, DataTable } from '@/ui/table/DataTable'
import { optionTable } from '@/words/en/pages/power'
import { wordsOf } from '@/words/translate'
import { ChosenNotes } from './ChosenNotes'
import { decidingRow, decidingWords } from './deciding'
import { matrixCellProps, matrixWords } from './matrixCell'
import { OptionCell, optionCellProps } from './OptionCell'
import { inOrder } from './optionOrder'
import type { OptionRow, RowContext } from './optionRows'
import styles from './PowerPage.module.css'
import { ROW_GROUPS } from './rowGroups'
import { useOptionEvaluations } from './useOptionEvaluations'
import { cellKey, useScenarioMatrix } from './useScenarioMatrix'

const say = wordsOf(optionTable)

const KIND_WORDS = {
  station: say('portable'),
  bank: say('builtOfParts'),
  ups: say('officeUps'),
  hybrid: say('hybridInverter'),
  vehicle: say('vehicle'),
}

const ALL = '*'
/** The columns of labels and needs, and the most a column of figures is wide: few options do not stretch across the screen. */
const LABELS_PX = 284
const MOST_PX = 250

/** A line of the table: a heading, a property of options, or an outage of the household. */
type Line =
  { kind: 'group'; title: string } | { kind: 'row'; row: OptionRow } | { kind: 'outage'; scenario: Scenario }

const titleOf = (line: Exclude<Line, { kind: 'row' }>) =>
  line.kind === 'group' ? line.title : line.scenario.name
const lineId = (line: Line) =>
  line.kind === 'row'
    ? say('row', { row: line.row.label })
    : line.kind === 'group'
      ? say('group', { title: line.title })
      : line.scenario.id

/** With more than one outage each option is told in every one, below what it does in this one. */
const linesOf = (scenarios: readonly Scenario[]): Line[] =>
  ROW_GROUPS.flatMap(({ title, rows, isToldOfEveryOutage }): Line[] => [
    { kind: 'group', title },
    ...rows.map((row): Line => ({ kind: 'row', row })),
    ...(isToldOfEveryOutage && scenarios.length > 1
      ? [
          { kind: 'group', title: say('inEveryOutage') } as const,
          ...scenarios.map((scenario): Line => ({ kind: 'outage', scenario })),
        ]
      : []),
  ])

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
  const columns: DataColumn<Line>[] = [
    {
      id: 'property',
      head: <span className="visually-hidden">{say('property')}</span>,
      isRowHead: true,
      className: styles.labelColumn,
      cell: (line) =>
        line.kind === 'row' ? <Term label={line.row.label} /> : <span dir="auto">{titleOf(line)}</span>,
    },
    {
      id: 'need',
      align: 'right',
      head: say('youNeed'),
      className: `soft ${styles.needColumn}`,
      cell: (line) =>
        line.kind === 'row'
          ? (line.row.need?.(chosen) ?? '')
          : line.kind === 'outage'
            ? `${formatNumber(line.scenario.durationH, 1)} h`
            : '',
    },
    ...contexts.map((context): DataColumn<Line> => {
      const { system } = context
      const isChosen = system.id === powerSystemId
      const flags = { 'data-chosen': isChosen, 'data-other': !isChosen }
      const cellOf = (scenario: Scenario) => matrix.get(cellKey(scenario.id, system.id))
      return {
        id: system.id,
        align: 'right',
        headProps: flags,
        head: (
          <OptionHead
            system={system}
            isChosen={isChosen}
            choose={() => store.getState().edit(choose({ powerSystemId: system.id }))}
          />
        ),
        cellProps: (line) => ({
          ...flags,
          ...(line.kind === 'row'
            ? optionCellProps(line.row, context, decidingRow(context) === line.row)
            : line.kind === 'outage'
              ? matrixCellProps(cellOf(line.scenario))
              : {}),
        }),
        cell: (line) =>
          line.kind === 'row' ? (
            <OptionCell row={line.row} context={context} isChosen={isChosen} openWorking={setWorking} />
          ) : line.kind === 'outage' ? (
            matrixWords(cellOf(line.scenario))
          ) : null,
      }
    }),
  ]
  return (
    <>
      <p data-testid="deciding" className="later">
        <b dir="auto">{chosen.system.name}</b>: {decidingWords(chosen)}
      </p>
      <ChosenNotes />
      {chosen.system.sources.length > 1 && (
        <SelectField
          label={say('figuresOfTheSelectedOption')}
          value={chosen.sources.length > 1 ? ALL : chosen.source.id}
          options={[
            { value: ALL, words: say('allItsSources') },
            ...chosen.system.sources.map(({ id, name }) => ({ value: id, words: name })),
          ]}
          onChange={setFiguresOf}
        />
      )}
      <div className={styles.scroll}>
        <DataTable
          className={styles.table}
          style={{ maxWidth: LABELS_PX + contexts.length * MOST_PX }}
          columns={columns}
          data={linesOf(household.scenarios)}
          rowId={lineId}
          row={(line, cells) =>
            line.kind === 'group' ? (
              <TableRow className={styles.group}>
                <TableCell component="th" scope="row" colSpan={columns.length}>
                  {line.title}
                </TableCell>
              </TableRow>
            ) : (
              <TableRow data-testid={line.kind === 'outage' ? 'matrix-row' : undefined}>{cells}</TableRow>
            )
          }
        />
      </div>
      {working && <WorkingDialog working={working} onClose={() => setWorking(null)} />}
    </>
  )
}

/** The name of an option, by which it is chosen, and what kind it is. */
function OptionHead(props: { system: PowerSystem; isChosen: boolean; choose: () => void }) {
  const { system, isChosen, choose } = props
  return (
    <ButtonBase id={`option-${system.id}`} className={styles.head} aria-pressed={isChosen} onClick={choose}>
      <span dir="auto">{system.name}</span>
      <small>
        {KIND_WORDS[system.sources[0].kind]}
        {isChosen ? say('selected') : ''}
        {system.shown === 'pinned' ? say('pinned') : ''}
        {system.sources.length > 1 ? say('sources', { nSources: system.sources.length }) : ''}
      </small>
    </ButtonBase>
  )
}
