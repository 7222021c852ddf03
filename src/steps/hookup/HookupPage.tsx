'use client'
import Button from '@mui/material/Button'
import Skeleton from '@mui/material/Skeleton'
import { memo, useDeferredValue, useEffect, useMemo, useState } from 'react'
import { WIRING_TABLES } from '@/catalog/wires'
import type { Place, Severity } from '@/core/hazard/finding'
import { coverageOf } from '@/core/hazard/unsaid'
import type { Household } from '@/core/plan/household'
import type { RiskClock } from '@/core/risk/riskClock'
import { planFor } from '@/ui/household/planFor'
import type { Evaluation } from '@/words/answer/evaluation'
import { diagramOf } from '@/core/wiring/diagram'
import { partsOf } from '@/core/wiring/parts'
import { FieldScope } from '@/ui/field/FieldScope'
import { FieldTable } from '@/ui/field/FieldTable'
import type { ShownFinding } from '@/ui/hazard/findingsOf'
import { useFindings } from '@/ui/hazard/useFindings'
import { useHousehold, useHouseholdStore } from '@/ui/household/HouseholdContext'
import { changeHouseWiring } from '@/ui/household/wiringEdits'
import { focusSoon } from '@/ui/shell/focusSoon'
import { useGo } from '@/ui/shell/useGo'
import { hookupPage } from '@/words/en/pages/hookup'
import { summaryWords } from '@/words/hookup/hookupWords'
import { wordsOf } from '@/words/translate'
import { DiagramView } from './DiagramView'
import { Findings } from './Findings'
import styles from './hookup.module.css'
import { houseFields } from './houseFields'
import { PartPanel } from './PartPanel'
import { PartsList } from './PartsList'
import { RiskClocks } from './RiskClocks'
import { saveDrawing } from './saveDrawing'
import type { Selected } from './selected'
import { UnsaidKeys } from './UnsaidKeys'

const say = wordsOf(hookupPage)

const NOTHING: readonly ShownFinding[] = []

/** What plugs into what, what can hurt, and what is lost when it ends. */
export function HookupPage() {
  // its fields write what they show beside what they change: they must never show an older state
  const household = useHousehold((state) => state.household)
  const evaluation = useDeferredValue(useHousehold((state) => state.evaluation))
  const findings = useFindings()
  return <Body household={household} evaluation={evaluation} findings={findings} />
}

const NO_CLOCKS: readonly RiskClock[] = []

const Body = memo(function Body(props: {
  household: Household
  evaluation: Evaluation | null
  findings: ShownFinding[] | null
}) {
  const { household, evaluation } = props
  const findings = props.findings ?? NOTHING
  const { edit, householdId } = useHouseholdStore().getState()
  const go = useGo()
  const plan = useMemo(() => planFor(household), [household])
  const diagram = useMemo(() => diagramOf(plan, WIRING_TABLES), [plan])
  const parts = useMemo(() => partsOf(plan, WIRING_TABLES), [plan])
  const coverage = useMemo(() => coverageOf(plan, WIRING_TABLES), [plan])
  const clocks = evaluation?.clocks ?? NO_CLOCKS
  const [selected, setSelected] = useState<Selected>({ kind: 'house', id: '' })
  const worst = useMemo(() => worstByPart(findings), [findings])
  useFindingOfAddress(props.findings !== null)

  const select = (next: Selected) => {
    setSelected(next)
    focusSoon(next.kind === 'house' ? 'hookup-house' : 'hookup-part')
  }
  const show = ({ page, part, id }: Place) => {
    const here = part === 'panels' ? null : ({ kind: part, id: id ?? part } as Selected)
    if (page === 'hookup' && here) select(here)
    else go(`/h/${householdId}/${page}`)
  }
  const open = findings.filter(({ found }) => found.answer === null)
  return (
    <div className={styles.columns}>
      <div className={styles.top}>
        <p className={styles.summary} data-testid="hookup-summary" role="status">
          {props.findings ? (
            summaryWords(
              findings.map(({ found }) => found),
              open[0]?.words.title ?? '',
              coverage,
            )
          ) : (
            <span className={styles.waiting}>
              <Skeleton width="70%" />
            </span>
          )}
        </p>
        {coverage.unsaid.length > 0 && <UnsaidKeys unsaid={coverage.unsaid} show={show} />}
        <div className="in-line">
          <h2>{say('whatPlugsIntoWhat')}</h2>
          <span className="hint">{say('singleLineHouseholdCurrentDouble')}</span>
          <span className="no-print in-line">
            <Button variant="text" onClick={() => window.print()}>
              {say('print')}
            </Button>
            <Button variant="text" onClick={() => saveDrawing(plan.powerSystem.name)}>
              {say('saveAsSvg')}
            </Button>
          </span>
        </div>
        <DiagramView plan={plan} diagram={diagram} selected={selected} select={select} worst={worst} />
        {diagram.unfed.length > 0 && (
          <p className="hint">
            {say('notOnIt', { unfed: diagram.unfed.map(({ name }) => name).join(', ') })}
          </p>
        )}
      </div>
      <aside className="page-aside">
        <Findings findings={findings} show={({ found }) => show(found.place)} />
      </aside>
      <div className="page-main">
        <div className={styles.forms}>
          <PartPanel selected={selected} plan={plan} diagram={diagram} select={select} />
          <FieldScope id="house" name={say('house')}>
            <section
              className={styles.part}
              aria-label={say('houseAndAlarms')}
              id="hookup-house"
              tabIndex={-1}
            >
              <h2>{say('houseAndAlarms')}</h2>
              <FieldTable
                rows={houseFields}
                state={plan.wiring?.house ?? {}}
                change={(house) => edit(changeHouseWiring(house))}
              />
            </section>
          </FieldScope>
        </div>
        {evaluation && (
          <RiskClocks
            plan={plan}
            clocks={clocks}
            outageMin={evaluation.result.outageMin}
            endsMin={evaluation.gates.lasts.runtimeMin}
          />
        )}
        <PartsList plan={plan} parts={parts} />
      </div>
    </div>
  )
})

const RANK: Readonly<Record<Severity, number>> = { danger: 0, serious: 1, note: 2 }

/** The worst open finding of each part of the drawing. */
function worstByPart(findings: readonly ShownFinding[]): Map<string, Severity> {
  const worst = new Map<string, Severity>()
  for (const { found } of findings) {
    const { part, id } = found.place
    const key = id ?? part
    const known = worst.get(key)
    if (found.answer === null && (known === undefined || RANK[found.severity] < RANK[known]))
      worst.set(key, found.severity)
  }
  return worst
}

/** A mark elsewhere leads here: the finding it names is shown. */
function useFindingOfAddress(isReady: boolean) {
  useEffect(() => {
    const key = decodeURIComponent(window.location.hash.slice(1))
    if (isReady && key) focusSoon(key)
  }, [isReady])
}
