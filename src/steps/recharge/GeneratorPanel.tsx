'use client'
import { useMoment } from '@/ui/field/useMoment'
import Button from '@mui/material/Button'
import { FieldScope } from '@/ui/field/FieldScope'
import { FindingMarks } from '@/ui/hazard/FindingMarks'
import { generatorOf } from '@/catalog/refill'
import type { Generator } from '@/core/plan/refill'
import { formatEnergy, formatHours, formatNumber, formatWatts } from '@/core/quantity/format'
import { LOW_LOAD_FRACTION, fuelHours, fuelLPerH, tankHours } from '@/core/refill/generator'
import type { RefillLedger } from '@/core/simulation/refillLedger'
import { CheckField } from '@/ui/field/CheckField'
import { QuantityField } from '@/ui/field/QuantityField'
import { WindowsField } from '@/ui/field/WindowsField'
import { changeRefill } from '@/ui/household/edits'
import { useHouseholdStore } from '@/ui/household/HouseholdContext'
import { Foldable } from './Foldable'
import styles from './recharge.module.css'
import { useUnits } from '@/ui/field/units'
import { formatVolume } from '@/core/reading/inUnits'

/** The generator: what it gives, what it burns, how long the fuel lasts, and where it must stand. */
export function GeneratorPanel(props: {
  generator: Generator | null
  mean: RefillLedger | null
  /** what the loads may ask of it at once */
  peakW: number
  /** the most they ask of it while something starts */
  startW: number
  days: number
  /** when its fuel in hand is burnt, most likely; Infinity where it is not */
  fuelEndMin: number
  startsAt: string
}) {
  const moment = useMoment()
  const { generator, mean, peakW, startW, days, fuelEndMin, startsAt } = props
  const units = useUnits()
  const store = useHouseholdStore()
  const put = (next: Generator | null) => store.getState().edit(changeRefill({ generator: next }))
  if (!generator)
    return (
      <section className={styles.side}>
        <h3>Generator</h3>
        <p>
          None. A few hours a day at good load refill the battery and do the wash; the nights stay silent.
        </p>
        <Button variant="text" onClick={() => put(generatorOf(2000))}>
          Add a 2 kW generator
        </Button>
      </section>
    )
  const change = (part: Partial<Generator>) => put({ ...generator, ...part })
  const hours = mean?.generatorH ?? 0
  const givenW = mean && hours > 0 ? mean.generatorWh / hours : generator.ratedW / 2
  const isSmall = peakW > generator.ratedW
  return (
    <FieldScope id={'generator'} name={generator.name}>
      <section className={styles.side} aria-label="Generator">
        <h3>{generator.name}</h3>
        {hours > 0 && (
          <p data-testid="generator-sum">
            Runs <b>{formatNumber(hours, 1)} h</b> at about {formatWatts(givenW)}:{' '}
            {formatEnergy(mean!.generatorWh)}. It burns <b>{formatVolume(mean!.fuelL, units, 1)}</b>,{' '}
            {formatVolume(mean!.fuelL / days, units, 1)} a day.{' '}
            {fuelEndMin < Infinity ? (
              <b>
                The {formatVolume(generator.onHandL, units, 1)} in hand are burnt about{' '}
                {moment(startsAt, fuelEndMin, 10)}.
              </b>
            ) : (
              `At that load ${formatVolume(generator.onHandL, units, 1)} last ${formatHours(fuelHours(generator, givenW) * 60)}.`
            )}{' '}
            A tank lasts {formatHours(tankHours(generator, givenW) * 60)}.
          </p>
        )}
        {hours === 0 && (
          <p>
            Drag along its lane to plan its hours. At half load it burns{' '}
            {formatVolume(fuelLPerH(generator, generator.ratedW / 2), units, 2)} an hour:{' '}
            {formatVolume(generator.onHandL, units, 1)} last{' '}
            {formatHours(fuelHours(generator, generator.ratedW / 2) * 60)}.
          </p>
        )}
        {isSmall && (
          <p className={styles.refused} role="status">
            It gives {formatWatts(generator.ratedW)}; {formatWatts(peakW)} may run at once. Do not run
            everything together, or the breaker opens; the battery carries what it cannot.
          </p>
        )}
        {startW > generator.surgeW && (
          <p className={styles.refused} role="status">
            Starts come to {formatWatts(startW)}, its surge is {formatWatts(generator.surgeW)}: what starts
            hardest may stall it. Start that alone, or from the battery.
          </p>
        )}
        {hours > 0 && givenW < LOW_LOAD_FRACTION * generator.ratedW && (
          <p className={styles.refused}>
            Under a quarter of its watts it soots and wastes fuel: charge at the same time, or run it shorter.
          </p>
        )}
        <p className="caution">
          Outdoors only, 6 m (20 ft) from the house, exhaust away from windows and doors; never in a garage,
          on a porch or in a cellar, not even with the door open: carbon monoxide kills within minutes. CO
          alarms with batteries on every floor. Fill it cold. Never back-feed an outlet; an inlet and transfer
          switch belong to a licensed electrician and local code.
        </p>
        <Foldable name="the generator">
          <CheckField
            label="Counts"
            words="in use"
            on={generator.on}
            onChange={(on) => put({ ...generator, on })}
          />
          <QuantityField
            label="Rated watts"
            pairedWith="Surge watts"
            path="generator.ratedW"
            value={generator.ratedW}
            check={(watts) =>
              watts > generator.surgeW
                ? `That is more than its surge, ${formatWatts(generator.surgeW)}.`
                : null
            }
            onChange={(ratedW) =>
              change({
                ratedW,
                // a name that told the old watts tells the new ones
                ...(generator.name === generatorOf(generator.ratedW).name && {
                  name: generatorOf(ratedW).name,
                }),
              })
            }
          />
          <QuantityField
            label="Surge watts"
            pairedWith="Rated watts"
            path="generator.surgeW"
            value={generator.surgeW}
            check={(watts) =>
              watts < generator.ratedW ? `At least its rated ${formatWatts(generator.ratedW)}.` : null
            }
            onChange={(surgeW) => change({ surgeW })}
          />
          <QuantityField
            label="Fuel on hand"
            path="generator.onHandL"
            value={generator.onHandL}
            onChange={(onHandL) => change({ onHandL })}
          />
          <QuantityField
            label="Tank"
            path="generator.tankL"
            value={generator.tankL}
            onChange={(tankL) => change({ tankL })}
          />
          <QuantityField
            label="Burns, no load"
            pairedWith="Burns, full load"
            path="generator.idleLPerH"
            value={generator.idleLPerH}
            check={(litres) =>
              litres > generator.fullLPerH
                ? `At most what it burns at full load, ${formatVolume(generator.fullLPerH, units, 2)} an hour.`
                : null
            }
            onChange={(idleLPerH) => change({ idleLPerH })}
          />
          <QuantityField
            label="Burns, full load"
            pairedWith="Burns, no load"
            path="generator.fullLPerH"
            value={generator.fullLPerH}
            check={(litres) =>
              litres < generator.idleLPerH || litres < 0.01
                ? `At least what it burns without load, ${formatVolume(generator.idleLPerH, units, 2)} an hour.`
                : litres > 100
                  ? '100 L/h at most.'
                  : null
            }
            onChange={(fullLPerH) => change({ fullLPerH })}
          />
          <QuantityField
            label="Until it gives"
            path="generator.startDelayMin"
            value={Math.max(0.05, generator.startDelayMin)}
            onChange={(startDelayMin) => change({ startDelayMin })}
          />
          <WindowsField
            label="Must not run"
            windows={generator.quiet}
            optional
            fresh={{ from: '22:00', to: '07:00' }}
            onChange={(quiet) => put({ ...generator, quiet })}
          />
          <p className={styles.small}>
            Change its oil after the first 20 hours and every 50 to 100 after that; run it dry or stabilise
            the fuel before it is put away.
          </p>
          <Button variant="text" onClick={() => put(null)}>
            Remove it
          </Button>
        </Foldable>
        <FindingMarks part="generator" />
      </section>
    </FieldScope>
  )
}
