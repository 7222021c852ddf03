import { bankOhm, bankUnits, bankVolts } from '../storage/bank'
import { sourceWiringOf } from '../wiring/batteryCircuit'
import { finding } from './finding'
import type { Hazard } from './hazardInput'

/** Bought further apart than this they are of different age: what makers of batteries usually allow. Common practice, no source. */
const MOST_APART_MONTHS = 6

/** Strings in parallel of which each may feed a fault in another, without a fuse of its own. */
export const unfusedStrings: Hazard = ({ plan, sources }) =>
  sources.flatMap((source) => {
    const { bank } = source
    const said = sourceWiringOf(plan, source.id)?.hasStringFuses
    if (!bank || bank.parallel < 2 || said === true) return []
    return [
      finding(
        'unfused-strings',
        source.id,
        { page: 'hookup', part: 'source', id: source.id },
        'electrician',
        {
          source: source.name,
          strings: bank.parallel,
          isSaid: said === false,
          // what all the others drive into one that fails
          shortCircuitA: (bankVolts(bank) * (bank.parallel - 1)) / (bankOhm(bank) * bank.parallel),
        },
      ),
    ]
  })

/** Batteries of one bank that are of different kinds or sizes, or were bought far apart. */
export const mixedBatteries: Hazard = ({ plan, sources }) =>
  sources.flatMap((source) => {
    if (!source.bank || bankUnits(source.bank) < 2) return []
    const wiring = sourceWiringOf(plan, source.id)
    const months = wiring?.boughtApartMonths ?? null
    const { batteriesAre } = wiring ?? {}
    const differ =
      batteriesAre === 'kind' || batteriesAre === 'size'
        ? batteriesAre
        : (months ?? 0) > MOST_APART_MONTHS
          ? ('age' as const)
          : null
    return differ === null
      ? []
      : [
          finding(
            'mixed-batteries',
            source.id,
            { page: 'hookup', part: 'source', id: source.id },
            'electrician',
            { source: source.name, differ, months },
          ),
        ]
  })
