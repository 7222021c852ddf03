'use client'
import type { Behaviour, Scheduled } from '@/core/plan/schema'
import { CheckField } from '@/ui/field/CheckField'
import { QuantityField } from '@/ui/field/QuantityField'
import { WindowsField } from '@/ui/field/WindowsField'
import { scheduledFields } from '@/words/en/pages/behaviourFields'
import { wordsOf } from '@/words/translate'

const say = wordsOf(scheduledFields)

/** Hours of the clock in which a load is on. */
export function ScheduledFields(props: { behaviour: Scheduled; change: (behaviour: Behaviour) => void }) {
  const { behaviour, change } = props
  const { eachHour } = behaviour
  return (
    <>
      <WindowsField
        label={say('onFromUntil')}
        windows={behaviour.windows}
        fresh={{ from: '06:00', to: '08:00' }}
        onChange={(windows) => change({ ...behaviour, windows })}
      />
      <CheckField
        label={say('withinThem')}
        words={say('onlySomeMinutesOfEachHour')}
        on={eachHour !== undefined}
        onChange={(on) => change({ ...behaviour, eachHour: on ? { atMinute: 0, minutes: 5 } : undefined })}
      />
      {eachHour && (
        <>
          <QuantityField
            label={say('minutesEachHour')}
            path="load.eachHourMin"
            value={eachHour.minutes}
            onChange={(minutes) => change({ ...behaviour, eachHour: { ...eachHour, minutes } })}
          />
          <QuantityField
            label={say('minutesPastTheHour')}
            path="load.eachHourAtMinute"
            value={eachHour.atMinute}
            check={(minute) => (Number.isInteger(minute) && minute < 60 ? null : say('aWholeMinuteFrom0To'))}
            onChange={(atMinute) => change({ ...behaviour, eachHour: { ...eachHour, atMinute } })}
          />
        </>
      )}
    </>
  )
}
