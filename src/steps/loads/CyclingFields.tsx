'use client'
import { useState } from 'react'
import type { Cycling } from '@/core/plan/schema'
import { usualDefrost } from '@/core/load/coldBox'
import { thermostatWorking } from '@/core/load/thermostat'
import { formatWatts } from '@/core/quantity/format'
import { quantity } from '@/core/quantity/quantity'
import { surroundingsByHour } from '@/core/weather/temperature'
import { CheckField } from '@/ui/field/CheckField'
import { SelectField } from '@/ui/field/SelectField'
import { UnitField } from '@/ui/field/UnitField'
import { useScenario } from '@/ui/household/HouseholdContext'
import { WorkingDialog } from '@/ui/shell/lazy'
import { followsFor } from './cyclingParts'
import styles from './LoadsPage.module.css'

interface CyclingFieldsProps {
  name: string
  behaviour: Cycling
  volts: number
  change: (behaviour: Cycling, field: string) => void
}

const FOLLOWS = [
  { value: 'nothing', words: 'Nothing: the same all year' },
  { value: 'cooling', words: 'Warmth: a refrigerator, a cooler' },
  { value: 'heating', words: 'Cold: a boiler, a furnace, a heater' },
] as const
const WHERE = [
  { value: 'indoors', words: 'Indoors' },
  { value: 'unheated', words: 'In an unheated room' },
  { value: 'outdoors', words: 'Outdoors' },
  { value: 'about', words: 'At a temperature of its own' },
] as const
const DRIVES = [
  { value: 'on-off', words: 'On or off' },
  { value: 'inverter', words: 'Inverter: modulates, no start surge' },
  { value: 'two-stage', words: 'Two stages' },
] as const

