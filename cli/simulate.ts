import { parseArgs } from 'node:util'
import { formatMoment } from '@/words/clock'
import { formatEnergy } from '@/words/format'
import { parseMeasure } from '@/core/reading/measure'
import { answerText } from '@/words/answer/answerParts'
import { evaluate } from '@/core/sizing/evaluate'
import type { Evaluation } from '@/words/answer/evaluation'
import { sayEvaluation } from '@/words/answer/sayAnswer'
import { sayField } from '@/words/reading/sayField'
import type { RefillsGate } from '@/core/sizing/gates'
import { chargeAt } from '@/core/simulation/chargeAt'
import { runAll } from '@/core/simulation/simulate'
import { simulateCommand } from '@/words/en/commands'
import { wordsOf } from '@/words/translate'
import { notATime, readPlanFile, refuse, unknownOption } from './readPlanFile'

const say = wordsOf(simulateCommand)

const RUNS_LIMIT = 100_000

function wholeNumber(text: string, name: string, low: number, high: number): number {
  const value = Number(text)
  if (!Number.isInteger(value) || value < low || value > high)
    refuse([say('mustBeAWholeNumber', { name, text, low: String(low), high: String(high) })])
  return value
}

function readOptions() {
  try {
    return parseArgs({
      allowPositionals: true,
      options: {
        json: { type: 'boolean' },
        runs: { type: 'string' },
        seed: { type: 'string' },
        at: { type: 'string', multiple: true },
      },
    })
  } catch (error) {
    return refuse([unknownOption(error)])
  }
}

// a reader that has seen enough, such as head, closes the pipe
process.stdout.on('error', (error: NodeJS.ErrnoException) => process.exit(error.code === 'EPIPE' ? 0 : 1))

const { values, positionals } = readOptions()
if (positionals.length !== 1) refuse([say('onePlanIsWanted', { command: './yotrope simulate plan.json' })])
const { runs, seed } = values
const options = {
  ...(runs !== undefined && { runs: wholeNumber(runs, 'runs', 1, RUNS_LIMIT) }),
  ...(seed !== undefined && { seed: wholeNumber(seed, 'seed', 0, 2 ** 31 - 1) }),
}
const plan = readPlanFile(positionals[0])
const evaluation = sayEvaluation(plan, evaluate(plan, options))
const { horizonMin } = evaluation.result
const moments = (values.at ?? []).map((text) => {
  const parsed = parseMeasure(text, 'hours')
  if (!parsed.ok && text.trim() !== '0h') refuse([notATime(sayField(parsed.message, plan.household.units))])
  const minute = parsed.ok ? parsed.value * 60 : 0
  if (minute > horizonMin) refuse([say('isPastWhatIsLookedAt', { text, hours: String(horizonMin / 60) })])
  return minute
})
const charge = moments.length ? chargeAt(runAll(plan, options), moments) : []

if (values.json) console.log(JSON.stringify(asJson(evaluation), null, 2))
else printText(evaluation)

/** What refills, with energies over the outage and by the day, Wh; coverage null where nothing is needed. */
function refillsAsJson({ verdict, coverage, broughtPerDayWh, neededPerDayWh, refill }: RefillsGate) {
  return {
    verdict,
    coverage: Number.isFinite(coverage) ? coverage : null,
    broughtPerDayWh,
    neededPerDayWh,
    overOutage: refill?.mean ?? null,
    hoursWithout: refill ? refill.unfedMin.p50 / 60 : null,
  }
}

/** The whole result; a time beyond the horizon is null, with the horizon beside it. */
function asJson({ result, gates, answer, workings }: Evaluation) {
  const minutes = (percentiles: { p10: number; p50: number; p90: number }) =>
    Object.fromEntries(
      Object.entries(percentiles).map(([key, value]) => [key, Number.isFinite(value) ? value : null]),
    )
  const { chains, events, loads, leftOut, runs, seed, outageMin, reachesFraction, runtimeMin } = result
  const finite = (minute: number) => (Number.isFinite(minute) ? minute : null)
  return {
    answer: answerText(answer),
    runs,
    seed,
    startsAt: plan.scenario.startsAt,
    outageMin,
    horizonMin,
    runtimeMin: minutes(runtimeMin),
    endsAt: Object.fromEntries(
      Object.entries(runtimeMin).map(([key, value]) => [
        key,
        Number.isFinite(value) ? formatMoment(plan.scenario.startsAt, value) : null,
      ]),
    ),
    reachesFraction,
    gates: {
      carries: {
        verdict: gates.carries.verdict,
        neededW: gates.carries.neededW,
        limitW: gates.carries.limitW,
        bindingLoadId: gates.carries.binding?.id ?? null,
        wrongVoltageLoadIds: gates.carries.wrongVoltage.map(({ id }) => id),
      },
      starts: {
        verdict: gates.starts.verdict,
        neededW: gates.starts.neededW,
        limitW: gates.starts.limitW,
        bindingLoadId: gates.starts.binding?.id ?? null,
      },
      lasts: { ...gates.lasts, runtimeMin: finite(gates.lasts.runtimeMin) },
      refills: refillsAsJson(gates.refills),
    },
    at: charge.map(({ minute, sources }) => ({
      minute,
      clock: formatMoment(plan.scenario.startsAt, minute),
      stateOfCharge: sources,
    })),
    loads: loads.map((load) => ({ ...load, name: plan.loads.find(({ id }) => id === load.loadId)?.name })),
    leftOut,
    events: events.map((event) => ({ ...event, atMin: minutes(event.atMin) })),
    sources: chains.flatMap((chain) =>
      chain.sources.map(({ sourceId, emptyMin, band }) => ({
        sourceId,
        emptyMin: minutes(emptyMin),
        band: {
          stepMin: band.stepMin,
          p10: Array.from(band.p10),
          p50: Array.from(band.p50),
          p90: Array.from(band.p90),
        },
      })),
    ),
    chains: chains.map(({ sources, runtimeMin: ends, endsFirstFraction, energy, overloads }) => ({
      sourceIds: sources.map(({ sourceId }) => sourceId),
      runtimeMin: minutes(ends),
      endsFirstFraction,
      energy,
      overloads,
    })),
    workings,
  }
}

function printText({ answer, result, gates }: Evaluation) {
  const nameOf = (loadId: string) => (plan.loads.find(({ id }) => id === loadId)?.name ?? loadId).padEnd(32)
  console.log(answerText(answer))
  console.log()
  for (const { loadId, askedWh, suppliedWh } of result.loads) {
    const [asked, got] = [askedWh, suppliedWh].map((wh) => formatEnergy(wh).padStart(9))
    console.log(`  ${say('asksAndGets', { name: nameOf(loadId), asked, got })}`)
  }
  for (const { loadId, why } of result.leftOut)
    console.log(`  ${say('leftOut', { name: nameOf(loadId), why })}`)
  const mean = gates.refills.refill?.mean
  if (mean) {
    const [sun, dc, ac] = [mean.sunWh, mean.dcWh, mean.acWh + mean.directWh].map(formatEnergy)
    const fuelL = (mean.fuelL + mean.carFuelL).toFixed(1)
    console.log(`\n  ${say('comesIn', { sun, dc, ac, fuelL })}`)
  }
  for (const { minute, sources } of charge)
    for (const [source, { p10, p50, p90 }] of Object.entries(sources)) {
      const [low, likely, high] = [p10, p50, p90].map((value) => `${Math.round(value * 100)} %`)
      const clock = formatMoment(plan.scenario.startsAt, minute)
      console.log(`  ${say('chargeAt', { clock, source, likely, low, high })}`)
    }
}
