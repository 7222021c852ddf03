'use client'
import Button from '@mui/material/Button'
import { FieldScope } from '@/ui/field/FieldScope'
import { FindingMarks } from '@/ui/hazard/FindingMarks'
import { CARS } from '@/catalog/refill'
import type { Source } from '@/core/plan/power'
import type { Car } from '@/core/plan/refill'
import { formatEnergy, formatHours, formatNumber, formatPercent, formatWatts } from '@/core/quantity/format'
import { alternatorIdleW } from '@/core/refill/alternator'
import { carGivesWh, carReach, givesTwelveVolts, twelveVoltInputW } from '@/core/refill/carReach'
import type { RefillLedger } from '@/core/simulation/refillLedger'
import { CheckField } from '@/ui/field/CheckField'
import { SelectField } from '@/ui/field/SelectField'
import { QuantityField } from '@/ui/field/QuantityField'
import { changeRefill } from '@/ui/household/edits'
import { useHouseholdStore } from '@/ui/household/HouseholdContext'
import { Foldable } from './Foldable'
import styles from './recharge.module.css'
import { useUnits } from '@/ui/field/units'
import { formatVolume } from '@/core/reading/inUnits'

/** Of a small car. Common practice, no source. */
const USUAL_ALTERNATOR_A = 80
const WAYS: Record<Car['way'], string> = {
  '12 V socket': '12 V socket, engine running',
  alternator: 'cables to the alternator',
  inverter: 'inverter on its battery',
  electric: 'electric car’s outlet',
}

/** The car as a last resort, or an electric one down to its floor. */
export function CarPanel({
  car,
  source,
  mean,
  neededWh,
}: {
  car: Car | null
  /** what it charges */
  source: Source
  mean: RefillLedger | null
  neededWh: number
}) {
  const units = useUnits()
  const store = useHouseholdStore()
  const put = (next: Car | null) => store.getState().edit(changeRefill({ car: next }))
  if (!car)
    return (
      <section className={styles.side}>
        <h3>Car</h3>
        <p>None.</p>
        <Button variant="text" onClick={() => put(CARS['12 V socket'])}>
          Add the car
        </Button>
      </section>
    )
  const change = (part: Partial<Car>) => put({ ...car, ...part })
  const isElectric = car.way === 'electric'
  const reach = carReach(car, source)
  const dayH = neededWh / reach.watts
  const givesWh = carGivesWh(car)
  const broughtWh = mean ? (givesTwelveVolts(car) ? mean.dcWh : mean.carAcWh) : 0
  return (
    <FieldScope id={'car'} name={car.name}>
      <section className={styles.side} aria-label="Car">
        <h3>{car.name}</h3>
        <p data-testid="car-sum">
          {isElectric
            ? `From ${formatPercent(car.chargedFraction ?? 1)} down to its floor it gives ${formatEnergy(givesWh)}${neededWh > 0 ? `, ${formatNumber(givesWh / neededWh, 1)} days’ worth` : ''}.`
            : reach.watts === 0
              ? 'It brings nothing.'
              : neededWh > 0
                ? `A day’s ${formatEnergy(neededWh)} take ${formatHours(dayH * 60)} of engine and ${formatNumber(dayH * car.idleLPerH, 1)} L, at the ${formatWatts(reach.watts)} that reach the battery: slow, and hard on the car.`
                : 'Slow, and hard on the car.'}{' '}
          {mean &&
            mean.carFuelL > 0 &&
            `As planned it burns ${formatVolume(mean.carFuelL, units, 1)} for ${formatEnergy(broughtWh)}.`}
        </p>
        {reach.why && (
          <p
            className={reach.watts === 0 ? styles.refused : styles.small}
            role="status"
            data-testid="car-why"
          >
            {reach.why}.
          </p>
        )}
        <p className="caution">
          {isElectric
            ? 'Outlet and cable must suit the car and each other; keep what you need for a drive to safety. Never feed the house’s wiring without a transfer switch fitted by a licensed electrician.'
            : 'Engine running outdoors only, never in a garage or near a window: carbon monoxide kills. Fuse cables at the battery, keep them short and away from belts; an alternator at idle overheats when it gives more than about a third of its rating.'}
        </p>
        <Foldable name="the car">
          <CheckField label="Counts" words="in use" on={car.on} onChange={(on) => put({ ...car, on })} />
          <SelectField
            label="Gives by"
            value={car.way}
            options={Object.entries(WAYS).map(([value, words]) => ({ value: value as Car['way'], words }))}
            onChange={(way) => put({ ...CARS[way], stepUpW: car.stepUpW })}
          />
          {car.way === 'alternator' && (
            <QuantityField
              label="Alternator, rated"
              path="car.alternatorA"
              value={car.alternatorA ?? USUAL_ALTERNATOR_A}
              onChange={(alternatorA) =>
                change({ alternatorA, watts: Math.round(alternatorIdleW(alternatorA)) })
              }
            />
          )}
          {car.way === 'alternator' && (
            <p className={styles.small}>
              At idle it bears about a third of its rating for hours: 13.8 V ×{' '}
              {formatNumber(car.alternatorA ?? USUAL_ALTERNATOR_A)} A × ⅓ ={' '}
              {formatWatts(alternatorIdleW(car.alternatorA ?? USUAL_ALTERNATOR_A))}. What a station takes from
              12 V is less, mostly; a 12 V bank takes it through cables, fuse and a DC charger, one of more
              volts through a step-up charger.
            </p>
          )}
          <QuantityField
            label="Watts it gives"
            path="car.watts"
            value={car.watts}
            onChange={(watts) => change({ watts })}
          />
          {!isElectric && (
            <QuantityField
              label="Its 12 V system gives"
              path="car.systemW"
              value={car.systemW ?? null}
              onChange={(systemW) => change({ systemW })}
            />
          )}
          {givesTwelveVolts(car) && source.bank && twelveVoltInputW(source, null) === 0 && (
            <QuantityField
              label="Step-up charger"
              path="car.stepUpW"
              value={car.stepUpW ?? 0}
              onChange={(stepUpW) => change({ stepUpW })}
            />
          )}
          {isElectric ? (
            <>
              <QuantityField
                label="Charged now"
                path="car.chargedFraction"
                value={car.chargedFraction ?? 1}
                onChange={(chargedFraction) => change({ chargedFraction })}
              />
              <QuantityField
                label="Its battery"
                path="car.batteryWh"
                value={car.batteryWh}
                onChange={(batteryWh) => change({ batteryWh })}
              />
              <QuantityField
                label="Stays for driving"
                path="car.floorFraction"
                value={car.floorFraction}
                onChange={(floorFraction) => change({ floorFraction })}
              />
            </>
          ) : (
            <>
              <QuantityField
                label="Burns at idle"
                path="car.idleLPerH"
                value={car.idleLPerH}
                onChange={(idleLPerH) => change({ idleLPerH })}
              />
              <QuantityField
                label="In its tank"
                path="generator.onHandL"
                value={car.onHandL}
                onChange={(onHandL) => change({ onHandL })}
              />
            </>
          )}
          <Button variant="text" onClick={() => put(null)}>
            Remove it
          </Button>
        </Foldable>
        <FindingMarks part="car" />
      </section>
    </FieldScope>
  )
}
