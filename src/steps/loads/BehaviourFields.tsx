'use client'
import dynamic from 'next/dynamic'
import type { Behaviour } from '@/core/plan/schema'
import { CyclingFields } from './CyclingFields'

const ChargingFields = dynamic(() => import('./ChargingFields').then((module) => module.ChargingFields))
const PumpFields = dynamic(() => import('./PumpFields').then((module) => module.PumpFields))
const ScheduledFields = dynamic(() => import('./ScheduledFields').then((module) => module.ScheduledFields))
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
    case 'scheduled':
      return <ScheduledFields behaviour={behaviour} change={change} />
    default:
      return null
  }
}
