import { momentOf } from '@/words/momentOf'
import type { Plan } from '@/core/plan/document'
import type { Source } from '@/core/plan/schema'
import { formatEnergy, formatNumber, formatPercent, formatWatts } from '@/words/format'
import type { EnergyBalance } from '@/core/simulation/result'
import type { Evaluation } from '@/words/answer/evaluation'
import { lifeCycles, outagesOfFood, pricePerLifeKwh } from '@/core/sizing/money'
import { usableAtOutletsWh } from '@/core/sizing/steadyRuntime'
import { energyWorking, foodWorking, lifeWorking, wallWorking } from '@/words/workings/propertyWorkings'
import { usableWorking } from '@/words/workings/steadySteps'
import { chemistryOf } from '@/core/storage/bank'
import { piecesOf, totalWeightKg } from '@/core/storage/expansion'
import { wallHours } from '@/core/storage/wallHours'
import { rowGroups } from '@/words/en/pages/power'
import { wordsOf } from '@/words/translate'
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
import { formatMass, formatTemperature, formatTemperatures } from '@/words/inUnits'

const say = wordsOf(rowGroups)

const plain = (label: string, show: (context: RowContext) => string): OptionRow => ({ label, show })

const energyOf = ({ plan, evaluation }: RowContext) => evaluation && energyWorking(plan, evaluation.result)

function energyWords({ evaluation }: RowContext, key: keyof EnergyBalance): string {
  if (!evaluation) return WAITING
  return formatEnergy(evaluation.result.chains.reduce((sum, { energy }) => sum + energy[key], 0))
}

function usableWords({ plan, sources, evaluation }: RowContext): string {
  return evaluation ? formatEnergy(usableAtOutletsWh(plan, evaluation.result, sources)) : WAITING
}

function endsWords({ plan, evaluation }: RowContext): string {
  if (!evaluation) return WAITING
  const { p50 } = evaluation.result.runtimeMin
  return p50 === Infinity ? say('notInSight') : momentOf(plan, p50, 10)
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
  return kg === null
    ? '–'
    : say('pc', { mass: formatMass(kg, household.units, 1), sumOf: String(sumOf(sources, piecesOf)) })
}

function priceWords(sources: readonly Source[], { household }: Plan): string {
  const price = sumOf(sources, (source) => source.price)
  return price === null ? '–' : `${formatNumber(price, 0)} ${household.currency}`
}

const celsiusWords = (range: { lowC: number; highC: number } | undefined, { household }: Plan) =>
  range ? formatTemperatures(range.lowC, range.highC, household.units) : '–'

