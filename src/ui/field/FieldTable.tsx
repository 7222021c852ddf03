'use client'
import { CheckField } from './CheckField'
import { type FieldRow, hasUnusual } from './fieldRows'
import { More } from './More'
import { QuantityField } from './QuantityField'
import { SelectField } from './SelectField'
import { TextField } from './TextField'
import { WireField } from './WireField'

interface FieldTableProps<S> {
  rows: readonly FieldRow<S>[]
  state: S
  change: (state: S) => void
  /** what stands under More, said beside it */
  moreWords?: string
}

/** A form as data: the few fields everybody needs, and the rest under More, which is open where something is not as usual. */
export function FieldTable<S>({ rows, state, change, moreWords }: FieldTableProps<S>) {
  const shown = rows.filter(({ when }) => when?.(state) ?? true)
  const few = shown.filter(({ more }) => !more)
  const more = shown.filter((row) => row.more)
  const field = (row: FieldRow<S>) => (
    <Field key={keyOf(row, state)} row={row} state={state} change={change} />
  )
  return (
    <>
      {few.map(field)}
      {more.length > 0 && (
        <More words={moreWords} isUnusual={hasUnusual(rows, state)}>
          {more.map(field)}
        </More>
      )}
    </>
  )
}

const textOf = <S,>({ label }: FieldRow<S>, state: S) => (typeof label === 'string' ? label : label(state))
const keyOf = <S,>(row: FieldRow<S>, state: S) => `${row.kind} ${textOf(row, state)}`

function Field<S>({ row, state, change }: { row: FieldRow<S>; state: S; change: (state: S) => void }) {
  const label = textOf(row, state)
  switch (row.kind) {
    case 'quantity': {
      const { path, volts, pairedWith, check } = row
      return (
        <QuantityField
          label={label}
          path={path}
          volts={volts}
          pairedWith={pairedWith}
          value={row.value(state)}
          check={check && ((value) => check(state, value))}
          onChange={(value) => change(row.put(state, value))}
        />
      )
    }
    case 'choice':
      return (
        <SelectField
          label={label}
          value={row.value(state)}
          options={row.options}
          onChange={(value) => change(row.put(state, value))}
        />
      )
    case 'check':
      return (
        <CheckField
          label={label}
          words={row.words}
          on={row.on(state)}
          onChange={(on) => change(row.put(state, on))}
        />
      )
    case 'wire':
      return (
        <WireField
          label={label}
          isCord={row.isCord}
          areaMm2={row.value(state)}
          onChange={(areaMm2) => change(row.put(state, areaMm2))}
        />
      )
    case 'text':
      return (
        <TextField
          label={label}
          maxLength={row.maxLength}
          value={row.value(state)}
          onChange={(text) => change(row.put(state, text))}
        />
      )
    case 'note':
      return <p className="ruled soft">{row.words(state)}</p>
  }
}
