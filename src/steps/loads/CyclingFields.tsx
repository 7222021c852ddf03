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
import { QuantityField } from '@/ui/field/QuantityField'
import { useScenario } from '@/ui/household/HouseholdContext'
import { WorkingDialog } from '@/ui/shell/lazy'
import { followsFor } from './cyclingParts'
import styles from './LoadsPage.module.css'
import { useUnits } from '@/ui/field/units'

interface CyclingFieldsProps {
  name: string
  behaviour: Cycling
  volts: number
  change: (behaviour: Cycling) => void
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

/** Openings a day of a box kept shut, and of one in use. From memory. */
const SHUT_A_DAY = 2
const USUAL_A_DAY = 20

/** A thermostat’s load: how much it runs, what it follows, what it does besides. */
export function CyclingFields({ name, behaviour, volts, change }: CyclingFieldsProps) {
  const scenario = useScenario()
  const [showsWorking, setShowsWorking] = useState(false)
  const { runningW, averageW, periodMin, follows, drive, box, doors, defrost, blower } = behaviour
  const put = (part: Partial<Cycling>) => change({ ...behaviour, ...part })
  const where = follows?.surroundings
  const highest = Math.max(runningW.value, defrost?.watts.value ?? 0)
  const temperatures =
    typeof where === 'string' ? surroundingsByHour(scenario, where, Math.ceil(scenario.durationH)) : null
  const surroundC = temperatures
    ? temperatures.reduce((sum, c) => sum + c, 0) / temperatures.length
    : typeof where === 'object'
      ? where.aboutC.value
      : 20
  const working = thermostatWorking(name, behaviour, surroundC, useUnits())
  return (
    <>
      <QuantityField
        label="Average watts"
        pairedWith="Running watts"
        path="load.averageW"
        volts={volts}
        value={averageW.value}
        check={(watts) =>
          watts > highest ? `An average cannot be above the running watts (${formatWatts(highest)}).` : null
        }
        onChange={(value) => put({ averageW: { ...averageW, value } })}
      />
      <QuantityField
        label="One cycle, on and off"
        path="load.periodMin"
        value={periodMin.value}
        onChange={(value) => put({ periodMin: { ...periodMin, value } })}
      />
      <SelectField
        label="Varies with"
        value={follows?.mode ?? 'nothing'}
        options={FOLLOWS}
        onChange={(mode) => put({ follows: mode === 'nothing' ? undefined : followsFor(mode, follows) })}
      />
      {follows && (
        <>
          <SelectField
            label="Stands in"
            value={typeof where === 'string' ? where : 'about'}
            options={WHERE}
            onChange={(choice) =>
              put({
                follows: {
                  ...follows,
                  surroundings:
                    choice === 'about'
                      ? { aboutC: quantity(Math.round(surroundC), '°C', 'label', { plusMinus: 2 }) }
                      : choice,
                },
              })
            }
          />
          {typeof where === 'object' && (
            <QuantityField
              label="About"
              path="load.celsius"
              value={where.aboutC.value}
              onChange={(value) =>
                put({ follows: { ...follows, surroundings: { aboutC: { ...where.aboutC, value } } } })
              }
            />
          )}
          <QuantityField
            label={follows.mode === 'heating' ? 'No heat needed from' : 'Thermostat setting'}
            path="load.celsius"
            value={follows.setC.value}
            check={(value) =>
              Math.abs(value - follows.knownAtC.value) < 1
                ? 'It must differ from where the average was known by a degree at least.'
                : null
            }
            onChange={(value) => put({ follows: { ...follows, setC: { ...follows.setC, value } } })}
          />
          <QuantityField
            label="Average measured at a room temperature of"
            path="load.celsius"
            value={follows.knownAtC.value}
            check={(value) =>
              Math.abs(value - follows.setC.value) < 1
                ? 'It must differ from the set-point by a degree at least.'
                : null
            }
            onChange={(value) => put({ follows: { ...follows, knownAtC: { ...follows.knownAtC, value } } })}
          />
        </>
      )}
      {drive?.kind !== 'inverter' && (
        <QuantityField
          label="Between cycles"
          path="load.watts"
          value={behaviour.idleW?.value ?? 0}
          check={(watts) =>
            watts >= runningW.value
              ? `Between cycles it draws less than running (${formatWatts(runningW.value)}).`
              : null
          }
          onChange={(value) =>
            put({
              idleW: value > 0 ? { ...(behaviour.idleW ?? quantity(value, 'W', 'label')), value } : undefined,
            })
          }
        />
      )}
      <SelectField
        label="Compressor or burner"
        value={drive?.kind ?? 'on-off'}
        options={DRIVES}
        onChange={(kind) =>
          put({
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
          })
        }
      />
      {drive?.kind === 'inverter' && (
        <QuantityField
          label="Lowest watts"
          path="load.watts"
          value={drive.floorW.value}
          check={(watts) => (watts > runningW.value ? 'The lowest cannot be above the running watts.' : null)}
          onChange={(value) => put({ drive: { ...drive, floorW: { ...drive.floorW, value } } })}
        />
      )}
      {drive?.kind === 'two-stage' && (
        <QuantityField
          label="Low stage"
          path="load.watts"
          value={drive.lowW.value}
          check={(watts) =>
            watts > runningW.value ? 'The low stage cannot be above the running watts.' : null
          }
          onChange={(value) => put({ drive: { ...drive, lowW: { ...drive.lowW, value } } })}
        />
      )}
      {follows?.mode === 'cooling' && (
        <>
          <CheckField
            label="Defrost"
            words="it has a defrost heater"
            on={defrost !== undefined}
            onChange={(on) =>
              put({
                defrost: on ? usualDefrost(drive?.kind === 'inverter' ? 'adaptive' : 'timer') : undefined,
              })
            }
          />
          {defrost && (
            <>
              <QuantityField
                label="Defrost watts"
                path="load.watts"
                value={defrost.watts.value}
                onChange={(value) => put({ defrost: { ...defrost, watts: { ...defrost.watts, value } } })}
              />
              <QuantityField
                label="for"
                path="load.defrostMin"
                value={defrost.minutes.value}
                onChange={(value) => put({ defrost: { ...defrost, minutes: { ...defrost.minutes, value } } })}
              />
              <QuantityField
                label="each, of running"
                path="load.defrostEveryRunH"
                value={defrost.everyRunH.value}
                onChange={(value) =>
                  put({ defrost: { ...defrost, everyRunH: { ...defrost.everyRunH, value } } })
                }
              />
              <SelectField
                label="It comes"
                value={defrost.control}
                options={[
                  { value: 'timer', words: 'By a timer' },
                  { value: 'adaptive', words: 'When the electronics see fit' },
                ]}
                onChange={(control) => put({ defrost: { ...defrost, control } })}
              />
            </>
          )}
          {doors && (
            <CheckField
              label="Doors"
              words="kept shut"
              on={doors.nowADay <= SHUT_A_DAY}
              onChange={(on) => put({ doors: { ...doors, nowADay: on ? SHUT_A_DAY : USUAL_A_DAY } })}
            />
          )}
          {doors && doors.nowADay > SHUT_A_DAY && (
            <QuantityField
              label="Opened, times a day"
              path="load.doorsADay"
              value={doors.nowADay}
              onChange={(nowADay) => put({ doors: { ...doors, nowADay } })}
            />
          )}
        </>
      )}
      {box && (
        <>
          {follows?.mode === 'cooling' && (
            <QuantityField
              label="How full"
              path="load.fillFraction"
              value={box.fillFraction}
              onChange={(fillFraction) => put({ box: { ...box, fillFraction } })}
            />
          )}
          <QuantityField
            label="Already off for"
            path="load.offForH"
            value={box.offForH}
            onChange={(offForH) => put({ box: { ...box, offForH } })}
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
            put({
              blower: on
                ? {
                    watts: quantity(Math.round(runningW.value * 0.8), 'W', 'typical', { times: 1.3 }),
                    lagMin: 1,
                  }
                : undefined,
            })
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
