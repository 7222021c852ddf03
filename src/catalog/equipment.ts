import type { PowerSystem, Source } from '@/core/plan/schema'
import { type Evidence, type Quantity, quantity } from '@/core/quantity/quantity'

/** A class of equipment, generic on purpose: what such a thing usually is, not any maker's. */
export interface EquipmentClass {
  id: string
  name: string
  kind: Source['kind']
  capacityWh: number
  reserveFraction: number
  continuousW: number
  surgeW: number
  volts: Source['volts']
  efficiencyFraction: number
  weightKg: number
  price: number
  note: string
}

/** Ratings are from memory of what such equipment is usually sold as; prices are made up in proportion. */
export const EQUIPMENT: readonly EquipmentClass[] = [
  {
    id: 'station-300',
    name: '300 Wh station',
    kind: 'station',
    capacityWh: 290,
    reserveFraction: 0.05,
    continuousW: 300,
    surgeW: 600,
    volts: [120],
    efficiencyFraction: 0.9,
    weightKg: 3.8,
    price: 240,
    note: 'Network gear and phones.',
  },
  {
    id: 'station-700',
    name: '700 Wh station',
    kind: 'station',
    capacityWh: 720,
    reserveFraction: 0.05,
    continuousW: 700,
    surgeW: 1400,
    volts: [120],
    efficiencyFraction: 0.9,
    weightKg: 8,
    price: 520,
    note: 'One small refrigerator for part of a day.',
  },
  {
    id: 'station-1000',
    name: '1 kWh station',
    kind: 'station',
    capacityWh: 1024,
    reserveFraction: 0.05,
    continuousW: 1000,
    surgeW: 2000,
    volts: [120],
    efficiencyFraction: 0.915,
    weightKg: 12,
    price: 700,
    note: '',
  },
  {
    id: 'station-2000',
    name: '2 kWh station',
    kind: 'station',
    capacityWh: 2048,
    reserveFraction: 0.08,
    continuousW: 2400,
    surgeW: 4000,
    volts: [120],
    efficiencyFraction: 0.915,
    weightKg: 24,
    price: 1500,
    note: '',
  },
  {
    id: 'station-2000-expanded',
    name: '2 kWh station with one expansion',
    kind: 'station',
    capacityWh: 4096,
    reserveFraction: 0.08,
    continuousW: 2400,
    surgeW: 4000,
    volts: [120],
    efficiencyFraction: 0.915,
    weightKg: 24,
    price: 2280,
    note: 'The expansion battery is a second piece of the same weight.',
  },
  {
    id: 'station-3600',
    name: '3.6 kWh station, 120/240 V',
    kind: 'station',
    capacityWh: 3600,
    reserveFraction: 0.08,
    continuousW: 3600,
    surgeW: 7200,
    volts: [120, 240],
    efficiencyFraction: 0.915,
    weightKg: 45,
    price: 3100,
    note: 'Too heavy for one person.',
  },
  {
    id: 'bank-lfp-24',
    name: '24 V 200 Ah LiFePO4 bank',
    kind: 'bank',
    capacityWh: 5120,
    reserveFraction: 0.1,
    continuousW: 3000,
    surgeW: 6000,
    volts: [120, 240],
    efficiencyFraction: 0.91,
    weightKg: 23,
    price: 2450,
    note: '25.6 V × 200 Ah with a 3 kVA 120/240 V inverter-charger; built of parts, fused and wired by someone qualified.',
  },
  {
    id: 'bank-agm-24',
    name: '24 V AGM bank, 2S2P',
    kind: 'bank',
    capacityWh: 5280,
    reserveFraction: 0.5,
    continuousW: 1500,
    surgeW: 3000,
    volts: [120],
    efficiencyFraction: 0.88,
    weightKg: 31,
    price: 1420,
    note: '24 V × 220 Ah, used to half its depth, with a 1.5 kW inverter. Capacity lost at high current is not counted yet.',
  },
  {
    id: 'ups-office',
    name: 'Office UPS, 1 kVA',
    kind: 'ups',
    capacityWh: 160,
    reserveFraction: 0.1,
    continuousW: 600,
    surgeW: 800,
    volts: [120],
    efficiencyFraction: 0.8,
    weightKg: 10,
    price: 170,
    note: 'Rated in VA for minutes: its watts are not watt-hours.',
  },
]

/**
 * No-load draw of an inverter until it is measured: about 2 W + 0.4 % of its rated watts, ×/÷2.
 * Common practice, no source; see docs/model.md.
 */
export function usualNoLoadW(continuousW: number): Quantity<'W'> {
  return {
    value: Math.round((2 + 0.004 * continuousW) * 10) / 10,
    unit: 'W',
    spread: { times: 2 },
    evidence: 'typical',
    source: 'common practice: 2 W + 0.4 % of rated watts',
  }
}

/** A source of a class, with the spreads a new owner starts from. @param mainsVolts replaces 120 V where the mains are 230 V */
export function sourceOf(equipment: EquipmentClass, id: string, mainsVolts: 120 | 230 = 120): Source {
  const rated = (watts: number): Quantity<'W'> => quantity(watts, 'W', 'label', { times: 1 })
  const label: Evidence = 'label'
  return {
    id,
    name: equipment.name,
    kind: equipment.kind,
    capacityWh: quantity(equipment.capacityWh, 'Wh', label, { times: 1.04 }),
    reserveFraction: quantity(equipment.reserveFraction, '1', 'typical', { plusMinus: 0.02 }),
    chargedFraction: 1,
    lossRule: 'efficiency',
    efficiencyFraction: quantity(equipment.efficiencyFraction, '1', 'typical', { plusMinus: 0.03 }),
    noLoadW: usualNoLoadW(equipment.continuousW),
    usableFraction: quantity(equipment.reserveFraction >= 0.5 ? 0.42 : 0.82, '1', 'typical', {
      plusMinus: 0.04,
    }),
    continuousW: rated(equipment.continuousW),
    surgeW: rated(equipment.surgeW),
    surgeS: quantity(1, 's', 'typical', { times: 2 }),
    volts: mainsVolts === 230 ? [230] : [...equipment.volts],
    afterSourceId: null,
    weightKg: equipment.weightKg,
    price: equipment.price,
  }
}

/** A power system of one source of a class. */
export function systemOf(
  equipment: EquipmentClass,
  id = equipment.id,
  mainsVolts: 120 | 230 = 120,
): PowerSystem {
  return {
    id,
    name: equipment.name,
    sources: [sourceOf(equipment, 'main', mainsVolts)],
    note: equipment.note,
  }
}

export function equipmentClass(id: string): EquipmentClass {
  const found = EQUIPMENT.find((candidate) => candidate.id === id)
  if (!found) throw new RangeError(`no equipment class ${id}`)
  return found
}
