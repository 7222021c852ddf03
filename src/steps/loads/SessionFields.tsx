'use client'
import type { Behaviour } from '@/core/plan/schema'
import { ClockInput } from '@/ui/field/ClockInput'
import fields from '@/ui/field/field.module.css'
import { SelectField } from '@/ui/field/SelectField'
import { QuantityField } from '@/ui/field/QuantityField'
import { sessionFields } from '@/words/en/pages/behaviourFields'
import { wordsOf } from '@/words/translate'
import { FixedHours } from './FixedHours'
import { TimerField } from './TimerField'

const say = wordsOf(sessionFields)

type Session = Extract<Behaviour, { kind: 'session' }>

interface SessionFieldsProps {
  behaviour: Session
  change: (behaviour: Behaviour) => void
}

/** How long a session takes and when it comes: at fixed hours, or so many times within a stretch of the day. */
export function SessionFields({ behaviour, change }: SessionFieldsProps) {
  const { minutesEach, when } = behaviour
  return (
    <>
      <QuantityField
        label={say('minutesEachTime')}
        path="load.sessionMin"
        value={minutesEach.value}
        onChange={(value) => change({ ...behaviour, minutesEach: { ...minutesEach, value } })}
      />
      <SelectField
        label={say('when')}
        value={'at' in when ? 'at' : 'within'}
        options={[
          { value: 'at', words: say('atFixedHours') },
          { value: 'within', words: say('aNumberOfTimesADayAt') },
        ]}
        onChange={(choice) =>
          change({
            ...behaviour,
            when: choice === 'at' ? { at: ['08:00'] } : { timesADay: 4, from: '07:00', to: '22:00' },
          })
        }
      />
      {'at' in when ? (
        <>
          <FixedHours at={when.at} onChange={(at) => change({ ...behaviour, when: { at } })} />
          <TimerField behaviour={behaviour} change={change} />
        </>
      ) : (
        <WithinFields when={when} onChange={(next) => change({ ...behaviour, when: next })} />
      )}
    </>
  )
}

type Within = Extract<Session['when'], { timesADay: number }>

function WithinFields({ when, onChange }: { when: Within; onChange: (when: Within) => void }) {
  return (
    <>
      <QuantityField
        label={say('timesADay')}
        path="load.timesADay"
        value={when.timesADay}
        onChange={(timesADay) => onChange({ ...when, timesADay })}
      />
      <div className={fields.row}>
        <span className={fields.label}>{say('within')}</span>
        <span className={fields.control}>
          <ClockInput
            label={say('between')}
            value={when.from}
            onChange={(from) => onChange({ ...when, from })}
          />
          <span>{say('and')}</span>
          <ClockInput
            label={say('and2')}
            value={when.to}
            endOfDay
            onChange={(to) => onChange({ ...when, to })}
          />
        </span>
      </div>
    </>
  )
}
