import { averageW, scheduledMinutes, sessionsADay } from '@/core/load/average'
import { knownCycle } from '@/core/load/pump'
import { DAY_MIN } from '@/core/plan/clock'
import type { Behaviour } from '@/core/plan/schema'
import { formatEnergy, formatNumber, formatPercent, formatWatts } from '@/words/format'
import type { Working, WorkingStep, WorkingValue } from './working'
import { averageWorking as averageWorkingWords } from '../en/workings/load'
import { wordsOf } from '../translate'

const say = wordsOf(averageWorkingWords)

/**
 * How a load's average came about, a step for each calculation.
 *
 * @param inOutageW its average in this outage, where weather, rain or steering make it another than the known one
 */
export function averageWorking(name: string, behaviour: Behaviour, inOutageW?: number): Working {
  const running: WorkingValue = {
    name: say('running'),
    value: formatWatts(behaviour.runningW.value),
    evidence: behaviour.runningW.evidence,
    source: behaviour.runningW.source,
  }
  const average = averageW(behaviour)
  const steps: WorkingStep[] = []
  if (behaviour.kind === 'constant') {
    steps.push({
      label: say('average'),
      formula: say('runningWattsAllDay'),
      values: [running],
      result: formatWatts(average),
    })
  } else if (behaviour.kind === 'cycling') {
    steps.push({
      label: say('dutyCycle'),
      formula: say('averageRunning1AtMost'),
      values: [
        {
          name: say('average2'),
          value: formatWatts(behaviour.averageW.value),
          evidence: behaviour.averageW.evidence,
          source: behaviour.averageW.source,
        },
        running,
      ],
      result: formatNumber(behaviour.runningW.value ? average / behaviour.runningW.value : 0),
    })
  } else if (behaviour.kind === 'pump') {
    steps.push({
      label: say('average'),
      formula: say('runningShareOfTheTimeIt'),
      values: [running, { name: say('share'), value: formatPercent(knownCycle(behaviour).duty) }],
      result: formatWatts(average),
    })
  } else if (behaviour.kind === 'charging') {
    const { energyWh, efficiencyFraction, idleW, when } = behaviour
    steps.push({
      label: say('average'),
      formula: say('chargesADayEnergyEfficiency24'),
      values: [
        running,
        {
          name: say('chargesADay'),
          value: when === 'start' ? say('text1AtTheStart') : String(when.at.length),
        },
        { name: say('energy'), value: formatEnergy(energyWh.value), evidence: energyWh.evidence },
        { name: say('efficiency'), value: formatPercent(efficiencyFraction.value) },
        { name: say('idle'), value: formatWatts(idleW.value), evidence: idleW.evidence },
      ],
      result: formatWatts(average),
    })
  } else {
    const minutes =
      behaviour.kind === 'scheduled'
        ? scheduledMinutes(behaviour)
        : Math.min(DAY_MIN, sessionsADay(behaviour) * behaviour.minutesEach.value)
    steps.push({
      label: say('average'),
      formula: say('runningMinutesOnADay1440'),
      values: [running, { name: say('on'), value: say('minADay', { number: formatNumber(minutes, 1) }) }],
      result: formatWatts(average),
    })
  }
  const now = inOutageW ?? average
  if (Math.abs(now - average) > 0.05)
    steps.push({
      label: say('inThisOutage'),
      formula: say('eachHoursDutyCycleWattsAfter'),
      values: [{ name: say('averageAsKnown'), value: formatWatts(average) }],
      result: formatWatts(now),
    })
  steps.push({
    label: say('energyADay'),
    formula: say('average24H'),
    values: [{ name: say('average2'), value: formatWatts(now) }],
    result: formatEnergy(now * 24),
  })
  return { title: say('averageAndEnergyADay', { name }), steps }
}
