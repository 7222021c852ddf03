import { formatDuration, formatPercent, formatWatts } from '@/core/quantity/format'
import {
  type OptionRow,
  type RowContext,
  gates,
  lastsRow,
  runningRow,
  startsRow,
  voltageRow,
} from './optionRows'

/** The row that decides an option: the first that fails of carrying, starting and lasting; lasting when none does. */
export function decidingRow(context: RowContext): OptionRow | null {
  if (!context.evaluation) return null
  return [voltageRow, runningRow, startsRow].find((row) => row.fails!(context)) ?? lastsRow
}

/** Why the deciding cell decides, in a sentence. */
export function decidingWords(context: RowContext): string {
  if (context.failure) return `Could not be computed. ${context.failure}`
  const row = decidingRow(context)
  const found = gates(context)
  if (!row || !found) return ''
  if (row === voltageRow) {
    const [load] = found.carries.wrongVoltage
    return `${load.name} wants ${load.volts} V, which it does not give.`
  }
  if (row === runningRow) {
    const { neededW, limitW, part, binding, unit } = found.carries
    const watts = (value: number) => formatWatts(value).replace(/W$/, unit)
    return `${watts(neededW)} may run together${part && ` (${part})`}, ${watts(limitW)} is given; the largest is ${binding?.name}.`
  }
  if (row === startsRow) {
    const { neededW, limitW, part, binding } = found.starts
    return `${binding?.name ?? 'A start'} brings it to ${formatWatts(neededW)}${part && ` for longer than the surge lasts`}, ${formatWatts(limitW)} is given.`
  }
  const { verdict, shortMin, confidence } = found.lasts
  if (verdict !== 'short') return 'It carries, starts and lasts; how long decides among those that do.'
  return `It carries and starts all, and is ${formatDuration(shortMin)} short, with ${formatPercent(confidence)} confidence.`
}
