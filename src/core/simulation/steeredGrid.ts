import { middlePath } from '../conversion/loss'
import { middleLoad } from './chance'
import { type CompiledChain, hoursOf } from './compile'
import { DemandGrid } from './demand'
import { DetailTables } from './detailTables'
import { LoadRules } from './loadRules'
import { emptyLoadValues } from './loadValues'
import { emptyCurves } from './refillLedger'
import { QuartersOf } from './runRefilled'
import { POINT_MIN, runningSum } from './sweep'
import { RefilledSweep } from './sweepRefilled'

/** A typical run of a chain whose loads are shed by rules: middle values, the light as the scenario says, the charge carried along. */
export function steeredGrid(
  chain: CompiledChain,
  startsAt: string,
  lengthMin: number,
  seed: number,
): DemandGrid {
  const { loads, sources } = chain
  const refill = chain.refill!
  const weights = new Float64Array(loads.length).fill(1)
  const grid = new DemandGrid(loads, lengthMin)
  const demandW = new Float64Array(lengthMin)
  const rules = new LoadRules(loads, grid, lengthMin, startsAt, weights, hoursOf(lengthMin))
  const values = emptyLoadValues(hoursOf(lengthMin))
  loads.forEach((load, slot) =>
    grid.write(slot, load, middleLoad(load, seed, rules.valuesFor(slot) ?? values)),
  )
  rules.begin()
  const quarters = new QuartersOf(grid, lengthMin, weights, demandW)
  const lay = () => {
    runningSum(grid.changeW, lengthMin, demandW)
    quarters.update()
  }
  lay()
  const points = Math.floor(lengthMin / POINT_MIN) + 1
  const stores = sources.map((source, s) => {
    const path = middlePath(source)
    const share = chain.coldShares[s]
    path.capacityWh *= share
    path.floorWh *= share
    return {
      path,
      tables: path.detail && new DetailTables(path.detail),
      chargedWh: path.capacityWh * source.chargedFraction,
      curve: { fractions: new Float32Array(points), runs: 1, run: 0 },
    }
  })
  const light = new Float64Array(refill.logPerZ.length).fill(1)
  const sweep = new RefilledSweep(stores, refill, light, lengthMin, emptyCurves(refill.sunW.length))
  sweep.run(
    stores.map(() => quarters),
    lengthMin,
    (minute, charge, supplyW) => {
      if (rules.ask(minute, charge, supplyW)) lay()
    },
  )
  return grid
}
