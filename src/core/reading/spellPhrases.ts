import { told } from '../quantity/told'
import { type Phrase, type Sight, reworded } from './facts'
import {
  adverb,
  duration,
  isMark,
  isWord,
  past,
  period,
  perPeriod,
  quantity,
  timeWord,
  wordNumber,
} from './pieces'

/** How long, how often and for what share of the time a load is on. */

const DAY = 1440
const WEEK = 10_080

/** "20 min on, 40 min off"; "on 20 min, off 40 min". */
export const onAndOff: Phrase = (sight, at) => {
  const said = isWord(sight, at, ['on'])
  const on = duration(sight, said ? at + 1 : at)
  if (!on) return null
  let place = on.to
  if (!said) {
    if (!isWord(sight, place, ['on'])) return null
    place++
  }
  place = past(sight, place, ['and', 'then'], ',/')
  const saidOff = isWord(sight, place, ['off'])
  const off = duration(sight, saidOff ? place + 1 : place)
  if (!off || (!saidOff && !isWord(sight, off.to, ['off']))) return null
  if (sight.facts.minutes !== null || sight.facts.everyMin !== null) return null
  sight.facts.minutes = on.value
  sight.facts.everyMin = on.value + off.value
  return saidOff ? off.to : off.to + 1
}

/** "17 s every 8 min", "5 min every hour", "12 hours per day", "20 min an hour", "1 h a week". */
export const soLongEvery: Phrase = (sight, at) => {
  const { facts } = sight
  const on = duration(sight, past(sight, at, ['for']))
  if (!on) return null
  const every = perPeriod(sight, past(sight, on.to, ['on', 'running']))
  if (!every) return null
  if (every.value === DAY || every.value === WEEK) {
    const isDay = every.value === DAY
    if (facts.perDayMin !== null || facts.perWeekMin !== null) return null
    if (on.value > every.value) facts.faults.push(isDay ? told('line.dayHas24') : told('line.weekHas168'))
    facts[isDay ? 'perDayMin' : 'perWeekMin'] = on.value
    if (isWord(sight, every.to - 1, ['night'])) facts.partOfDay ??= 'night'
    return every.to
  }
  if (every.value > WEEK || facts.everyMin !== null || facts.minutes !== null) return null
  facts.minutes = on.value
  facts.everyMin = every.value
  return every.to
}

/** "8 h night": a length of time in a part of the day, said without a word between. */
export const soLongAtNight: Phrase = (sight, at) => {
  const on = duration(sight, past(sight, at, ['for']))
  if (
    !on ||
    !isWord(sight, on.to, ['night', 'nights', 'overnight', 'nightly']) ||
    sight.facts.perDayMin !== null
  )
    return null
  sight.facts.perDayMin = on.value
  sight.facts.partOfDay = 'night'
  return on.to + 1
}

/** "every 6 min"; "hourly". The length may stand elsewhere. */
export const every: Phrase = (sight, at) => {
  const { facts } = sight
  const hourly = adverb(sight, at) === 60 ? { value: 60, to: at + 1 } : null
  // "8 W each, 5 h a day": each thing, not each five hours
  const isSaid =
    isWord(sight, at, ['every']) || (isWord(sight, at, ['each']) && timeWord(sight, at + 1) !== null)
  const found = hourly ?? (isSaid ? period(sight, at + 1) : null)
  if (!found || facts.everyMin !== null) return null
  if (found.value === DAY || found.value === WEEK) {
    if (facts.times !== null) return null
    facts.times = { n: 1, per: found.value === DAY ? 'day' : 'week' }
    if (isWord(sight, found.to - 1, ['night'])) facts.partOfDay ??= 'night'
    if (isWord(sight, found.to - 1, ['evening'])) facts.partOfDay ??= 'evening'
    if (isWord(sight, found.to - 1, ['morning'])) facts.partOfDay ??= 'morning'
    return found.to
  }
  if (found.value > DAY) return null
  facts.everyMin = found.value
  return found.to
}

