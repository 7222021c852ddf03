import type { Plan } from '../plan/document'
import { servesFor } from '../load/servesFor'
import { leftOutWhy } from '../simulation/compile'
import type { RunHead } from './runDocument'
import { outdoorC } from '../weather/temperature'

/** What has to be heeded before a plan is tried on purpose. */
export type RunCaution =
  | { kind: 'medical' | 'medical outage'; names: string[] }
  | { kind: 'pit'; names: string[] }
  | { kind: 'heating'; names: string[]; coldestC: number }
  | { kind: 'food'; names: string[] }
  | { kind: 'nobody home' }
  | { kind: 'generator' }

/** Colder than this outdoors, a house without heating is watched. Common practice, no source. */
const COLD_C = 5

/**
 * The cautions of a plan, gravest first. In an outage nobody chooses whether to try it: what can be heeded all the same.
 */
export function runCautions(plan: Plan, kind: RunHead['kind']): RunCaution[] {
  const isTest = kind === 'test'
  const carried = plan.loads.filter((load) => leftOutWhy(load, plan) === null)
  const names = (wanted: (load: Plan['loads'][number]) => boolean) =>
    carried.filter(wanted).map(({ name }) => name)
  const medical = names(({ medical }) => medical)
  const pit = names((load) => servesFor(load) === 'pit')
  const heating = names((load) => servesFor(load) === 'warm house')
  const food = names((load) => ['cold food', 'frozen food'].includes(servesFor(load)))
  const coldestC = Math.min(...Array.from({ length: 24 }, (_, h) => outdoorC(plan.scenario.outdoor, h)))
  return [
    ...(medical.length
      ? [{ kind: isTest ? ('medical' as const) : ('medical outage' as const), names: medical }]
      : []),
    ...(pit.length ? [{ kind: 'pit' as const, names: pit }] : []),
    ...(heating.length && coldestC < COLD_C ? [{ kind: 'heating' as const, names: heating, coldestC }] : []),
    ...(food.length ? [{ kind: 'food' as const, names: food }] : []),
    ...(plan.refill.generator?.on ? [{ kind: 'generator' as const }] : []),
    ...(isTest && plan.scenario.away.length ? [{ kind: 'nobody home' as const }] : []),
  ]
}
