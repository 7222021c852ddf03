import { formatNumber } from '../quantity/format'
import type { Period, Phrase, Sight } from './facts'
import { reworded } from './facts'
import { duration, isMark, isWord, past, perPeriod, quantity, wordNumber } from './pieces'

/** Watts, volts, amps, energy and counts. */

const plain = (value: number) => formatNumber(value, 3).replace(/,/g, '')

/** "2 watts per hour": watts are already a rate. */
export const wattsPerHour: Phrase = (sight, at) => {
  const watts = quantity(sight, at, 'power')
  const per = watts && perPeriod(sight, at + 1)
  if (!watts || !per || per.value !== 60) return null
  const said = `${plain(watts.value)} W`
  const meant = [{ words: `${said} while it runs`, text: reworded(sight, at, per.to, said) }]
  const elsewhere = lengthElsewhere(sight, at, per.to)
  if (elsewhere !== null && elsewhere < 60) {
    const all = `${plain((watts.value * 60) / elsewhere)} W`
    meant.push({
      words: `${plain(watts.value)} Wh in those ${plain(elsewhere)} min: ${all} while it runs`,
      text: reworded(sight, at, per.to, all),
    })
  } else
    meant.push({
      words: `${plain(watts.value)} Wh in each hour, on and off: ${said} on average, all the time`,
      text: reworded(sight, at, per.to, `${said} all the time`),
    })
  sight.facts.questions.push({
    message: `Watts are already a rate: ${said} for an hour are ${plain(watts.value)} Wh. There are no watts per hour.`,
    meant,
  })
  sight.facts.watts ??= watts.value
  return per.to
}

function lengthElsewhere(sight: Sight, from: number, to: number): number | null {
  for (let i = 0; i < sight.tokens.length; i++) {
    if (i >= from && i < to) continue
    const found = duration(sight, i)
    if (found) return found.value
  }
  return null
}

const PERIODS: readonly [number, Period][] = [
  [1440, 'day'],
  [10_080, 'week'],
  [43_830, 'month'],
  [525_960, 'year'],
]
const CYCLES = ['cycle', 'wash', 'load', 'use', 'run', 'charge', 'time']

/** "412 kWh/year", "1.2 kWh a day", "0.95 kWh per 24 h", "1 kWh a cycle", "annual 412 kWh"; energy without a period too. */
export const energy: Phrase = (sight, at) => {
  const { facts } = sight
  const lead = isWord(sight, at, ['annual', 'yearly'])
    ? past(sight, at + 1, ['energy', 'use', 'consumption'], ':')
    : at
  const found = quantity(sight, lead, 'energy')
  if (!found || found.isNegative || facts.energy !== null) return null
  const tell = (per: Period | null, to: number) => {
    facts.energy = { wh: found.value, per }
    return to
  }
  if (lead > at) return tell('year', lead + 1)
  const place = past(sight, lead + 1, ['used', 'uses'])
  const cycle =
    isMark(sight, place, '/') || isWord(sight, place, ['per', 'a', 'each', 'every']) ? place + 1 : null
  if (cycle !== null && isWord(sight, cycle, CYCLES)) return tell('cycle', cycle + 1)
  const per = perPeriod(sight, place)
  if (per) {
    const period = PERIODS.find(([minutes]) => Math.abs(per.value - minutes) < 1)
    if (period) return tell(period[1], per.to)
    if (per.value === 60) {
      facts.averageW ??= found.value
      return per.to
    }
    if (per.value > 0 && per.value <= 525_960) {
      facts.energy = { wh: (found.value * 1440) / per.value, per: 'day' }
      return per.to
    }
  }
  // "/a": a year on labels of some countries
  if (isMark(sight, place, '/') && isWord(sight, place + 1, ['a'])) return tell('year', place + 2)
  return tell(null, lead + 1)
}

const CHARGE = ['charge', 'charges', 'charging', 'recharge', 'recharges', 'recharging']

/** "charge 500Wh": what goes into a battery. */
export const charge: Phrase = (sight, at) => {
  if (!isWord(sight, at, CHARGE)) return null
  const found = quantity(sight, past(sight, at + 1, ['of', 'about']), 'energy')
  if (!found || sight.facts.chargeWh !== null) return null
  sight.facts.chargeWh = found.value
  return past(sight, at + 1, ['of', 'about']) + 1
}

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

