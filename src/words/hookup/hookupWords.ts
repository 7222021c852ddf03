import type { AnsweredFinding } from '@/core/hazard/hazards'
import type { Coverage, Unsaid } from '@/core/hazard/unsaid'
import { formatDuration, formatNumber, formatPercent, formatWatts } from '@/words/format'
import type { LeverLoss } from '@/core/sizing/byLosses'
import { COLD_ROOM_C } from '@/core/risk/riskClocks'
import type { RiskClock } from '@/core/risk/riskClock'
import type { BatteryCircuit } from '@/core/wiring/batteryCircuit'
import type { ChargerBudget } from '@/core/wiring/chargerBudget'
import type { Branch } from '@/core/wiring/diagram'
import type { Draw } from '@/core/wiring/draw'
import type { Feed } from '@/core/wiring/feeds'
import type { Lead } from '@/core/wiring/lead'
import type { LegBalance } from '@/core/wiring/legs'
import type { Outlet } from '@/core/wiring/outlets'
import type { Part } from '@/core/wiring/parts'
import { hookup } from '../en/hookup'
import { NONE, type Saying, factText } from '../factWords'
import { listed } from '../listed'
import { type Say, sayFrom } from '../translate'

export const sayHookup: Say = sayFrom(hookup)

/** The sentence over the findings: the worst first, then how many more. */
export function summaryWords(
  findings: readonly AnsweredFinding[],
  firstTitle: string,
  { checked, unsaid }: Coverage,
): string {
  const open = findings.filter(({ answer }) => answer === null)
  const count = (severity: AnsweredFinding['severity']) =>
    open.filter((found) => found.severity === severity).length
  const [danger, serious, notes] = [count('danger'), count('serious'), count('note')]
  const looked = { checked: listed(checked.map((one) => sayHookup(`checked.${one}`))), unsaid: unsaid.length }
  if (open.length === 0 && checked.length === 0) return sayHookup('summary.empty')
  if (open.length === 0)
    return sayHookup(findings.length > 0 ? 'summary.answered' : 'summary.nothing', looked)
  if (danger + serious === 0) return sayHookup('summary.notes', { notes, ...looked })
  return sayHookup('summary.found', { danger, serious, notes, first: firstTitle })
}

/** What nobody said yet, as it is asked. */
export const unsaidWords = ({ what, name }: Unsaid): string =>
  sayHookup(`unsaid.${what}`, { name: name ?? '' })

/** "4.6 (13) A": running, and while it starts where that is more. */
function drawWords({ runningA, startA }: Draw): string {
  const amps = (value: number) => formatNumber(value, value < 10 ? 1 : 0)
  return startA > runningA * 1.2
    ? sayHookup('wire.starting', { running: amps(runningA), start: amps(startA) })
    : sayHookup('wire.running', { running: amps(runningA) })
}

/** What stands above a wire, and below it. */
export interface WireWords {
  above: string
  below: string
}

const wireWords = (key: string, values: Record<string, string>): WireWords => ({
  above: sayHookup(`wire.${key}.above`, values),
  below: sayHookup(`wire.${key}.below`, values),
})

/** What stands beside the wire of a branch. */
export function branchWords(branch: Branch, saying: Saying): WireWords {
  const { how, wire, lengthM, least, draw, drop } = branch
  const amps = drawWords(draw)
  if (branch.cord === null && branch.loads.length > 1 && how === 'cord') return wireWords('many', { amps })
  if (how === 'straight') return wireWords('straight', { amps })
  if (how === 'hard-wired') return wireWords('fixed', { amps })
  if (!wire && how !== 'lead')
    return least ? wireWords('toFind', { amps, least: least.name }) : wireWords('noCord', { amps })
  const worst = drop && Math.max(drop.running, drop.start)
  return wireWords(how === 'lead' ? 'lead' : 'cord', {
    amps,
    wire: wire?.name ?? NONE,
    length: lengthM === null ? NONE : factText('lengthM', lengthM, saying),
    drop: worst !== null && worst >= 0.01 ? factText('dropFraction', worst, saying) : NONE,
  })
}

/** Which outlet it is, and what it carries. */
export const outletWords = ({ kind, volts, draw }: Outlet): { title: string; lines: string[] } => ({
  title: sayHookup(`outlet.${kind}`, { volts: formatNumber(volts) }),
  lines: [`${formatNumber(draw.runningA, draw.runningA < 10 ? 1 : 0)} A`],
})

