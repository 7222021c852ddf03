'use client'
import { Fragment, useState } from 'react'
import { planOf } from '@/core/plan/planOf'
import type { PowerSystem } from '@/core/plan/schema'
import type { Working } from '@/core/quantity/working'
import { SelectField } from '@/ui/field/SelectField'
import { choose } from '@/ui/household/edits'
import { useHousehold, useHouseholdStore } from '@/ui/household/HouseholdContext'
import { WorkingDialog } from '@/ui/shell/lazy'
import { CandidateCell } from './CandidateCell'
import { inOrder } from './candidateOrder'
import type { RowContext } from './candidateRows'
import { ROW_GROUPS } from './rowGroups'
import { decidingRow, decidingWords } from './deciding'
import styles from './PowerPage.module.css'
import { ChosenNotes } from './ChosenNotes'
import { MatrixRows } from './MatrixRows'
import { useCandidateEvaluations } from './useCandidateEvaluations'
import { useScenarioMatrix } from './useScenarioMatrix'

const KIND_WORDS = {
  station: 'portable',
  bank: 'built of parts',
  ups: 'office UPS',
  hybrid: 'hybrid inverter',
  vehicle: 'vehicle',
}

const ALL = '*'

/** Properties in rows, candidates in columns, what is needed first; the cell that decides each column is outlined. */
export function CandidateTable({ order }: { order: string }) {
  const store = useHouseholdStore()
  const household = useHousehold((state) => state.household)
  const evaluations = useCandidateEvaluations()
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
          label="Figures of the chosen"
          value={chosen.sources.length > 1 ? ALL : chosen.source.id}
          options={[
            { value: ALL, words: 'all its sources' },
            ...chosen.system.sources.map(({ id, name }) => ({ value: id, words: name })),
          ]}
          onChange={setFiguresOf}
        />
      )}
      <div className={styles.scroll}>
        <table className={styles.table}>
          <colgroup>
            <col className={styles.labelColumn} />
            <col className={styles.needColumn} />
          </colgroup>
          <thead>
            <tr>
              <th scope="row">
                <span className="visually-hidden">Property</span>
              </th>
              <th scope="col" className={styles.need}>
                You need
              </th>
              {contexts.map(({ system }) => (
                <th key={system.id} scope="col" {...flags(system)}>
                  <button
                    className={styles.head}
                    aria-pressed={system.id === powerSystemId}
                    onClick={() => store.getState().edit(choose({ powerSystemId: system.id }))}
                  >
                    <span dir="auto">{system.name}</span>
                    <small>
                      {KIND_WORDS[system.sources[0].kind]}
                      {system.id === powerSystemId ? ', chosen' : ''}
                      {system.shown === 'pinned' ? ', pinned' : ''}
                      {system.sources.length > 1 ? `, ${system.sources.length} sources` : ''}
                    </small>
                  </button>
                </th>
              ))}
            </tr>
          </thead>
          <tbody>
            {ROW_GROUPS.map(({ title, rows }) => (
              <Fragment key={title}>
                <tr className={styles.group}>
                  <th scope="row" colSpan={2 + contexts.length}>
                    {title}
                  </th>
                </tr>
                {rows.map((row) => (
                  <tr key={row.label}>
                    <th scope="row">{row.label}</th>
                    <td className={styles.need}>{row.need?.(chosen) ?? ''}</td>
                    {contexts.map((context) => (
                      <CandidateCell
                        key={context.system.id}
                        row={row}
                        context={context}
                        isChosen={context.system.id === powerSystemId}
                        isDeciding={decidingRow(context) === row}
                        flags={flags(context.system)}
                        openWorking={setWorking}
                      />
                    ))}
                  </tr>
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
          </tbody>
        </table>
      </div>
      {working && <WorkingDialog working={working} onClose={() => setWorking(null)} />}
    </>
  )
}
