import {
  formatDuration,
  formatEnergy,
  formatHours,
  formatNumber,
  formatPercent,
  formatWatts,
} from '@/words/format'
import type { Evaluation } from '@/words/answer/evaluation'
import type { LastsGate, PowerGate, RefillsGate, Verdict } from '@/core/sizing/gates'
import type { WorkingKey } from '@/words/workings/answerWorkings'
import { gateFigures as gateFiguresWords } from '@/words/en/ui/answer'
import { sourcePartWords } from '@/words/sourcePartWords'
import { wordsOf } from '@/words/translate'

const say = wordsOf(gateFiguresWords)

/** A gate as the strip shows it. */
export interface GateFigure {
  id: 'carries' | 'starts' | 'lasts' | 'refills'
  name: string
  verdict: Verdict
  need: string
  of: string
  /** where the bar ends and where its mark stands, 0…1 of its width; null without a bar */
  bar: { fill: number; mark: number } | null
  detail: string
  working: WorkingKey
}

/** The four gates in the order they are passed. */
export function gateFigures({ gates, result }: Pick<Evaluation, 'gates' | 'result'>): GateFigure[] {
  const { carries, starts, lasts } = gates
  const { runtimeMin, outageMin } = lasts
  const shownMin = Math.min(runtimeMin, result.horizonMin)
  return [
    {
      id: 'carries',
      name: say('runningPower'),
      ...powerFigure(carries),
      detail: carriesDetail(carries),
      working: 'carries',
    },
    {
      id: 'starts',
      name: say('startingSurge'),
      ...powerFigure(starts),
      detail: starts.binding
        ? `${starts.binding.name} ${starts.neededW > starts.requirement.runningW ? say('starting') : say('running')}`
        : say('nothingStarts'),
      working: 'starts',
    },
    {
      id: 'lasts',
      name: say('runtime'),
      verdict: lasts.verdict,
      need: `${runtimeMin === Infinity ? '> ' : ''}${formatHours(shownMin)}`,
      of: say('ofWord', { number: formatNumber(outageMin / 60, 1) }),
      bar: barOf(shownMin, outageMin),
      detail: lastsDetail(lasts),
      working: 'margin',
    },
    refillsFigure(gates.refills, lasts.confidence),
  ]
}

function lastsDetail({ verdict, shortMin, confidence }: LastsGate): string {
  if (verdict === 'nothing') return say('nothingIsCarried')
  const surely = say('withConfidence', { percent: formatPercent(confidence) })
  return verdict === 'short'
    ? say('short', { duration: formatDuration(shortMin), surely })
    : say('orLonger', { surely })
}

function refillsFigure(
  { verdict, coverage, broughtPerDayWh, neededPerDayWh }: RefillsGate,
  confidence: number,
): GateFigure {
  const frame = { id: 'refills' as const, name: say('recharge'), verdict, working: 'refills' as const }
  if (verdict === 'unplanned') return { ...frame, need: '–', of: '', bar: null, detail: say('notPlannedYet') }
  if (verdict === 'nothing')
    return { ...frame, need: '–', of: '', bar: null, detail: say('nothingIsCarried') }
  const hours = Math.min(24, coverage * 24)
  return {
    ...frame,
    need: `${formatNumber(hours, hours < 3 ? 1 : 0)} h`,
    of: say('of24'),
    bar: barOf(Math.min(2, coverage), 1),
    detail: say('ofADayWithConfidence', {
      energy: formatEnergy(broughtPerDayWh),
      energy2: formatEnergy(neededPerDayWh),
      percent: formatPercent(confidence),
    }),
  }
}

function powerFigure({ verdict, neededW, limitW, unit }: PowerGate) {
  return {
    verdict,
    need: formatWatts(neededW).replace(/W$/, unit),
    of: say('ofWord', { number: formatNumber(limitW, 0) }),
    bar: barOf(neededW, limitW),
  }
}

/** The bar spans a quarter more than the larger of the two, so that both ends are seen. */
function barOf(value: number, limit: number) {
  const span = Math.max(limit * 1.25, value)
  return span > 0 ? { fill: value / span, mark: limit / span } : { fill: 0, mark: 0.8 }
}

function carriesDetail({ wrongVoltage, binding, neededW, limitW, part, unit }: PowerGate): string {
  const watts = (value: number) => formatWatts(value).replace(/W$/, unit)
  if (wrongVoltage.length)
    return say('needsV', { wrongVoltage: wrongVoltage[0].name, volts: wrongVoltage[0].volts })
  if (neededW > limitW)
    return say('over', { watts: watts(neededW - limitW), part: part && `, ${sourcePartWords(part)}` })
  return binding
    ? say('toSpare', { watts: watts(limitW - neededW), part: part && `, ${sourcePartWords(part)}` })
    : say('nothingRuns')
}