/** What stands beside the wire that brings energy. */
export const feedWords = ({ volts, amps, wire, lengthM }: Feed, saying: Saying): WireWords =>
  wireWords('feed', {
    volts: factText('coldV', volts, saying),
    amps: factText('amps', amps, saying),
    wire: wire?.name ?? NONE,
    length: lengthM === null ? NONE : factText('lengthM', lengthM, saying),
  })

/** What stands beside the wire between a bank and its inverter. */
export function circuitWords({ cable, wiring, lengthM }: BatteryCircuit, saying: Saying): WireWords {
  const fuse = wiring?.fuse
  return wireWords('circuit', {
    wire: cable?.wire.name ?? NONE,
    length: factText('lengthM', lengthM, saying),
    fuse: fuse === undefined ? 'unsaid' : fuse === null ? NONE : factText('ratedA', fuse.ratedA, saying),
  })
}

/** How a source's two legs are loaded, and the move that evens them out. */
export const legWords = ({ startA, move }: LegBalance, nameOf: (loadId: string) => string): string =>
  sayHookup('note.legs', {
    a: `${formatNumber(startA.A, 0)} A`,
    b: `${formatNumber(startA.B, 0)} A`,
    move: move ? nameOf(move.loadId) : NONE,
    to: move?.to ?? NONE,
  })

/** What a lead of direct current does. */
export const leadWords = ({ arrivesV, dropFraction, lossW, converterW }: Lead): string =>
  sayHookup('note.lead', {
    arrivesV: `${formatNumber(arrivesV, 1)} V`,
    dropFraction: formatPercent(dropFraction),
    lossW: formatWatts(lossW),
    converterW: converterW > 0 ? formatWatts(converterW) : NONE,
  })

/** What a charger has left while it feeds direct current. */
export const chargerWords = ({ chargerW, meanW, peakW, leftW, fullH }: ChargerBudget): string =>
  sayHookup('note.charger', {
    chargerW: formatWatts(chargerW),
    meanW: formatWatts(meanW),
    peakW: formatWatts(peakW),
    leftW: formatWatts(Math.max(0, leftW)),
    hours: Number.isFinite(fullH) ? formatNumber(fullH, fullH < 10 ? 1 : 0) : NONE,
  })

/** How a bank's strings share its current, by where its cables leave. */
export function stringWords(same: readonly number[], diagonal: readonly number[]): string {
  return sayHookup('note.strings', {
    same: formatPercent(same[0]),
    last: formatPercent(same[same.length - 1]),
    diagonal: formatPercent(Math.max(...diagonal)),
  })
}

/** Until when the power has to last so that nothing is lost, beside when it ends; minutes since the outage began. */
export const nothingLostWords = (untilMin: number, endsMin: number, saying: Saying): string =>
  sayHookup('note.nothingLost', {
    isReached: endsMin >= untilMin ? 'yes' : 'no',
    untilMin: factText('untilMin', untilMin, saying),
    endsMin: Number.isFinite(endsMin) ? factText('endsMin', endsMin, saying) : NONE,
  })

/** What a lever spares: what it saves, and when the first thing is lost with it. */
export function sparesWords({ saved, firstMin, laterMin }: LeverLoss, saying: Saying): Spares {
  const names = saved.map((clock) => clockWords(clock, saying))
  return {
    line: sayHookup('spares.line', {
      saved: names.length > 0 ? names.join(', ') : NONE,
      first: firstMin === null ? NONE : factText('untilMin', firstMin, saying),
    }),
    gain: sayHookup('spares.gain', {
      later: Number.isFinite(laterMin) ? formatDuration(laterMin) : 'never',
    }),
  }
}

/** What stands beside a lever, and as its gain. */
export interface Spares {
  line: string
  gain: string
}

/** A part as one would ask for it in a shop. */
export const partWords = ({ kind, size, lengthM, amps }: Part, saying: Saying): string =>
  sayHookup(`part.${kind}`, {
    size: size ?? NONE,
    length: lengthM === null ? NONE : factText('lengthM', lengthM, saying),
    amps: amps === null ? NONE : factText('amps', amps, saying),
  })

/** What a clock counts to. */
export const clockWords = ({ kind, name }: Pick<RiskClock, 'kind' | 'name'>, saying: Saying): string =>
  sayHookup(`clock.${kind}`, { name, coldRoomC: factText('coldRoomC', COLD_ROOM_C, saying) })
