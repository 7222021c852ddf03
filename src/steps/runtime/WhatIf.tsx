'use client'
import { memo } from 'react'
import Button from '@mui/material/Button'
import Table from '@mui/material/Table'
import TableBody from '@mui/material/TableBody'
import TableCell from '@mui/material/TableCell'
import TableHead from '@mui/material/TableHead'
import TableRow from '@mui/material/TableRow'
import type { Plan } from '@/core/plan/document'
import { planFor } from '@/ui/household/planFor'
import { LIMITS } from '@/core/plan/limits'
import { formatDuration, formatPercent } from '@/words/format'
import { type WorseOutcome, findWorseCases } from '@/core/sizing/worseCases'
import { useHousehold, useHouseholdStore, useScenario } from '@/ui/household/HouseholdContext'
import { useAdvice } from '@/ui/household/useAdvice'
import { useSeen } from '@/ui/household/useSeen'
import { notify } from '@/ui/shell/notify'
import { whatIf } from '@/words/en/pages/runtime'
import { wordsOf } from '@/words/translate'
import type { SimulationClient } from '@/worker/simulationClient'
import { keepWorse } from './keepWorse'
import styles from './RuntimePage.module.css'
import { KEEP_WORDS, worseWords } from './worseWords'

const say = wordsOf(whatIf)

const ask = (client: SimulationClient, plan: Plan, show: (outcomes: WorseOutcome[]) => void) =>
  client.worseCases(plan, show)

/** Worse cases tried at once: what each costs, and a key that keeps one. */
export const WhatIf = memo(function WhatIf() {
  const store = useHouseholdStore()
  const units = useHousehold(({ household }) => household.profile.units)
  const { confidence } = useScenario()
  const { element, isSeen } = useSeen<HTMLElement>()
  const outcomes = useAdvice(ask, isSeen)
  const most = Math.max(...(outcomes ?? []).map(({ lostH }) => lostH), 0.1)
  const { scenarios, powerSystems } = useHousehold(({ household }) => household)
  const fullWords = {
    scenario:
      scenarios.length >= LIMITS.scenarios &&
      say('outagesAreTheMostRemoveOne', { scenarios: LIMITS.scenarios }),
    sources:
      powerSystems.length >= LIMITS.powerSystems &&
      say('optionsAreTheMostRemoveOne', { powerSystems: LIMITS.powerSystems }),
    loads: false,
  }
  const keep = ({ kind }: WorseOutcome) => {
    const { household, edit } = store.getState()
    // of the plan as it stands now: what was worked out may be of the one before
    const found = findWorseCases(planFor(household)).find((one) => one.kind === kind)
    if (!found) return
    const words = worseWords(kind, units)
    edit(keepWorse(words, found.change))
    notify(say('kept', { words }), store.getState().household)
  }
  return (
    <section ref={element} aria-label={say('whatIf')} className={styles.worst}>
      <h2>{say('whatIfItComesWorse')}</h2>
      {outcomes === null && <p className="hint">{say('tryingWorseCases')}</p>}
      {outcomes !== null && outcomes.length === 0 && (
        <p className="hint">{say('nothingIsCarriedSoNothingCan')}</p>
      )}
      {outcomes !== null && outcomes.length > 0 && (
        <Table>
          <TableHead>
            <TableRow>
              <TableCell>{say('ifWord')}</TableCell>
              <TableCell>{say('hoursLost')}</TableCell>
              <TableCell>{say('thenItLastsSure', { percent: formatPercent(confidence) })}</TableCell>
              <TableCell>
                <span className="visually-hidden">{say('keepIt')}</span>
              </TableCell>
            </TableRow>
          </TableHead>
          <TableBody>
            {outcomes.map((outcome) => (
              <TableRow key={outcome.kind} data-testid="worse-case">
                <TableCell component="th" scope="row">
                  {worseWords(outcome.kind, units)}
                </TableCell>
                <TableCell>
                  <span
                    data-fill
                    className={styles.lost}
                    style={{ width: `${(outcome.lostH / most) * 100}%` }}
                    aria-hidden
                  />
                  {lostWords(outcome)}
                </TableCell>
                <TableCell>
                  {outcome.holds ? say('theWholeOutage') : formatDuration(outcome.lastsMin)}
                </TableCell>
                <TableCell>
                  {fullWords[outcome.part] || (
                    <Button
                      variant="text"
                      onClick={() => keep(outcome)}
                      aria-label={`${KEEP_WORDS[outcome.part]}: ${worseWords(outcome.kind, units)}`}
                    >
                      {KEEP_WORDS[outcome.part]}
                    </Button>
                  )}
                </TableCell>
              </TableRow>
            ))}
          </TableBody>
        </Table>
      )}
    </section>
  )
})

function lostWords({ kind, lostH, isPastHorizon }: WorseOutcome): string {
  if (kind === 'longer') return say('noneMoreIsAsked')
  if (lostH * 60 < 1) return isPastHorizon ? say('noneThatIsSeen') : say('noneWord')
  return formatDuration(lostH * 60)
}
