'use client'
import Button from '@mui/material/Button'
import Table from '@mui/material/Table'
import TableBody from '@mui/material/TableBody'
import TableCell from '@mui/material/TableCell'
import TableHead from '@mui/material/TableHead'
import TableRow from '@mui/material/TableRow'
import type { Plan } from '@/core/plan/document'
import { planOf } from '@/core/plan/planOf'
import { LIMITS } from '@/core/plan/limits'
import { formatDuration, formatPercent } from '@/core/quantity/format'
import { type WorseOutcome, findWorseCases } from '@/core/sizing/worseCases'
import { useHousehold, useHouseholdStore, useScenario } from '@/ui/household/HouseholdContext'
import { useAdvice } from '@/ui/household/useAdvice'
import { useSeen } from '@/ui/household/useSeen'
import { notify } from '@/ui/shell/notify'
import type { SimulationClient } from '@/worker/simulationClient'
import { keepWorse } from './keepWorse'
import styles from './RuntimePage.module.css'
import { KEEP_WORDS, worseWords } from './worseWords'

const ask = (client: SimulationClient, plan: Plan, show: (outcomes: WorseOutcome[]) => void) =>
  client.worseCases(plan, show)

/** Worse cases tried at once: what each costs, and a key that keeps one. */
export function WhatIf() {
  const store = useHouseholdStore()
  const units = useHousehold(({ household }) => household.profile.units)
  const { confidence } = useScenario()
  const { element, isSeen } = useSeen<HTMLElement>()
  const outcomes = useAdvice(ask, isSeen)
  const most = Math.max(...(outcomes ?? []).map(({ lostH }) => lostH), 0.1)
  const { scenarios, powerSystems } = useHousehold(({ household }) => household)
  const fullWords = {
    scenario:
      scenarios.length >= LIMITS.scenarios && `${LIMITS.scenarios} outages are the most; remove one first`,
    sources:
      powerSystems.length >= LIMITS.powerSystems &&
      `${LIMITS.powerSystems} options are the most; remove one first`,
    loads: false,
  }
  const keep = ({ kind }: WorseOutcome) => {
    const { household, edit } = store.getState()
    // of the plan as it stands now: what was worked out may be of the one before
    const found = findWorseCases(planOf(household)).find((one) => one.kind === kind)
    if (!found) return
    const words = worseWords(kind, units)
    edit(keepWorse(words, found.change))
    notify(`Kept: ${words}.`, store.getState().household)
  }
  return (
    <section ref={element} aria-label="What if" className={styles.worst}>
      <h2>What if it comes worse</h2>
      {outcomes === null && <p className={styles.note}>Trying worse cases…</p>}
      {outcomes !== null && outcomes.length === 0 && (
        <p className={styles.note}>Nothing is carried, so nothing can come worse.</p>
      )}
      {outcomes !== null && outcomes.length > 0 && (
        <Table>
          <TableHead>
            <TableRow>
              <TableCell>If</TableCell>
              <TableCell>Hours lost</TableCell>
              <TableCell>Then it lasts, {formatPercent(confidence)} sure</TableCell>
              <TableCell>
                <span className="visually-hidden">Keep it</span>
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
                <TableCell>{outcome.holds ? 'the whole outage' : formatDuration(outcome.lastsMin)}</TableCell>
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
}

function lostWords({ kind, lostH, isPastHorizon }: WorseOutcome): string {
  if (kind === 'longer') return 'none; more is asked'
  if (lostH * 60 < 1) return isPastHorizon ? 'none that is seen' : 'none'
  return formatDuration(lostH * 60)
}
