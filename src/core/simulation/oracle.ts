import { type StorePath, drainW, isBelow, pathDetail, storePath } from '../conversion/loss'
import { dcEfficiency } from '../conversion/dc'
import type { Plan } from '../plan/document'
import { carGivesW } from '../refill/carReach'
import { fuelLPerH } from '../refill/generator'
import { acceptedW, chargingOf } from '../storage/chargeAcceptance'
import { loadedV } from '../storage/loadedVoltage'
import { drawDetail, drawLoad, drawSource } from './chance'
import { type CompiledChain, compile, horizonOf, hoursOf } from './compile'
import { AC } from './compileRefill'
import { DetailTables } from './detailTables'
import { watchedWh } from './glide'
import { emptyLoadValues } from './loadValues'
import { loadAtWork } from './oracleLoads'
import { drawLight } from './runRefilled'

/** One run of one chain, as the oracle sees it. */
export interface OracleRun {
  /** by source of the chain, the minute it ends for the first time; Infinity when it does not */
  emptyMin: number[]
  /** by source, state of charge at the end of every quarter hour */
  fractions: number[][]
  /** by load of the chain, Wh supplied within the horizon */
  suppliedWh: number[]
  /** Wh that came in and were taken, those that passed the battery by among them */
  inWh: number
  fuelL: number
}

interface Store {
  path: StorePath
  energyWh: number
  /** minutes of little draw in a row */
  calmMin: number
  cause: 'empty' | 'volts' | 'sleep' | 'temperature' | null
  endedWh: number
}

/** What comes in during a quarter hour. */
interface Inflow {
  kind: number
  /** share of the quarter in which there is AC, and its watts */
  share: number
  acW: number
  sunW: number
  dcW: number
}

const NOTHING: Inflow = { kind: AC.none, share: 0, acW: 0, sunW: 0, dcW: 0 }
const PLAIN_INPUT = {
  charging: chargingOf('lifepo4'),
  acW: 0,
  acEfficiency: 1,
  dcW: 0,
  totalW: Infinity,
  suppliesWhileCharging: true,
  passesThrough: false,
  noChargeHours: null,
}

/**
 * The slow program, kept as the oracle of the fast one: every kind of store, alone or in turn, refilled or not.
 *
 * Load by load it asks what is drawn in each minute and adds the watts up. What goes out and comes in is weighed
 * by the means of a quarter hour where the store in use cannot end within it, and by the minute elsewhere: that rule it shares with the
 * fast program, and the draws, and what is on offer from outside; nothing else. Rules of loads are not in it.
 *
 * @returns by run, by chain
 */
export function simulateSlowly(
  plan: Plan,
  runs: number,
  seed: number,
  horizonMin = horizonOf(plan.scenario.durationH),
): OracleRun[][] {
  const compiled = compile(plan, horizonMin)
  return Array.from({ length: runs }, (_, run) =>
    compiled.chains.map((chain) => slowRun(chain, run, seed, horizonMin)),
  )
}

