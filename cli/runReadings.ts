import { parseArgs } from 'node:util'
import Papa from 'papaparse'
import { formatMoment } from '@/words/clock'
import { parseMeasure } from '@/core/reading/measure'
import { assumptionsAgainst } from '@/core/run/assumptions'
import { entriesOfRows, guessReadingColumns } from '@/core/run/entriesCsv'
import { learnedOf, originOf } from '@/core/run/learned'
import { lastsUntil, predictRun } from '@/core/run/predictRun'
import { chargeOfBand } from '@/core/run/runBand'
import type { RunHead } from '@/core/run/runDocument'
import { formatPercent } from '@/words/format'
import { assumptionWords, contradictionWords, endWords, figureWords } from '@/words/run/runWords'
import { sayField } from '@/words/reading/sayField'
import { saySheet } from '@/words/reading/saySheet'
import { runCommand } from '@/words/en/commands'
import { wordsOf } from '@/words/translate'
import { notATime, readPlanFile, readText, refuse, unknownOption } from './readPlanFile'

const say = wordsOf(runCommand)

// a reader that has seen enough, such as head, closes the pipe
process.stdout.on('error', (error: NodeJS.ErrnoException) => process.exit(error.code === 'EPIPE' ? 0 : 1))

function readOptions() {
  try {
    return parseArgs({
      allowPositionals: true,
      options: { json: { type: 'boolean' }, at: { type: 'string' } },
    })
  } catch (error) {
    return refuse([unknownOption(error)])
  }
}

const { values, positionals } = readOptions()
if (positionals.length !== 2)
  refuse([say('aPlanAndASheetAreWanted', { command: './yotrope run plan.json readings.csv' })])
const plan = readPlanFile(positionals[0])
const untilMin = untilOf(values.at)
const head: RunHead = {
  id: 'run',
  kind: 'test',
  name: say('name'),
  startedAt: `${plan.scenario.startsAt}:00.000Z`,
  startsLocal: plan.scenario.startsAt,
  plan,
  sourceId: plan.powerSystem.sources.find(({ afterSourceId, isAway }) => afterSourceId === null && !isAway)!
    .id,
}
const { data } = Papa.parse<string[]>(readText(positionals[1]), { skipEmptyLines: 'greedy' })
if (data.length === 0) refuse([say('nothingInIt', { path: positionals[1] })])
const columns = guessReadingColumns(data[0])
if (!columns.some((column) => column === 'hours' || column === 'clock' || column === 'moment'))
  refuse([say('noColumnOfTimes', { path: positionals[1] })])
const { entries, refused } = entriesOfRows(head, data.slice(1), columns)
for (const { line, message } of refused)
  console.error(
    say('lineIsLeftOut', { line: String(line), trouble: saySheet(message, plan.household.units) }),
  )
if (entries.length === 0) refuse([say('noLineCouldBeRead')])
const found = predictRun(head, entries, untilMin === null ? {} : { untilMin })
const against = assumptionsAgainst(found.moments)
const learned = learnedOf(found.moments, plan, originOf(head))
const plannedEnd = plan.scenario.durationH * 60

if (values.json) printJson()
else printText()

function untilOf(text: string | undefined): number | null {
  if (text === undefined) return null
  const parsed = parseMeasure(text, 'hours')
  return parsed.ok ? parsed.value * 60 : refuse([notATime(sayField(parsed.message, plan.household.units))])
}

function printJson() {
  const finite = (minute: number) => (Number.isFinite(minute) ? Math.round(minute * 10) / 10 : null)
  const percentiles = ({ p10, p50, p90 }: { p10: number; p50: number; p90: number }) => ({
    p10: finite(p10),
    p50: finite(p50),
    p90: finite(p90),
  })
  const { band, endMin, plannedEndMin, straight } = found
  console.log(
    JSON.stringify(
      {
        startsAt: plan.scenario.startsAt,
        nowMin: found.nowMin,
        readings: found.readings,
        refused,
        effectiveRuns: found.effectiveRuns,
        redraws: found.redraws,
        endMin: percentiles(endMin),
        plannedEndMin: percentiles(plannedEndMin),
        lastsOutageProbability: lastsUntil(found, plannedEnd),
        straightLine: straight && {
          endMin: finite(straight.endMin),
          chargeNow: straight.chargeNow,
          sharePerH: straight.sharePerH,
        },
        byWatts: found.nowW === null ? null : { watts: found.nowW, endMin: finite(found.byWattsMin!) },
        contradictsProbability: found.contradicts,
        outsideOfPlan: found.outside,
        allUse: { otherwiseProbability: found.scaled, times: found.scaledTimes },
        assumptions: against.map(({ unknown, what, expected, found: value, foundRange, shift }) => ({
          of: unknown.of,
          id: unknown.id,
          what,
          unit: unknown.quantity.unit,
          expected,
          found: value,
          foundRange,
          shift,
        })),
        learned: learned.map(({ unknown, before, after }) => ({
          of: unknown.of,
          id: unknown.id,
          before,
          after,
        })),
        band: {
          fromMin: band.fromMin,
          stepMin: band.stepMin,
          p10: Array.from(band.p10),
          p50: Array.from(band.p50),
          p90: Array.from(band.p90),
        },
      },
      null,
      2,
    ),
  )
}

function printText() {
  const clock = (minute: number) =>
    minute === Infinity ? say('notInSight') : formatMoment(plan.scenario.startsAt, minute, 10)
  const contradiction = contradictionWords(plan, found, against)
  if (contradiction) console.log(contradiction)
  console.log(endWords(plan, found))
  const { p10, p50, p90 } = chargeOfBand(found.band, found.nowMin)
  const [low, likely, high] = [p10, p50, p90].map((charge) => formatPercent(charge))
  const { readings, straight, nowW, byWattsMin } = found
  console.log()
  const lines = [
    say('now', { clock: clock(found.nowMin), likely, low, high, readings }),
    say('planned', { clock: clock(found.plannedEndMin.p50) }),
    ...(straight ? [say('straight', { clock: clock(straight.endMin) })] : []),
    ...(byWattsMin !== null
      ? [say('byWatts', { watts: figureWords(nowW!, 'W'), clock: clock(byWattsMin) })]
      : []),
    say('chanceToLast', { clock: clock(plannedEnd), chance: formatPercent(lastsUntil(found, plannedEnd)) }),
    ...against.slice(0, 5).map((one) => assumptionWords(plan, one)),
  ]
  for (const line of lines) console.log(`  ${line}`)
}
