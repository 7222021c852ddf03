import { momentOf } from '@/core/plan/momentOf'
import type { Plan } from '@/core/plan/document'
import type { Source } from '@/core/plan/schema'
import { formatEnergy, formatNumber, formatPercent, formatWatts } from '@/core/quantity/format'
import type { EnergyBalance } from '@/core/simulation/result'
import type { Evaluation } from '@/words/answer/evaluation'
import { lifeCycles, outagesOfFood, pricePerLifeKwh } from '@/core/sizing/money'
import { energyWorking, foodWorking, lifeWorking, wallWorking } from '@/core/sizing/propertyWorkings'
import { chemistryOf } from '@/core/storage/bank'
import { piecesOf, totalWeightKg } from '@/core/storage/expansion'
import { wallHours } from '@/core/storage/wallHours'
import {
  type OptionRow,
  type RowContext,
  lastsRow,
  refillsRow,
  runningRow,
  shownQuantity,
  startsRow,
  voltageRow,
  WAITING,
} from './optionRows'
import { formatMass, formatTemperature, formatTemperatures } from '@/core/reading/inUnits'

const plain = (label: string, show: (context: RowContext) => string): OptionRow => ({ label, show })

const energyOf = ({ plan, evaluation }: RowContext) => evaluation && energyWorking(plan, evaluation.result)

function energyWords({ evaluation }: RowContext, key: keyof EnergyBalance): string {
  if (!evaluation) return WAITING
  return formatEnergy(evaluation.result.chains.reduce((sum, { energy }) => sum + energy[key], 0))
}

function endsWords({ plan, evaluation }: RowContext): string {
  if (!evaluation) return WAITING
  const { p50 } = evaluation.result.runtimeMin
  return p50 === Infinity ? 'not in sight' : momentOf(plan, p50, 10)
}

/** Whether some of what is wanted is not fed at all, and what is told holds for the rest. */
const isPart = ({ gates, result }: Evaluation) =>
  gates.carries.wrongVoltage.length > 0 && result.loads.length > 0

/** A sum over sources; null where one of them is not known. */
function sumOf(sources: readonly Source[], of: (source: Source) => number | null): number | null {
  return sources.map(of).reduce((sum, one) => (sum === null || one === null ? null : sum + one), 0)
}

function weightWords(sources: readonly Source[], { household }: Plan): string {
  const kg = sumOf(sources, totalWeightKg)
  return kg === null ? '–' : `${formatMass(kg, household.units, 1)}, ${sumOf(sources, piecesOf)} pc`
}

function priceWords(sources: readonly Source[], { household }: Plan): string {
  const price = sumOf(sources, (source) => source.price)
  return price === null ? '–' : `${formatNumber(price, 0)} ${household.currency}`
}

const celsiusWords = (range: { lowC: number; highC: number } | undefined, { household }: Plan) =>
  range ? formatTemperatures(range.lowC, range.highC, household.units) : '–'