const ONCE: Record<string, number> = { once: 1, twice: 2, thrice: 3 }

/** How many times, behind the word: "twice", "4 times", "3x". */
function often(sight: Sight, at: number): { n: number; to: number } | null {
  const token = sight.tokens[at]
  if (token?.kind === 'word' && Object.hasOwn(ONCE, token.word)) return { n: ONCE[token.word], to: at + 1 }
  const spelt = wordNumber(sight, at)
  const number =
    token?.kind === 'number' && token.isWhole && !token.isNegative
      ? { value: token.value, to: at + 1 }
      : spelt
  if (!number) return null
  if (isWord(sight, number.to, ['times', 'time', 'x']) || isMark(sight, number.to, '×*'))
    return { n: number.value, to: number.to + 1 }
  return null
}

/** "4 times a day", "twice daily", "3x/day", "once a week", "daily". */
export const timesAPeriod: Phrase = (sight, at) => {
  const { facts } = sight
  if (facts.times !== null) return null
  const many = often(sight, at)
  if (many) {
    const per = perPeriod(sight, many.to)
    const isOnce = sight.tokens[at].kind === 'word'
    if (per && (per.value === DAY || per.value === WEEK)) {
      facts.times = { n: many.n, per: per.value === DAY ? 'day' : 'week' }
      return per.to
    }
    // "10 min 3 times", "10 min twice": a day is meant
    if (
      per === null &&
      (isOnce || isWord(sight, many.to - 1, ['times'])) &&
      !quantity(sight, many.to, 'power')
    ) {
      facts.times = { n: many.n, per: 'day' }
      return many.to
    }
    return null
  }
  const daily = adverb(sight, at)
  if (daily === DAY || daily === WEEK) {
    facts.times = { n: 1, per: daily === DAY ? 'day' : 'week' }
    if (isWord(sight, at, ['nightly'])) facts.partOfDay ??= 'night'
    return at + 1
  }
  const token = sight.tokens[at]
  // "3/day" with a whole number
  if (token?.kind === 'number' && token.isWhole && !token.isNegative && isMark(sight, at + 1, '/')) {
    const per = period(sight, at + 2)
    if (per && (per.value === DAY || per.value === WEEK)) {
      facts.times = { n: token.value, per: per.value === DAY ? 'day' : 'week' }
      return per.to
    }
  }
  return null
}

/** "10 min x 3": so long, so many times. */
export const soLongTimes: Phrase = (sight, at) => {
  const on = duration(sight, at)
  if (!on || sight.facts.minutes !== null || sight.facts.times !== null) return null
  if (!isWord(sight, on.to, ['x']) && !isMark(sight, on.to, '×*')) return null
  const number = sight.tokens[on.to + 1]
  if (number?.kind !== 'number' || !number.isWhole) return null
  sight.facts.minutes = on.value
  sight.facts.times = { n: number.value, per: 'day' }
  const per = perPeriod(sight, on.to + 2)
  if (per?.value === WEEK) sight.facts.times.per = 'week'
  return per && (per.value === DAY || per.value === WEEK) ? per.to : on.to + 2
}

const SHARES: Record<string, number> = { half: 1 / 2, third: 1 / 3, quarter: 1 / 4, fifth: 1 / 5 }
const OF_THE_TIME = ['of', 'the', 'time', 'all', 'on', 'duty', 'cycle', 'running', 'runtime', 'day']

