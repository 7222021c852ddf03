import { told } from '../quantity/told'
import type { Phrase, Sight } from './facts'
import { reworded } from './facts'
import { isMark, isWord, past, plain, quantity, wordNumber } from './pieces'

/** Watts, volts, amps and counts. */

/** "-50 W": nothing draws less than nothing. */
export const negative: Phrase = (sight, at) => {
  const token = sight.tokens[at]
  if ((token?.kind !== 'quantity' && token?.kind !== 'number') || !token.isNegative) return null
  if (token.kind === 'quantity' && token.dimension === 'temperature') return null
  sight.facts.faults.push(told('line.belowZero', { said: token.text }))
  return at + 1
}

/** "6 x 9 W", "4x24W", "six bulbs", "2 fridges", "10 W x 3", "x3", "(3)". */
export const count: Phrase = (sight, at) => {
  const { facts, tokens } = sight
  const isTimes = (place: number) => isWord(sight, place, ['x']) || isMark(sight, place, '×*')
  // "4 lamps x 10 W"
  if (facts.count !== null) return isTimes(at) && quantity(sight, at + 1, 'power') ? at + 1 : null
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
          message: told('line.twoFigures', { said: token.text }),
          meant: [...token.pair]
            .sort((a, b) => b - a)
            .map((watts) => ({
              words: told('line.watts', { figure: watts }),
              text: reworded(sight, at, at + 1, `${plain(watts)} W`),
            })),
        })
      if (token.other !== null && token.other <= 50_000)
        facts.questions.push({
          message: told('line.twoWays', {
            said: token.text,
            oneFigure: token.value,
            otherFigure: token.other,
          }),
          meant: [token.other, token.value].map((watts) => ({
            words: told('line.watts', { figure: watts }),
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
    facts.faults.push(told('line.noPowerFactor', { figure: number.value }))
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
  if (/[IOQW-Z]/.test(letter)) sight.facts.faults.push(told('line.noCodeLetter', { letter }))
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
