import type { StorePath } from '../conversion/loss'
import type { RefillInput } from './compileRefill'
import type { Supply } from './supply'

/** AC watts that feed the loads past the battery while AC is there. */
export const directW = ({ passesThrough }: RefillInput, { acW }: Supply, outletW: number): number =>
  passesThrough ? Math.min(outletW, acW) : 0

/** What a step of a store comes to, mean W: taken out, brought past it and into it, and what goes unused. */
export class Flow {
  drainW = 0
  directW = 0
  sunW = 0
  dcW = 0
  acW = 0
  cutW = 0
  netW = 0

  /**
   * Weighs what the battery's side loses against what comes in, means of a step of which a share runs on AC:
   * sun first, then 12 V, then AC, all within what the inputs take together. A unit that cannot give and take
   * at once takes while AC carries the loads.
   *
   * @param drainW battery watts the loads and the inverter take where no AC carries them
   */
  weigh(
    path: StorePath,
    input: RefillInput,
    supply: Supply,
    outletW: number,
    drainW: number,
    noLoadW: number,
  ): void {
    const { acShare, acW, sunW, dcW } = supply
    const carriedW = directW(input, supply, outletW)
    const pastW = outletW - carriedW
    const onAcW = pastW > 0 ? noLoadW + pastW * path.batteryWPerOutletW : 0
    this.drainW = (1 - acShare) * drainW + acShare * onAcW
    const open = input.suppliesWhileCharging || this.drainW === 0 ? 1 : acShare
    const openSunW = open * sunW
    const openDcW = open * Math.min(input.dcW, dcW)
    const throughAcW = acShare * Math.min(input.acW, acW - carriedW) * input.acEfficiency
    this.directW = acShare * carriedW
    this.sunW = Math.min(openSunW, input.totalW)
    this.dcW = Math.min(openDcW, input.totalW - this.sunW)
    this.acW = Math.min(throughAcW, input.totalW - this.sunW - this.dcW)
    // AC that is not taken is not made: only sun and 12 V go unused
    this.cutW = openSunW + openDcW - this.sunW - this.dcW
    this.netW = this.sunW + this.dcW + this.acW - this.drainW
  }
}
