import * as amounts from './amountPhrases'
import * as draws from './drawPhrases'
import * as energies from './energyPhrases'
import * as clocks from './clockPhrases'
import { type Facts, type Phrase, type Sight, noFacts } from './facts'
import * as spells from './spellPhrases'
import { type Token, tokensOf } from './token'

/** A run of words that belong together: a name, as far as it is one. */
export interface Run {
  text: string
  words: string[]
  from: number
  to: number
}

/** A text with every piece accounted for: told in facts, part of a run of words, or not understood. */
export interface Phrased {
  text: string
  tokens: Token[]
  facts: Facts
  runs: Run[]
  /** pieces that were not understood, in order, as written */
  unread: { text: string; from: number; to: number }[]
  /** pieces that were, and the facts each of them tells */
  told: { from: number; to: number; keys: (keyof Facts)[] }[]
}

/** Tried in this order at every piece; what says most comes first. */
const LINE_PHRASES: readonly Phrase[] = [
  amounts.negative,
  energies.wattsPerHour,
  energies.energy,
  energies.charge,
  draws.average,
  draws.start,
  draws.idle,
  amounts.powerFactor,
  amounts.codeLetter,
  spells.onAndOff,
  spells.soLongTimes,
  spells.soLongEvery,
  spells.soLongAtNight,
  spells.timesAPeriod,
  spells.every,
  spells.share,
  spells.always,
  clocks.stretches,
  clocks.oneEnd,
  clocks.atClocks,
  clocks.daysOfWeek,
  clocks.partOfDay,
  amounts.range,
  amounts.count,
  amounts.total,
  amounts.amount,
  spells.soLong,
  spells.bareShare,
  amounts.year,
]

/** Words that join amounts and say nothing themselves; left out at the edges of a run. */
const FILLERS = new Set(
  'about approx approximately roughly ca circa around uses use used using draws draw drawing takes take needs consumes pulls rated rating running runs run with is are at on for of each only it its and but that max maximum up to input nominal usually normally typically then has have the a an per from which when'.split(
    ' ',
  ),
)
/** Words of amounts and habits that are never part of a name: alone they were not understood. */
const NEVER_NAMES = new Set(
  'every hourly daily weekly monthly yearly annual times average avg watts watt hours hour hrs minutes minute mins seconds amps amp volts volt percent kwh wh sometimes occasionally often rarely seldom frequently maybe perhaps except not without until till never always duty start starts starting surge peak standby once twice total unless if while during but approx w kw v va hp nights nightly overnight twice x'.split(
    ' ',
  ),
)
/** Words of habits that are told from a name even with a letter wrong: "evry 10 min" is no kind of refrigerator. */
const KEY_WORDS = [
  'every',
  'hour',
  'hours',
  'minute',
  'minutes',
  'watts',
  'average',
  'daily',
  'times',
  'until',
  'nights',
  'weekly',
  'second',
  'seconds',
  'starts',
]

/** Whether two words differ by one letter, left out, put in, changed or swapped with its neighbour. */
function isNearly(a: string, b: string): boolean {
  if (Math.abs(a.length - b.length) > 1 || a === b) return false
  let i = 0
  while (i < a.length && a[i] === b[i]) i++
  const [restA, restB] = [a.slice(i), b.slice(i)]
  return (
    restA.slice(1) === restB ||
    restA === restB.slice(1) ||
    restA.slice(1) === restB.slice(1) ||
    (restA[0] === restB[1] && restA[1] === restB[0] && restA.slice(2) === restB.slice(2))
  )
}
/** Names that look like such a word and are none. */
const NOT_KEY_WORDS = new Set([
  'house',
  'tower',
  'timer',
  'night',
  'light',
  'lights',
  'heater',
  'shower',
  'hood',
  'four',
  'starter',
  'stairs',
  'flour',
  'avery',
  'star',
  'stars',
  'dairy',
  'mini',
  'watt',
])
const isMisspelt = (word: string) =>
  word.length >= 4 && !NOT_KEY_WORDS.has(word) && KEY_WORDS.some((key) => isNearly(word, key))

const SILENT_MARKS = /^[,;:.()[\]\-–—·|/&+*~'’"“”?!@]$/
/** Marks that keep a name together: "modem & router", "heat/cool". */
const JOINS = /^[&+/.'’-]$/
const REFRIGERANT = /^R-?\d/i

/**
 * Reads all phrases of a text.
 *
 * @param phrases which ways of saying things are known; those of a one-line load unless given
 */
export function readPhrases(text: string, phrases: readonly Phrase[] = LINE_PHRASES): Phrased {
  const tokens = tokensOf(text)
  const facts = noFacts()
  const sight: Sight = { text, tokens, facts }
  const isTold = new Uint8Array(tokens.length)
  const told: Phrased['told'] = []
  for (let i = 0; i < tokens.length;) {
    let to: number | null = null
    const before = { ...facts, atMin: facts.atMin.length, stretches: facts.stretches.length }
    for (const phrase of phrases) {
      to = phrase(sight, i)
      if (to !== null && to > i) break
      to = null
    }
    if (to === null) i++
    else {
      isTold.fill(1, i, to)
      const keys = (Object.keys(facts) as (keyof Facts)[]).filter((key) =>
        key === 'atMin' || key === 'stretches'
          ? facts[key].length !== before[key]
          : facts[key] !== before[key],
      )
      told.push({ from: tokens[i].from, to: tokens[to - 1].to, keys })
      i = to
    }
  }
  return { text, tokens, facts, told, ...runsOf(text, tokens, isTold) }
}

function runsOf(
  text: string,
  tokens: readonly Token[],
  isTold: Uint8Array,
): Pick<Phrased, 'runs' | 'unread'> {
  const runs: Run[] = []
  const unread: Phrased['unread'] = []
  const refuse = (token: Token) => {
    const last = unread[unread.length - 1]
    // neighbours are shown as one piece
    if (last && token.from - last.to <= 1) {
      last.to = token.to
      last.text = text.slice(last.from, last.to)
    } else unread.push({ text: token.text, from: token.from, to: token.to })
  }
  let open: Token[] = []
  const close = () => {
    const isFiller = (token: Token) =>
      token.kind === 'mark' || (token.kind === 'word' && FILLERS.has(token.word))
    while (open.length && isFiller(open[open.length - 1])) open.pop()
    while (open.length && isFiller(open[0]) && open.length > 1) open.shift()
    if (open.length && open.some((token) => token.kind !== 'mark')) {
      const [from, to] = [open[0].from, open[open.length - 1].to]
      const words = open.flatMap((token) =>
        token.kind === 'word' ? [token.word] : token.kind === 'designation' ? [token.text.toLowerCase()] : [],
      )
      if (!(words.length === 1 && FILLERS.has(words[0])))
        runs.push({ text: text.slice(from, to), words, from, to })
    }
    open = []
  }
  tokens.forEach((token, i) => {
    if (isTold[i]) return close()
    const isNameless = token.kind === 'word' && (NEVER_NAMES.has(token.word) || isMisspelt(token.word))
    if (token.kind === 'word' && !isNameless) return void open.push(token)
    if (token.kind === 'designation') {
      const isAlone = open.length === 0 && tokens[i + 1]?.kind !== 'word'
      if (!isAlone) return void open.push(token)
      if (!REFRIGERANT.test(token.text)) refuse(token)
      return
    }
    if (token.kind === 'mark') {
      if (open.length && JOINS.test(token.text)) return void open.push(token)
      close()
      if (!SILENT_MARKS.test(token.text)) refuse(token)
      return
    }
    close()
    refuse(token)
  })
  close()
  return { runs, unread }
}
