import type { Equipment } from '@/core/plan/equipment'
import { UNITS_OF } from '@/core/quantity/units'
import type { BankFittings } from '@/core/sizing/search/bankFittings'
import type { SearchStock } from '@/core/sizing/search/candidates'
import { BANK_FITTINGS } from './bankFittings'
import { BATTERIES } from './batteries'
import { EQUIPMENT, equipmentClass, sourceOf } from './equipment'
import { INVERTERS } from './inverters'
import { usualController } from './refill'

/** What a household says of what it buys: its units, and what parts cost where it is. */
export type Buying = Pick<BankFittings, 'units' | 'own'>

/**
 * What the search chooses from: the catalogue with the mains of the household, and the household's own.
 *
 * @param own equipment of the household
 */
export function searchStock(
  mainsVolts: 120 | 230,
  own: readonly Equipment[] = [],
  buying: Buying = { units: UNITS_OF.metric, own: undefined },
): SearchStock {
  const { outfit, chemistry, ...bankBase } = sourceOf(equipmentClass('station-1000'), 'main', mainsVolts)
  void outfit
  void chemistry
  const isSearched = ({ source, id }: Equipment) =>
    (source.kind === 'station' || source.kind === 'ups') && id !== 'station-2000-expanded'
  return {
    equipment: [
      ...own,
      ...EQUIPMENT.filter(isSearched).map((one) => ({
        ...one,
        source: sourceOf(one, 'main', mainsVolts),
      })),
    ],
    batteries: BATTERIES.map(({ battery }) => battery),
    inverters: INVERTERS.map(({ inverter }) =>
      mainsVolts === 230
        ? { ...inverter, name: inverter.name.replace('120/240 V', '230 V'), volts: [230] }
        : inverter,
    ),
    bankBase,
    fittings: { ...BANK_FITTINGS, ...buying },
    controllers: [12, 24, 48].map((bankV) => ({ bankV, controller: usualController(bankV) })),
  }
}
