'use client'
import Button from '@mui/material/Button'
import { FieldScope } from '@/ui/field/FieldScope'
import { useTold } from '@/ui/household/useTold'
import { FindingMarks } from '@/ui/hazard/FindingMarks'
import { CARS } from '@/catalog/refill'
import type { Source } from '@/core/plan/power'
import type { Car } from '@/core/plan/refill'
import { formatEnergy, formatHours, formatNumber, formatPercent, formatWatts } from '@/words/format'
import { alternatorIdleW } from '@/core/refill/alternator'
import { carGivesWh, carReach, givesTwelveVolts, twelveVoltInputW } from '@/core/refill/carReach'
import type { RefillLedger } from '@/core/simulation/refillLedger'
import { CheckField } from '@/ui/field/CheckField'
import { SelectField } from '@/ui/field/SelectField'
import { QuantityField } from '@/ui/field/QuantityField'
import { changeRefill } from '@/ui/household/edits'
import { useHouseholdStore } from '@/ui/household/HouseholdContext'
import { carPanel } from '@/words/en/pages/recharge'
import { wordsOf } from '@/words/translate'
import { Foldable } from './Foldable'
import { useUnits } from '@/ui/field/units'
import { formatVolume } from '@/words/inUnits'

const say = wordsOf(carPanel)

/** Of a small car. Common practice, no source. */
const USUAL_ALTERNATOR_A = 80
const WAYS: Record<Car['way'], string> = {
  '12 V socket': say('text12VSocketEngineRunning'),
  alternator: say('cablesToTheAlternator'),
  inverter: say('inverterOnItsBattery'),
  electric: say('electricCarsOutlet'),
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
  const tell = useTold()
  const units = useUnits()
  const store = useHouseholdStore()
  const put = (next: Car | null) => store.getState().edit(changeRefill({ car: next }))
  if (!car)
    return (
      <section className="part">
        <h3>{say('car')}</h3>
        <p>{say('noneWord')}</p>
        <Button variant="text" onClick={() => put(CARS['12 V socket'])}>
          {say('addTheCar')}
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
      <section className="part" aria-label={say('car')}>
        <h3>{car.name}</h3>
        <p data-testid="car-sum">
          {isElectric
            ? say('fromDownToItsFloorIt', {
                percent: formatPercent(car.chargedFraction ?? 1),
                energy: formatEnergy(givesWh),
                neededWh:
                  neededWh > 0 ? say('daysWorth', { number: formatNumber(givesWh / neededWh, 1) }) : '',
              })
            : reach.watts === 0
              ? say('itBringsNothing')
              : neededWh > 0
                ? say('aDaysTakeOfEngineAnd', {
                    energy: formatEnergy(neededWh),
                    hours: formatHours(dayH * 60),
                    number: formatNumber(dayH * car.idleLPerH, 1),
                    watts: formatWatts(reach.watts),
                  })
                : say('slowAndHardOnTheCar')}{' '}
          {mean &&
            mean.carFuelL > 0 &&
            say('asPlannedItBurnsFor', {
              volume: formatVolume(mean.carFuelL, units, 1),
              energy: formatEnergy(broughtWh),
            })}
        </p>
        {reach.why && (
          <p className={reach.watts === 0 ? 'fault' : 'hint'} role="status" data-testid="car-why">
            {tell(reach.why)}.
          </p>
        )}
        <p className="caution">
          {isElectric ? say('outletAndCableMustSuitThe') : say('engineRunningOutdoorsOnlyNeverIn')}
        </p>
        <Foldable name={say('theCar')}>
          <CheckField
            label={say('counts')}
            words={say('inUse')}
            on={car.on}
            onChange={(on) => put({ ...car, on })}
          />
          <SelectField
            label={say('givesBy')}
            value={car.way}
            options={Object.entries(WAYS).map(([value, words]) => ({ value: value as Car['way'], words }))}
            onChange={(way) => put({ ...CARS[way], stepUpW: car.stepUpW })}
          />
          {car.way === 'alternator' && (
            <QuantityField
              label={say('alternatorRated')}
              path="car.alternatorA"
              value={car.alternatorA ?? USUAL_ALTERNATOR_A}
              onChange={(alternatorA) =>
                change({ alternatorA, watts: Math.round(alternatorIdleW(alternatorA)) })
              }
            />
          )}
          {car.way === 'alternator' && (
            <p className="hint">
              {say('atIdleItBearsAboutA', {
                number: formatNumber(car.alternatorA ?? USUAL_ALTERNATOR_A),
                watts: formatWatts(alternatorIdleW(car.alternatorA ?? USUAL_ALTERNATOR_A)),
              })}
            </p>
          )}
          <QuantityField
            label={say('wattsItGives')}
            path="car.watts"
            value={car.watts}
            onChange={(watts) => change({ watts })}
          />
          {!isElectric && (
            <QuantityField
              label={say('its12VSystemGives')}
              path="car.systemW"
              value={car.systemW ?? null}
              onChange={(systemW) => change({ systemW })}
            />
          )}
          {givesTwelveVolts(car) && source.bank && twelveVoltInputW(source, null) === 0 && (
            <QuantityField
              label={say('stepUpCharger')}
              path="car.stepUpW"
              value={car.stepUpW ?? 0}
              onChange={(stepUpW) => change({ stepUpW })}
            />
          )}
          {isElectric ? (
            <>
              <QuantityField
                label={say('chargedNow')}
                path="car.chargedFraction"
                value={car.chargedFraction ?? 1}
                onChange={(chargedFraction) => change({ chargedFraction })}
              />
              <QuantityField
                label={say('itsBattery')}
                path="car.batteryWh"
                value={car.batteryWh}
                onChange={(batteryWh) => change({ batteryWh })}
              />
              <QuantityField
                label={say('staysForDriving')}
                path="car.floorFraction"
                value={car.floorFraction}
                onChange={(floorFraction) => change({ floorFraction })}
              />
            </>
          ) : (
            <>
              <QuantityField
                label={say('burnsAtIdle')}
                path="car.idleLPerH"
                value={car.idleLPerH}
                onChange={(idleLPerH) => change({ idleLPerH })}
              />
              <QuantityField
                label={say('inItsTank')}
                path="generator.onHandL"
                value={car.onHandL}
                onChange={(onHandL) => change({ onHandL })}
              />
            </>
          )}
          <Button variant="text" onClick={() => put(null)}>
            {say('removeIt')}
          </Button>
        </Foldable>
        <FindingMarks part="car" />
      </section>
    </FieldScope>
  )
}
