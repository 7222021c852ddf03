import { type PathDetail, type StorePath, isBelow } from '../conversion/loss'
import { type BankVoltage, loadedV } from '../storage/loadedVoltage'
import { peukertFactor } from '../storage/peukert'
import { twelves } from '../storage/restingVoltage'

const CHARGE_STEPS = 4000
/** Currents looked up, as multiples of the rated one. */
const MOST_RATIO = 40
const RATIO_STEPS = 8000

/** Volts without current of a 12 V battery, and what the root of I ÷ I_rated takes of them, by state of charge. */
interface VoltTable {
  openV: Float64Array
  sagV: Float64Array
}
const voltTables = new Map<string, VoltTable>()
/** Peukert's exponent is drawn for every run, so tables are kept for a while only. */
const MOST_FACTOR_TABLES = 64
const factorTables = new Map<number, Float64Array>()

function voltTable({ chemistry, school }: BankVoltage): VoltTable {
  const key = `${chemistry} ${school}`
  let table = voltTables.get(key)
  if (!table) {
    const one = { chemistry, school, volts: chemistry === 'lifepo4' ? 12.8 : 12, ohm: 0, ratedA: 1 }
    const at = (amps: number) =>
      Float64Array.from({ length: CHARGE_STEPS + 2 }, (_, i) => loadedV(one, i / CHARGE_STEPS, amps))
    const openV = at(0)
    table = { openV, sagV: at(1).map((volts, i) => openV[i] - volts) }
    voltTables.set(key, table)
  }
  return table
}

/** Peukert's factor by amps ÷ rated amps. */
function factorTable(peukert: number): Float64Array {
  let table = factorTables.get(peukert)
  if (!table) {
    table = Float64Array.from({ length: RATIO_STEPS + 2 }, (_, i) =>
      peukertFactor((i * MOST_RATIO) / RATIO_STEPS, 1, peukert),
    )
    if (factorTables.size >= MOST_FACTOR_TABLES) factorTables.clear()
    factorTables.set(peukert, table)
  }
  return table
}

/** What costs most in a detailed path, looked up in tables that are made once. */
export class DetailTables {
  private readonly volts: VoltTable | null
  private readonly factor: Float64Array | null
  private readonly perAmp: number
  private readonly ohm: number
  private readonly nominalV: number
  /** 12 V batteries in a row, and what a root of an amp is of the root of the rated current, times them */
  private readonly times: number
  private readonly sagPerRootA: number

  constructor({ voltage, peukert, ratedA, nominalV }: PathDetail) {
    this.ohm = voltage?.ohm ?? 0
    this.nominalV = nominalV
    this.perAmp = RATIO_STEPS / (MOST_RATIO * ratedA)
    this.volts = voltage && voltTable(voltage)
    this.times = voltage ? twelves(voltage.chemistry, voltage.volts) : 1
    this.sagPerRootA = this.times / Math.sqrt(ratedA)
    this.factor = peukert === 1 ? null : factorTable(peukert)
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

  /** Volts under load at a state of charge, as `loadedV` says; only of a path that has volts. */
  loadedV(fraction: number, drainW: number): number {
    const amps = drainW / this.nominalV
    const at = Math.min(CHARGE_STEPS, Math.max(0, fraction * CHARGE_STEPS))
    const k = at | 0
    const share = at - k
    const { openV, sagV } = this.volts!
    const open = openV[k] + share * (openV[k + 1] - openV[k])
    const sag = sagV[k] + share * (sagV[k + 1] - sagV[k])
    return open * this.times - sag * this.sagPerRootA * Math.sqrt(amps) - amps * this.ohm
  }
}
