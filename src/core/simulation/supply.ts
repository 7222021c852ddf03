import { CAR_EFFICIENCY, carGivesW, carGivesWh } from '../refill/carReach'
import { fuelLPerH } from '../refill/generator'
import { AC, type CompiledRefill } from './compileRefill'
import type { RefillCurves, RefillLedger } from './refillLedger'

/** What comes in during one run, quarter hour by quarter hour, as long as there is fuel for it. */
export class Supply {
  /** of the quarter at hand: where AC comes from, for which share of it, and how much */
  kind: number = AC.none
  acShare = 0
  acW = 0
  /** of the sun what the input's window lets through, and the 12 V of a running engine */
  sunW = 0
  dcW = 0

  /** minute at which the generator's fuel in hand was burnt; Infinity while there is some */
  fuelEndMin = Infinity

  private fuelL: number
  private carL: number
  private carWh: number
  /** litres an hour the generator last burnt: how long what is left will do */
  private litresPerH: number
  /** W an electric car's battery last gave */
  private carW: number

  /** @param light factor of each day's sun */
  constructor(
    private readonly refill: CompiledRefill,
    readonly light: Float64Array,
  ) {
    const { generator, car } = refill
    this.fuelL = generator?.onHandL ?? 0
    this.litresPerH = generator?.fullLPerH ?? 0
    this.carL = car?.onHandL ?? 0
    this.carW = (car?.watts ?? 0) / CAR_EFFICIENCY
    this.carWh = car ? carGivesWh(car) / CAR_EFFICIENCY : 0
  }

  /** All that comes in, W, mean of the quarter. */
  get totalW(): number {
    return this.sunW + this.dcW + this.acShare * this.acW
  }

  /** Goes on to a quarter: the sun by the day's luck, AC and 12 V as long as there is fuel. */
  begin(q: number, curves: RefillCurves): void {
    const { refill } = this
    const { car } = refill
    const offeredW = refill.sunW[q] * Math.min(this.light[refill.day[q]], refill.mostFactor[q])
    this.sunW = Math.min(offeredW, refill.sunMostW[q])
    curves.sunW[q] += this.sunW
    curves.clippedW[q] += offeredW - this.sunW
    const hasCarFuel = car !== null && (car.idleLPerH === 0 || this.carL > 0)
    this.dcW = hasCarFuel ? refill.dcW[q] : 0
    this.kind = refill.acKind[q]
    const isSpent =
      (this.kind === AC.generator && this.fuelL <= 0) ||
      (this.kind === AC.car && (car!.way === 'electric' ? this.carWh <= 0 : !hasCarFuel))
    if (isSpent) this.kind = AC.none
    this.acShare = this.kind === AC.none ? 0 : refill.acShare[q]
    this.acW = this.kind === AC.none ? 0 : refill.acW[q]
    // the last of the fuel does for a part of the quarter
    if (this.kind === AC.generator)
      this.acShare = Math.min(this.acShare, shareOfFuel(this.fuelL, this.litresPerH))
    if (this.kind === AC.car && car!.way === 'electric')
      this.acShare = Math.min(this.acShare, shareOfFuel(this.carWh, this.carW))
  }

  /**
   * Fuel and the car's own charge go with what they give.
   *
   * @param acW mean W of AC given
   * @param from minute at which these hours begin
   * @param countedH of the hours those that lie within the outage
   */
  burn(acW: number, from: number, hours: number, countedH: number, ledger: RefillLedger): void {
    const { generator, car } = this.refill
    if (this.kind === AC.grid) ledger.gridWh += acW * countedH
    if (this.kind === AC.generator && generator && this.acShare > 0) {
      this.litresPerH = fuelLPerH(generator, acW / this.acShare)
      const litres = Math.min(this.fuelL, this.acShare * this.litresPerH * hours)
      this.fuelL -= litres
      if (this.fuelL < LAST_DROP_L) {
        this.fuelL = 0
        this.fuelEndMin = from + hours * 60 * this.acShare
      }
      ledger.fuelL += hours > 0 ? (litres * countedH) / hours : 0
      ledger.generatorH += this.acShare * countedH
      ledger.generatorWh += acW * countedH
    }
    if (!car) return
    if (this.kind === AC.car) ledger.carAcWh += acW * countedH
    if (this.kind === AC.car && car.way === 'electric') {
      if (this.acShare > 0) this.carW = acW / this.acShare / CAR_EFFICIENCY
      const wh = Math.min(this.carWh, (acW * hours) / CAR_EFFICIENCY)
      this.carWh = this.carWh - wh < LAST_WH ? 0 : this.carWh - wh
      ledger.carWh += hours > 0 ? (wh * countedH) / hours : 0
    } else if (this.dcW > 0 || this.kind === AC.car) {
      const perH = car.idleLPerH * (this.dcW > 0 ? this.dcW / carGivesW(car) : this.acShare)
      const litres = Math.min(this.carL, perH * hours)
      this.carL -= litres
      ledger.carFuelL += hours > 0 ? (litres * countedH) / hours : 0
    }
  }
}

/** Less than this is none. */
const LAST_DROP_L = 1e-3
const LAST_WH = 1
const QUARTER_H = 0.25

/** Share of a quarter hour that what is left lasts at a rate an hour; 1 where it lasts longer or none goes. */
const shareOfFuel = (left: number, perH: number) => (perH > 0 ? Math.min(1, left / (perH * QUARTER_H)) : 1)
