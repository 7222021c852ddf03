import type { Inverter } from '@/core/plan/power'
import { usualCutOffV } from '@/core/plan/bankFaults'
import { quantity } from '@/core/quantity/quantity'
import { usualNoLoadW } from './noLoad'

export interface InverterClass {
  id: string
  inverter: Inverter
}

interface Figures {
  dcVolts: 12 | 24 | 48
  watts: number
  /** volt-amps, where they are more than the watts */
  va?: number
  kg: number
  price: number
  chargerA?: number
  volts?: Inverter['volts']
  wave?: Inverter['wave']
  search?: Inverter['search']
}

/**
 * Inverters as they are usually sold: ratings from memory, prices made up in proportion. Surge is twice the
 * rated watts for a second or two. At rated watts some 2 % is lost on top of the marginal efficiency.
 */
export function inverterOf(name: string, figures: Figures): Inverter {
  const {
    dcVolts,
    watts,
    va = watts / 0.8,
    kg,
    price,
    chargerA = 0,
    volts = [120],
    wave = 'pure sine',
    search = null,
  } = figures
  const rated = (value: number) => quantity(value, 'W', 'label', { times: 1 })
  return {
    name,
    continuousVa: va,
    continuousW: rated(watts),
    surgeW: rated(2 * watts),
    surgeS: quantity(2, 's', 'typical', { times: 2 }),
    efficiencyFraction: quantity(0.93, '1', 'typical', { plusMinus: 0.03 }),
    squareLossFraction: 0.02,
    noLoadW: usualNoLoadW(watts),
    search,
    dcVolts,
    alarmV: Math.round((110 * dcVolts) / 12) / 10,
    cutOffV: Math.round(10 * usualCutOffV(dcVolts)) / 10,
    wave,
    volts,
    chargerA,
    weightKg: kg,
    price,
  }
}

const inverter = (id: string, name: string, figures: Figures): InverterClass => ({
  id,
  inverter: inverterOf(name, figures),
})

export const INVERTERS: readonly InverterClass[] = [
  inverter('inverter-300-12', '300 W inverter, 12 V', { dcVolts: 12, watts: 300, kg: 1.5, price: 70 }),
  inverter('inverter-600-12', '600 W inverter, 12 V', { dcVolts: 12, watts: 600, kg: 2.5, price: 130 }),
  inverter('inverter-1000-12', '1 kW inverter, 12 V', { dcVolts: 12, watts: 1000, kg: 4, price: 200 }),
  inverter('inverter-1500-12-modified', '1.5 kW inverter, 12 V, modified sine', {
    dcVolts: 12,
    watts: 1500,
    kg: 4,
    price: 130,
    wave: 'modified sine',
  }),
  inverter('inverter-1500-12', '1.5 kW inverter, 12 V', { dcVolts: 12, watts: 1500, kg: 5, price: 290 }),
  inverter('inverter-2000-12', '2 kW inverter-charger, 12 V', {
    dcVolts: 12,
    watts: 2000,
    kg: 15,
    price: 620,
    chargerA: 60,
    search: { belowW: 15, drawsW: 5 },
  }),
  inverter('inverter-1500-24', '1.5 kW inverter, 24 V', { dcVolts: 24, watts: 1500, kg: 6, price: 320 }),
  inverter('inverter-3000-24', '3 kVA inverter-charger, 24 V, 120/240 V', {
    dcVolts: 24,
    watts: 2400,
    va: 3000,
    kg: 23,
    price: 1100,
    chargerA: 70,
    volts: [120, 240],
  }),
  inverter('inverter-3000-48', '3 kVA inverter-charger, 48 V, 120/240 V', {
    dcVolts: 48,
    watts: 2400,
    va: 3000,
    kg: 24,
    price: 1150,
    chargerA: 40,
    volts: [120, 240],
  }),
  inverter('inverter-5000-48', '5 kVA inverter-charger, 48 V, 120/240 V', {
    dcVolts: 48,
    watts: 4000,
    va: 5000,
    kg: 32,
    price: 1700,
    chargerA: 70,
    volts: [120, 240],
  }),
]
