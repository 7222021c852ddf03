'use client'
import type { Behaviour } from '@/core/plan/schema'
import { CheckField } from '@/ui/field/CheckField'
import { timerField } from '@/words/en/pages/loads'
import { wordsOf } from '@/words/translate'

const say = wordsOf(timerField)

type Timed = Extract<Behaviour, { byTimer?: boolean }>

/** Whether a timer keeps the hours, or people do, more or less. */
export function TimerField<B extends Timed>(props: { behaviour: B; change: (behaviour: B) => void }) {
  const { behaviour, change } = props
  return (
    <CheckField
      label={say('switchedBy')}
      words={say('aTimerToTheMinute')}
      on={behaviour.byTimer ?? false}
      onChange={(on) => change({ ...behaviour, byTimer: on || undefined })}
    />
  )
}