/** "1/3 on", "40% duty", "30 % of the time", "duty 0.4", "half the time", "a third of the time". */
export const share: Phrase = (sight, at) => {
  const { facts, tokens } = sight
  if (facts.dutyFraction !== null) return null
  const tell = (fraction: number, to: number) => {
    if (!(fraction > 0 && fraction <= 1)) facts.faults.push(told('line.noShare'))
    facts.dutyFraction = fraction
    return to
  }
  if (isWord(sight, at, ['duty', 'runs', 'on'])) {
    const place = past(sight, at + 1, ['cycle', 'about', 'of', 'is'], ':=')
    const percent = quantity(sight, place, 'percent')
    const number = tokens[place]
    if (percent) return tell(percent.value / 100, past(sight, place + 1, OF_THE_TIME))
    if (isWord(sight, at, ['duty']) && number?.kind === 'number' && number.value <= 1)
      return tell(number.value, place + 1)
    if (number?.kind === 'number' && number.isShare && isWord(sight, place + 1, ['of']))
      return tell(number.value, past(sight, place + 1, OF_THE_TIME))
    return null
  }
  const spelt = isWord(sight, at, ['a', 'one']) ? at + 1 : at
  const word = tokens[spelt]
  if (word?.kind === 'word' && Object.hasOwn(SHARES, word.word)) {
    const to = past(sight, spelt + 1, ['of', 'the', 'all'])
    if (isWord(sight, to, ['time', 'on', 'hour', 'day'])) return tell(SHARES[word.word], to + 1)
    return null
  }
  const percent = quantity(sight, at, 'percent')
  const number = tokens[at]
  const fraction = percent
    ? percent.value / 100
    : number?.kind === 'number' && number.isShare
      ? number.value
      : null
  if (fraction === null) return null
  const to = past(sight, at + 1, OF_THE_TIME)
  return to === at + 1 ? null : tell(fraction, to)
}

/** "33 %" that says not of what: asked. */
export const bareShare: Phrase = (sight, at) => {
  const percent = quantity(sight, at, 'percent')
  if (!percent || sight.facts.dutyFraction !== null || !(percent.value > 0 && percent.value <= 100))
    return null
  const said = `${percent.value} %`
  sight.facts.questions.push({
    message: told('line.shareOfWhat', { figure: percent.value }),
    meant: [
      {
        words: told('line.onSoMuch', { figure: percent.value }),
        text: reworded(sight, at, at + 1, `${said} of the time`),
      },
      { words: told('line.somethingElse'), text: reworded(sight, at, at + 1, '') },
    ],
  })
  return at + 1
}

/** "always on", "all day", "24/7", "around the clock", "24 h a day". */
export const always: Phrase = (sight, at) => {
  const number = sight.tokens[at]
  const tell = (to: number) => {
    sight.facts.isAlways = true
    return past(sight, to, ['on', 'running'])
  }
  if (number?.kind === 'number' && number.text.replace(/\s/g, '') === '24/7') return tell(at + 1)
  if (isWord(sight, at, ['always', 'constantly', 'continuous', 'continuously', 'nonstop', 'permanently']))
    return tell(at + 1)
  if (
    isWord(sight, at, ['on', 'runs', 'running']) &&
    isWord(sight, at + 1, ['all', 'always', 'constantly', 'continuously'])
  ) {
    const behind = always(sight, at + 1)
    if (behind !== null) return behind
  }
  if (isWord(sight, at, ['all'])) {
    const place = past(sight, at + 1, ['of', 'the'])
    if (isWord(sight, place, ['time', 'day']))
      return tell(past(sight, place + 1, ['long', 'and', 'night', 'every', 'day']))
  }
  if (
    isWord(sight, at, ['around', 'round']) &&
    isWord(sight, at + 1, ['the']) &&
    isWord(sight, at + 2, ['clock'])
  )
    return tell(at + 3)
  return null
}

/** "5 min", "for 3 h": a length of time that stands alone. */
export const soLong: Phrase = (sight, at) => {
  const on = duration(sight, past(sight, at, ['for']))
  if (!on || sight.facts.minutes !== null) return null
  // "each time" belongs to it
  let to = on.to
  if (isWord(sight, to, ['each', 'every']) && isWord(sight, to + 1, ['time', 'use'])) to += 2
  else if (isWord(sight, to, ['long', 'each'])) to++
  sight.facts.minutes = on.value
  return to
}
