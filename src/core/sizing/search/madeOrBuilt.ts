import type { Source } from '../../plan/power'
import { type Told, told } from '../../quantity/told'
import { piecesOf, totalWeightKg } from '../../storage/expansion'

/** What speaks for a ready-made station and for a bank built of parts, beside hours. */
export interface MadeOrBuilt {
  price: number | null
  totalKg: number | null
  /** hours of work until it stands */
  workH: number
  repair: Told
  warranty: Told
  skill: Told
}

/** Hours a practised person takes for a bank: the board with its fuses, and each battery. From memory. */
const BUILD_H = { board: 5, eachBattery: 0.75, wiring240: 4 }

/** The comparison for one source. Common practice, no source. */
export function madeOrBuilt(source: Source): MadeOrBuilt {
  const { bank, outfit, price } = source
  const common = { price, totalKg: totalWeightKg(source) }
  if (!bank)
    return {
      ...common,
      workH: 0.25,
      repair: told('made.repair'),
      warranty: told('made.warranty', { years: outfit?.warrantyYears ?? null }),
      skill: told('made.skill'),
    }
  const wires240 = bank.inverter?.volts.includes(240) ?? false
  return {
    ...common,
    workH:
      BUILD_H.board +
      BUILD_H.eachBattery * (piecesOf(source) - (bank.inverter ? 1 : 0)) +
      (wires240 ? BUILD_H.wiring240 : 0),
    repair: told('built.repair'),
    warranty: told('built.warranty'),
    skill: told('built.skill', { wires240 }),
  }
}
