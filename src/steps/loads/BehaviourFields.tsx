'use client'
import dynamic from 'next/dynamic'
import type { Behaviour } from '@/core/plan/schema'
import { CheckField } from '@/ui/field/CheckField'
import { QuantityField } from '@/ui/field/QuantityField'
import { WindowsField } from '@/ui/field/WindowsField'
import { CyclingFields } from './CyclingFields'

const ChargingFields = dynamic(() => import('./ChargingFields').then((module) => module.ChargingFields))
const PumpFields = dynamic(() => import('./PumpFields').then((module) => module.PumpFields))
const SessionFields = dynamic(() => import('./SessionFields').then((module) => module.SessionFields))
import { TimerField } from './TimerField'

interface BehaviourFieldsProps {
  name: string
  behaviour: Behaviour
  volts: number
  change: (behaviour: Behaviour) => void
}

/** What a behaviour needs beside its running watts. */
export function BehaviourFields({ name, behaviour, volts, change }: BehaviourFieldsProps) {
  switch (behaviour.kind) {
    case 'cycling':
      return <CyclingFields name={name} behaviour={behaviour} volts={volts} change={change} />
    case 'pump':
      return <PumpFields name={name} behaviour={behaviour} change={change} />
    case 'charging':
      return <ChargingFields behaviour={behaviour} change={change} />
    case 'session':
      return <SessionFields behaviour={behaviour} change={change} />
    case 'scheduled': {
      const { eachHour } = behaviour
      return (
        <>
          <WindowsField
            label="On from – until"
            windows={behaviour.windows}
            fresh={{ from: '06:00', to: '08:00' }}
            onChange={(windows) => change({ ...behaviour, windows })}
          />
          <CheckField
            label="Within them"
            words="only some minutes of each hour"
            on={eachHour !== undefined}
            onChange={(on) =>
              change({ ...behaviour, eachHour: on ? { atMinute: 0, minutes: 5 } : undefined })
            }
          />
          {eachHour && (
            <>
              <QuantityField
                label="Minutes each hour"
                path="load.eachHourMin"
                value={eachHour.minutes}
                onChange={(minutes) => change({ ...behaviour, eachHour: { ...eachHour, minutes } })}
              />
              <QuantityField
                label="Minutes past the hour"
                path="load.eachHourAtMinute"
                value={eachHour.atMinute}
                check={(minute) =>
                  Number.isInteger(minute) && minute < 60 ? null : 'A whole minute from 0 to 59.'
                }
                onChange={(atMinute) => change({ ...behaviour, eachHour: { ...eachHour, atMinute } })}
              />
            </>
          )}
        </>
      )
    }
    default:
      return null
  }
}
