import type { Plan } from '@/core/plan/document'
import type { PlanEvent } from '@/core/simulation/result'
import { eventWords as eventWordsWords } from '@/words/en/pages/runtime'
import { wordsOf } from '@/words/translate'

const say = wordsOf(eventWordsWords)

/** Whether an event is worth telling beside the end itself: an end by its reserve is told already. */
export const isNotable = ({ kind, cause, fraction }: PlanEvent) =>
  fraction >= 0.005 && (kind !== 'empty' || (cause !== undefined && cause !== 'reserve'))

/** What happens, in words, with the names of what it happens to. */
export function eventWords(event: PlanEvent, plan: Plan): string {
  const source = plan.powerSystem.sources.find(({ id }) => id === event.sourceId)?.name ?? ''
  const load = plan.loads.find(({ id }) => id === event.loadId)?.name ?? ''
  switch (event.kind) {
    case 'empty':
      if (event.cause === 'sleep') return say('goesToSleepTooLittleIs', { source })
      if (event.cause === 'temperature') return say('itIsTooColdOrToo', { source })
      if (event.cause === 'cut-off') {
        const { bank } = plan.powerSystem.sources.find(({ id }) => id === event.sourceId) ?? {}
        const ownV = (bank?.battery.ownCutOffV ?? 0) * (bank?.series ?? 1)
        return ownV > (bank?.inverter?.cutOffV ?? 0)
          ? say('itsBatteriesSwitchThemselvesOffOn', { source })
          : say('cutsOffOnLowVoltsBefore', { source })
      }
      return say('isEmpty', { source })
    case 'takes-over':
      return say('takesOver', { source })
    case 'defrost':
      return say('defrosts', { load })
    case 'ends-in-defrost':
      return say('aDefrostOfEmpties', { load, source })
    case 'overload':
      return event.limit === 'surge'
        ? say('startsPastTheSurgeLimit', { load })
        : say('takesItPastTheContinuousLimit', { load })
  }
}
