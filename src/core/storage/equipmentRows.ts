import type { Equipment } from '../plan/equipment'
import { type Chemistry, SOURCE_KINDS, type SourceKind } from '../plan/limits'
import type { Bank, Battery, Source } from '../plan/power'
import { quantity } from '../quantity/quantity'
import { type Told, ToldError, told } from '../quantity/told'
import { bankOfCells, cellsOfBank } from './bankRows'
import {
  EQUIPMENT_COLUMNS,
  EquipmentCells,
  cellOf,
  type EquipmentColumn,
  type EquipmentRow,
} from './equipmentCells'
import { cellsOfOutfit, hasFittings, outfitOfCells } from './outfitRows'

export interface RefusedRow {
  line: number
  message: Told
}

/** What a row does not say is taken from these. */
export interface EquipmentBase {
  station: Source
  bankSource: (bank: Bank, name: string) => Source
  battery: (chemistry: Chemistry) => Battery
  /** of an inverter by its rated watts */
  noLoadW: (watts: number) => Source['noLoadW']
}

const NEEDED: EquipmentColumn[] = ['name', 'capacity_wh', 'continuous_w', 'volts']
/** Surge, efficiency and reserve where a file says nothing. Common practice, no source. */
const USUAL = { surgeTimes: 2, efficiency: 0.9, reserve: 0.05 }

/**
 * Reads equipment from rows.
 *
 * @param rows by column name, in the order of the file; the header is line 1
 * @returns what could be read, and every other line with what is wrong and what would be right
 */
export function equipmentOfRows(
  rows: readonly EquipmentRow[],
  base: EquipmentBase,
): { equipment: Equipment[]; refused: RefusedRow[] } {
  const equipment: Equipment[] = []
  const refused: RefusedRow[] = []
  const missing = NEEDED.filter((column) => rows.length > 0 && !(column in rows[0]))
  if (missing.length)
    return {
      equipment,
      refused: [{ line: 1, message: told('cell.header', { missing, columns: EQUIPMENT_COLUMNS.join(',') }) }],
    }
  rows.forEach((row, i) => {
    const line = i + 2
    try {
      const cells = new EquipmentCells(row)
      equipment.push({
        id: `own-${line}-${slug(row.name ?? '')}`,
        note: '',
        owned: cells.isYes('owned'),
        source: sourceOfCells(cells, base),
      })
    } catch (error) {
      if (!(error instanceof RangeError)) throw error
      refused.push({ line, message: error instanceof ToldError ? error.fact : told('cell.unreadable') })
    }
  })
  return { equipment, refused }
}

function sourceOfCells(cells: EquipmentCells, base: EquipmentBase): Source {
  const name = cells.text('name')
  if (name === '' || name.length > 80) throw new ToldError(told('cell.name'))
  const kind = (cells.text('kind') || 'station') as SourceKind
  if (!SOURCE_KINDS.includes(kind))
    throw new ToldError(told('cell.kind', { column: 'kind', said: kind, choices: SOURCE_KINDS }))
  const reserve = cells.share('reserve', 'source.reserveFraction', '5')
  if (kind === 'bank') {
    const source = base.bankSource(bankOfCells(cells, base.battery, base.noLoadW), name)
    return reserve === null
      ? source
      : { ...source, reserveFraction: { ...source.reserveFraction, value: reserve } }
  }
  const capacityWh = cells.needed('capacity_wh', 'source.capacityWh', '2048')
  const continuousW = cells.needed('continuous_w', 'source.watts', '2400')
  const surgeW =
    cells.number('surge_w', 'source.watts', '4000') ?? Math.min(50_000, USUAL.surgeTimes * continuousW)
  if (surgeW < continuousW) throw new ToldError(told('cell.surge', { surge: surgeW, rated: continuousW }))
  const noLoad = cells.number('no_load_w', 'source.noLoadW', '12')
  const efficiency = cells.share('efficiency', 'source.efficiencyFraction', '91') ?? USUAL.efficiency
  const { outfit, ...plain } = base.station
  return {
    ...plain,
    ...(outfit && (kind === 'station' || hasFittings(cells))
      ? { outfit: outfitOfCells(cells, outfit, capacityWh) }
      : {}),
    name,
    kind,
    capacityWh: quantity(capacityWh, 'Wh', 'label', { times: 1.04 }),
    continuousW: quantity(continuousW, 'W', 'label', { times: 1 }),
    surgeW: quantity(surgeW, 'W', 'label', { times: 1 }),
    reserveFraction: quantity(reserve ?? USUAL.reserve, '1', 'typical', { plusMinus: 0.02 }),
    efficiencyFraction: quantity(Math.max(0.3, efficiency), '1', 'typical', { plusMinus: 0.03 }),
    noLoadW: noLoad === null ? base.noLoadW(continuousW) : quantity(noLoad, 'W', 'label', { times: 1.2 }),
    volts: cells.volts(),
    weightKg: cells.number('weight_kg', 'source.weightKg', '24'),
    price: cells.number('price', 'source.price', '1500'),
  }
}

const slug = (name: string) =>
  name
    .toLowerCase()
    .replace(/[^a-z0-9]+/g, '-')
    .replace(/^-|-$/g, '')
    .slice(0, 40)

const EMPTY = Object.fromEntries(EQUIPMENT_COLUMNS.map((column) => [column, ''])) as Required<EquipmentRow>

/** Equipment as rows, to be written to a file and read again. */
export function rowsOfEquipment(equipment: readonly Equipment[]): Required<EquipmentRow>[] {
  return equipment.map(({ source, owned }) => ({
    ...EMPTY,
    capacity_wh: cellOf(source.capacityWh.value),
    continuous_w: cellOf(source.continuousW.value),
    volts: source.volts.join('/'),
    kind: source.kind,
    surge_w: cellOf(source.surgeW.value),
    efficiency: cellOf(source.efficiencyFraction.value),
    no_load_w: cellOf(source.noLoadW.value),
    reserve: cellOf(source.reserveFraction.value),
    weight_kg: cellOf(source.weightKg),
    price: cellOf(source.price),
    ...(source.outfit ? cellsOfOutfit(source.outfit) : {}),
    ...(source.bank ? cellsOfBank({ ...source, bank: source.bank }) : {}),
    name: source.name,
    owned: owned ? 'yes' : 'no',
  }))
}
