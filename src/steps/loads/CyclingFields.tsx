'use client'
import Button from '@mui/material/Button'
import { useMemo, useState } from 'react'
import { thermostatWorking } from '@/words/workings/thermostatWorking'
import type { Cycling } from '@/core/plan/schema'
import { surroundingsByHour } from '@/core/weather/temperature'
import { FieldTable } from '@/ui/field/FieldTable'
import { useUnits } from '@/ui/field/units'
import { useScenario } from '@/ui/household/HouseholdContext'
import { WorkingDialog } from '@/ui/shell/lazy'
import { cyclingFields } from '@/words/en/pages/loadFields'
import { wordsOf } from '@/words/translate'
import { cyclingRows } from './cyclingRows'
import styles from './LoadsPage.module.css'

const say = wordsOf(cyclingFields)

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
  const working = thermostatWorking(name, behaviour, surroundC, useUnits())
  return (
    <>
      <FieldTable
        rows={rows}
        state={behaviour}
        change={change}
        moreWords={say('cycleThermostatHowItIsDriven')}
      />
      <p className={styles.derived}>
        {say('onOfTheTimeInThis', { result: working.steps[working.steps.length - 1].result })}{' '}
        <Button variant="text" onClick={() => setShowsWorking(true)}>
          {say('howThatComesAbout')}
        </Button>
      </p>
      {showsWorking && <WorkingDialog working={working} onClose={() => setShowsWorking(false)} />}
    </>
  )
}
