import { drawnRunOutcomes } from '../tests/calibration/runs/drawnRuns'
import { type RunOutcome, summaryOf } from '../tests/calibration/runs/outcome'
import { pairsOfRuns } from '../tests/calibration/runs/pairs'
import { simulatedOutcomes } from '../tests/calibration/runs/simulatedRuns'
import { WRONG, isSafe, wrongOutcomes } from '../tests/calibration/runs/wrongPlans'

/** Prints how well ends are predicted from readings of the first third: simulated runs, drawn households, plans that are wrong. */
const RUNS = 400
const percent = (share: number) => `${(share * 100).toFixed(1)} %`

function print(what: string, outcomes: readonly RunOutcome[]) {
  const { count, inside, earlier, later, error, lineError, plannedError, contradicted } = summaryOf(outcomes)
  console.log(
    `${what.padEnd(34)} ${count} runs: in the interval ${percent(inside)} (earlier ${percent(earlier)}, later ${percent(later)}); median error ${percent(error)}, line ${percent(lineError)}, plan ${percent(plannedError)}; contradicted ${percent(contradicted)}`,
  )
}

for (const [what, outcomes] of [
  ['simulated', simulatedOutcomes(3, RUNS)],
  ['drawn', drawnRunOutcomes(RUNS)],
] as const) {
  print(what, outcomes)
  for (const kind of new Set(outcomes.map((one) => one.kind)))
    print(
      `  ${kind}`,
      outcomes.filter((one) => one.kind === kind),
    )
}
for (const what of Object.keys(WRONG) as (keyof typeof WRONG)[]) {
  const outcomes = wrongOutcomes(what, RUNS)
  print(what, outcomes)
  console.log(`  seen or covered: ${percent(outcomes.filter(isSafe).length / outcomes.length)}`)
}
for (const [share, when] of [
  [0, 'at its begin'],
  [1 / 3, 'after a third'],
] as const) {
  const pairs = pairsOfRuns(share, RUNS)
  print(
    `second run ${when}, untaught`,
    pairs.map(({ untaught }) => untaught),
  )
  print(
    `second run ${when}, taught`,
    pairs.map(({ taught }) => taught),
  )
}
