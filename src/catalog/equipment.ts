import type { Equipment } from '@/core/plan/equipment'
import type { Bank, PowerSystem, Source } from '@/core/plan/power'
import { quantity } from '@/core/quantity/quantity'
import { sourceOfBank, usualReserve } from '@/core/storage/bank'
import { withExpansions } from '@/core/storage/expansion'
import { BATTERIES } from './batteries'
import { INVERTERS } from './inverters'
import { usualNoLoadW } from './noLoad'
import { STATIONS, stationSource } from './stations'

/**
 * Classes of equipment, generic on purpose: what such a thing usually is, not any maker's. Ratings are from
 * memory of what such equipment is usually sold as; prices are made up in proportion.
 */

const station = (id: string): Source => {
  const found = STATIONS.find((one) => one.id === id)
  if (!found) throw new RangeError(`no station class ${id}`)
  return stationSource(found)
}

/** A bank of catalogue parts. @param batteryId, inverterId of the classes; null without an inverter */
export function bankOf(
  batteryId: string,
  series: number,
  parallel: number,
  inverterId: string | null,
  name: string,
): Source {
  const battery = BATTERIES.find(({ id }) => id === batteryId)?.battery
  const inverter = inverterId === null ? null : INVERTERS.find(({ id }) => id === inverterId)?.inverter
  if (!battery || inverter === undefined) throw new RangeError(`no parts ${batteryId}, ${inverterId}`)
  const bank: Bank = { battery, series, parallel, inverter, chargerA: null, halfUsedSchool: 'at 12.05 V' }
  return bankSource(bank, name)
}

/** A source built of a bank, with what an owner usually decides. */
export function bankSource(bank: Bank, name: string): Source {
  const reserve = usualReserve(bank.battery.chemistry)
  const base: Source = {
    ...station('station-1000'),
    name,
    reserveFraction: quantity(reserve, '1', 'typical', { plusMinus: 0.02 }),
    usableFraction: quantity(Math.round((1 - reserve) * 88) / 100, '1', 'typical', { plusMinus: 0.04 }),
  }
  const { outfit, chemistry, ...plain } = base
  void outfit
  void chemistry
  return sourceOfBank(plain, bank)
}

const catalogueItem = (id: string, source: Source, note: string): Equipment => ({
  id,
  source,
  note,
  owned: false,
})

const others: Equipment[] = [
  catalogueItem(
    'station-2000-expanded',
    { ...withExpansions(station('station-2000'), 1), name: '2 kWh station with one expansion' },
    'The expansion battery is a second piece of nearly the same weight.',
  ),
  catalogueItem(
    'bank-lfp-24',
    bankOf('lfp-12-200', 2, 1, 'inverter-3000-24', '24 V 200 Ah LiFePO4 bank'),
    '2 × 12.8 V 200 Ah in series with a 3 kVA 120/240 V inverter-charger; built of parts, fused and wired by someone qualified.',
  ),
  catalogueItem(
    'bank-agm-24',
    bankOf('agm-12-110', 2, 2, 'inverter-1500-24', '24 V AGM bank, 2S2P'),
    '24 V × 220 Ah, used to half its depth, with a 1.5 kW inverter. What is lost at high current and in the cold is counted.',
  ),
  catalogueItem(
    'bank-lfp-12-dc',
    bankOf('lfp-12-50', 1, 1, null, '12.8 V 50 Ah LiFePO4, direct current'),
    'Feeds 12 V network gear past any inverter: a small uninterruptible supply. Fuse it at the battery.',
  ),
  catalogueItem(
    'ups-office',
    otherSource('Office UPS, 1 kVA', 'ups', {
      capacityWh: 160,
      reserve: 0.1,
      watts: 600,
      surgeW: 800,
      efficiency: 0.8,
      noLoadW: 12,
      kg: 10,
      price: 170,
      volts: [120],
    }),
    'Rated in VA for minutes: its watts are not watt-hours.',
  ),
  catalogueItem(
    'hybrid-5000',
    {
      ...otherSource('5 kW hybrid inverter with a 10 kWh battery', 'hybrid', {
        capacityWh: 10_000,
        reserve: 0.1,
        watts: 2000,
        surgeW: 4000,
        efficiency: 0.92,
        noLoadW: 45,
        kg: 95,
        price: 6200,
        volts: [230],
      }),
      outfit: {
        ...stationSource(STATIONS[6]).outfit!,
        outlets: { count: 1, ampsEach: 16 },
        dc: null,
        legW: null,
        expansion: null,
        withGridW: 5000,
        transferMs: 10,
        cycles: 6000,
        warrantyYears: 10,
      },
    },
    '5 kW with the grid, 2,300 VA and about 2 kW without it. Wired in by a licensed electrician.',
  ),
  catalogueItem(
    'car-12v-2000',
    otherSource('Electric car, 12 V system, 2 kW inverter', 'vehicle', {
      capacityWh: 60_000,
      reserve: 0.3,
      watts: 1500,
      surgeW: 3000,
      efficiency: 0.78,
      noLoadW: 180,
      kg: 5,
      price: 350,
      volts: [120],
    }),
    'The car’s own converter to 12 V is the limit, and the car itself stays awake: a third is lost. Heavy cables, fused at the battery.',
  ),
  catalogueItem(
    'car-outlet',
    otherSource('Electric car with an outlet', 'vehicle', {
      capacityWh: 60_000,
      reserve: 0.3,
      watts: 1800,
      surgeW: 3600,
      efficiency: 0.9,
      noLoadW: 150,
      kg: 5,
      price: 0,
      volts: [120],
    }),
    'What the car keeps for driving is the reserve. It stays awake meanwhile.',
  ),
  catalogueItem(
    'car-battery',
    otherSource('Car battery alone, 300 W inverter', 'vehicle', {
      capacityWh: 720,
      reserve: 0.7,
      watts: 300,
      surgeW: 600,
      efficiency: 0.88,
      noLoadW: 4,
      kg: 18,
      price: 70,
      volts: [120, 12],
    }),
    'A starter battery is harmed by deep use: a third at most, or the car will not start.',
  ),
]

