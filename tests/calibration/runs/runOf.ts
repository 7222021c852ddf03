import { epochMinute } from '@/core/plan/clock'
import type { Plan } from '@/core/plan/document'
import type { Entry, Reading, RunHead } from '@/core/run/runDocument'

/** Runs written down for tests and calibration: their clock is UTC. */

export const headOf = (plan: Plan, sourceId = plan.powerSystem.sources[0].id): RunHead => ({
  id: 'run-1',
  kind: 'test',
  name: 'Test run',
  startedAt: instant(plan, 0),
  startsLocal: plan.scenario.startsAt,
  plan,
  sourceId,
})

/** The moment so many minutes after a plan's outage begins. */
export const instant = ({ scenario }: Plan, minute: number): string =>
  new Date(epochMinute(scenario.startsAt) * 60_000 + Math.round(minute * 60_000)).toISOString()

const stamp = (plan: Plan, minute: number) => ({
  id: `e${Math.round(minute * 1000)}-${counter++}`,
  at: instant(plan, minute),
  local: instant(plan, minute).slice(0, 16),
  typedAt: instant(plan, minute),
})
let counter = 0

export const readingAt = (plan: Plan, minute: number, figures: Partial<Reading>): Entry => ({
  ...stamp(plan, minute),
  kind: 'reading',
  sourceId: plan.powerSystem.sources[0].id,
  ...figures,
})

export const entryAt = <E extends Entry>(
  plan: Plan,
  minute: number,
  entry: Omit<E, 'id' | 'at' | 'local' | 'typedAt'>,
): Entry => ({ ...stamp(plan, minute), ...entry }) as Entry
