import { cyclingDuty, doorsW } from '@/core/load/thermostat'
import type { Cycling } from '@/core/plan/schema'
import { formatNumber, formatPercent, formatWatts } from '@/words/format'
import type { Units } from '@/core/quantity/units'
import { formatTemperature } from '@/words/inUnits'
import type { Working } from './working'
import { thermostatWorking as thermostatWorkingWords } from '../en/workings/load'
import { wordsOf } from '../translate'

const say = wordsOf(thermostatWorkingWords)

/** What goes on and off is what is above the draw between the cycles. */
const above = (what: string, idleW: number) => (idleW > 0 ? say('betweenCycles', { what }) : what)

/** How the duty of a cycling load comes about in given surroundings. @param surroundC mean over the outage */
export function thermostatWorking(name: string, load: Cycling, surroundC: number, units: Units): Working {
  const celsius = (value: number) => formatTemperature(value, units, 1)
  const { runningW, averageW, follows, defrost } = load
  const idleW = load.idleW && load.drive?.kind !== 'inverter' ? load.idleW.value : 0
  const average = averageW.value + doorsW(load.doors)
  const duty = cyclingDuty(load, surroundC)
  const steps: Working['steps'] = [
    {
      label: say('dutyWhereItWasKnown'),
      formula: defrost
        ? say('hoursBetweenHoursBetweenDefrost', {
            above: above(say('running'), idleW),
            above2: above(say('average'), idleW),
          })
        : say('text1AtMost', { above: above(say('average'), idleW), above2: above(say('running'), idleW) }),
      values: [
        {
          name: say('average'),
          value: formatWatts(average),
          evidence: averageW.evidence,
          source: averageW.source,
        },
        {
          name: say('running'),
          value: formatWatts(runningW.value),
          evidence: runningW.evidence,
          source: runningW.source,
        },
        ...(idleW > 0
          ? [{ name: say('betweenCycles2'), value: formatWatts(idleW), evidence: load.idleW!.evidence }]
          : []),
        ...(defrost
          ? [
              {
                name: say('defrost'),
                value: say('minEveryHOfRunning', {
                  watts: formatWatts(defrost.watts.value),
                  number: formatNumber(defrost.minutes.value),
                  number2: formatNumber(defrost.everyRunH.value),
                }),
                evidence: defrost.watts.evidence,
              },
            ]
          : []),
      ],
      result: formatPercent(duty.known),
    },
  ]
  if (follows) {
    steps.push({
      label: say('dutyInThisOutage'),
      formula: say('surroundingsThermostatSetting'),
      values: [
        { name: say('surroundingsMean'), value: celsius(surroundC) },
        {
          name: follows.mode === 'heating' ? say('noHeatingNeededAt') : say('thermostatSetting'),
          value: celsius(follows.setC.value),
          evidence: follows.setC.evidence,
        },
        {
          name: say('knownAt'),
          value: celsius(follows.knownAtC.value),
          evidence: follows.knownAtC.evidence,
        },
      ],
      result: formatPercent(duty.here),
    })
  }
  return { title: say('dutyCycle', { name }), steps }
}
