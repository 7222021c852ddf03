import { formatMoment } from '@/core/plan/clock'
import type { Plan } from '@/core/plan/document'
import type { PowerSystem, Source } from '@/core/plan/schema'
import {
  formatDuration,
  formatEnergy,
  formatExactDuration,
  formatNumber,
  formatPercent,
  formatWatts,
} from '@/core/quantity/format'
import type { Quantity } from '@/core/quantity/quantity'
import type { MeasureKind } from '@/core/quantity/parse'
import type { Evaluation } from '@/core/sizing/evaluate'
import { runsText } from '@/core/sizing/answer'

/** A candidate as its column needs it; the evaluation is missing until it has been run. */
export interface RowContext {
  system: PowerSystem
  source: Source
  plan: Plan
  evaluation: Evaluation | undefined
}

type QuantityKey =
  | 'capacityWh'
  | 'reserveFraction'
  | 'efficiencyFraction'
  | 'noLoadW'
  | 'usableFraction'
  | 'continuousW'
  | 'surgeW'

/** A row of the table: what is shown, whether it fails, and which field of the chosen candidate it changes. */
export interface CandidateRow {
  label: string
  need?: (chosen: RowContext) => string
  show: (context: RowContext) => string
  fails?: (context: RowContext) => boolean
  quantity?: { key: QuantityKey; kind: MeasureKind; check?: (value: number, source: Source) => string | null }
  setting?: 'weightKg' | 'price' | 'chargedFraction' | 'lossRule'
  /** only where this school counts */
  school?: Source['lossRule']
}

const gates = (context: RowContext) => context.evaluation?.gates
const energy = (context: RowContext) => context.evaluation?.result.chains[0]?.energy
const shownQuantity = (quantity: Quantity, format: (value: number) => string) => format(quantity.value)

const lastsRow: CandidateRow = {
  label: 'Lasts, as surely as asked',
  need: ({ plan }) => `${formatNumber(plan.scenario.durationH, 1)} h`,
  show: (context) => {
    const lasts = gates(context)?.lasts
    if (!lasts) return '…'
    return lasts.runtimeMin === Infinity
      ? `over ${formatExactDuration(context.evaluation!.result.horizonMin)}`
      : formatDuration(lasts.runtimeMin)
  },
  fails: (context) => gates(context)?.lasts.verdict === 'short',
}

const runningRow: CandidateRow = {
  label: 'Running watts',
  need: (context) => (gates(context) ? formatWatts(gates(context)!.carries.neededW) : '…'),
  show: ({ source }) => shownQuantity(source.continuousW, formatWatts),
  fails: (context) => {
    const carries = gates(context)?.carries
    return carries !== undefined && carries.neededW > carries.limitW
  },
  quantity: {
    key: 'continuousW',
    kind: 'power',
    check: (watts, source) =>
      watts > source.surgeW.value
        ? `The surge watts are ${formatWatts(source.surgeW.value)}; raise them first.`
        : null,
  },
}

const voltageRow: CandidateRow = {
  label: 'Voltage',
  show: (context) => {
    const wrong = gates(context)?.carries.wrongVoltage ?? []
    return wrong.length
      ? `no ${wrong[0].volts} V`
      : context.source.volts.map((volts) => `${volts} V`).join(', ')
  },
  fails: (context) => (gates(context)?.carries.wrongVoltage.length ?? 0) > 0,
}

const startsRow: CandidateRow = {
  label: 'Largest start',
  need: (context) => (gates(context) ? formatWatts(gates(context)!.starts.neededW) : '…'),
  show: ({ source }) => shownQuantity(source.surgeW, formatWatts),
  fails: (context) => gates(context)?.starts.verdict === 'short',
  quantity: {
    key: 'surgeW',
    kind: 'power',
    check: (watts, source) =>
      watts < source.continuousW.value
        ? `At least the continuous ${formatWatts(source.continuousW.value)}.`
        : null,
  },
}

