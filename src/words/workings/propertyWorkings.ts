import { deliverableWh, middlePath } from '@/core/conversion/loss'
import type { Plan } from '@/core/plan/document'
import type { Source } from '@/core/plan/power'
import { formatEnergy, formatHours, formatNumber, formatPercent, formatWatts } from '@/words/format'
import type { Working, WorkingStep } from './working'
import type { SimulationResult } from '@/core/simulation/result'
import { bankAh, chargerAmps } from '@/core/storage/bank'
import { CHARGER_EFFICIENCY, TAPER_FACTOR, wallHours } from '@/core/storage/wallHours'
import { fairWatts, lifeCycles, outagesOfFood, pricePerLifeKwh } from '@/core/sizing/money'
import { propertyWorkings } from '../en/workings/option'
import { wordsOf } from '../translate'

const say = wordsOf(propertyWorkings)

/** Workings of an option's properties that no gate shows. */

const part = (name: string, value: string) => ({ name, value })

/** Where the energy goes: what leaves the battery is what reaches the outlets and what is lost on the way. */
export function energyWorking(plan: Plan, result: SimulationResult): Working {
  const steps = result.chains.map(({ sources, energy }): WorkingStep => {
    const names = sources.map(
      ({ sourceId }) => plan.powerSystem.sources.find(({ id }) => id === sourceId)!.name,
    )
    return {
      label: names.join(', then '),
      formula: say('takenFromTheBatteryOutletsIdle', { runs: result.runs }),
      values: [
        part(say('reachesTheOutlets'), formatEnergy(energy.outletWh)),
        part(say('idleDraw'), formatEnergy(energy.noLoadWh)),
        part(say('conversion'), formatEnergy(energy.conversionWh)),
      ],
      result: say('taken', { energy: formatEnergy(energy.takenWh) }),
    }
  })
  return { title: say('whereTheEnergyGoes'), steps }
}

/** Hours at the wall, from the reserve to full. */
export function wallWorking(source: Source): Working | null {
  const hours = wallHours(source)
  if (hours === null) return null
  const used = 1 - source.reserveFraction.value
  const { bank } = source
  const step: WorkingStep = bank
    ? {
        label: say('charging'),
        formula:
          bank.battery.chemistry === 'lifepo4' ? say('ampHoursUsed102Amps') : say('ampHoursToFourFifths1'),
        values: [
          part(say('ampHoursUsed'), `${formatNumber(bankAh(bank) * used, 0)} Ah`),
          part(say('charger'), `${formatNumber(chargerAmps(bank), 0)} A`),
        ],
        result: hours === Infinity ? say('noCharger') : formatHours(hours * 60),
      }
    : {
        label: say('charging'),
        formula: say('energyUsed11ForThe'),
        values: [
          part(say('energyUsed'), formatEnergy(source.capacityWh.value * used)),
          part(say('acInput'), formatWatts(source.outfit!.input.acW)),
          part(say('chargerEfficiency'), formatPercent(CHARGER_EFFICIENCY)),
          part(say('taper'), formatNumber(TAPER_FACTOR, 2)),
        ],
        result: formatHours(hours * 60),
      }
  return {
    title: say('acChargingFromItsReserveTo'),
    steps: [step],
    note: say('commonPracticeNoSourceLoadsThat'),
  }
}

/** What a kWh at the outlets costs over the battery's life. */
export function lifeWorking(source: Source, currency: string): Working | null {
  const price = pricePerLifeKwh(source)
  if (price === null) return null
  const watts = fairWatts(source)
  return {
    title: say('costPerKwhOverItsLife'),
    steps: [
      {
        label: say('whatReachesTheOutletsOfOne'),
        formula: say('whatCanBeTakenIdleDraw'),
        values: [part(say('usualLoad'), formatWatts(watts))],
        result: formatEnergy(deliverableWh(middlePath(source), watts)),
      },
      {
        label: say('priceOfAKwh'),
        formula: say('priceCyclesUsableKwh'),
        values: [
          part(say('price'), `${formatNumber(source.price!, 0)} ${currency}`),
          part(say('cycles'), formatNumber(lifeCycles(source))),
        ],
        result: `${formatNumber(price, 2)} ${currency}`,
      },
    ],
    note: say('asIfItWereUsedTo'),
  }
}

/** The price in outages of spoiled food. */
export function foodWorking(source: Source, plan: Plan): Working | null {
  const { foodValue, currency } = plan.household
  const outages = source.price === null ? null : outagesOfFood(source.price, foodValue)
  if (outages === null) return null
  return {
    title: say('equalsOutagesOfLostFood'),
    steps: [
      {
        label: say('outages'),
        formula: say('priceFoodAtStake'),
        values: [
          part(say('price'), `${formatNumber(source.price!, 0)} ${currency}`),
          part(say('foodAtStake'), `${formatNumber(foodValue!, 0)} ${currency}`),
        ],
        result: `${formatNumber(outages, 1)} ×`,
      },
    ],
  }
}
