'use client'
import Button from '@mui/material/Button'
import Table from '@mui/material/Table'
import TableBody from '@mui/material/TableBody'
import TableCell from '@mui/material/TableCell'
import TableHead from '@mui/material/TableHead'
import TableRow from '@mui/material/TableRow'
import type { Household } from '@/core/plan/household'
import type { Plan } from '@/core/plan/document'
import { LIMITS } from '@/core/plan/limits'
import { formatDuration, formatPercent } from '@/core/quantity/format'
import type { WorseChange, WorseOutcome } from '@/core/sizing/worseCases'
import {
  type Edit,
  addLoad,
  addPowerSystem,
  addScenario,
  changeLoad,
  freshId,
  freshName,
} from '@/ui/household/edits'
import { useHousehold, useHouseholdStore, useScenario } from '@/ui/household/HouseholdContext'
import { useAdvice } from '@/ui/household/useAdvice'
import { useSeen } from '@/ui/household/useSeen'
import { notify } from '@/ui/shell/notify'
import type { SimulationClient } from '@/worker/simulationClient'
import styles from './RuntimePage.module.css'
import { KEEP_WORDS, worseWords } from './worseWords'

const ask = (client: SimulationClient, plan: Plan, show: (outcomes: WorseOutcome[]) => void) =>
  client.worseCases(plan, show)

const keyOfChange = (change: WorseChange) =>
  'scenario' in change ? 'scenario' : 'sources' in change ? 'sources' : 'loads'

/** Worse cases tried at once: what each costs, and a key that keeps one. */
export function WhatIf() {
  const store = useHouseholdStore()
  const units = useHousehold(({ household }) => household.profile.units)
  const { confidence } = useScenario()
  const { element, isSeen } = useSeen<HTMLElement>()
  const outcomes = useAdvice(ask, isSeen)
  const most = Math.max(...(outcomes ?? []).map(({ lostH }) => lostH), 0.1)
  const keep = ({ kind, change }: WorseOutcome) => {
    const words = worseWords(kind, units)
    store.getState().edit((household) => keepWorse(household, words, change)(household))
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
                  <Button
                    variant="text"
                    onClick={() => keep(outcome)}
                    aria-label={`${KEEP_WORDS[keyOfChange(outcome.change)]}: ${worseWords(outcome.kind, units)}`}
                  >
                    {KEEP_WORDS[keyOfChange(outcome.change)]}
                  </Button>
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

/** Keeps a worse case: another outage, another option, or loads as they then are. */
function keepWorse(
  { scenarios, powerSystems, loads, chosen }: Household,
  words: string,
  change: WorseChange,
): Edit {
  if ('scenario' in change) {
    if (scenarios.length >= LIMITS.scenarios) return (household) => household
    const name = freshName(
      `${change.scenario.name}, ${words[0].toLowerCase() + words.slice(1)}`.slice(0, LIMITS.nameLength - 3),
      scenarios,
    )
    return addScenario({ ...change.scenario, id: freshId(name, scenarios), name }, chosen.scenarioId)
  }
  if ('sources' in change) {
    if (powerSystems.length >= LIMITS.powerSystems) return (household) => household
    const system = powerSystems.find(({ id }) => id === chosen.powerSystemId)!
    const name = freshName(`${system.name}, aged`.slice(0, LIMITS.nameLength - 3), powerSystems)
    return addPowerSystem({ ...system, id: freshId(name, powerSystems), name, sources: change.sources })
  }
  const known = new Map(loads.map((load) => [load.id, load]))
  return (household) =>
    change.loads.reduce((next, { sourceId, on, tier, steering, ...load }) => {
      void [sourceId, steering]
      const before = known.get(load.id)
      if (!before) {
        const standing = { on, tier }
        return loads.length >= LIMITS.loads
          ? next
          : addLoad({ ...load, standings: { [chosen.scenarioId]: standing } })(next)
      }
      return before.behaviour === load.behaviour
        ? next
        : changeLoad(load.id, { behaviour: load.behaviour })(next)
    }, household)
}
