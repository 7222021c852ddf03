import { type Intervals, mergeIntervals, windowIntervals } from '../plan/clock'
import type { Plan } from '../plan/document'
import type { Source } from '../plan/power'
import type { Car, Generator } from '../plan/refill'
import { NO_CHARGING } from '../plan/noRefill'
import { keyOf } from '../quantity/random'
import { carGivesW, givesTwelveVolts, twelveVoltInputW } from '../refill/carReach'
import { connectedArrays } from '../refill/connected'
import { arrayW, cellC, stringVmp } from '../refill/panelOutput'
import { pwmVolts } from '../refill/pwm'
import { type StringAtWork, joined } from '../refill/sharedInput'
import { isBehindHorizon } from '../refill/solarYield'
import { bankVolts, chargerAmps, chemistryOf } from '../storage/bank'
import { CHARGER_EFFICIENCY } from '../storage/wallHours'
import { type Charging, chargingOf, coldestChargeC } from '../storage/chargeAcceptance'
import { onPlane } from '../weather/irradiance'
import { dayOf, lightAt, lightSpread, sunAt } from '../weather/sky'
import { Z_80 } from '../quantity/quantity'
import { recordLowOf } from '../weather/recordCold'
import { outageShares } from './outageShares'
import { POINT_MIN } from './sweep'

/** What alternating current comes in through the charger, by quarter hour. */
export const AC = { none: 0, grid: 1, generator: 2, car: 3 } as const

/** What a source takes in. */
export interface RefillInput {
  charging: Charging
  /** AC watts its charger takes, and what of them reaches the battery's side */
  acW: number
  acEfficiency: number
  /** watts of its 12 V input */
  dcW: number
  /** W of all inputs together; Infinity without such a limit */
  totalW: number
  /** gives and takes at the same time */
  suppliesWhileCharging: boolean
  /** AC that is there feeds the loads past the battery */
  passesThrough: boolean
  /** 1 for hours too cold or too hot to charge; null for none */
  noChargeHours: Uint8Array | null
}

/** Everything that refills a chain, laid out by quarter hours. */
export interface CompiledRefill {
  /** whether anything is planned at all */
  isPlanned: boolean
  /** W of sun before its day's luck, and what the input takes of it at most */
  sunW: Float64Array
  sunMostW: Float64Array
  /** W the panels could give while their volts stay below the input's window: nothing takes it */
  belowWindowW: Float64Array
  /** day of the outage of each quarter, and how far its light may be off */
  day: Uint8Array
  logPerZ: Float64Array
  /** a day is never brighter than clear: the factor's limit */
  mostFactor: Float64Array
  /** how much of each quarter lies in the outage, and the sum of it before each */
  outageShare: Float64Array
  outageBefore: Float64Array
  key: number
  /** W of AC, of which kind, for which share of the quarter */
  acW: Float64Array
  acKind: Uint8Array
  acShare: Float64Array
  /** W of the car's 12 V, engine running */
  dcW: Float64Array
  generator: Generator | null
  car: Car | null
  inputs: RefillInput[]
}

/** W the wall gives: more than any charger takes. */
const GRID_W = 1e6
const CLEAR_MARGIN = 1.05

/**
 * Lays out what refills a chain of sources.
 *
 * @param airC outdoor temperature by the hour
 * @param around temperature by the hour where each source stands
 * @param isNeeded laid out though nothing refills, since rules ask for the charge
 * @returns null where nothing does
 */