/** "-50 W": nothing draws less than nothing. */
export const negative: Phrase = (sight, at) => {
  const token = sight.tokens[at]
  if ((token?.kind !== 'quantity' && token?.kind !== 'number') || !token.isNegative) return null
  if (token.kind === 'quantity' && token.dimension === 'temperature') return null
  sight.facts.faults.push(`${token.text} is below zero. A load draws nothing or more; leave out the minus.`)
  return at + 1
}

/** "6 x 9 W", "4x24W", "six bulbs", "2 fridges", "10 W x 3", "x3", "(3)". */
export const count: Phrase = (sight, at) => {
  const { facts, tokens } = sight
  if (facts.count !== null) return null
  const isTimes = (place: number) => isWord(sight, place, ['x']) || isMark(sight, place, '×*')
  const tell = (n: number, to: number): number | null => {
    if (!(n >= 1 && n <= 1000)) return null
    facts.count = n
    return to
  }
  const token = tokens[at]
  if (isTimes(at)) {
    const number = tokens[at + 1]
    // "24 W x 5 h" is a length, no count
    if (number?.kind === 'number' && number.isWhole)
      return tell(number.value, past(sight, at + 2, ['pcs', 'pieces', 'of', 'them']))
    return null
  }
  const spelt = wordNumber(sight, at)
  const number =
    token?.kind === 'number' && token.isWhole && !token.isNegative
      ? { value: token.value, to: at + 1 }
      : spelt
  if (!number) return null
  if (isTimes(number.to)) return tell(number.value, number.to + 1)
  const next = tokens[number.to]
  if (isWord(sight, number.to, ['pcs', 'pieces', 'pc', 'off', 'of'])) return tell(number.value, number.to + 1)
  const isFirst = at === 0 || isMark(sight, at - 1, ',;:')
  if (isMark(sight, at - 1, '(') && isMark(sight, number.to, ')')) return tell(number.value, number.to)
  if (next?.kind === 'word' && (isFirst || spelt) && next.word !== 'in' && next.word !== 'way')
    return tell(number.value, number.to)
  // "two 60W lamps", "2 60W lamps" said with a word
  if (spelt && quantity(sight, number.to, 'power')) return tell(number.value, number.to)
  return null
}

/** "54 W in all", "together": the watts are those of all of them. */
export const total: Phrase = (sight, at) => {
  if (isWord(sight, at, ['total', 'together', 'altogether', 'combined'])) {
    sight.facts.isTotal = true
    return at + 1
  }
  if (isWord(sight, at, ['in']) && isWord(sight, at + 1, ['all', 'total'])) {
    sight.facts.isTotal = true
    return at + 2
  }
  return null
}

/** Amounts by their units alone. A second amount of one kind is left for what is not understood. */
export const amount: Phrase = (sight, at) => {
  const { facts, tokens } = sight
  const token = tokens[at]
  if (token?.kind !== 'quantity') return null
  switch (token.dimension) {
    case 'power': {
      if (facts.watts !== null) return null
      facts.watts = token.pair ? Math.max(...token.pair) : token.value
      if (token.pair)
        facts.questions.push({
          message: `“${token.text}” are two figures. Which does it run at?`,
          meant: [...token.pair]
            .sort((a, b) => b - a)
            .map((watts) => ({
              words: `${formatNumber(watts, 3)} W`,
              text: reworded(sight, at, at + 1, `${plain(watts)} W`),
            })),
        })
      if (token.other !== null && token.other <= 50_000)
        facts.questions.push({
          message: `“${token.text}” can be read in two ways: ${plain(token.value)} W or ${formatNumber(token.other)} W.`,
          meant: [token.other, token.value].map((watts) => ({
            words: `${formatNumber(watts, 3)} W`,
            text: reworded(sight, at, at + 1, `${plain(watts)} W`),
          })),
        })
      return at + 1
    }
    case 'apparent':
      if (facts.va !== null || token.pair) return null
      facts.va = token.value
      return at + 1
    case 'voltage':
      if (facts.volts.length > 0) return null
      facts.volts = token.pair ? [...token.pair] : [token.value]
      if (/dc|=/.test(token.unit)) facts.isDirect = true
      return direct(sight, at + 1)
    case 'current':
      if (facts.amps.length > 0) return null
      facts.amps = token.pair ? [...token.pair] : [token.value]
      if (/dc/.test(token.unit)) facts.isDirect = true
      return direct(sight, at + 1)
    case 'horsepower':
      if (facts.hp !== null || token.pair) return null
      facts.hp = token.value
      return at + 1
    case 'heat':
      if (facts.btuH !== null) return null
      facts.btuH = token.value
      return at + 1
    // hertz are those of the mains, inches those of a screen, lumens light: understood, and they say nothing of watts
    case 'frequency':
    case 'length':
    case 'light':
      return at + 1
    case 'charge':
      if (facts.chargeAh !== null) return null
      facts.chargeAh = token.value
      return at + 1
    case 'volume':
      if (facts.litres !== null) return null
      facts.litres = token.value
      return at + 1
    default:
      return null
  }
}

