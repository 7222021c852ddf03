import { type PathDetail, type StorePath, isBelow } from '../conversion/loss'
import { loadedV } from '../storage/loadedVoltage'
import { peukertFactor } from '../storage/peukert'

const CHARGE_STEPS = 4000
/** Currents looked up, as multiples of the rated one. */
const MOST_RATIO = 40
const RATIO_STEPS = 8000

/** What costs most in a detailed path, looked up in tables that are made once a source. */
export class DetailTables {
  /** volts without current, and what a root of amps takes of them, by state of charge */
  private readonly openV = new Float64Array(CHARGE_STEPS + 2)
  private readonly sagV = new Float64Array(CHARGE_STEPS + 2)
  /** Peukert's factor by amps ÷ rated amps */
  private readonly factor: Float64Array | null
  private readonly perAmp: number
  private readonly ohm: number
  private readonly nominalV: number

  constructor({ voltage, peukert, ratedA, nominalV }: PathDetail) {
    this.ohm = voltage?.ohm ?? 0
    this.nominalV = nominalV
    this.perAmp = RATIO_STEPS / (MOST_RATIO * ratedA)
    if (voltage) {
      const bare = { ...voltage, ohm: 0 }
      for (let i = 0; i <= CHARGE_STEPS + 1; i++) {
        this.openV[i] = loadedV(bare, i / CHARGE_STEPS, 0)
        this.sagV[i] = this.openV[i] - loadedV(bare, i / CHARGE_STEPS, 1)
      }
    }
    this.factor =
      peukert === 1
        ? null
        : Float64Array.from({ length: RATIO_STEPS + 2 }, (_, i) =>
            peukertFactor((i * MOST_RATIO * ratedA) / RATIO_STEPS, ratedA, peukert),
          )
  }

  /** Battery W for outlet W on a path, as `drainW` says. */
  drainW(path: StorePath, detail: PathDetail, outletW: number): number {
    if (detail.searchBelowW > 0 && isBelow(outletW, detail.searchBelowW)) return detail.searchDrawsW
    const watts = path.noLoadW + outletW * (path.batteryWPerOutletW + outletW * detail.lossPerW2)
    const { factor } = this
    if (!factor || detail.peukert === 1) return watts
    const at = Math.min(RATIO_STEPS, (watts / this.nominalV) * this.perAmp)
    const k = at | 0
    return watts * (factor[k] + (at - k) * (factor[k + 1] - factor[k]))
  }

  /** Volts under load at a state of charge, as `loadedV` says. */
  loadedV(fraction: number, drainW: number): number {
    const amps = drainW / this.nominalV
    const at = Math.min(CHARGE_STEPS, Math.max(0, fraction * CHARGE_STEPS))
    const k = at | 0
    const share = at - k
    const { openV, sagV } = this
    const open = openV[k] + share * (openV[k + 1] - openV[k])
    const sag = sagV[k] + share * (sagV[k + 1] - sagV[k])
    return open - sag * Math.sqrt(amps) - amps * this.ohm
  }
}
