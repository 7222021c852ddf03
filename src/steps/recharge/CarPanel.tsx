'use client'
import { CARS } from '@/catalog/refill'
import type { Car } from '@/core/plan/refill'
import { formatEnergy, formatHours, formatNumber, formatWatts } from '@/core/quantity/format'
import { alternatorIdleW } from '@/core/refill/alternator'
import type { RefillLedger } from '@/core/simulation/refillLedger'
import { CheckField } from '@/ui/field/CheckField'
import { SelectField } from '@/ui/field/SelectField'
import { UnitField } from '@/ui/field/UnitField'
import { changeRefill } from '@/ui/household/edits'
import { useHouseholdStore } from '@/ui/household/HouseholdContext'
import { Foldable } from './Foldable'
import styles from './recharge.module.css'

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
  mean,
  neededWh,
}: {
  car: Car | null
  mean: RefillLedger | null
  neededWh: number
}) {
  const store = useHouseholdStore()
  const put = (next: Car | null, field?: string) =>
    store.getState().edit(changeRefill({ car: next }), field && `car ${field}`)
  if (!car)
    return (
      <section className={styles.side}>
        <h3>Car</h3>
        <p>None.</p>
        <button className="text-button" onClick={() => put(CARS['12 V socket'])}>
          Add the car
        </button>
      </section>
    )
  const change = (part: Partial<Car>, field: string) => put({ ...car, ...part }, field)
  const isElectric = car.way === 'electric'
  const dayH = neededWh / car.watts
  return (
    <section className={styles.side} aria-label="Car">
      <h3>{car.name}</h3>
      <p data-testid="car-sum">
        {isElectric
          ? `Down to its floor it gives ${formatEnergy(car.batteryWh * (1 - car.floorFraction) * 0.9)}${neededWh > 0 ? `, ${formatNumber((car.batteryWh * (1 - car.floorFraction) * 0.9) / neededWh, 1)} days’ worth` : ''}.`
          : neededWh > 0
            ? `A day’s ${formatEnergy(neededWh)} take ${formatHours(dayH * 60)} of engine and ${formatNumber(dayH * car.idleLPerH, 1)} L: slow, and hard on the car.`
            : 'Slow, and hard on the car.'}{' '}
        {mean &&
          mean.carFuelL > 0 &&
          `As planned it burns ${formatNumber(mean.carFuelL, 1)} L for ${formatEnergy(mean.dcWh)}.`}
      </p>
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
          onChange={(way) => put(CARS[way])}
        />
        {car.way === 'alternator' && (
          <UnitField
            label="Alternator, rated"
            kind="current"
            value={car.alternatorA ?? USUAL_ALTERNATOR_A}
            check={(amps) => (amps < 10 ? 'From 10 to 500 A; small cars have 80, large ones 150.' : null)}
            onChange={(alternatorA) =>
              change({ alternatorA, watts: Math.round(alternatorIdleW(alternatorA)) }, 'alternator')
            }
          />
        )}
        {car.way === 'alternator' && (
          <p className={styles.small}>
            At idle it bears about a third of its rating for hours: 13.8 V ×{' '}
            {formatNumber(car.alternatorA ?? USUAL_ALTERNATOR_A)} A × ⅓ ={' '}
            {formatWatts(alternatorIdleW(car.alternatorA ?? USUAL_ALTERNATOR_A))}. What a station takes from
            12 V is less, mostly; a bank takes it through cables, fuse and a DC charger.
          </p>
        )}
        <UnitField
          label="Watts it gives"
          kind="power"
          value={car.watts}
          check={(watts) => (watts < 1 || watts > 20_000 ? 'From 1 to 20,000 W.' : null)}
          onChange={(watts) => change({ watts }, 'watts')}
        />
        {isElectric ? (
          <>
            <UnitField
              label="Its battery"
              kind="energy"
              value={car.batteryWh}
              check={(wh) => (wh > 300_000 ? '300 kWh at most.' : null)}
              onChange={(batteryWh) => change({ batteryWh }, 'battery')}
            />
            <UnitField
              label="Stays for driving"
              kind="fraction"
              value={car.floorFraction}
              onChange={(floorFraction) => change({ floorFraction }, 'floor')}
            />
          </>
        ) : (
          <>
            <UnitField
              label="Burns at idle"
              kind="inflow"
              value={car.idleLPerH}
              check={(litres) => (litres > 20 ? '20 L/h at most.' : null)}
              onChange={(idleLPerH) => change({ idleLPerH }, 'idle')}
            />
            <UnitField
              label="In its tank"
              kind="fuel"
              value={car.onHandL}
              onChange={(onHandL) => change({ onHandL }, 'fuel')}
            />
          </>
        )}
        <button className="text-button" onClick={() => put(null)}>
          Remove it
        </button>
      </Foldable>
    </section>
  )
}
