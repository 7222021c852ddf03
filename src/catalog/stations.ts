import type { Outfit, Source } from '@/core/plan/power'
import { quantity } from '@/core/quantity/quantity'
import { usualNoLoadW } from './noLoad'

interface Station {
  id: string
  name: string
  note: string
  capacityWh: number
  reserveFraction: number
  continuousW: number
  surgeW: number
  efficiencyFraction: number
  weightKg: number
  price: number
  volts?: Source['volts']
  outfit?: Partial<Outfit>
}

const HOLDS = { times: 1 }

/** A ready-made station with the fittings its size usually has. From memory; prices made up in proportion. */
export function stationSource(station: Station): Source {
  const { continuousW, capacityWh, reserveFraction } = station
  return {
    id: 'main',
    name: station.name,
    kind: 'station',
    chemistry: 'lifepo4',
    capacityWh: quantity(capacityWh, 'Wh', 'label', { times: 1.04 }),
    reserveFraction: quantity(reserveFraction, '1', 'typical', { plusMinus: 0.02 }),
    chargedFraction: 1,
    lossRule: 'efficiency',
    efficiencyFraction: quantity(station.efficiencyFraction, '1', 'typical', { plusMinus: 0.03 }),
    noLoadW: usualNoLoadW(continuousW),
    usableFraction: quantity(0.82, '1', 'typical', { plusMinus: 0.04 }),
    continuousW: quantity(continuousW, 'W', 'label', HOLDS),
    surgeW: quantity(station.surgeW, 'W', 'label', HOLDS),
    surgeS: quantity(1, 's', 'typical', { times: 2 }),
    volts: station.volts ?? [120, 12],
    afterSourceId: null,
    weightKg: station.weightKg,
    price: station.price,
    outfit: {
      outlets: {
        count: Math.min(6, 2 + Math.floor(continuousW / 700)),
        ampsEach: continuousW >= 2400 ? 20 : 15,
      },
      dc: {
        socketW: 120,
        usbW: continuousW < 500 ? 60 : 100,
        efficiencyFraction: quantity(0.88, '1', 'typical', { plusMinus: 0.04 }),
      },
      legW: null,
      expansion: null,
      input: {
        acW: Math.min(1800, Math.round(capacityWh * 0.6)),
        solar: { lowV: 11, highV: 60, amps: 15, watts: Math.min(1000, Math.round(capacityWh / 2.5)) },
        dcW: 100,
      },
      passThrough: true,
      suppliesWhileCharging: true,
      transferMs: 20,
      withGridW: null,
      chargeC: { lowC: 0, highC: 40 },
      dischargeC: { lowC: -10, highC: 40 },
      hotDerating: { aboveC: 35, perKFraction: 0.02 },
      cycles: 3000,
      warrantyYears: 5,
      sleep: null,
      ...station.outfit,
    },
  }
}

export const STATIONS: readonly Station[] = [
  {
    id: 'station-300',
    name: '300 Wh station',
    capacityWh: 290,
    reserveFraction: 0.05,
    continuousW: 300,
    surgeW: 600,
    efficiencyFraction: 0.9,
    weightKg: 3.8,
    price: 240,
    note: 'Network gear and phones. Goes to sleep under 5 W unless told not to.',
    outfit: { sleep: { belowW: 5, afterMin: 120 }, transferMs: null, passThrough: false },
  },
  {
    id: 'station-500',
    name: '500 Wh station',
    capacityWh: 510,
    reserveFraction: 0.05,
    continuousW: 500,
    surgeW: 1000,
    efficiencyFraction: 0.9,
    weightKg: 6,
    price: 370,
    note: 'A small refrigerator for a few hours.',
  },
  {
    id: 'station-700',
    name: '700 Wh station',
    capacityWh: 720,
    reserveFraction: 0.05,
    continuousW: 700,
    surgeW: 1400,
    efficiencyFraction: 0.9,
    weightKg: 8,
    price: 520,
    note: 'One small refrigerator for part of a day.',
  },
  {
    id: 'station-1000',
    name: '1 kWh station',
    capacityWh: 1024,
    reserveFraction: 0.05,
    continuousW: 1000,
    surgeW: 2000,
    efficiencyFraction: 0.915,
    weightKg: 12,
    price: 700,
    note: '',
  },
  {
    id: 'station-1500',
    name: '1.5 kWh station',
    capacityWh: 1536,
    reserveFraction: 0.06,
    continuousW: 1800,
    surgeW: 3600,
    efficiencyFraction: 0.915,
    weightKg: 17,
    price: 1050,
    note: '',
  },
  {
    id: 'station-2000',
    name: '2 kWh station',
    capacityWh: 2048,
    reserveFraction: 0.08,
    continuousW: 2400,
    surgeW: 4000,
    efficiencyFraction: 0.915,
    weightKg: 24,
    price: 1500,
    note: 'Takes up to two expansion batteries.',
    outfit: { expansion: { capacityWh: 2048, price: 780, weightKg: 22, most: 2, count: 0 } },
  },
  {
    id: 'station-3600',
    name: '3.6 kWh station, 120/240 V',
    capacityWh: 3600,
    reserveFraction: 0.08,
    continuousW: 3600,
    surgeW: 7200,
    volts: [120, 240, 12],
    efficiencyFraction: 0.915,
    weightKg: 45,
    price: 3100,
    note: 'Too heavy for one person.',
    outfit: {
      legW: 1800,
      outlets: { count: 5, ampsEach: 20 },
      expansion: { capacityWh: 3600, price: 1900, weightKg: 38, most: 2, count: 0 },
      input: { acW: 3000, solar: { lowV: 11, highV: 150, amps: 15, watts: 1600 }, dcW: 100 },
    },
  },
]
