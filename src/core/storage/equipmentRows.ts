import type { Equipment } from '../plan/equipment'
import { SOURCE_KINDS, type SourceKind } from '../plan/limits'
import type { Source } from '../plan/power'
import { quantity } from '../quantity/quantity'

/**
 * Equipment as rows of a table, for files; docs/equipment-csv.md has the header. The first four columns are
 * needed, the others may be empty or missing.
 */
export const EQUIPMENT_COLUMNS = [
  'name',
  'capacity_wh',
  'continuous_w',
  'volts',
  'kind',
  'surge_w',
  'efficiency',
  'no_load_w',
  'reserve',
  'weight_kg',
  'price',
  'owned',
] as const
type Column = (typeof EQUIPMENT_COLUMNS)[number]
export type EquipmentRow = Partial<Record<Column, string>>

export interface RefusedRow {
  line: number
  message: string
}

const NEEDED: Column[] = ['name', 'capacity_wh', 'continuous_w', 'volts']
/** Surge, efficiency and reserve where a file says nothing. Common practice, no source. */
const USUAL = { surgeTimes: 2, efficiency: 0.9, reserve: 0.05 }

/**
 * Reads equipment from rows.
 *
 * @param rows by column name, in the order of the file; the header is line 1
 * @param base what a source takes its other figures from
 * @param usualNoLoadW of an inverter by its rated watts
 * @returns what could be read, and every other line with what is wrong and what would be right
 */
export function equipmentOfRows(
  rows: readonly EquipmentRow[],
  base: Source,
  usualNoLoadW: (watts: number) => Source['noLoadW'],
): { equipment: Equipment[]; refused: RefusedRow[] } {
  const equipment: Equipment[] = []
  const refused: RefusedRow[] = []
  const missing = NEEDED.filter((column) => rows.length > 0 && !(column in rows[0]))
  if (missing.length)
    return {
      equipment,
      refused: [
        { line: 1, message: `the header lacks ${missing.join(', ')}; it is ${EQUIPMENT_COLUMNS.join(',')}` },
      ],
    }
  rows.forEach((row, i) => {
    const line = i + 2
    try {
      equipment.push(equipmentOfRow(row, `own-${line}-${slug(row.name ?? '')}`, base, usualNoLoadW))
    } catch (error) {
      refused.push({ line, message: (error as Error).message })
    }
  })
  return { equipment, refused }
}

function equipmentOfRow(
  row: EquipmentRow,
  id: string,
  base: Source,
  usualNoLoadW: (watts: number) => Source['noLoadW'],
): Equipment {
  const number = (column: Column, low: number, high: number, example: string): number | null => {
    const text = row[column]?.trim() ?? ''
    if (text === '') return null
    const value = Number(text.replace(',', '.'))
    if (!Number.isFinite(value) || value < low || value > high)
      throw new RangeError(
        `${column} is “${text}”; a number from ${low} to ${high} would be right, such as ${example}`,
      )
    return value
  }
  const needed = (column: Column, low: number, high: number, example: string): number => {
    const value = number(column, low, high, example)
    if (value === null) throw new RangeError(`${column} is empty; such as ${example}`)
    return value
  }
  const name = row.name?.trim() ?? ''
  if (name === '' || name.length > 80) throw new RangeError('name must have 1 to 80 letters')
  const kind = (row.kind?.trim() || 'station') as SourceKind
  if (!SOURCE_KINDS.includes(kind) || kind === 'bank')
    throw new RangeError(
      `kind is “${kind}”; one of ${SOURCE_KINDS.filter((one) => one !== 'bank').join(', ')} would be right`,
    )
  const capacityWh = needed('capacity_wh', 1, 1_000_000, '2048')
  const continuousW = needed('continuous_w', 1, 50_000, '2400')
  const surgeW = number('surge_w', 1, 50_000, '4000') ?? Math.min(50_000, USUAL.surgeTimes * continuousW)
  if (surgeW < continuousW) throw new RangeError(`surge_w ${surgeW} is below continuous_w ${continuousW}`)
  const noLoad = number('no_load_w', 0, 1000, '12')
  const reserve = share(number('reserve', 0, 95, '5')) ?? USUAL.reserve
  const efficiency = share(number('efficiency', 0.3, 100, '91')) ?? USUAL.efficiency
  const { outfit, ...plain } = base
  return {
    id,
    note: '',
    owned: /^(1|y|yes|true|x)$/i.test(row.owned?.trim() ?? ''),
    source: {
      ...plain,
      ...(kind === 'station' && outfit ? { outfit: { ...outfit, expansion: null, legW: null } } : {}),
      name,
      kind,
      capacityWh: quantity(capacityWh, 'Wh', 'label', { times: 1.04 }),
      continuousW: quantity(continuousW, 'W', 'label', { times: 1 }),
      surgeW: quantity(surgeW, 'W', 'label', { times: 1 }),
      reserveFraction: quantity(reserve, '1', 'typical', { plusMinus: 0.02 }),
      efficiencyFraction: quantity(Math.max(0.3, efficiency), '1', 'typical', { plusMinus: 0.03 }),
      noLoadW: noLoad === null ? usualNoLoadW(continuousW) : quantity(noLoad, 'W', 'label', { times: 1.2 }),
      volts: voltsOf(row.volts ?? ''),
      weightKg: number('weight_kg', 0, 2000, '24'),
      price: number('price', 0, 1_000_000, '1500'),
    },
  }
}

/** A share written as 0.05 or as 5 (percent). */
const share = (value: number | null) => (value === null ? null : value > 1 ? value / 100 : value)

function voltsOf(text: string): Source['volts'] {
  const volts = text
    .split(/[\s/;+|]+/)
    .filter(Boolean)
    .map((one) => Number(one.replace(/v$/i, '')))
  const known = volts.filter((one): one is Source['volts'][number] => [12, 120, 230, 240].includes(one))
  if (known.length === 0 || known.length !== volts.length)
    throw new RangeError(`volts is “${text}”; 12, 120, 230 or 240 would be right, several parted by a slash`)
  return [...new Set(known)]
}

const slug = (name: string) =>
  name
    .toLowerCase()
    .replace(/[^a-z0-9]+/g, '-')
    .replace(/^-|-$/g, '')
    .slice(0, 40)

/** Equipment as rows, to be written to a file and read again. */
export function rowsOfEquipment(equipment: readonly Equipment[]): Required<EquipmentRow>[] {
  const text = (value: number | null) => (value === null ? '' : String(value))
  return equipment.map(({ source, owned }) => ({
    name: source.name,
    capacity_wh: text(source.capacityWh.value),
    continuous_w: text(source.continuousW.value),
    volts: source.volts.join('/'),
    kind: source.kind === 'bank' ? 'station' : source.kind,
    surge_w: text(source.surgeW.value),
    efficiency: text(source.efficiencyFraction.value),
    no_load_w: text(source.noLoadW.value),
    reserve: text(source.reserveFraction.value),
    weight_kg: text(source.weightKg),
    price: text(source.price),
    owned: owned ? 'yes' : 'no',
  }))
}