/** The rows of the table, grouped as people ask. */
export const ROW_GROUPS: { title: string; rows: OptionRow[] }[] = [
  {
    title: 'Runtime',
    rows: [
      lastsRow,
      {
        label: 'Runs out about',
        need: ({ plan }) => momentOf(plan, plan.scenario.durationH * 60),
        ofAll: (context) => endsWords(context),
        working: ({ evaluation }) => evaluation?.workings.lasts,
        show: (context) => endsWords(context),
      },
      {
        label: 'Chance to last the outage',
        need: ({ plan }) => formatPercent(plan.scenario.confidence),
        working: ({ evaluation }) => evaluation?.workings.margin,
        show: ({ evaluation }) =>
          evaluation
            ? `${formatPercent(evaluation.result.reachesFraction)}${isPart(evaluation) ? ', of what it feeds' : ''}`
            : WAITING,
      },
    ],
  },
  {
    title: 'Energy',
    rows: [
      {
        label: 'Capacity',
        show: ({ source }) => shownQuantity(source.capacityWh, formatEnergy),
        ofAll: ({ sources }) => formatEnergy(sumOf(sources, ({ capacityWh }) => capacityWh.value)!),
        quantity: { key: 'capacityWh', path: 'source.capacityWh' },
        follows: true,
      },
      {
        label: 'Charged at the start',
        show: ({ source }) => formatPercent(source.chargedFraction),
        setting: 'chargedFraction',
      },
      {
        label: 'Reserve',
        show: ({ source }) => shownQuantity(source.reserveFraction, formatPercent),
        quantity: {
          key: 'reserveFraction',
          path: 'source.reserveFraction',
        },
      },
      {
        label: 'Loss estimate',
        show: ({ source }) => (source.lossRule === 'flat' ? 'flat share' : 'efficiency'),
        setting: 'lossRule',
      },
      {
        label: 'Inverter efficiency',
        follows: true,
        show: ({ source }) => shownQuantity(source.efficiencyFraction, formatPercent),
        quantity: {
          key: 'efficiencyFraction',
          path: 'source.efficiencyFraction',
        },
        school: 'efficiency',
      },
      {
        label: 'Idle draw (no-load)',
        follows: true,
        show: ({ source }) => shownQuantity(source.noLoadW, formatWatts),
        quantity: {
          key: 'noLoadW',
          path: 'source.noLoadW',
        },
        school: 'efficiency',
      },
      {
        label: 'Usable share',
        show: ({ source }) => shownQuantity(source.usableFraction, formatPercent),
        quantity: {
          key: 'usableFraction',
          path: 'source.usableFraction',
        },
        school: 'flat',
      },
      {
        label: 'Usable at the outlets',
        working: energyOf,
        show: (context) => energyWords(context, 'outletWh'),
        ofAll: (context) => energyWords(context, 'outletWh'),
      },
      {
        label: 'Lost to idle draw',
        working: energyOf,
        show: (context) => energyWords(context, 'noLoadWh'),
        ofAll: (context) => energyWords(context, 'noLoadWh'),
      },
    ],
  },
  {
    title: 'Running power',
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
  { title: 'Starting surge', rows: [startsRow] },
  {
    title: 'Recharge',
    rows: [
      refillsRow,
      {
        label: 'AC charging',
        working: ({ source }) => wallWorking(source),
        show: ({ source }) => {
          const hours = wallHours(source)
          if (hours === null) return '–'
          if (hours === Infinity) return 'no charger'
          const watts = source.bank ? '' : ` at ${formatWatts(source.outfit!.input.acW)}`
          return `${formatNumber(hours, hours < 10 ? 1 : 0)} h${watts}`
        },
      },
      plain('All inputs together', ({ source }) => {
        const watts = source.outfit?.input.totalW ?? null
        return watts === null ? '–' : formatWatts(watts)
      }),
      plain('12 V charging', ({ source }) =>
        source.outfit && source.outfit.input.dcW > 0 ? formatWatts(source.outfit.input.dcW) : '–',
      ),
      plain('Charging temperature', ({ source, plan }) => celsiusWords(source.outfit?.chargeC, plan)),
      plain('Solar input', ({ source }) => {
        const solar = source.outfit?.input.solar
        return solar
          ? `${formatNumber(solar.lowV)}–${formatNumber(solar.highV)} V, ${formatNumber(solar.amps)} A, ${formatWatts(solar.watts)}`
          : '–'
      }),
      plain('Charges while supplying', ({ source }) =>
        source.outfit ? (source.outfit.suppliesWhileCharging ? 'yes' : 'no') : source.bank ? 'yes' : '–',
      ),
      plain('Pass-through', ({ source }) =>
        source.outfit ? (source.outfit.passThrough ? 'yes' : 'no') : '–',
      ),
      plain('Transfer time', ({ source }) => {
        const ms = source.outfit?.transferMs
        if (ms === undefined) return '–'
        return ms === null ? 'plug over' : `${formatNumber(ms)} ms`
      }),
    ],
  },
  {
    title: 'Weight',
    rows: [
      {
        label: 'Heaviest piece',
        follows: true,
        show: ({ source, plan }) =>
          source.weightKg === null ? '–' : formatMass(source.weightKg, plan.household.units, 1),
        ofAll: ({ sources, plan }) =>
          sources.some(({ weightKg }) => weightKg === null)
            ? '–'
            : formatMass(Math.max(...sources.map(({ weightKg }) => weightKg!)), plan.household.units, 1),
        setting: 'weightKg',
      },
      {
        label: 'In all',
        show: ({ source, plan }) => weightWords([source], plan),
        ofAll: ({ sources, plan }) => weightWords(sources, plan),
      },
    ],
  },
  {
    title: 'Price',
    rows: [
      {
        label: 'Price',
        follows: true,
        show: ({ source, plan }) => priceWords([source], plan),
        ofAll: ({ sources, plan }) => priceWords(sources, plan),
        setting: 'price',
      },
      {
        label: 'Equals outages of lost food',
        working: ({ source, plan }) => foodWorking(source, plan),
        show: ({ source, plan }) => {
          const outages = source.price === null ? null : outagesOfFood(source.price, plan.household.foodValue)
          return outages === null ? '–' : `${formatNumber(outages, 1)} ×`
        },
      },
      {
        label: 'Cost per kWh over its life',
        working: ({ source, plan }) => lifeWorking(source, plan.household.currency),
        show: ({ source, plan }) => {
          const price = pricePerLifeKwh(source)
          return price === null ? '–' : `${price.toFixed(2)} ${plan.household.currency}`
        },
      },
    ],
  },
  {
    title: 'Lifetime and warranty',
    rows: [
      plain('Cycles', ({ source }) => {
        if (!source.bank && !source.outfit) return '–'
        return formatNumber(lifeCycles(source), 0)
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
      plain('Operating temperature', ({ source, plan }) => celsiusWords(source.outfit?.dischargeC, plan)),
      plain('Cold', ({ source, plan }) =>
        chemistryOf(source) === 'lifepo4'
          ? `no charging under ${formatTemperature(0, plan.household.units)}`
          : 'less at every degree',
      ),
    ],
  },
]