/** The rows of the table, grouped as people ask. */
export const ROW_GROUPS: { title: string; rows: OptionRow[]; isToldOfEveryOutage?: boolean }[] = [
  {
    title: say('runtime'),
    isToldOfEveryOutage: true,
    rows: [
      lastsRow,
      {
        label: say('runsOutAbout'),
        need: ({ plan }) => momentOf(plan, plan.scenario.durationH * 60),
        ofAll: (context) => endsWords(context),
        working: ({ evaluation }) => evaluation?.workings.lasts,
        show: (context) => endsWords(context),
      },
      {
        label: say('chanceToLastTheOutage'),
        need: ({ plan }) => formatPercent(plan.scenario.confidence),
        working: ({ evaluation }) => evaluation?.workings.margin,
        show: ({ evaluation }) =>
          evaluation
            ? `${formatPercent(evaluation.result.reachesFraction)}${isPart(evaluation) ? say('ofWhatItFeeds') : ''}`
            : WAITING,
      },
    ],
  },
  {
    title: say('energy'),
    rows: [
      {
        label: say('capacity'),
        show: ({ source }) => shownQuantity(source.capacityWh, formatEnergy),
        ofAll: ({ sources }) => formatEnergy(sumOf(sources, ({ capacityWh }) => capacityWh.value)!),
        quantity: { key: 'capacityWh', path: 'source.capacityWh' },
        follows: true,
      },
      {
        label: say('chargedAtTheStart'),
        show: ({ source }) => formatPercent(source.chargedFraction),
        setting: 'chargedFraction',
      },
      {
        label: say('reserve'),
        show: ({ source }) => shownQuantity(source.reserveFraction, formatPercent),
        quantity: {
          key: 'reserveFraction',
          path: 'source.reserveFraction',
        },
      },
      {
        label: say('lossEstimate'),
        show: ({ source }) => (source.lossRule === 'flat' ? say('flatShare') : say('efficiency')),
        setting: 'lossRule',
      },
      {
        label: say('inverterEfficiency'),
        follows: true,
        show: ({ source }) => shownQuantity(source.efficiencyFraction, formatPercent),
        quantity: {
          key: 'efficiencyFraction',
          path: 'source.efficiencyFraction',
        },
        school: 'efficiency',
      },
      {
        label: say('idleDrawNoLoad'),
        follows: true,
        show: ({ source }) => shownQuantity(source.noLoadW, formatWatts),
        quantity: {
          key: 'noLoadW',
          path: 'source.noLoadW',
        },
        school: 'efficiency',
      },
      {
        label: say('usableShare'),
        show: ({ source }) => shownQuantity(source.usableFraction, formatPercent),
        quantity: {
          key: 'usableFraction',
          path: 'source.usableFraction',
        },
        school: 'flat',
      },
      {
        label: say('usableAtTheOutlets'),
        working: ({ plan, evaluation }) => evaluation && usableWorking(plan, evaluation.result),
        show: usableWords,
        ofAll: usableWords,
      },
      {
        label: say('lostToIdleDraw'),
        working: energyOf,
        show: (context) => energyWords(context, 'noLoadWh'),
        ofAll: (context) => energyWords(context, 'noLoadWh'),
      },
    ],
  },
  {
    title: say('runningPower'),
    rows: [
      runningRow,
      voltageRow,
      plain(say('withTheGridThere'), ({ source }) => {
        const watts = source.outfit?.withGridW ?? null
        return watts === null ? '–' : formatWatts(watts)
      }),
      plain(say('outlets'), ({ source }) =>
        source.outfit
          ? `${source.outfit.outlets.count} × ${formatNumber(source.outfit.outlets.ampsEach)} A`
          : '–',
      ),
      plain(say('directCurrent'), ({ source }) => {
        const dc = source.outfit?.dc
        if (dc) return `${formatWatts(dc.socketW + dc.usbW)}`
        return source.volts.includes(12) ? say('atTheBattery') : '–'
      }),
    ],
  },
  { title: say('startingSurge'), rows: [startsRow] },
  {
    title: say('recharge'),
    rows: [
      refillsRow,
      {
        label: say('acCharging'),
        working: ({ source }) => wallWorking(source),
        show: ({ source }) => {
          const hours = wallHours(source)
          if (hours === null) return '–'
          if (hours === Infinity) return say('noCharger')
          const watts = source.bank ? '' : say('at', { watts: formatWatts(source.outfit!.input.acW) })
          return `${formatNumber(hours, hours < 10 ? 1 : 0)} h${watts}`
        },
      },
      plain(say('allInputsTogether'), ({ source }) => {
        const watts = source.outfit?.input.totalW ?? null
        return watts === null ? '–' : formatWatts(watts)
      }),
      plain(say('text12VCharging'), ({ source }) =>
        source.outfit && source.outfit.input.dcW > 0 ? formatWatts(source.outfit.input.dcW) : '–',
      ),
      plain(say('chargingTemperature'), ({ source, plan }) => celsiusWords(source.outfit?.chargeC, plan)),
      plain(say('solarInput'), ({ source }) => {
        const solar = source.outfit?.input.solar
        return solar
          ? `${formatNumber(solar.lowV)}–${formatNumber(solar.highV)} V, ${formatNumber(solar.amps)} A, ${formatWatts(solar.watts)}`
          : '–'
      }),
      plain(say('chargesWhileSupplying'), ({ source }) =>
        source.outfit
          ? source.outfit.suppliesWhileCharging
            ? say('yes')
            : say('no')
          : source.bank
            ? say('yes')
            : '–',
      ),
      plain(say('passThrough'), ({ source }) =>
        source.outfit ? (source.outfit.passThrough ? say('yes') : say('no')) : '–',
      ),
      plain(say('transferTime'), ({ source }) => {
        const ms = source.outfit?.transferMs
        if (ms === undefined) return '–'
        return ms === null ? say('plugOver') : `${formatNumber(ms)} ms`
      }),
    ],
  },
  {
    title: say('weight'),
    rows: [
      {
        label: say('heaviestPiece'),
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
        label: say('inAll'),
        show: ({ source, plan }) => weightWords([source], plan),
        ofAll: ({ sources, plan }) => weightWords(sources, plan),
      },
    ],
  },
  {
    title: say('price'),
    rows: [
      {
        label: say('price'),
        follows: true,
        show: ({ source, plan }) => priceWords([source], plan),
        ofAll: ({ sources, plan }) => priceWords(sources, plan),
        setting: 'price',
      },
      {
        label: say('equalsOutagesOfLostFood'),
        working: ({ source, plan }) => foodWorking(source, plan),
        show: ({ source, plan }) => {
          const outages = source.price === null ? null : outagesOfFood(source.price, plan.household.foodValue)
          return outages === null ? '–' : `${formatNumber(outages, 1)} ×`
        },
      },
      {
        label: say('costPerKwhOverItsLife'),
        working: ({ source, plan }) => lifeWorking(source, plan.household.currency),
        show: ({ source, plan }) => {
          const price = pricePerLifeKwh(source)
          return price === null ? '–' : `${price.toFixed(2)} ${plan.household.currency}`
        },
      },
    ],
  },
  {
    title: say('lifetimeAndWarranty'),
    rows: [
      plain(say('cycles'), ({ source }) => {
        if (!source.bank && !source.outfit) return '–'
        return formatNumber(lifeCycles(source), 0)
      }),
      plain(say('warranty'), ({ source }) =>
        source.outfit
          ? say('years', { number: formatNumber(source.outfit.warrantyYears) })
          : source.bank
            ? say('partByPart')
            : '–',
      ),
      plain(say('goesToSleep'), ({ source }) => {
        const sleep = source.outfit?.sleep ?? null
        const search = source.bank?.inverter?.search
        if (sleep) return say('under', { watts: formatWatts(sleep.belowW) })
        return search ? say('searchesUnder', { watts: formatWatts(search.belowW) }) : say('no')
      }),
      plain(say('operatingTemperature'), ({ source, plan }) => celsiusWords(source.outfit?.dischargeC, plan)),
      plain(say('cold'), ({ source, plan }) =>
        chemistryOf(source) === 'lifepo4'
          ? say('noChargingUnder', { temperature: formatTemperature(0, plan.household.units) })
          : say('lessAtEveryDegree'),
      ),
    ],
  },
]