function slowRun(chain: CompiledChain, run: number, seed: number, horizonMin: number): OracleRun {
  const { refill } = chain
  const loads = chain.loads.map((load) =>
    loadAtWork(load, drawLoad(load, seed, run, emptyLoadValues(hoursOf(horizonMin))), horizonMin),
  )
  const stores = chain.sources.map((source, s): Store => {
    const values = drawSource(source, chain.sourceKeys[s], seed, run)
    values.capacityWh *= chain.coldShares[s]
    const detail = pathDetail(source, chain.outOfRange[s])
    const path = storePath(
      source.lossRule,
      values,
      detail && drawDetail(detail, source, chain.sourceKeys[s], seed, run),
    )
    if (chain.loads.length > 0 && chain.loads.every(({ isDc }) => isDc)) path.noLoadW = 0
    return { path, energyWh: path.capacityWh * source.chargedFraction, calmMin: 0, cause: null, endedWh: 0 }
  })
  const light = refill && drawLight(refill, seed, run, new Float64Array(refill.logPerZ.length))
  const out: OracleRun = {
    emptyMin: stores.map(() => Infinity),
    fractions: stores.map(() => []),
    suppliedWh: loads.map(() => 0),
    inWh: 0,
    fuelL: 0,
  }
  const generator = refill?.generator
  const car = refill?.car
  let inHandL = generator?.onHandL ?? 0
  let litresPerH = generator?.fullLPerH ?? 0
  let carL = car?.onHandL ?? 0
  let active = 0
  let isOn = true

  const feeds = (s: number, i: number) => chain.sources[s].volts.includes(chain.loads[i].load.volts)
  /** outlet watts source s is asked for, direct current by its own converter */
  const asked = (s: number, watts: readonly number[]) =>
    watts.reduce((sum, w, i) => {
      if (!feeds(s, i)) return sum
      const dcShare = dcEfficiency(chain.sources[s]) * stores[s].path.batteryWPerOutletW
      return sum + (chain.loads[i].isDc ? (w * chain.loads[i].dcFactor) / dcShare : w)
    }, 0)

  const end = (cause: Store['cause'], minute: number) => {
    const store = stores[active]
    out.emptyMin[active] = Math.min(out.emptyMin[active], minute)
    Object.assign(store, { cause, endedWh: store.energyWh, calmMin: 0 })
    if (active + 1 < stores.length) active++
    else isOn = false
  }

  const inflowOf = (q: number): Inflow => {
    if (!refill || !light) return NOTHING
    const factor = Math.min(light[refill.day[q]], refill.mostFactor[q])
    const hasCar = car !== null && car !== undefined && (car.idleLPerH === 0 || carL > 0)
    const kind = refill.acKind[q] === AC.generator && inHandL <= 0 ? AC.none : refill.acKind[q]
    const fuelShare = kind === AC.generator && litresPerH > 0 ? inHandL / (litresPerH * 0.25) : 1
    return {
      kind,
      share: kind === AC.none ? 0 : Math.min(refill.acShare[q], fuelShare),
      acW: kind === AC.none ? 0 : refill.acW[q],
      sunW: Math.min(refill.sunW[q] * factor, refill.sunMostW[q]),
      dcW: hasCar ? refill.dcW[q] : 0,
    }
  }

  const passedW = (watts: number, { acW }: Inflow) =>
    refill?.inputs[active].passesThrough ? Math.min(watts, acW) : 0

  /** battery-side balance at some outlet watts, outlets on or off; alone is what the battery loses without AC */
  const balance = (watts: number, inflow: Inflow, on: boolean, alone: number) => {
    const input = refill?.inputs[active] ?? PLAIN_INPUT
    const { path } = stores[active]
    const { share } = inflow
    const direct = passedW(watts, inflow)
    const past = watts - direct
    const idle = on ? Math.min(path.noLoadW, alone) : 0
    const beside = past > 0 ? idle + past * path.batteryWPerOutletW : 0
    const drain = (1 - share) * alone + share * beside
    const open = input.suppliesWhileCharging || drain === 0 ? 1 : share
    const sun = Math.min(open * inflow.sunW, input.totalW)
    const dc = Math.min(open * Math.min(input.dcW, inflow.dcW), input.totalW - sun)
    const wall = share * Math.min(input.acW, inflow.acW - direct) * input.acEfficiency
    const ac = Math.min(wall, input.totalW - sun - dc)
    return { drain, bus: sun + dc + ac, acOnly: ac, direct: share * direct, input }
  }

  /** Moves the store in use on. @returns minutes until its floor is reached, or all */
  const move = (
    watts: number,
    inflow: Inflow,
    on: boolean,
    at: number,
    minutes: number,
    alone = on ? drainW(stores[active].path, watts) : 0,
  ): number => {
    const { drain, bus, acOnly, direct, input } = balance(watts, inflow, on, alone)
    const store = stores[active]
    const { path } = store
    const above = store.energyWh - path.floorWh
    let hours = minutes / 60
    let walked = minutes
    let takenW = bus
    if (bus >= drain) {
      const efficiency = input.charging.efficiency
      const isBarred = input.noChargeHours?.[Math.floor(at / 60)] === 1
      const room = Math.max(0, (path.capacityWh - store.energyWh) / (efficiency * hours))
      const most = acceptedW(input.charging, path.capacityWh, store.energyWh / path.capacityWh)
      const chargeW = isBarred ? 0 : Math.max(0, Math.min(bus - drain, room, most))
      store.energyWh += chargeW * efficiency * hours
      takenW = drain + chargeW
    } else if ((drain - bus) * hours > above) {
      hours = above > 0 ? above / (drain - bus) : 0
      walked = hours * 60
      store.energyWh = Math.min(store.energyWh, path.floorWh)
    } else store.energyWh -= (drain - bus) * hours
    const acTaken = Math.max(0, takenW - (bus - acOnly))
    out.inWh += (takenW + direct) * hours
    if (inflow.kind === AC.generator && inflow.share > 0 && generator) {
      litresPerH = fuelLPerH(generator, (direct + acTaken / input.acEfficiency) / inflow.share)
      const litres = Math.min(inHandL, inflow.share * hours * litresPerH)
      inHandL = inHandL - litres < 1e-3 ? 0 : inHandL - litres
      out.fuelL += litres
    }
    if (car && inflow.dcW > 0)
      carL = Math.max(0, carL - Math.min(carL, car.idleLPerH * (inflow.dcW / carGivesW(car)) * hours))
    return walked
  }

  const feed = (minutes: readonly (readonly number[])[], share: number) => {
    const { detail } = stores[active].path
    for (const watts of minutes)
      if (!detail || !isBelow(asked(active, watts), detail.searchBelowW))
        watts.forEach((w, i) => (out.suppliedWh[i] += feeds(active, i) ? (w * share) / 60 : 0))
  }

  /** Whether the store in use switches off in this minute though there is charge left. */
  const stops = (watts: number, minute: number, length: number, isCarried: boolean): Store['cause'] => {
    const store = stores[active]
    const { detail, capacityWh } = store.path
    if (!detail) return null
    store.calmMin = isBelow(watts, detail.sleepBelowW) && !isCarried ? store.calmMin + length : 0
    if (isCarried) return null
    if (detail.outOfRange?.[Math.floor(minute / 60)]) return 'temperature'
    if (detail.sleepBelowW > 0 && store.calmMin > detail.sleepAfterMin) return 'sleep'
    const amps = drainW(store.path, watts) / detail.nominalV
    const isLow =
      detail.voltage && loadedV(detail.voltage, store.energyWh / capacityWh, amps) < detail.cutOffV
    return isLow ? 'volts' : null
  }

  const restarts = (q: number, meanW: number) => {
    const { path, cause, energyWh, endedWh } = stores[active]
    if (cause === 'sleep' || path.detail?.outOfRange?.[Math.floor((q * 15) / 60)]) return false
    const heldWh = cause === 'empty' ? path.floorWh : Math.max(path.floorWh, endedWh)
    const drain = path.noLoadW + meanW * path.batteryWPerOutletW
    return energyWh >= heldWh + Math.min(0.5 * drain, 100, 0.5 * (path.capacityWh - path.floorWh))
  }

  const allMinutes = Array.from({ length: horizonMin }, (_, m) => loads.map((load) => load.wattsIn(m)))
  const watched = stores.map(({ path }, s) => {
    const peakW = Math.max(0, ...allMinutes.map((watts) => asked(s, watts)))
    const tables = path.detail && new DetailTables(path.detail)
    return watchedWh({ path, tables }, peakW)
  })
  /** Wh below which a store is looked at by the minute */
  const leastWh = (s: number) => Math.max(stores[s].path.floorWh, watched[s])

  while (isOn && stores[active].energyWh < stores[active].path.floorWh - 1e-6) end('empty', 0)
  for (let q = 0; q * 15 < horizonMin; q++) {
    const span = Math.min(15, horizonMin - q * 15)
    const minutes = allMinutes.slice(q * 15, q * 15 + span)
    const meanOf = (values: readonly number[]) => values.reduce((sum, value) => sum + value, 0) / span
    const inflow = inflowOf(q)
    if (!isOn && restarts(q, meanOf(minutes.map((watts) => asked(active, watts))))) isOn = true
    const walk = () => {
      if (isOn) {
        const { energyWh, path } = stores[active]
        const mean = meanOf(minutes.map((watts) => asked(active, watts)))
        const alone = meanOf(minutes.map((watts) => drainW(path, asked(active, watts))))
        const { drain, bus } = balance(mean, inflow, true, alone)
        const afterWh = energyWh + ((bus - drain) * span) / 60
        const isWhole = path.detail
          ? inflow.kind === AC.none &&
            inflow.dcW === 0 &&
            (refill?.inputs[active].suppliesWhileCharging ?? true)
          : true
        if (isWhole && ((bus >= drain && !path.detail) || afterWh >= leastWh(active))) {
          move(mean, inflow, true, q * 15, span, alone)
          return feed(minutes, 1)
        }
      }
      if (!isOn && inflow.share === 0) return void move(0, inflow, false, q * 15, span)
      minutes.forEach((watts, m) => {
        for (let at = 0; at < 1 - 1e-9;) {
          const outletW = asked(active, watts)
          const rest = 1 - at
          const minute = q * 15 + m + at
          const isCarried = inflow.share > 0 && passedW(outletW, inflow) >= outletW
          if (!isOn) {
            move(isCarried ? outletW : 0, inflow, false, minute, rest)
            if (isCarried) feed([watts], rest * inflow.share)
            break
          }
          const cause = stops(outletW, minute, rest, isCarried && inflow.share >= 1)
          if (cause) {
            end(cause, minute)
            continue
          }
          const walked = move(outletW, inflow, true, minute, rest)
          feed([watts], walked)
          if (walked < rest) end('empty', minute + walked)
          at += walked
        }
      })
    }
    walk()
    stores.forEach(({ path, energyWh }, s) => out.fractions[s].push(energyWh / path.capacityWh))
  }
  return out
}
