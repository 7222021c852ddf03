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
import { chemistryOf, refillHours } from '@/core/storage/bank'
import { piecesOf, totalWeightKg } from '@/core/storage/expansion'
import { outagesOfFood, pricePerLifeKwh } from '@/core/sizing/money'
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
  /** of a bank it follows from its parts and is changed there */
  follows?: boolean
  /** only where this school counts */
  school?: Source['lossRule']
}

const plain = (label: string, show: (context: RowContext) => string): CandidateRow => ({ label, show })
export const gates = (context: RowContext) => context.evaluation?.gates
const energy = (context: RowContext) => context.evaluation?.result.chains[0]?.energy
const shownQuantity = (quantity: Quantity, format: (value: number) => string) => format(quantity.value)

export const lastsRow: CandidateRow = {
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

export const runningRow: CandidateRow = {
  label: 'Running watts',
  follows: true,
  need: (context) => {
    const carries = gates(context)?.carries
    return carries ? formatWatts(carries.neededW).replace(/W$/, carries.unit) : '…'
  },
  show: (context) => {
    const carries = gates(context)?.carries
    const watts = shownQuantity(context.source.continuousW, formatWatts)
    if (carries?.unit === 'VA') return formatWatts(carries.limitW).replace(/W$/, 'VA')
    return carries?.part ? `${formatWatts(carries.limitW)}, ${carries.part}` : watts
  },
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

export const voltageRow: CandidateRow = {
  label: 'Voltage',
  show: (context) => {
    const wrong = gates(context)?.carries.wrongVoltage ?? []
    return wrong.length
      ? `no ${wrong[0].volts} V`
      : context.source.volts.map((volts) => `${volts} V`).join(', ')
  },
  fails: (context) => (gates(context)?.carries.wrongVoltage.length ?? 0) > 0,
}

export const startsRow: CandidateRow = {
  label: 'Largest start',
  follows: true,
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
    ],
  },
  {
    title: 'What it gives',
    rows: [
      {
        label: 'Stored',
        show: ({ source }) => shownQuantity(source.capacityWh, formatEnergy),
        quantity: { key: 'capacityWh', kind: 'energy' },
        follows: true,
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
        follows: true,
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
        follows: true,
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
  {
    title: 'Does it carry',
    rows: [
      runningRow,
      voltageRow,
      plain('With the grid there', ({ source }) => {
        const watts = source.outfit?.withGridW ?? null
        return watts === null ? '–' : formatWatts(watts)
      }),
      plain('Outlets', ({ source }) =>
        source.outfit
          ? `${source.outfit.outlets.count} × ${formatNumber(source.outfit.outlets.ampsEach)} A`
          : '–',
      ),
      plain('Direct current', ({ source }) => {
        const dc = source.outfit?.dc
        if (dc) return `${formatWatts(dc.socketW + dc.usbW)}`
        return source.volts.includes(12) ? 'at the battery' : '–'
      }),
    ],
  },
  { title: 'Does it start', rows: [startsRow] },
  {
    title: 'How refilled',
    rows: [
      plain('From the wall', ({ source }) => {
        if (source.bank) {
          const hours = refillHours(source.bank, 1 - source.reserveFraction.value)
          return hours === Infinity ? 'no charger' : `${formatNumber(hours, hours < 10 ? 1 : 0)} h`
        }
        const watts = source.outfit?.input.acW ?? 0
        return watts > 0
          ? `${formatNumber((source.capacityWh.value / (0.9 * watts)) * 1.1, 1)} h at ${formatWatts(watts)}`
          : '–'
      }),
      plain('Panels’ window', ({ source }) => {
        const solar = source.outfit?.input.solar
        return solar
          ? `${formatNumber(solar.lowV)}–${formatNumber(solar.highV)} V, ${formatNumber(solar.amps)} A, ${formatWatts(solar.watts)}`
          : '–'
      }),
      plain('Feeds while it charges', ({ source }) =>
        source.outfit ? (source.outfit.suppliesWhileCharging ? 'yes' : 'no') : source.bank ? 'yes' : '–',
      ),
      plain('Gap when the wall goes', ({ source }) => {
        const ms = source.outfit?.transferMs
        if (ms === undefined) return '–'
        return ms === null ? 'plug over' : `${formatNumber(ms)} ms`
      }),
    ],
  },
  {
    title: 'How heavy',
    rows: [
      {
        label: 'Heaviest piece',
        follows: true,
        show: ({ source }) => (source.weightKg === null ? '–' : `${formatNumber(source.weightKg, 1)} kg`),
        setting: 'weightKg',
      },
      plain('In all', ({ source }) => {
        const kg = totalWeightKg(source)
        return kg === null ? '–' : `${formatNumber(kg)} kg, ${piecesOf(source)} pc`
      }),
    ],
  },
  {
    title: 'What price',
    rows: [
      {
        label: 'Price',
        follows: true,
        show: ({ source, plan }) =>
          source.price === null ? '–' : `${formatNumber(source.price, 0)} ${plan.household.currency}`,
        setting: 'price',
      },
      plain('In outages of lost food', ({ source, plan }) => {
        const outages = source.price === null ? null : outagesOfFood(source.price, plan.household.foodValue)
        return outages === null ? '–' : `${formatNumber(outages, 1)} ×`
      }),
      plain('A usable kWh, over its life', ({ source, plan }) => {
        const price = pricePerLifeKwh(source)
        return price === null ? '–' : `${formatNumber(price, 2)} ${plan.household.currency}`
      }),
    ],
  },
  {
    title: 'What breaks',
    rows: [
      plain('Cycles', ({ source }) => {
        const cycles = source.bank?.battery.cycles ?? source.outfit?.cycles
        return cycles === undefined ? '–' : formatNumber(cycles)
      }),
      plain('Warranty', ({ source }) =>
        source.outfit
          ? `${formatNumber(source.outfit.warrantyYears)} years`
          : source.bank
            ? 'part by part'
            : '–',
      ),
      plain('Goes to sleep', ({ source }) => {
        const sleep = source.outfit?.sleep ?? null
        const search = source.bank?.inverter?.search
        if (sleep) return `under ${formatWatts(sleep.belowW)}`
        return search ? `searches under ${formatWatts(search.belowW)}` : 'no'
      }),
      plain('Cold', ({ source }) =>
        chemistryOf(source) === 'lifepo4' ? 'no charging under 0 °C' : 'less at every degree',
      ),
    ],
  },
]
