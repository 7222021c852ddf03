'use client'
import { SelectField } from '@/ui/field/SelectField'
import { UnitField } from '@/ui/field/UnitField'
import { changeSource } from '@/ui/household/edits'
import { useHouseholdStore } from '@/ui/household/HouseholdContext'
import type { CandidateRow, RowContext } from './candidateRows'
import { decidingWords } from './deciding'
import styles from './PowerPage.module.css'

interface CandidateCellProps {
  row: CandidateRow
  context: RowContext
  isChosen: boolean
  isDeciding: boolean
  flags: Record<string, boolean>
}

/** One figure of one candidate; a field where it is the chosen one's own. */
export function CandidateCell({ row, context, isChosen, isDeciding, flags }: CandidateCellProps) {
  const fails = row.fails?.(context) ?? false
  const counts = row.school === undefined || row.school === context.source.lossRule
  return (
    <td
      className={`${fails ? styles.fails : ''} ${isDeciding ? styles.deciding : ''}`}
      data-holds={!fails}
      title={isDeciding ? decidingWords(context) : undefined}
      {...flags}
    >
      {!counts ? (
        '–'
      ) : isChosen && (row.quantity || row.setting) && !(row.follows && context.source.bank) ? (
        <CellField row={row} context={context} />
      ) : (
        `${fails ? '× ' : ''}${row.show(context)}`
      )}
    </td>
  )
}

function CellField({ row, context: { system, source } }: { row: CandidateRow; context: RowContext }) {
  const store = useHouseholdStore()
  const label = `${row.label} of ${system.name}`
  const change = (part: Parameters<typeof changeSource>[2]) =>
    store.getState().edit(changeSource(system.id, source.id, part), `${system.id} ${row.label}`)
  if (row.quantity) {
    const { key, kind, check } = row.quantity
    return (
      <UnitField
        cell
        label={label}
        kind={kind}
        value={source[key].value}
        check={check && ((value) => check(value, source))}
        onChange={(value) => change({ [key]: { ...source[key], value } })}
      />
    )
  }
  if (row.setting === 'lossRule') {
    return (
      <SelectField
        cell
        label={label}
        value={source.lossRule}
        options={[
          { value: 'efficiency', words: 'efficiency' },
          { value: 'flat', words: 'flat share' },
        ]}
        onChange={(lossRule) => change({ lossRule })}
      />
    )
  }
  if (row.setting === 'chargedFraction')
    return (
      <UnitField
        cell
        label={label}
        kind="fraction"
        value={source.chargedFraction}
        onChange={(chargedFraction) => change({ chargedFraction })}
      />
    )
  if (row.setting === 'weightKg')
    return (
      <UnitField
        cell
        label={label}
        kind="weight"
        value={source.weightKg ?? 0}
        onChange={(weightKg) => change({ weightKg })}
      />
    )
  return (
    <UnitField
      cell
      label={label}
      kind="money"
      value={source.price ?? 0}
      onChange={(price) => change({ price })}
    />
  )
}
