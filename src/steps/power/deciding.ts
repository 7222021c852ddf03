import { formatDuration, formatPercent, formatWatts } from '@/words/format'
import { deciding } from '@/words/en/pages/power'
import { sourcePartWords } from '@/words/sourcePartWords'
import { wordsOf } from '@/words/translate'
import {
  type OptionRow,
  type RowContext,
  gates,
  lastsRow,
  runningRow,
  startsRow,
  voltageRow,
} from './optionRows'

const say = wordsOf(deciding)

/** The row that decides an option: the first that fails of carrying, starting and lasting; lasting when none does. */
export function decidingRow(context: RowContext): OptionRow | null {
  if (!context.evaluation) return null
  return [voltageRow, runningRow, startsRow].find((row) => row.fails!(context)) ?? lastsRow
}

/** Why the deciding cell decides, in a sentence. */
export function decidingWords(context: RowContext): string {
  if (context.failure) return say('couldNotBeComputed', { failure: context.failure })
  const row = decidingRow(context)
  const found = gates(context)
  if (!row || !found) return ''
  if (row === voltageRow) {
    const [load] = found.carries.wrongVoltage
    return say('needsVWhichItDoesNot', { load: load.name, volts: load.volts })
  }
  if (row === runningRow) {
    const { neededW, limitW, part, binding, unit } = found.carries
    const watts = (value: number) => formatWatts(value).replace(/W$/, unit)
    return say('mayRunTogetherIsGivenThe', {
      watts: watts(neededW),
      part: part && ` (${sourcePartWords(part)})`,
      watts2: watts(limitW),
      binding: String(binding?.name),
    })
  }
  if (row === startsRow) {
    const { neededW, limitW, part, binding } = found.starts
    return say('bringsItToIsGiven', {
      binding: binding?.name ?? say('aStart'),
      watts: formatWatts(neededW),
      part: part && say('forLongerThanTheSurgeLasts'),
      watts2: formatWatts(limitW),
    })
  }
  const { verdict, shortMin, confidence } = found.lasts
  if (verdict !== 'short') return say('itCarriesStartsAndLastsHow')
  return say('itCarriesAndStartsAllAnd', {
    duration: formatDuration(shortMin),
    percent: formatPercent(confidence),
  })
}
