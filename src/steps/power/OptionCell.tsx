'use client'
import ButtonBase from '@mui/material/ButtonBase'
import { SelectField } from '@/ui/field/SelectField'
import { QuantityField } from '@/ui/field/QuantityField'
import { changeSource } from '@/ui/household/edits'
import { useHouseholdStore } from '@/ui/household/HouseholdContext'
import type { Working } from '@/words/workings/working'
import { optionCell } from '@/words/en/pages/power'
import { wordsOf } from '@/words/translate'
import { type OptionRow, type RowContext, shownOf } from './optionRows'
import { decidingWords } from './deciding'
import styles from './PowerPage.module.css'

const say = wordsOf(optionCell)

/** How the cell of an option is marked: whether it fails, and whether it decides. */
export function optionCellProps(row: OptionRow, context: RowContext, isDeciding: boolean) {
  const fails = row.fails?.(context) ?? false
  return {
    className: `${fails ? 'strong fault' : ''} ${isDeciding ? styles.deciding : ''}`,
    'data-holds': !fails,
    title: isDeciding ? decidingWords(context) : (context.failure ?? undefined),
  }
}

interface OptionCellProps {
  row: OptionRow
  context: RowContext
  isChosen: boolean
  openWorking: (working: Working) => void
}

/** One figure of one option; a field where it is the chosen one's own, else it opens its working. */
export function OptionCell({ row, context, isChosen, openWorking }: OptionCellProps) {
  const counts = row.school === undefined || row.school === context.source.lossRule
  if (!counts) return '–'
  const isField = isChosen && (row.quantity || row.setting) && context.sources.length === 1
  if (isField && !(row.follows && context.source.bank))
    return (
      <div className={styles.typed}>
        <CellField row={row} context={context} />
      </div>
    )
  const words = `${row.fails?.(context) ? say('short') : ''}${shownOf(row, context)}`
  const working = row.working?.(context)
  return working ? (
    <ButtonBase className={styles.figure} title={say('theWorking')} onClick={() => openWorking(working)}>
      {words}
    </ButtonBase>
  ) : (
    words
  )
}

/** Rows that must agree with each other. */
const PAIRS: Partial<Record<string, string>> = {
  continuousW: say('largestStart'),
  surgeW: say('runningWatts'),
}

function CellField({ row, context: { system, source } }: { row: OptionRow; context: RowContext }) {
  const store = useHouseholdStore()
  const label = say('ofWord', { row: row.label, system: system.name })
  const change = (part: Parameters<typeof changeSource>[2]) =>
    store.getState().edit(changeSource(system.id, source.id, part))
  if (row.quantity) {
    const { key, path, check } = row.quantity
    return (
      <QuantityField
        cell
        label={label}
        path={path}
        pairedWith={PAIRS[key] && say('ofWord2', { pairs: PAIRS[key], system: system.name })}
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
          { value: 'efficiency', words: say('efficiency') },
          { value: 'flat', words: say('flatShare') },
        ]}
        onChange={(lossRule) => change({ lossRule })}
      />
    )
  }
  if (row.setting === 'chargedFraction')
    return (
      <QuantityField
        cell
        label={label}
        path="source.chargedFraction"
        value={source.chargedFraction}
        onChange={(chargedFraction) => change({ chargedFraction })}
      />
    )
  if (row.setting === 'weightKg')
    return (
      <QuantityField
        cell
        label={label}
        path="source.weightKg"
        value={source.weightKg ?? 0}
        onChange={(weightKg) => change({ weightKg })}
      />
    )
  return (
    <QuantityField
      cell
      label={label}
      path="source.price"
      value={source.price ?? 0}
      onChange={(price) => change({ price })}
    />
  )
}
