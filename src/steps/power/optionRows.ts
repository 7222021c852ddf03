import type { Plan } from '@/core/plan/document'
import type { PowerSystem, Source } from '@/core/plan/schema'
import { formatDuration, formatExactDuration, formatNumber, formatWatts } from '@/words/format'
import type { Quantity } from '@/core/quantity/quantity'
import type { BoundPath } from '@/core/plan/bounds'
import type { Working } from '@/words/workings/working'
import type { Evaluation } from '@/words/answer/evaluation'
import { optionRows } from '@/words/en/pages/power'
import { sourcePartWords } from '@/words/sourcePartWords'
import { wordsOf } from '@/words/translate'

const say = wordsOf(optionRows)

/** An option as its column needs it; the evaluation is missing until it has been run, and where it could not be. */
export interface RowContext {
  system: PowerSystem
  /** those whose figures are shown: all that are here, or one of them */
  sources: Source[]
  /** the first of them */
  source: Source
  plan: Plan
  evaluation: Evaluation | undefined
  /** why there is no evaluation and will be none */
  failure?: string | null
}

type QuantityKey =
  | 'capacityWh'
  | 'reserveFraction'
  | 'efficiencyFraction'
  | 'noLoadW'
  | 'usableFraction'
  | 'continuousW'
  | 'surgeW'

/** A row of the table: what is shown, whether it fails, and which field of the selected option it changes. */
export interface OptionRow {
  label: string
  need?: (chosen: RowContext) => string
  /** of one source; of several each is shown, unless `ofAll` says it in one */
  show: (context: RowContext) => string
  ofAll?: (context: RowContext) => string
  working?: (context: RowContext) => Working | null | undefined
  fails?: (context: RowContext) => boolean
  quantity?: { key: QuantityKey; path: BoundPath; check?: (value: number, source: Source) => string | null }
  setting?: 'weightKg' | 'price' | 'chargedFraction' | 'lossRule'
  /** of a bank it follows from its parts and is changed there */
  follows?: boolean
  /** only where this school counts */
  school?: Source['lossRule']
}

export const gates = (context: RowContext) => context.evaluation?.gates
export const shownQuantity = (quantity: Quantity, format: (value: number) => string) => format(quantity.value)

/** What a row says of an option: of several sources each, where they differ. */
export function shownOf(row: OptionRow, context: RowContext): string {
  const words = rowWords(row, context)
  return context.failure && words === WAITING ? say('notComputed') : words
}

/** What stands in a cell that is still being computed. */
export const WAITING = '…'

function rowWords(row: OptionRow, context: RowContext): string {
  if (context.sources.length === 1) return row.show(context)
  if (row.ofAll) return row.ofAll(context)
  const each = context.sources.map((source) => row.show({ ...context, source, sources: [source] }))
  return [...new Set(each)].join(' · ')
}

export const lastsRow: OptionRow = {
  label: say('runtimeAtTheChosenConfidence'),
  need: ({ plan }) => `${formatNumber(plan.scenario.durationH, 1)} h`,
  show: (context) => {
    const lasts = gates(context)?.lasts
    if (!lasts) return WAITING
    return lasts.runtimeMin === Infinity
      ? say('over', { exactDuration: formatExactDuration(context.evaluation!.result.horizonMin) })
      : formatDuration(lasts.runtimeMin)
  },
  ofAll: (context) => lastsRow.show(context),
  working: ({ evaluation }) => evaluation?.workings.lasts,
  fails: (context) => gates(context)?.lasts.verdict === 'short',
}

export const runningRow: OptionRow = {
  label: say('runningWatts'),
  follows: true,
  need: (context) => {
    const carries = gates(context)?.carries
    return carries ? formatWatts(carries.neededW).replace(/W$/, carries.unit) : WAITING
  },
  show: (context) => {
    const carries = gates(context)?.carries
    const watts = shownQuantity(context.source.continuousW, formatWatts)
    if (carries?.source.id !== context.source.id) return watts
    if (carries.unit === 'VA') return formatWatts(carries.limitW).replace(/W$/, 'VA')
    return carries.part ? `${formatWatts(carries.limitW)}, ${sourcePartWords(carries.part)}` : watts
  },
  working: ({ evaluation }) => evaluation?.workings.carries,
  fails: (context) => {
    const carries = gates(context)?.carries
    return carries !== undefined && carries.neededW > carries.limitW
  },
  quantity: {
    key: 'continuousW',
    path: 'source.watts',
    check: (watts, source) =>
      watts > source.surgeW.value
        ? say('theSurgeWattsAreRaiseThem', { watts: formatWatts(source.surgeW.value) })
        : null,
  },
}

export const voltageRow: OptionRow = {
  label: say('voltage'),
  show: (context) => {
    const wrong = gates(context)?.carries.wrongVoltage ?? []
    return wrong.length
      ? say('noV', { volts: wrong[0].volts })
      : context.source.volts.map((volts) => `${volts} V`).join(', ')
  },
  working: ({ evaluation }) => evaluation?.workings.carries,
  fails: (context) => (gates(context)?.carries.wrongVoltage.length ?? 0) > 0,
}

export const refillsRow: OptionRow = {
  label: say('rechargeHoursOfEvery24'),
  need: () => '24 h',
  show: (context) => {
    const refills = gates(context)?.refills
    if (!refills) return WAITING
    if (refills.verdict === 'unplanned') return say('notPlanned')
    return refills.verdict === 'holds'
      ? say('keepsGoing')
      : `${formatNumber(Math.max(0, refills.coverage) * 24, 1)} h`
  },
  ofAll: (context) => refillsRow.show(context),
  working: ({ evaluation }) => evaluation?.workings.refills,
}

export const startsRow: OptionRow = {
  label: say('largestStart'),
  follows: true,
  need: (context) => (gates(context) ? formatWatts(gates(context)!.starts.neededW) : WAITING),
  show: ({ source }) => shownQuantity(source.surgeW, formatWatts),
  working: ({ evaluation }) => evaluation?.workings.starts,
  fails: (context) => gates(context)?.starts.verdict === 'short',
  quantity: {
    key: 'surgeW',
    path: 'source.watts',
    check: (watts, source) =>
      watts < source.continuousW.value
        ? say('atLeastTheContinuous', { watts: formatWatts(source.continuousW.value) })
        : null,
  },
}
