import type { Phrase, Sight } from './facts'
import { isWord, past, quantity } from './pieces'

/** What a load draws beside its running watts: on average, at the start, and on standby. */

const AVERAGE = ['average', 'avg', 'averages', 'averaging', 'mean', 'ave']

/** "50W average", "avg 55 W", "average of 50 W". */
export const average: Phrase = (sight, at) => {
  const { facts } = sight
  if (facts.averageW !== null) return null
  const place = past(sight, at, ['on'])
  if (isWord(sight, place, AVERAGE)) {
    const watts = past(sight, place + 1, ['of', 'about', 'is'], '.:=')
    const found = quantity(sight, watts, 'power')
    if (!found || found.isNegative) return null
    facts.averageW = found.value
    return watts + 1
  }
  const found = quantity(sight, at, 'power')
  if (!found || found.isNegative) return null
  const after = past(sight, at + 1, ['on', 'an'])
  if (!isWord(sight, after, AVERAGE) || isOfNext(sight, after + 1, ['of', 'about', 'is'])) return null
  facts.averageW = found.value
  return past(sight, after + 1, [], '.')
}

/** Whether a word behind an amount belongs to the next amount: "150 W avg 50 W", "75 W starts 700 W". */
const isOfNext = (sight: Sight, behind: number, joins: readonly string[]) =>
  quantity(sight, past(sight, behind, joins, ':='), 'power', 'current', 'apparent') !== null

const START = [
  'start',
  'starts',
  'starting',
  'startup',
  'start-up',
  'surge',
  'surges',
  'surging',
  'peak',
  'peaks',
  'inrush',
]
const LOCKED = ['lra', 'lrc', 'locked-rotor', 'locked']
const FULL = ['fla', 'flc', 'rla', 'fl', 'full-load']
const OF_START = ['watts', 'watt', 'power', 'at', 'up', 'to', 'current', 'of', 'rotor', 'load', 'amps', 'w']

/** "starts at 700 W", "700 W surge", "LRA 18", "18 A locked rotor", "FLA 3.2". */
export const start: Phrase = (sight, at) => {
  const { facts, tokens } = sight
  const tell = (place: number, isFull: boolean, to: number): number | null => {
    const token = tokens[place]
    const bare = token?.kind === 'number' && !token.isNegative ? token.value : null
    const watts = quantity(sight, place, 'power', 'apparent')
    const amps = quantity(sight, place, 'current')?.value ?? bare
    if (isFull) {
      if (amps === null || facts.amps.length > 0) return null
      facts.amps = token?.kind === 'quantity' && token.pair ? [...token.pair] : [amps]
      return to
    }
    if (watts && facts.startW === null) facts.startW = watts.value
    else if (amps !== null && facts.lockedRotorA === null && (bare === null || isLocked))
      facts.lockedRotorA = amps
    else return null
    return to
  }
  const isLocked = isWord(sight, at, LOCKED) || isWord(sight, at + 1, LOCKED)
  if (isWord(sight, at, LOCKED) || isWord(sight, at, FULL) || isWord(sight, at, START)) {
    const place = past(sight, at + 1, OF_START, ':=')
    return tell(place, isWord(sight, at, FULL), place + 1)
  }
  const behind = past(sight, at + 1, ['to', 'at'])
  const behindIs = (words: readonly string[]) => isWord(sight, behind, words)
  if (tokens[at]?.kind !== 'quantity' && tokens[at]?.kind !== 'number') return null
  if (isOfNext(sight, behind + 1, OF_START)) return null
  if (behindIs(FULL)) return tell(at, true, behind + 1)
  if (behindIs(LOCKED) || (tokens[at].kind === 'quantity' && behindIs(START)))
    return tell(
      at,
      false,
      past(sight, behind + 1, ['up', 'rotor', 'watts', 'power', 'current', 'load', 'amps']),
    )
  return null
}

const IDLE = ['standby', 'stand-by', 'idle', 'sleep', 'sleeping', 'idling', 'off', 'waiting']

/** "0.5 W standby", "idle 2 W", "6 W between cycles". */
export const idle: Phrase = (sight, at) => {
  const { facts } = sight
  if (facts.idleW !== null) return null
  if (isWord(sight, at, IDLE)) {
    const place = past(sight, at + 1, ['power', 'mode', 'draw', 'at'], ':=')
    const found = quantity(sight, place, 'power')
    if (!found || found.isNegative) return null
    facts.idleW = found.value
    return place + 1
  }
  const found = quantity(sight, at, 'power')
  if (!found || found.isNegative) return null
  const after = past(sight, at + 1, ['in', 'on', 'when', 'while'])
  // "60 W standby 0.5 W": between two amounts the smaller is the one on standby
  const behind = quantity(sight, past(sight, after + 1, ['mode', 'at'], ':='), 'power')
  if (isWord(sight, after, IDLE) && !(behind && behind.value < found.value)) {
    facts.idleW = found.value
    return past(sight, after + 1, ['mode'])
  }
  if (isWord(sight, after, ['between'])) {
    facts.idleW = found.value
    return past(sight, after + 1, ['its', 'the', 'cycles', 'calls', 'runs', 'uses'])
  }
  return null
}
