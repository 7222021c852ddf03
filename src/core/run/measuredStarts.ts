import type { Household } from '../plan/household'
import type { Load, Start } from '../plan/schema'
import { quantity } from '../quantity/quantity'
import type { Origin } from './learned'
import { type Entry, type Reading, type RunHead, standingEntries } from './runDocument'

/** A start that was measured on purpose: the highest peak the display showed when this load alone began. */
export interface MeasuredStart {
  loadId: string
  /** as the plan had it; null where it knew of none */
  before: Start | null
  after: Start
}

/** A display catches the peak of a start only so well; a clamp meter less than it truly is. From memory. */
const PEAK_TIMES = 1.15
/** A motor's start, where the plan says nothing. From memory. */
const USUAL_START_S = 0.5

/** The starts that were measured in a run, a load each; none for loads whose peak is no more than what they run at. */
export function measuredStarts(head: RunHead, entries: readonly Entry[], origin: Origin): MeasuredStart[] {
  const peaks = new Map<string, number>()
  for (const { peakOf, peakW } of standingEntries(entries).filter(
    (one): one is Reading => one.kind === 'reading',
  ))
    if (peakOf !== undefined && peakW !== undefined)
      peaks.set(peakOf, Math.max(peakW, peaks.get(peakOf) ?? 0))
  return head.plan.loads.flatMap((load) => {
    const peakW = peaks.get(load.id)
    if (peakW === undefined || peakW <= load.behaviour.runningW.value) return []
    return [{ loadId: load.id, before: load.start, after: startOf(load, peakW, origin) }]
  })
}

const startOf = ({ start }: Load, peakW: number, origin: Origin): Start => ({
  watts: {
    ...quantity(peakW, 'W', 'tested', { times: PEAK_TIMES }),
    source: origin.run,
    testedOn: origin.day,
  },
  seconds: start?.seconds ?? quantity(USUAL_START_S, 's', 'typical'),
})

/** The starts that can be taken over: those of loads whose start nobody changed since the run began. */
export const startsAsThen = (household: Household, starts: readonly MeasuredStart[]): MeasuredStart[] =>
  starts.filter(({ loadId, before }) => {
    const load = household.loads.find(({ id }) => id === loadId)
    return load && load.start?.watts.value === before?.watts.value
  })

/** The household with the starts that were measured. */
export const withStarts = (household: Household, starts: readonly MeasuredStart[]): Household => ({
  ...household,
  loads: household.loads.map((load) => {
    const measured = starts.find(({ loadId }) => loadId === load.id)
    return measured ? { ...load, start: measured.after } : load
  }),
})
