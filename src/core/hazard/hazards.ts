import type { Plan } from '../plan/document'
import { canonical } from '../quantity/canonical'
import type { WiringTables } from '../wiring/wire'
import { backFeed } from './backFeed'
import { thinCable, unfusedBattery } from './batteryWires'
import { carbonMonoxide } from './carbonMonoxide'
import { mixedBatteries, unfusedStrings } from './batteriesTogether'
import { carSocket, carSystem } from './carSystem'
import { cordRoute, cordToFind, daisyChain, overloadedCord } from './cords'
import { chargerBudget, directCurrent } from './directCurrent'
import type { Finding, Severity } from './finding'
import { smokeAlarms, unattended } from './fire'
import { frostCharging } from './frostCharging'
import { fuel } from './fuel'
import { gridReturn } from './gridReturn'
import { type Hazard, type Judged, hazardInput } from './hazardInput'
import { heat } from './heat'
import { hotCord } from './hotCord'
import { hydrogen } from './hydrogen'
import { lifting } from './lifting'
import { oneSource } from './medical'
import { doubleBond, floatingNeutral } from './neutral'
import { panelVolts } from './panelVolts'
import { startTooLarge, wrongVoltage } from './powerMismatch'
import { transferGap } from './transferGap'
import { upsInput } from './upsInput'
import { water } from './water'
import { modifiedSine } from './wave'
import { pitUnknown, whatIsLost } from './whatIsLost'

const HAZARDS: readonly Hazard[] = [
  carbonMonoxide,
  backFeed,
  oneSource,
  overloadedCord,
  hotCord,
  unfusedBattery,
  unfusedStrings,
  mixedBatteries,
  thinCable,
  hydrogen,
  panelVolts,
  modifiedSine,
  water,
  floatingNeutral,
  doubleBond,
  fuel,
  unattended,
  frostCharging,
  carSystem,
  carSocket,
  wrongVoltage,
  startTooLarge,
  whatIsLost,
  transferGap,
  cordRoute,
  daisyChain,
  heat,
  smokeAlarms,
  upsInput,
  gridReturn,
  pitUnknown,
  chargerBudget,
  directCurrent,
  cordToFind,
  lifting,
]

const RANK: Readonly<Record<Severity, number>> = { danger: 0, serious: 1, note: 2 }

/** A finding with the household's answer to it, as long as nothing it was found in has changed. */
export type AnsweredFinding = Finding & { answer: string | null }

/**
 * Everything in a plan that can hurt or be lost, the worst first.
 *
 * @param judged the plan's runs, and what of it is lost when: `evaluate` says both
 * @param tables wires and fuses that are sold
 */
export function hazardsOf(plan: Plan, judged: Judged, tables: WiringTables): AnsweredFinding[] {
  const input = hazardInput(plan, judged, tables)
  const answers = new Map((plan.wiring?.acknowledged ?? []).map((one) => [one.finding, one]))
  return HAZARDS.flatMap((hazard) => hazard(input))
    .map((found): AnsweredFinding => {
      const answer = answers.get(found.key)
      return { ...found, answer: answer && answer.facts === factsText(found) ? answer.note : null }
    })
    .sort((a, b) => RANK[a.severity] - RANK[b.severity])
}

/** The longest text of facts that is kept with an answer. */
const MOST_LETTERS = 400

/** What a finding rests on, as one text: figures as far as two digits, so that a run with another seed says the same. */
export const factsText = ({ severity, facts }: Finding): string =>
  canonical(
    JSON.parse(
      JSON.stringify([severity, facts], (_, value) =>
        typeof value === 'number' && Number.isFinite(value) ? Number(value.toPrecision(2)) : value,
      ),
    ),
  ).slice(0, MOST_LETTERS)
