import { deliverableWh, middlePath } from '../conversion/loss'
import type { Plan } from '../plan/document'
import type { Source } from '../plan/power'
import { formatEnergy, formatHours, formatNumber, formatPercent, formatWatts } from '../quantity/format'
import type { Working, WorkingStep } from '../quantity/working'
import type { SimulationResult } from '../simulation/result'
import { bankAh, chargerAmps } from '../storage/bank'
import { CHARGER_EFFICIENCY, TAPER_FACTOR, wallHours } from '../storage/wallHours'
import { fairWatts, lifeCycles, outagesOfFood, pricePerLifeKwh } from './money'

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
      formula: `taken from the battery = outlets + idle draw + conversion; means of ${result.runs} runs, over the outage or until empty`,
      values: [
        part('reaches the outlets', formatEnergy(energy.outletWh)),
        part('idle draw', formatEnergy(energy.noLoadWh)),
        part('conversion', formatEnergy(energy.conversionWh)),
      ],
      result: `${formatEnergy(energy.takenWh)} taken`,
    }
  })
  return { title: 'Where the energy goes', steps }
}

/** Hours at the wall, from the reserve to full. */
export function wallWorking(source: Source): Working | null {
  const hours = wallHours(source)
  if (hours === null) return null
  const used = 1 - source.reserveFraction.value
  const { bank } = source
  const step: WorkingStep = bank
    ? {
        label: 'Charging',
        formula:
          bank.battery.chemistry === 'lifepo4'
            ? 'amp-hours used × 1.02 ÷ amps, and 0.3 h to taper off'
            : 'amp-hours to four fifths × 1.1 ÷ amps, then absorption: 4 h at least, ever more slowly',
        values: [
          part('amp-hours used', `${formatNumber(bankAh(bank) * used, 0)} Ah`),
          part('charger', `${formatNumber(chargerAmps(bank), 0)} A`),
        ],
        result: hours === Infinity ? 'no charger' : formatHours(hours * 60),
      }
    : {
        label: 'Charging',
        formula: 'energy used × 1.1 for the taper ÷ (AC input × charger efficiency)',
        values: [
          part('energy used', formatEnergy(source.capacityWh.value * used)),
          part('AC input', formatWatts(source.outfit!.input.acW)),
          part('charger efficiency', formatPercent(CHARGER_EFFICIENCY)),
          part('taper', formatNumber(TAPER_FACTOR, 2)),
        ],
        result: formatHours(hours * 60),
      }
  return {
    title: 'AC charging, from its reserve to full',
    steps: [step],
    note: 'Common practice, no source. Loads that run meanwhile take their share of the input.',
  }
}

/** What a kWh at the outlets costs over the battery's life. */
export function lifeWorking(source: Source, currency: string): Working | null {
  const price = pricePerLifeKwh(source)
  if (price === null) return null
  const watts = fairWatts(source)
  return {
    title: 'Cost per kWh over its life',
    steps: [
      {
        label: 'What reaches the outlets of one charge',
        formula: 'what can be taken ÷ (idle draw + fair load ÷ efficiency) × fair load',
        values: [part('fair load', formatWatts(watts))],
        result: formatEnergy(deliverableWh(middlePath(source), watts)),
      },
      {
        label: 'Price of a kWh',
        formula: 'price ÷ (cycles × usable kWh)',
        values: [
          part('price', `${formatNumber(source.price!, 0)} ${currency}`),
          part('cycles', formatNumber(lifeCycles(source))),
        ],
        result: `${formatNumber(price, 2)} ${currency}`,
      },
    ],
    note: 'As if it were used to its depth every day until it is worn. Most are not; for outages alone it is the price that counts.',
  }
}

/** The price in outages of spoiled food. */
export function foodWorking(source: Source, plan: Plan): Working | null {
  const { foodValue, currency } = plan.household
  const outages = source.price === null ? null : outagesOfFood(source.price, foodValue)
  if (outages === null) return null
  return {
    title: 'Equals outages of lost food',
    steps: [
      {
        label: 'Outages',
        formula: 'price ÷ food at stake',
        values: [
          part('price', `${formatNumber(source.price!, 0)} ${currency}`),
          part('food at stake', `${formatNumber(foodValue!, 0)} ${currency}`),
        ],
        result: `${formatNumber(outages, 1)} ×`,
      },
    ],
  }
}