/** A thermostat’s load: how much it runs, what it follows, what it does besides. */
export function CyclingFields({ name, behaviour, volts, change }: CyclingFieldsProps) {
  const scenario = useScenario()
  const [showsWorking, setShowsWorking] = useState(false)
  const { runningW, averageW, periodMin, follows, drive, box, doors, defrost, blower } = behaviour
  const put = (part: Partial<Cycling>, field: string) => change({ ...behaviour, ...part }, field)
  const where = follows?.surroundings
  const highest = Math.max(runningW.value, defrost?.watts.value ?? 0)
  const temperatures =
    typeof where === 'string' ? surroundingsByHour(scenario, where, Math.ceil(scenario.durationH)) : null
  const surroundC = temperatures
    ? temperatures.reduce((sum, c) => sum + c, 0) / temperatures.length
    : typeof where === 'object'
      ? where.aboutC.value
      : 20
  const working = thermostatWorking(name, behaviour, surroundC)
  return (
    <>
      <UnitField
        label="Average watts"
        kind="power"
        volts={volts}
        value={averageW.value}
        check={(watts) =>
          watts > highest ? `An average cannot be above the running watts (${formatWatts(highest)}).` : null
        }
        onChange={(value) => put({ averageW: { ...averageW, value } }, 'average')}
      />
      <UnitField
        label="One cycle, on and off"
        kind="minutes"
        value={periodMin.value}
        check={(minutes) =>
          minutes < 0.5 || minutes > 1440 ? 'A cycle takes from half a minute to a day.' : null
        }
        onChange={(value) => put({ periodMin: { ...periodMin, value } }, 'period')}
      />
      <SelectField
        label="It follows"
        value={follows?.mode ?? 'nothing'}
        options={FOLLOWS}
        onChange={(mode) =>
          put({ follows: mode === 'nothing' ? undefined : followsFor(mode, follows) }, 'follows')
        }
      />
      {follows && (
        <>
          <SelectField
            label="It feels"
            value={typeof where === 'string' ? where : 'about'}
            options={WHERE}
            onChange={(choice) =>
              put(
                {
                  follows: {
                    ...follows,
                    surroundings:
                      choice === 'about'
                        ? { aboutC: quantity(Math.round(surroundC), '°C', 'label', { plusMinus: 2 }) }
                        : choice,
                  },
                },
                'surroundings',
              )
            }
          />
          {typeof where === 'object' && (
            <UnitField
              label="About"
              kind="temperature"
              value={where.aboutC.value}
              onChange={(value) =>
                put(
                  { follows: { ...follows, surroundings: { aboutC: { ...where.aboutC, value } } } },
                  'aboutC',
                )
              }
            />
          )}
          <UnitField
            label={follows.mode === 'heating' ? 'No heat needed from' : 'Set-point, mean inside'}
            kind="temperature"
            value={follows.setC.value}
            check={(value) =>
              Math.abs(value - follows.knownAtC.value) < 1
                ? 'It must differ from where the average was known by a degree at least.'
                : null
            }
            onChange={(value) => put({ follows: { ...follows, setC: { ...follows.setC, value } } }, 'setC')}
          />
          <UnitField
            label="Average known at"
            kind="temperature"
            value={follows.knownAtC.value}
            check={(value) =>
              Math.abs(value - follows.setC.value) < 1
                ? 'It must differ from the set-point by a degree at least.'
                : null
            }
            onChange={(value) =>
              put({ follows: { ...follows, knownAtC: { ...follows.knownAtC, value } } }, 'knownAtC')
            }
          />
        </>
      )}
      <SelectField
        label="Its drive"
        value={drive?.kind ?? 'on-off'}
        options={DRIVES}
        onChange={(kind) =>
          put(
            {
              drive:
                kind === 'on-off'
                  ? undefined
                  : kind === 'inverter'
                    ? {
                        kind,
                        floorW: quantity(Math.round(runningW.value * 0.3), 'W', 'typical', { times: 1.3 }),
                      }
                    : {
                        kind,
                        lowW: quantity(Math.round(runningW.value * 0.5), 'W', 'typical', { times: 1.3 }),
                        lowOutputFraction: 0.65,
                      },
            },
            'drive',
          )
        }
      />
      {drive?.kind === 'inverter' && (
        <UnitField
          label="Lowest watts"
          kind="power"
          value={drive.floorW.value}
          check={(watts) => (watts > runningW.value ? 'The lowest cannot be above the running watts.' : null)}
          onChange={(value) => put({ drive: { ...drive, floorW: { ...drive.floorW, value } } }, 'floorW')}
        />
      )}
      {drive?.kind === 'two-stage' && (
        <UnitField
          label="Low stage"
          kind="power"
          value={drive.lowW.value}
          check={(watts) =>
            watts > runningW.value ? 'The low stage cannot be above the running watts.' : null
          }
          onChange={(value) => put({ drive: { ...drive, lowW: { ...drive.lowW, value } } }, 'lowW')}
        />
      )}
      {follows?.mode === 'cooling' && (
        <>
          <CheckField
            label="Defrost"
            words="it has a defrost heater"
            on={defrost !== undefined}
            onChange={(on) =>
              put(
                { defrost: on ? usualDefrost(drive?.kind === 'inverter' ? 'adaptive' : 'timer') : undefined },
                'defrost',
              )
            }
          />
          {defrost && (
            <>
              <UnitField
                label="Defrost watts"
                kind="power"
                value={defrost.watts.value}
                onChange={(value) =>
                  put({ defrost: { ...defrost, watts: { ...defrost.watts, value } } }, 'defrostW')
                }
              />
              <UnitField
                label="for"
                kind="minutes"
                value={defrost.minutes.value}
                check={(minutes) =>
                  minutes < 1 || minutes > 240 ? 'A defrost takes from 1 minute to 4 hours.' : null
                }
                onChange={(value) =>
                  put({ defrost: { ...defrost, minutes: { ...defrost.minutes, value } } }, 'defrostMin')
                }
              />
              <UnitField
                label="each, of running"
                kind="hours"
                value={defrost.everyRunH.value}
                check={(hours) => (hours < 0.5 ? 'Half an hour of running at least.' : null)}
                onChange={(value) =>
                  put({ defrost: { ...defrost, everyRunH: { ...defrost.everyRunH, value } } }, 'defrostH')
                }
              />
              <SelectField
                label="It comes"
                value={defrost.control}
                options={[
                  { value: 'timer', words: 'By a timer' },
                  { value: 'adaptive', words: 'When the electronics see fit' },
                ]}
                onChange={(control) => put({ defrost: { ...defrost, control } }, 'defrostControl')}
              />
            </>
          )}
          {doors && (
            <UnitField
              label="Opened, times a day"
              kind="count"
              value={doors.nowADay}
              check={(times) => (times > 500 ? '500 times a day at most.' : null)}
              onChange={(nowADay) => put({ doors: { ...doors, nowADay } }, 'doors')}
            />
          )}
        </>
      )}
      {box && (
        <>
          {follows?.mode === 'cooling' && (
            <UnitField
              label="How full"
              kind="fraction"
              value={box.fillFraction}
              onChange={(fillFraction) => put({ box: { ...box, fillFraction } }, 'fill')}
            />
          )}
          <UnitField
            label="Off before, for"
            kind="count"
            value={box.offForH}
            onChange={(offForH) => put({ box: { ...box, offForH } }, 'offFor')}
          />
          {box.offForH > 0 && (
            <p className={styles.derived}>
              {box.offForH >= 100 ? 'Warm at the start' : `Off for ${box.offForH} h before`}: it runs flat out
              at first, until it has caught up.
            </p>
          )}
        </>
      )}
      {follows?.mode === 'heating' && (
        <CheckField
          label="Blower"
          words="runs on a minute after the burner"
          on={blower !== undefined}
          onChange={(on) =>
            put(
              {
                blower: on
                  ? {
                      watts: quantity(Math.round(runningW.value * 0.8), 'W', 'typical', { times: 1.3 }),
                      lagMin: 1,
                    }
                  : undefined,
              },
              'blower',
            )
          }
        />
      )}
      <p className={styles.derived}>
        On {working.steps[working.steps.length - 1].result} of the time in this outage (duty cycle).{' '}
        <button className="text-button" onClick={() => setShowsWorking(true)}>
          How that comes about
        </button>
      </p>
      {showsWorking && <WorkingDialog working={working} onClose={() => setShowsWorking(false)} />}
    </>
  )
}