export const ROW_GROUPS: { title: string; rows: CandidateRow[] }[] = [
  {
    title: 'How long',
    rows: [
      lastsRow,
      {
        label: 'Runs out about',
        need: ({ plan }) => formatMoment(plan.scenario.startsAt, plan.scenario.durationH * 60),
        show: ({ plan, evaluation }) => {
          if (!evaluation) return '…'
          const { p50 } = evaluation.result.runtimeMin
          return p50 === Infinity ? 'not in sight' : formatMoment(plan.scenario.startsAt, p50, 10)
        },
      },
      {
        label: 'Runs that last',
        need: ({ plan }) => runsText(plan.scenario.confidence),
        show: ({ evaluation }) =>
          evaluation
            ? evaluation.result.reachesFraction === 0
              ? 'none'
              : runsText(evaluation.result.reachesFraction)
            : '…',
      },
      {
        label: 'Stored',
        show: ({ source }) => shownQuantity(source.capacityWh, formatEnergy),
        quantity: { key: 'capacityWh', kind: 'energy' },
      },
      {
        label: 'Charged at the start',
        show: ({ source }) => formatPercent(source.chargedFraction),
        setting: 'chargedFraction',
      },
      {
        label: 'Reserve it keeps',
        show: ({ source }) => shownQuantity(source.reserveFraction, formatPercent),
        quantity: {
          key: 'reserveFraction',
          kind: 'fraction',
          check: (share) => (share > 0.95 ? 'A reserve is 95 % at most.' : null),
        },
      },
      {
        label: 'Losses counted by',
        show: ({ source }) => (source.lossRule === 'flat' ? 'flat share' : 'efficiency'),
        setting: 'lossRule',
      },
      {
        label: 'Inverter efficiency',
        show: ({ source }) => shownQuantity(source.efficiencyFraction, formatPercent),
        quantity: {
          key: 'efficiencyFraction',
          kind: 'fraction',
          check: (share) => (share < 0.3 || share > 1 ? 'An efficiency is 30 to 100 %.' : null),
        },
        school: 'efficiency',
      },
      {
        label: 'No-load draw',
        show: ({ source }) => shownQuantity(source.noLoadW, formatWatts),
        quantity: {
          key: 'noLoadW',
          kind: 'power',
          check: (watts) => (watts > 1000 ? 'A no-load draw is 1,000 W at most.' : null),
        },
        school: 'efficiency',
      },
      {
        label: 'Usable share',
        show: ({ source }) => shownQuantity(source.usableFraction, formatPercent),
        quantity: {
          key: 'usableFraction',
          kind: 'fraction',
          check: (share) => (share < 0.05 ? 'A usable share is 5 % at least.' : null),
        },
        school: 'flat',
      },
      {
        label: 'Reaches the outlets',
        show: (context) => (energy(context) ? formatEnergy(energy(context)!.outletWh) : '…'),
      },
      {
        label: 'Lost to no-load draw',
        show: (context) => (energy(context) ? formatEnergy(energy(context)!.noLoadWh) : '…'),
      },
    ],
  },
  { title: 'Does it carry', rows: [runningRow, voltageRow] },
  { title: 'Does it start', rows: [startsRow] },
  {
    title: 'To live with',
    rows: [
      {
        label: 'Heaviest piece',
        show: ({ source }) => (source.weightKg === null ? '–' : `${formatNumber(source.weightKg, 1)} kg`),
        setting: 'weightKg',
      },
      {
        label: 'Price',
        show: ({ source, plan }) =>
          source.price === null ? '–' : `${formatNumber(source.price, 0)} ${plan.household.currency}`,
        setting: 'price',
      },
    ],
  },
]

/** The row that decides a candidate: the first that fails of carrying, starting and lasting; lasting when none does. */
export function decidingRow(context: RowContext): CandidateRow | null {
  if (!context.evaluation) return null
  return [voltageRow, runningRow, startsRow].find((row) => row.fails!(context)) ?? lastsRow
}
