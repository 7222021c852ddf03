'use client'
import type { Behaviour } from '@/core/plan/schema'
import { CheckField } from '@/ui/field/CheckField'

type Timed = Extract<Behaviour, { byTimer?: boolean }>

/** Whether a timer keeps the hours, or people do, more or less. */
export function TimerField<B extends Timed>(props: { behaviour: B; change: (behaviour: B) => void }) {
  const { behaviour, change } = props
  return (
    <CheckField
      label="Switched by"
      words="a timer, to the minute"
      on={behaviour.byTimer ?? false}
      onChange={(on) => change({ ...behaviour, byTimer: on || undefined })}
    />
  )
}