export function compileRefill(
  plan: Plan,
  sources: readonly Source[],
  horizonMin: number,
  airC: Float64Array,
  around: readonly Float64Array[],
  isNeeded = false,
): CompiledRefill | null {
  const { scenario, refill } = plan
  const { startsAt } = scenario
  const times = scenario.charging ?? NO_CHARGING
  const panels = refill.panels.filter(({ on }) => on)
  const generator = refill.generator?.on ? refill.generator : null
  const car = refill.car?.on ? refill.car : null
  const generatorRuns = generator ? runsOf(times.generator, generator, startsAt, horizonMin) : []
  const carRuns = car ? clipped(times.car, horizonMin) : []
  const gridRuns = clipped(times.grid, horizonMin)
  const isPlanned = panels.length + generatorRuns.length + carRuns.length + gridRuns.length > 0
  if (!isPlanned && !isNeeded) return null
  const quarters = Math.ceil(horizonMin / POINT_MIN)
  const days = dayOf(startsAt, horizonMin) + 1
  const weights = outageShares(scenario.durationH * 60, quarters)
  const out: CompiledRefill = {
    isPlanned,
    sunW: new Float64Array(quarters),
    sunMostW: new Float64Array(quarters),
    belowWindowW: new Float64Array(quarters),
    day: Uint8Array.from({ length: quarters }, (_, q) => dayOf(startsAt, q * POINT_MIN)),
    logPerZ: Float64Array.from({ length: days }, (_, day) => Math.log(lightSpread(scenario, day)) / Z_80),
    mostFactor: new Float64Array(quarters).fill(Infinity),
    outageShare: weights,
    outageBefore: sumsBefore(weights),
    key: keyOf('light'),
    acW: new Float64Array(quarters),
    acKind: new Uint8Array(quarters),
    acShare: new Float64Array(quarters),
    dcW: new Float64Array(quarters),
    generator,
    car,
    inputs: sources.map((source, s) => inputOf(source, around[s], car)),
  }
  addSun(out, plan, sources[0], airC)
  if (car && givesTwelveVolts(car))
    cover(carRuns, quarters, (q, share) => (out.dcW[q] = carGivesW(car) * share))
  const addAc = (runs: Intervals, kind: number, watts: number) =>
    cover(runs, quarters, (q, share) => {
      if (share <= out.acShare[q]) return
      out.acKind[q] = kind
      out.acW[q] = watts
      out.acShare[q] = share
    })
  // where several come at once the wall goes first, then the generator: nobody burns fuel beside the wall
  addAc(gridRuns, AC.grid, GRID_W)
  if (generator) addAc(generatorRuns, AC.generator, generator.ratedW)
  if (car && !givesTwelveVolts(car)) addAc(carRuns, AC.car, carGivesW(car))
  return out
}

/** The sum of all values before each place, and at the end of all. */
function sumsBefore(values: Float64Array): Float64Array {
  const sums = new Float64Array(values.length + 1)
  for (let i = 0; i < values.length; i++) sums[i + 1] = sums[i] + values[i]
  return sums
}

/** When a generator really runs: as planned, not in its quiet hours, a start delay late. */
export function runsOf(
  planned: readonly { fromMin: number; toMin: number }[],
  { quiet, startDelayMin }: Generator,
  startsAt: string,
  horizonMin: number,
): Intervals {
  const silent = windowIntervals(quiet, startsAt, horizonMin)
  const free = clipped(planned, horizonMin).flatMap(([from, to]) => {
    let parts: Intervals = [[from, to]]
    for (const [a, b] of silent)
      parts = parts.flatMap(([x, y]): Intervals => [
        [x, Math.min(y, a)],
        [Math.max(x, b), y],
      ])
    return parts.filter(([x, y]) => y > x)
  })
  return free.map(([from, to]): [number, number] => [from + startDelayMin, to]).filter(([a, b]) => b > a)
}

const clipped = (stretches: readonly { fromMin: number; toMin: number }[], horizonMin: number): Intervals =>
  mergeIntervals(
    stretches
      .map(({ fromMin, toMin }): [number, number] => [fromMin, Math.min(horizonMin, toMin)])
      .filter(([from, to]) => to > from),
  )

/** Calls for every quarter that stretches touch, with the share of it they cover. */
function cover(runs: Intervals, quarters: number, put: (quarter: number, share: number) => void) {
  for (let q = 0; q < quarters; q++) {
    const from = q * POINT_MIN
    const minutes = runs.reduce(
      (sum, [a, b]) => sum + Math.max(0, Math.min(b, from + POINT_MIN) - Math.max(a, from)),
      0,
    )
    if (minutes > 0) put(q, minutes / POINT_MIN)
  }
}