function otherSource(
  name: string,
  kind: Source['kind'],
  of: {
    capacityWh: number
    reserve: number
    watts: number
    surgeW: number
    efficiency: number
    noLoadW: number
    kg: number
    price: number
    volts: Source['volts']
  },
): Source {
  const { outfit, chemistry, ...plain } = station('station-1000')
  void outfit
  void chemistry
  return {
    ...plain,
    name,
    kind,
    ...(kind === 'ups' ? { chemistry: 'agm' as const } : {}),
    capacityWh: quantity(of.capacityWh, 'Wh', 'label', { times: 1.05 }),
    reserveFraction: quantity(of.reserve, '1', 'typical', { plusMinus: 0.02 }),
    efficiencyFraction: quantity(of.efficiency, '1', 'typical', { plusMinus: 0.03 }),
    usableFraction: quantity(Math.round((1 - of.reserve) * of.efficiency * 96) / 100, '1', 'typical', {
      plusMinus: 0.05,
    }),
    noLoadW: { ...usualNoLoadW(of.watts), value: of.noLoadW, source: 'common practice, no source' },
    continuousW: quantity(of.watts, 'W', 'label', { times: 1 }),
    surgeW: quantity(of.surgeW, 'W', 'label', { times: 1 }),
    volts: of.volts,
    weightKg: of.kg,
    price: of.price,
  }
}

export const EQUIPMENT: readonly Equipment[] = [
  ...STATIONS.map((one) => catalogueItem(one.id, stationSource(one), one.note)),
  ...others,
]

/**
 * A source of a class, under an id of its own.
 *
 * @param mainsVolts replaces 120 and 240 V where the mains are 230 V
 */
export function sourceOf(equipment: Equipment, id: string, mainsVolts: 120 | 230 = 120): Source {
  const source = structuredClone(equipment.source)
  const dc = source.volts.filter((volts) => volts === 12)
  const mains = source.volts.filter((volts) => volts !== 12)
  const volts: Source['volts'] =
    mainsVolts === 230 && mains.length > 0
      ? [230, ...dc]
      : mainsVolts === 120 && mains.includes(230)
        ? [120, ...dc]
        : source.volts
  return { ...source, id, volts }
}

/** A power system of one source of a class. */
export function systemOf(equipment: Equipment, id = equipment.id, mainsVolts: 120 | 230 = 120): PowerSystem {
  return {
    id,
    name: equipment.source.name,
    sources: [sourceOf(equipment, 'main', mainsVolts)],
    note: equipment.note,
  }
}

export function equipmentClass(id: string): Equipment {
  const found = EQUIPMENT.find((candidate) => candidate.id === id)
  if (!found) throw new RangeError(`no equipment class ${id}`)
  return found
}
