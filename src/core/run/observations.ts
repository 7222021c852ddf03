import type { Bank } from '../plan/power'
import type { Source } from '../plan/schema'
import { bankVolts, bankVoltage, chemistryOf } from '../storage/bank'
import { loadedV } from '../storage/loadedVoltage'
import { fractionAtRest } from '../storage/restingVoltage'
import { type Reading, type RunHead, minuteOf } from './runDocument'
import type { RunSegment } from './segments'

/**
 * How an instrument errs: all its readings together by `biasSd`, each alone by `noiseSd`; a relative bias counts against what
 * was read. Common practice, no source; docs/runs.md gives the grounds.
 */
export interface Instrument {
  what: 'charge' | 'volts' | 'outlet Wh' | 'battery Wh'
  biasSd: number
  isRelative: boolean
}

/** One figure that runs can be held against. */
export interface Observation {
  instrument: Instrument
  /** since the segment began */
  minute: number
  /** share of full for charge and volts, Wh else */
  value: number
  noiseSd: number
}

/** A station's percent display: some 2 points off, rounded to 1, and not quite linear. */
const GAUGE: Instrument = { what: 'charge', biasSd: 0.02, isRelative: false }
const GAUGE_NOISE = 0.008
/** The state of charge that volts speak for. */
const VOLTMETER: Instrument = { what: 'volts', biasSd: 0.04, isRelative: false }
const VOLT_NOISE = { flooded: 0.04, agm: 0.04, lifepo4: 0.15 }
/** It stopped: the charge was what is left at its cut-off. */
const CUT_OFF: Instrument = { what: 'charge', biasSd: 0.01, isRelative: false }
const METER: Instrument = { what: 'outlet Wh', biasSd: 0.02, isRelative: true }
const SHUNT: Instrument = { what: 'battery Wh', biasSd: 0.02, isRelative: true }
/** Wh a counter may be off whatever it shows: its last digit. */
const COUNTER_NOISE_WH = 5
/** LiFePO4 is stated at its nominal volts and stands some 3 % above them. From memory. */
const LITHIUM_ABOVE_NOMINAL = 1.03

/** Everything in a segment's readings that runs can be held against, in order, and its end where it was emptied. */
export function observationsOf(head: RunHead, segment: RunSegment): Observation[] {
  const source = head.plan.powerSystem.sources.find(({ id }) => id === segment.sourceId)
  if (!source) return []
  const first = firstCounters(segment.readings)
  const read = segment.readings.flatMap((reading) => {
    const minute = Math.max(0, minuteOf(head, reading.at) - segment.fromMin)
    return [
      ...chargeOf(reading, minute),
      ...voltsOf(reading, minute, source),
      ...countersOf(reading, minute, source, first, segment),
    ]
  })
  return [...read, ...emptiedOf(segment, source)]
}

/** That it stopped says what was left: what it keeps at its cut-off. */
function emptiedOf({ end, fromMin, toMin }: RunSegment, { reserveFraction }: Source): Observation[] {
  return end?.how === 'empty' && toMin !== null
    ? [{ instrument: CUT_OFF, minute: toMin - fromMin, value: reserveFraction.value, noiseSd: GAUGE_NOISE }]
    : []
}

function chargeOf({ chargeFraction }: Reading, minute: number): Observation[] {
  return chargeFraction === undefined
    ? []
    : [{ instrument: GAUGE, minute, value: chargeFraction, noiseSd: GAUGE_NOISE }]
}

/** Volts are read as a state of charge: at rest by the table, under load with the amps of that moment where they are known. */
function voltsOf({ loadedV: under, restV, nowW }: Reading, minute: number, source: Source): Observation[] {
  const { bank } = source
  if (!bank) return []
  const chemistry = chemistryOf(source)
  const volts = bankVolts(bank)
  const one = (value: number, times: number): Observation => ({
    instrument: VOLTMETER,
    minute,
    value,
    noiseSd: VOLT_NOISE[chemistry] * times,
  })
  if (restV !== undefined && restV > 0)
    return [one(fractionAtRest(chemistry, restV, volts, bank.halfUsedSchool), 1)]
  if (under === undefined || under <= 0) return []
  const amps = (nowW ?? 0) / source.efficiencyFraction.value / volts
  return [one(fractionUnderLoad(source, under, amps), nowW === undefined ? 2.5 : 1.5)]
}

/** The state of charge at which a bank shows so many volts while so many amps are drawn: by halving, since volts fall with it. */
function fractionUnderLoad({ bank }: Source, volts: number, amps: number): number {
  const voltage = bankVoltage(bank!)
  let low = 0
  let high = 1
  for (let i = 0; i < 24; i++) {
    const middle = (low + high) / 2
    if (loadedV(voltage, middle, amps) < volts) low = middle
    else high = middle
  }
  return (low + high) / 2
}

/** What counters showed when the segment began: only what they went on by counts. */
function firstCounters(readings: readonly Reading[]) {
  const first = (name: 'outWh' | 'meterWh' | 'outAh') =>
    readings.find((reading) => reading[name] !== undefined)
  return { outWh: first('outWh'), meterWh: first('meterWh'), outAh: first('outAh') }
}

function countersOf(
  reading: Reading,
  minute: number,
  source: Source,
  first: ReturnType<typeof firstCounters>,
  { fromMin }: RunSegment,
): Observation[] {
  const found: Observation[] = []
  const add = (name: 'outWh' | 'meterWh' | 'outAh', instrument: Instrument, perUnit: number) => {
    const value = reading[name]
    if (value === undefined) return
    // in a later segment a counter goes on from where it stood
    const beganAt = fromMin > 0 ? (first[name]?.[name] ?? 0) : 0
    if (fromMin > 0 && first[name] === reading) return
    found.push({ instrument, minute, value: (value - beganAt) * perUnit, noiseSd: COUNTER_NOISE_WH })
  }
  add('outWh', METER, 1)
  add('meterWh', METER, 1)
  // of a battery whose volts are not known, amp-hours say nothing
  if (source.bank) add('outAh', SHUNT, nominalVolts(source.bank))
  return found
}

/** Wh for an Ah of a bank. */
const nominalVolts = (bank: Bank) =>
  bankVolts(bank) * (bank.battery.chemistry === 'lifepo4' ? LITHIUM_ABOVE_NOMINAL : 1)

/** As many observations of one instrument as runs are held against; more are joined in stretches of equal length. */
const MOST_OF_ONE = 120

/** Observations joined where there are very many: the mean of each stretch, no surer than one display. */
export function thinned(observations: readonly Observation[]): Observation[] {
  const instruments = [...new Set(observations.map(({ instrument }) => instrument))]
  return instruments.flatMap((instrument) => {
    const own = observations.filter((one) => one.instrument === instrument)
    if (own.length <= MOST_OF_ONE) return own
    const last = own[own.length - 1].minute
    const bins = new Map<number, Observation[]>()
    for (const one of own) {
      const bin = Math.min(MOST_OF_ONE - 1, Math.floor((one.minute / Math.max(1, last)) * MOST_OF_ONE))
      bins.set(bin, [...(bins.get(bin) ?? []), one])
    }
    return [...bins.values()].map((some) => ({
      ...some[0],
      minute: some.reduce((sum, { minute }) => sum + minute, 0) / some.length,
      value: some.reduce((sum, { value }) => sum + value, 0) / some.length,
    }))
  })
}
