import { fuelLPerH } from '../refill/generator'
import { acceptedW, chargeEfficiency } from '../storage/chargeAcceptance'
import type { Plan } from '../plan/document'
import { storePath } from '../conversion/loss'
import { drawLoad, drawSource } from './chance'
import { compile, hoursOf } from './compile'
import { AC } from './compileRefill'
import { emptyLoadValues } from './loadValues'
import { loadAtWork } from './oracle'
import { drawLight } from './runRefilled'

/** One refilled run of a single plain store, as the slow program sees it. */
export interface SlowRefilledRun {
  /** Infinity when it never is empty */
  emptyMin: number
  /** state of charge at the end of every quarter hour */
  fractions: number[]
  inWh: number
  fedWh: number
  fuelL: number
}

/**
 * The slow program of a refilled chain with one plain source: quarter by quarter in plain loops, minutes
 * where it runs empty. It shares the draws and what comes in, and nothing else.
 */
export function refilledSlowly(
  plan: Plan,
  runs: number,
  seed: number,
  horizonMin: number,
): SlowRefilledRun[] {
  const compiled = compile(plan, horizonMin)
  const chain = compiled.chains.find(({ refill }) => refill !== null)!
  const refill = chain.refill!
  const [input] = refill.inputs
  const efficiency = chargeEfficiency(input.chemistry)
  return Array.from({ length: runs }, (_, run) => {
    const loads = chain.loads.map((load) =>
      loadAtWork(load, drawLoad(load, seed, run, emptyLoadValues(hoursOf(horizonMin))), horizonMin),
    )
    const values = drawSource(chain.sources[0], chain.sourceKeys[0], seed, run)
    values.capacityWh *= chain.coldShares[0]
    const path = storePath(chain.sources[0].lossRule, values)
    const light = drawLight(refill, seed, run, new Float64Array(refill.logPerZ.length))
    const out: SlowRefilledRun = { emptyMin: Infinity, fractions: [], inWh: 0, fedWh: 0, fuelL: 0 }
    let energyWh = path.capacityWh * chain.sources[0].chargedFraction
    let isOn = energyWh >= path.floorWh - 1e-6
    if (!isOn) out.emptyMin = 0
    let fuelL = refill.generator?.onHandL ?? 0
    let litresPerH = refill.generator?.fullLPerH ?? 0
    for (let q = 0; q * 15 < horizonMin; q++) {
      const minutes = Array.from({ length: 15 }, (_, m) =>
        loads.reduce((sum, load) => sum + load.wattsIn(q * 15 + m), 0),
      )
      const meanW = minutes.reduce((sum, watts) => sum + watts, 0) / 15
      const hasAc = refill.acKind[q] !== AC.none && !(refill.acKind[q] === AC.generator && fuelL <= 0)
      const fuelShare = refill.acKind[q] === AC.generator && litresPerH > 0 ? fuelL / (litresPerH * 0.25) : 1
      const share = hasAc ? Math.min(refill.acShare[q], fuelShare) : 0
      const acW = hasAc ? refill.acW[q] : 0
      const factor = Math.min(light[refill.day[q]], refill.mostFactor[q])
      const sunW = Math.min(refill.sunW[q] * factor, refill.sunMostW[q])
      const barred = input.noChargeHours?.[Math.floor((q * 15) / 60)] === 1
      const restartWh = Math.min(
        0.5 * (path.noLoadW + meanW * path.batteryWPerOutletW),
        0.1 * path.capacityWh,
      )
      if (!isOn && energyWh >= path.floorWh + restartWh) isOn = true
      /** battery-side balance at some outlet watts, outlets on or off */
      const balance = (watts: number, on: boolean) => {
        const direct = input.passesThrough ? Math.min(watts, acW) : 0
        const past = watts - direct
        const alone = on ? path.noLoadW + watts * path.batteryWPerOutletW : 0
        const beside = on && past > 0 ? path.noLoadW + past * path.batteryWPerOutletW : 0
        const drain = (1 - share) * alone + share * beside
        const open = input.suppliesWhileCharging || drain === 0 ? 1 : share
        const sun = Math.min(open * sunW, input.totalW)
        const dc = Math.min(open * Math.min(input.dcW, refill.dcW[q]), input.totalW - sun)
        const wall = share * Math.min(input.acW, acW - direct) * input.acEfficiency
        const ac = Math.min(wall, input.totalW - sun - dc)
        return { drain, bus: sun + dc + ac, acOnly: ac, direct: share * direct }
      }
      const move = (watts: number, on: boolean, hours: number) => {
        const { drain, bus, acOnly, direct } = balance(watts, on)
        let takenW = bus
        if (bus >= drain) {
          const room = (path.capacityWh - energyWh) / (efficiency * hours)
          const most = acceptedW(input.chemistry, path.capacityWh, energyWh / path.capacityWh)
          const chargeW = barred ? 0 : Math.max(0, Math.min(bus - drain, room, most))
          energyWh += chargeW * efficiency * hours
          takenW = drain + chargeW
        } else energyWh -= (drain - bus) * hours
        const acTaken = Math.max(0, takenW - (bus - acOnly))
        out.inWh += (takenW + direct) * hours
        if (refill.acKind[q] === AC.generator && share > 0 && refill.generator) {
          litresPerH = fuelLPerH(refill.generator, (direct + acTaken / input.acEfficiency) / share)
          const litres = Math.min(fuelL, share * hours * litresPerH)
          fuelL = fuelL - litres < 1e-3 ? 0 : fuelL - litres
          out.fuelL += litres
        }
      }
      const whole = balance(meanW, true)
      if (!isOn && share === 0) move(0, false, 0.25)
      else if (isOn && energyWh + ((whole.bus - whole.drain) * 15) / 60 >= path.floorWh) {
        move(meanW, true, 0.25)
        out.fedWh += meanW * 0.25
      } else if (isOn && whole.bus >= whole.drain) {
        move(meanW, true, 0.25)
        out.fedWh += meanW * 0.25
      } else
        for (let m = 0; m < 15; m++) {
          let rest = 1 / 60
          if (isOn) {
            const { drain, bus } = balance(minutes[m], true)
            const lasts =
              bus >= drain ? rest : Math.min(rest, Math.max(0, energyWh - path.floorWh) / (drain - bus))
            if (lasts > 0) move(minutes[m], true, lasts)
            out.fedWh += minutes[m] * lasts
            rest -= lasts
            if (rest > 1e-12) {
              out.emptyMin = Math.min(out.emptyMin, q * 15 + m + lasts * 60)
              isOn = false
            }
          }
          if (rest > 1e-12) {
            const carried = share > 0 && balance(minutes[m], false).direct >= share * minutes[m]
            move(carried ? minutes[m] : 0, false, rest)
            if (carried) out.fedWh += minutes[m] * rest * share
          }
        }
      out.fractions.push(energyWh / path.capacityWh)
    }
    return out
  })
}
