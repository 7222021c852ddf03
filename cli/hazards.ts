import { parseArgs } from 'node:util'
import { WIRING_TABLES } from '@/catalog/wires'
import { hazardsOf } from '@/core/hazard/hazards'
import { coverageOf } from '@/core/hazard/unsaid'
import { formatMoment } from '@/words/clock'
import { evaluate } from '@/core/sizing/evaluate'
import type { Spread } from '@/core/risk/riskClock'
import { findingWords } from '@/words/hookup/hazardWords'
import { clockWords, summaryWords, unsaidWords } from '@/words/hookup/hookupWords'
import { hazardsCommand } from '@/words/en/commands'
import { wordsOf } from '@/words/translate'
import { readPlanFile, refuse, unknownOption } from './readPlanFile'

const say = wordsOf(hazardsCommand)

function readOptions() {
  try {
    return parseArgs({ allowPositionals: true, options: { json: { type: 'boolean' } } })
  } catch (error) {
    return refuse([unknownOption(error)])
  }
}

// a reader that has seen enough, such as head, closes the pipe
process.stdout.on('error', (error: NodeJS.ErrnoException) => process.exit(error.code === 'EPIPE' ? 0 : 1))

const { values, positionals } = readOptions()
if (positionals.length !== 1) refuse([say('onePlanIsWanted', { command: './yotrope hazards plan.json' })])
const plan = readPlanFile(positionals[0])
const judged = evaluate(plan)
const { result, clocks } = judged
const { startsAt } = plan.scenario
const saying = { units: plan.household.units, startsAt }
const findings = hazardsOf(plan, judged, WIRING_TABLES).map((found) => ({
  ...found,
  words: findingWords(found, saying),
}))

if (values.json) {
  /** A time beyond what is looked at is null. */
  const minutes = (spread: Spread | null) =>
    spread &&
    Object.fromEntries(
      Object.entries(spread).map(([name, minute]) => [name, Number.isFinite(minute) ? minute : null]),
    )
  const asJson = clocks.map((clock) => ({
    ...clock,
    powerEnds: minutes(clock.powerEnds),
    lost: minutes(clock.lost),
  }))
  console.log(JSON.stringify({ outageMin: result.outageMin, findings, clocks: asJson }, null, 2))
} else {
  for (const { words, answer } of findings) {
    console.log(`[${words.severity}] ${words.title}`)
    console.log(`    ${words.happens} ${words.act} ${words.who}`)
    if (answer !== null) console.log(`    ${say('answered', { answer: answer || say('seen') })}`)
  }
  const coverage = coverageOf(plan, WIRING_TABLES)
  if (findings.length === 0) console.log(summaryWords(findings, '', coverage))
  if (coverage.unsaid.length > 0)
    console.log(`\n${say('nobodySaidYet')} ${coverage.unsaid.map(unsaidWords).join(' ')}`)
  const shown = clocks.filter(({ lost }) => lost !== null && lost.likely < result.outageMin)
  if (shown.length > 0) console.log(`\n${say('whatIsLost')}`)
  for (const clock of shown)
    console.log(
      `    ${formatMoment(startsAt, clock.lost!.likely, 5, saying.units.clock)}  ${clockWords(clock, saying)}`,
    )
}
