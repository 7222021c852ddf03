import { fuelLPerH } from '../refill/generator'
import { AC, type CompiledRefill } from './compileRefill'
import type { RefillCurves, RefillLedger } from './refillLedger'

/** An electric car's own losses on the way to its outlet. From memory. */
const CAR_EFFICIENCY = 0.9

/** What comes in during one run, quarter hour by quarter hour, as long as there is fuel for it. */
export class Supply {
  /** of the quarter at hand: where AC comes from, for which share of it, and how much */
  kind: number = AC.none
  acShare = 0
  acW = 0
  /** of the sun what the input's window lets through, and the 12 V of a running engine */
  sunW = 0
  dcW = 0

  private fuelL: number
  private carL: number
  private carWh: number

  /** @param light factor of each day's sun */
  constructor(
    private readonly refill: CompiledRefill,
    readonly light: Float64Array,
  ) {
    const { generator, car } = refill
    this.fuelL = generator?.onHandL ?? 0
    this.carL = car?.onHandL ?? 0
    this.carWh = car ? car.batteryWh * (1 - car.floorFraction) : 0
  }

  /** All that comes in, W, mean of the quarter. */
  get totalW(): number {
    return this.sunW + this.dcW + this.acShare * this.acW
  }

  /** Goes on to a quarter: the sun by the day's luck, AC and 12 V as long as there is fuel. */
  begin(q: number, curves: RefillCurves): void {
    const { refill } = this
    const { car } = refill
    const hasCarFuel = car !== null && (car.idleLPerH === 0 || this.carL > 0)
    const offeredW = refill.sunW[q] * Math.min(this.light[refill.day[q]], refill.mostFactor[q])
    this.sunW = Math.min(offeredW, refill.sunMostW[q])
    curves.sunW[q] += this.sunW
    curves.clippedW[q] += offeredW - this.sunW
    this.dcW = hasCarFuel ? refill.dcW[q] : 0
    this.kind = refill.acKind[q]
    const isSpent =
      (this.kind === AC.generator && this.fuelL <= 0) ||
      (this.kind === AC.car && (car!.way === 'electric' ? this.carWh <= 0 : !hasCarFuel))
    if (isSpent) this.kind = AC.none
    this.acShare = this.kind === AC.none ? 0 : refill.acShare[q]
    this.acW = this.kind === AC.none ? 0 : refill.acW[q]
  }

  /**
   * Fuel and the car's own charge go with what they give.
   *
   * @param acW mean W of AC given
   * @param countedH of the hours those that lie within the outage
   */
  burn(acW: number, hours: number, countedH: number, ledger: RefillLedger): void {
    const { generator, car } = this.refill
    if (this.kind === AC.generator && generator) {
      const perH = this.acShare * fuelLPerH(generator, acW / Math.max(1e-9, this.acShare))
      this.fuelL -= perH * hours
      ledger.fuelL += perH * countedH
      ledger.generatorH += this.acShare * countedH
    }
    if (!car) return
    if (this.kind === AC.car && car.way === 'electric') {
      this.carWh -= (acW * hours) / CAR_EFFICIENCY
      ledger.carWh += (acW * countedH) / CAR_EFFICIENCY
    } else if (this.dcW > 0 || this.kind === AC.car) {
      const perH = car.idleLPerH * (this.dcW > 0 ? this.dcW / car.watts : this.acShare)
      this.carL -= perH * hours
      ledger.carFuelL += perH * countedH
    }
  }
}
