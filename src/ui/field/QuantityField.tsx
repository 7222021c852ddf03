'use client'
import { type BoundPath, boundOf } from '@/core/plan/bounds'
import type { Units } from '@/core/quantity/units'
import { formatNumber } from '@/words/format'
import type { MeasureKind } from '@/core/reading/measureRules'
import { RULES } from '@/core/reading/measureRules'
import { parseMeasure } from '@/core/reading/measure'
import { shownUnitOf } from '@/core/reading/shownUnit'
import { quantityField } from '@/words/en/ui/fields'
import { sayField } from '@/words/reading/sayField'
import { wordsOf } from '@/words/translate'
import { TypedInput } from './TypedInput'
import { useTyped } from './useTyped'
import { useUnits } from './units'

const say = wordsOf(quantityField)

export interface QuantityFieldProps {
  label: string
  /** which figure of the plan it is: its unit and its bounds follow */
  path: BoundPath
  /** in the kept unit: W, Wh, min, h, s, 0…1, °C, kg; null: nobody said it */
  value: number | null
  /** called when the field is left or Enter is pressed; while it is typed in, on trial */
  onChange: (value: number) => void
  /** of the load, so that amps are understood where watts are asked for */
  volts?: number
  /** in a table cell: the label is for screen readers, trouble hangs below */
  cell?: boolean
  /** what else must hold, as a message or null */
  check?: (value: number) => string | null
  /** the label of the field it must agree with */
  pairedWith?: string
  /** belongs to no household: not tried out while it is typed */
  local?: boolean
  /** bounds narrower than those of the figure */
  low?: number
  high?: number
}

/** Digits after the point: enough that what is typed is what stands there afterwards. */
const DIGITS: Partial<Record<MeasureKind, number>> = {
  fraction: 3,
  hours: 3,
  longHours: 3,
  minutes: 3,
  seconds: 3,
  horsepower: 3,
  latitude: 4,
  longitude: 4,
  coefficient: 3,
}
const USUAL_DIGITS = 2
/** No battery that feeds a house holds less, Wh: who writes so few thinks in kWh. */
const ASKS_UNIT_BELOW: Partial<Record<BoundPath, number>> = {
  'source.capacityWh': 30,
  'outfit.expansionWh': 30,
}
const NOT_SAID = say('notSaid')

/** A value as its field shows it, in the household's units. */
function shownAs(value: number, kind: MeasureKind, units: Units): string {
  const shownIn = shownUnitOf(kind, units)
  const number = formatNumber(
    kind === 'fraction' ? value * 100 : shownIn ? shownIn.ofKept(value) : value,
    DIGITS[kind] ?? USUAL_DIGITS,
  )
    .replace(/,/g, '')
    .replace('.', units.decimal)
  const unit = shownIn?.unit ?? RULES[kind].unit
  return unit ? `${number} ${unit}` : number
}

/** A figure with its unit: takes the units people write, says what it understood, and keeps what it cannot take. */
export function QuantityField(props: QuantityFieldProps) {
  const { label, path, value, onChange, volts, cell, check, pairedWith, local } = props
  const bound = boundOf(path)
  const { kind, isWhole } = bound
  const low = props.low ?? bound.low
  const high = props.high ?? bound.high
  const units = useUnits()
  const field = useTyped<number | null>({
    label,
    path,
    shown: value === null ? NOT_SAID : shownAs(value, kind, units),
    value,
    read: (text) => {
      if (value === null && text.trim() === NOT_SAID) return { ok: true, value: null }
      const parsed = parseMeasure(text, kind, {
        volts,
        low,
        high,
        isWhole,
        asksUnitBelow: ASKS_UNIT_BELOW[path],
        shownIn: shownUnitOf(kind, units),
      })
      if (!parsed.ok) return { ok: false, message: sayField(parsed.message, units) }
      const objection = check?.(parsed.value) ?? null
      if (objection) return { ok: false, message: objection }
      const understood = sayField(parsed.understood, units)
      return { ...parsed, understood: understood === text.trim() ? undefined : understood }
    },
    onChange: (next) => {
      if (next !== null) onChange(next)
    },
    local,
  })
  return (
    <TypedInput
      label={label}
      field={field}
      cell={cell}
      width={cell ? 'compact' : 'figure'}
      pairedWith={pairedWith}
    />
  )
}