/** The sun on every array: what its input lets through at most, and what is lost below the input's window. */
function addSun(out: CompiledRefill, plan: Plan, source: Source, airC: Float64Array) {
  const { scenario, refill } = plan
  const horizonMin = out.sunW.length * POINT_MIN
  const arrays = connectedArrays(refill.panels, source, recordLowOf(refill, scenario)).flatMap(
    ({ array, window, verdict, isUsed }) =>
      window && (isUsed || verdict === 'too low')
        ? [{ array, window, isUsed, shade: windowIntervals(array.shade, scenario.startsAt, horizonMin) }]
        : [],
  )
  if (arrays.length === 0) return
  for (let q = 0; q < out.sunW.length; q++) {
    const minute = (q + 0.5) * POINT_MIN
    const sun = sunAt(scenario, minute)
    if (sun.zenithDeg >= 90) continue
    const light = lightAt(scenario, minute, sun)
    const air = airC[Math.min(airC.length - 1, Math.floor(minute / 60))]
    const clear = lightAt({ ...scenario, sky: { kind: 'days', days: ['clear'] } }, minute, sun)
    out.mostFactor[q] = light.globalW > 0 ? Math.max(1, (CLEAR_MARGIN * clear.globalW) / light.globalW) : 1
    const together: StringAtWork[] = []
    let onStationW = 0
    for (const { array, window, isUsed, shade } of arrays) {
      const isShaded =
        isBehindHorizon(array, sun.azimuthDeg, 90 - sun.zenithDeg) ||
        shade.some(([a, b]) => minute >= a && minute < b)
      const planeW = onPlane(light, sun, array, isShaded)
      const cell = cellC(air, planeW, array.panel)
      const volts = stringVmp(array, cell)
      const watts = arrayW(array, planeW, air)
      if (!isUsed || volts < window.lowV) {
        out.belowWindowW[q] += watts
        continue
      }
      if (!source.bank) {
        together.push({ watts, vmpV: volts, vocV: (volts * array.panel.vocV) / array.panel.vmpV })
        onStationW += watts
        continue
      }
      const pulled = array.controller?.kind === 'PWM' ? Math.min(1, pwmVolts(source.bank) / volts) : 1
      out.sunW[q] += watts * pulled
      out.sunMostW[q] += Math.min(window.watts, window.amps * volts * pulled)
    }
    if (onStationW === 0) continue
    // arrays without a controller of their own share the station's input
    const { window } = arrays[0]
    const { watts, volts } = joined(together, window.lowV)
    out.sunW[q] += watts
    out.sunMostW[q] += Math.min(window.watts, window.amps * volts)
  }
}

/** Watts a charger that says nothing takes, of its battery's watt-hours. From memory. */
const USUAL_CHARGE_PER_H = 0.2

/**
 * Whether loads run on AC while it is there: a station that passes it through, an inverter-charger; one that
 * cannot feed while it charges has its loads plugged over by hand.
 */
function passesThrough({ bank, outfit }: Source): boolean {
  if (bank) return (bank.inverter?.chargerA ?? 0) > 0
  return !outfit || outfit.passThrough || !outfit.suppliesWhileCharging
}

function inputOf(source: Source, around: Float64Array, car: Car | null): RefillInput {
  const { bank, outfit } = source
  const chemistry = chemistryOf(source)
  const lowC = Math.max(outfit?.chargeC.lowC ?? -Infinity, coldestChargeC(chemistry))
  const highC = outfit?.chargeC.highC ?? Infinity
  const noCharge = Uint8Array.from(around, (celsius) => (celsius < lowC || celsius > highC ? 1 : 0))
  return {
    charging: chargingOf(chemistry),
    acW: bank
      ? (chargerAmps(bank) * bankVolts(bank)) / CHARGER_EFFICIENCY
      : (outfit?.input.acW ?? source.capacityWh.value * USUAL_CHARGE_PER_H),
    acEfficiency: CHARGER_EFFICIENCY,
    dcW: twelveVoltInputW(source, car),
    totalW: outfit?.input.totalW ?? Infinity,
    suppliesWhileCharging: outfit?.suppliesWhileCharging ?? true,
    passesThrough: passesThrough(source),
    noChargeHours: noCharge.includes(1) ? noCharge : null,
  }
}