/** "12 V DC", "120 V AC", "115 V ~". */
function direct(sight: Sight, at: number): number {
  if (isWord(sight, at, ['dc'])) sight.facts.isDirect = true
  return isWord(sight, at, ['dc', 'ac']) || isMark(sight, at, '~=⎓') ? at + 1 : at
}

/** "100-240 V", "60-80 W": from one to the other. */
export const range: Phrase = (sight, at) => {
  const { facts, tokens } = sight
  const low = tokens[at]
  const isRange = isMark(sight, at + 1, '-–—~') || isWord(sight, at + 1, ['to'])
  const high = tokens[at + 2]
  if (!isRange || high?.kind !== 'quantity') return null
  const from =
    low?.kind === 'number' && !low.isNegative
      ? low.value * (high.value / (numberOf(high.text) || 1))
      : low?.kind === 'quantity' && low.dimension === high.dimension
        ? low.value
        : null
  if (from === null || !(from < high.value)) return null
  if (high.dimension === 'voltage' && facts.volts.length === 0) {
    facts.volts = [from, high.value]
    return direct(sight, at + 3)
  }
  if (high.dimension === 'power' && facts.watts === null) {
    facts.watts = from
    facts.wattsTo = high.value
    return at + 3
  }
  return high.dimension === 'frequency' ? at + 3 : null
}

const numberOf = (text: string) => Number(text.match(/[\d.]+/)?.[0])

/** "pf 0.8", "cos φ 0,8", "power factor 0.75". */
export const powerFactor: Phrase = (sight, at) => {
  const { tokens, facts } = sight
  const isPower = isWord(sight, at, ['power']) && isWord(sight, at + 1, ['factor'])
  const isCos = isWord(sight, at, ['pf', 'cosφ', 'cosphi', 'cosϕ', 'cos'])
  if (!isPower && !isCos) return null
  const place = past(sight, at + (isPower ? 2 : 1), ['φ', 'phi', 'ϕ'], ':=')
  const number = tokens[place]
  if (number?.kind !== 'number') return null
  if (!(number.value > 0 && number.value <= 1))
    facts.faults.push(`A power factor lies between 0 and 1; ${plain(number.value)} cannot be one.`)
  facts.powerFactor = number.value
  return place + 1
}

/** "code K", "code letter K". */
export const codeLetter: Phrase = (sight, at) => {
  if (!isWord(sight, at, ['code', 'kva-code'])) return null
  const place = past(sight, at + 1, ['letter'], ':')
  const token = sight.tokens[place]
  if (token?.kind !== 'word' || !/^[a-z]$/.test(token.word)) return null
  const letter = token.word.toUpperCase()
  if (/[IOQW-Z]/.test(letter))
    sight.facts.faults.push(`There is no code letter ${letter}; A to V without I, O and Q are.`)
  sight.facts.codeLetter = letter
  return place + 1
}

/** "2015", "from 2015", "made in 1998": the year of a thing. */
export const year: Phrase = (sight, at) => {
  const place = past(sight, at, ['from', 'of', 'made', 'built', 'in', 'bought', 'year'])
  const token = sight.tokens[place]
  if (token?.kind !== 'number' || !/^(?:19[6-9]|20[0-4])\d$/.test(token.text) || sight.facts.year !== null)
    return null
  sight.facts.year = token.value
  return place + 1
}
