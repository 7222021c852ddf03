'use client'
import { WIRING_TABLES } from '@/catalog/wires'
import { readWireSize } from '@/core/reading/wireSize'
import { wireOf } from '@/core/wiring/wire'
import { wireField } from '@/words/en/ui/fields'
import { sayField } from '@/words/reading/sayField'
import { wordsOf } from '@/words/translate'
import { TypedInput } from './TypedInput'
import { useUnits } from './units'
import { useTyped } from './useTyped'

const say = wordsOf(wireField)

const NOT_BOUGHT = say('notBoughtYet')

/** How thick a wire is, as it is sold: takes gauges and mm², whichever is shown; empty: not bought yet. */
export function WireField(props: {
  label: string
  areaMm2: number | null
  /** only sizes flexible cords are made in */
  isCord: boolean
  onChange: (areaMm2: number | null) => void
}) {
  const { label, areaMm2, isCord, onChange } = props
  const units = useUnits()
  const sold = WIRING_TABLES.wires.filter(({ cordA }) => !isCord || cordA !== null)
  const shown = areaMm2 === null ? NOT_BOUGHT : (wireOf(sold, areaMm2)?.name ?? `${areaMm2} mm²`)
  const field = useTyped<number | null>({
    label,
    path: 'wire.areaMm2',
    shown,
    value: areaMm2,
    read: (text) => {
      if (text.trim() === '' || text.trim().toLowerCase() === NOT_BOUGHT) return { ok: true, value: null }
      const reading = readWireSize(text, sold, units.wire)
      if (!reading.ok) return { ok: false, message: sayField(reading.message, units) }
      return {
        ok: true,
        value: reading.areaMm2,
        understood: reading.understood === text.trim() ? undefined : reading.understood,
      }
    },
    onChange,
  })
  return <TypedInput label={label} field={field} width="figure" />
}
