'use client'
import Skeleton from '@mui/material/Skeleton'
import dynamic from 'next/dynamic'
import { part } from '@/ui/shell/part'
import type { Behaviour } from '@/core/plan/schema'
import { CyclingFields } from './CyclingFields'

const loaders = {
  charging: () => import('./ChargingFields').then((module) => module.ChargingFields),
  pump: () => import('./PumpFields').then((module) => module.PumpFields),
  scheduled: () => import('./ScheduledFields').then((module) => module.ScheduledFields),
  session: () => import('./SessionFields').then((module) => module.SessionFields),
}
/** Without it the page as a whole would wait, and what is typed meanwhile be lost. */
const Waiting = () => <Skeleton variant="rectangular" height={72} />
const ChargingFields = part(dynamic(loaders.charging, { loading: Waiting }), loaders.charging)
const PumpFields = part(dynamic(loaders.pump, { loading: Waiting }), loaders.pump)
const ScheduledFields = part(dynamic(loaders.scheduled, { loading: Waiting }), loaders.scheduled)
const SessionFields = part(dynamic(loaders.session, { loading: Waiting }), loaders.session)

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
