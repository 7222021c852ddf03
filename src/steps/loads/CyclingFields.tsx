'use client'
import Button from '@mui/material/Button'
import dynamic from 'next/dynamic'
import { part } from '@/ui/shell/part'
import { useMemo, useState } from 'react'
import { cyclingDuty } from '@/core/load/thermostat'
import type { Cycling } from '@/core/plan/schema'
import { formatPercent } from '@/words/format'
import { surroundingsByHour } from '@/core/weather/temperature'
import { FieldTable } from '@/ui/field/FieldTable'
import { useScenario } from '@/ui/household/HouseholdContext'
import { cyclingFields } from '@/words/en/pages/loadFields'
import { wordsOf } from '@/words/translate'
import { cyclingRows } from './cyclingRows'

const say = wordsOf(cyclingFields)
const DutyWorking = part(
  dynamic(() => import('./LoadWorkings').then((module) => module.DutyWorking), {
    ssr: false,
  }),
  () => import('./LoadWorkings').then((module) => module.DutyWorking),
)

interface CyclingFieldsProps {
  name: string
  behaviour: Cycling
  volts: number
  change: (behaviour: Cycling) => void
}

const ROOM_C = 20

/** A thermostat’s load: how much it runs, what it follows, what it does besides. */
export function CyclingFields({ name, behaviour, volts, change }: CyclingFieldsProps) {
  const scenario = useScenario()
  const [showsWorking, setShowsWorking] = useState(false)
  const where = behaviour.follows?.surroundings
  const temperatures =
    typeof where === 'string' ? surroundingsByHour(scenario, where, Math.ceil(scenario.durationH)) : null
  const surroundC = temperatures
    ? temperatures.reduce((sum, c) => sum + c, 0) / temperatures.length
    : typeof where === 'object'
      ? where.aboutC.value
      : ROOM_C
  const rows = useMemo(() => cyclingRows(surroundC, volts), [surroundC, volts])
  return (
    <>
      <FieldTable
        rows={rows}
        state={behaviour}
        change={change}
        moreWords={say('cycleThermostatHowItIsDriven')}
      />
      <p className="ruled soft">
        {say('onOfTheTimeInThis', { result: formatPercent(cyclingDuty(behaviour, surroundC).here) })}{' '}
        <Button variant="text" onClick={() => setShowsWorking(true)}>
          {say('howThatComesAbout')}
        </Button>
      </p>
      {showsWorking && (
        <DutyWorking
          name={name}
          behaviour={behaviour}
          surroundC={surroundC}
          onClose={() => setShowsWorking(false)}
        />
      )}
    </>
  )
}
