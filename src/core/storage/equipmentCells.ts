import { ToldError, told } from '../quantity/told'
import { type BoundPath, boundOf } from '../plan/bounds'
import type { Source } from '../plan/power'
import { parseMeasure } from '../reading/measure'

/**
 * Equipment as rows of a table, for files; docs/equipment-csv.md has the header. The first four columns are
 * needed (of a bank its batteries instead of watt-hours), the others may be empty or missing.
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
  'chemistry',
  'battery_v',
  'battery_ah',
  'rate_h',
  'series',
  'parallel',
  'battery_kg',
  'battery_price',
  'own_cut_off_v',
  'continuous_va',
  'cut_off_v',
  'charger_a',
  'leg_w',
  'outlets',
  'outlet_a',
  'ac_in_w',
  'dc_in_w',
  'inputs_w',
  'solar_low_v',
  'solar_high_v',
  'solar_a',
  'solar_w',
  'passes_through',
  'feeds_while_charging',
  'transfer_ms',
  'sleep_below_w',
  'sleep_after_min',
  'cycles',
  'warranty_years',
] as const
export type EquipmentColumn = (typeof EQUIPMENT_COLUMNS)[number]
export type EquipmentRow = Partial<Record<EquipmentColumn, string>>

/**
 * A figure as a cell, to be read again: three digits behind a point would look like thousands, so a nought follows them.
 * @example cellOf(512.125) // "512.1250"
 */
export function cellOf(value: number | null | undefined): string {
  if (value === null || value === undefined) return ''
  const text = String(value)
  return /^-?[1-9]\d{0,2}\.\d{3}$/.test(text) ? `${text}0` : text
}

/** Reads the cells of one row; each throws a ToldError that says what would be right. */
export class EquipmentCells {
  constructor(private readonly row: EquipmentRow) {}

  /** A cell's text, without the mark that keeps it from being a formula. */
  text(column: EquipmentColumn): string {
    return this.row[column]?.trim().replace(/^'(?=[=+\-@\t\r])/, '') ?? ''
  }

  /** A figure within its bounds, with or without its unit. */
  number(column: EquipmentColumn, path: BoundPath, example: string): number | null {
    const text = this.text(column)
    if (text === '') return null
    const { kind, low, high, isWhole } = boundOf(path)
    const parsed = parseMeasure(text, kind, { low, high, isWhole })
    if (!parsed.ok)
      throw new ToldError(
        told('cell.number', {
          column,
          said: text,
          isWhole: isWhole ?? false,
          low: String(low),
          high: String(high),
          example,
        }),
      )
    return parsed.value
  }

  needed(column: EquipmentColumn, path: BoundPath, example: string): number {
    const value = this.number(column, path, example)
    if (value === null) throw new ToldError(told('cell.empty', { column, example }))
    return value
  }

  /** A share written as 0.05 or as 5 (percent); a 1 is all of it. */
  share(column: EquipmentColumn, path: BoundPath, example: string): number | null {
    return this.text(column) === '1' ? 1 : this.number(column, path, example)
  }

  /** yes unless the cell says no; `unless` where it is empty */
  isYesUnless(column: EquipmentColumn, unless: boolean): boolean {
    return this.text(column) === '' ? unless : this.isYes(column)
  }

  isYes(column: EquipmentColumn): boolean {
    return /^(1|y|yes|true|x)$/i.test(this.text(column))
  }

  volts(): Source['volts'] {
    const text = this.text('volts')
    const volts = text
      .split(/[\s/;+|]+/)
      .filter(Boolean)
      .map((one) => Number(one.replace(/v$/i, '')))
    const known = volts.filter((one): one is Source['volts'][number] => [12, 120, 230, 240].includes(one))
    if (known.length === 0 || known.length !== volts.length)
      throw new ToldError(told('cell.volts', { said: text }))
    return [...new Set(known)]
  }
}
