'use client'
import type { Cycling, Load } from '@/core/plan/schema'
import { useUnits } from '@/ui/field/units'
import { WorkingDialog } from '@/ui/strip/WorkingDialog'
import { averageWorking } from '@/words/workings/averageWorking'
import { thermostatWorking } from '@/words/workings/thermostatWorking'

/** How a load's average and energy a day come about. @param averageW in this outage */
export function AverageWorking(props: {
  load: Pick<Load, 'name' | 'behaviour'>
  averageW: number
  onClose: () => void
}) {
  const { load, averageW, onClose } = props
  return <WorkingDialog working={averageWorking(load.name, load.behaviour, averageW)} onClose={onClose} />
}

/** How a thermostat's share of the time comes about. @param surroundC mean of its surroundings over the outage */
export function DutyWorking(props: {
  name: string
  behaviour: Cycling
  surroundC: number
  onClose: () => void
}) {
  const { name, behaviour, surroundC, onClose } = props
  const units = useUnits()
  return <WorkingDialog working={thermostatWorking(name, behaviour, surroundC, units)} onClose={onClose} />
}
