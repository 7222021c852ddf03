import type { Plan } from '@/core/plan/document'
import type { PlanEvent } from '@/core/simulation/result'

/** Whether an event is worth telling beside the end itself: an end by its reserve is told already. */
export const isNotable = ({ kind, cause, fraction }: PlanEvent) =>
  fraction >= 0.005 && (kind !== 'empty' || (cause !== undefined && cause !== 'reserve'))

/** What happens, in words, with the names of what it happens to. */
export function eventWords(event: PlanEvent, plan: Plan): string {
  const source = plan.powerSystem.sources.find(({ id }) => id === event.sourceId)?.name ?? ''
  const load = plan.loads.find(({ id }) => id === event.loadId)?.name ?? ''
  switch (event.kind) {
    case 'empty':
      if (event.cause === 'sleep') return `${source} goes to sleep: too little is drawn`
      if (event.cause === 'temperature') return `It is too cold or too hot for ${source} where it stands`
      if (event.cause === 'cut-off') {
        const { bank } = plan.powerSystem.sources.find(({ id }) => id === event.sourceId) ?? {}
        const ownV = (bank?.battery.ownCutOffV ?? 0) * (bank?.series ?? 1)
        return ownV > (bank?.inverter?.cutOffV ?? 0)
          ? `${source}: its batteries switch themselves off on low volts, before the reserve`
          : `${source} cuts off on low volts, before its reserve`
      }
      return `${source} is empty`
    case 'takes-over':
      return `${source} takes over`
    case 'defrost':
      return `${load} defrosts`
    case 'ends-in-defrost':
      return `A defrost of ${load} empties ${source}`
    case 'overload':
      return event.limit === 'surge'
        ? `${load} starts past the surge limit`
        : `${load} takes it past the continuous limit`
  }
}
