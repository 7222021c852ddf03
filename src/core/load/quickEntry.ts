import type { Behaviour } from '../plan/schema'
import { parseClock, parseMeasure } from '../quantity/parse'
import { type Evidence, quantity } from '../quantity/quantity'
import { formatEnergy, formatExactDuration, formatPercent, formatWatts } from '../quantity/format'
import { averageW, sessionsADay } from './average'

/** A load as one typed line describes it. */
export interface QuickLoad {
  name: string
  behaviour: Behaviour
  /** starting watts, where the line gives them */
  startW: number | null
  volts: number | null
  /** what was understood, in words */
  understood: string
}

export type QuickReading = { ok: true; load: QuickLoad } | { ok: false; message: string }

/** Amps on a plate are volt-amps: motors draw about this share of them as watts. Common practice, no source. */
const MOTOR_POWER_FACTOR = 0.75

/** Share of a charger's watts that reaches the battery. Common practice, no source. */
const CHARGING_EFFICIENCY = 0.85

/** Names whose spacing is that of a float or pressure switch. */
const IS_PUMP = /pump|sump|lift|ejector/i

const NUMBER = String.raw`\d+(?:[.,]\d+)?(?:/\d+)?`
const TIME = String.raw`(?:seconds?|sec|s|minutes?|min|m|hours?|hr|h)\b`
const CLOCK = String.raw`\d{1,2}(?::\d{2})?\s?(?:am|pm)?`

const PATTERNS = {
  charge: new RegExp(
    String.raw`\bcharg(?:e|es|ing)\s+(${NUMBER}\s?k?wh)\b(?:\s+at\s+(${CLOCK}(?:\s?(?:,|and)\s?${CLOCK})*))?`,
    'i',
  ),
  every: new RegExp(String.raw`(${NUMBER}\s?${TIME})\s+(?:every|per|each)\s+(${NUMBER}\s?${TIME})`, 'i'),
  timesADay: new RegExp(String.raw`(${NUMBER}\s?${TIME})\s+(\d+)\s?(?:x|times?)(?:\s+(?:a|per)\s+day)?`, 'i'),
  at: new RegExp(String.raw`(${NUMBER}\s?${TIME})\s+at\s+(${CLOCK}(?:\s?(?:,|and)\s?${CLOCK})*)`, 'i'),
  window: /\b(\d{1,2}(?::\d{2})?\s?(?:am|pm)?)\s?(?:-|–|to)\s?(\d{1,2}(?::\d{2})?\s?(?:am|pm)?)(?=\s|$)/i,
  share: new RegExp(String.raw`(?:(\d+)/(\d+)|(\d+(?:\.\d+)?)\s?%)\s+on\b`, 'i'),
  start: new RegExp(String.raw`\bstart(?:s|ing)?\s+(${NUMBER}\s?k?w)\b`, 'i'),
  average: new RegExp(String.raw`\b(?:avg|average)\s+(${NUMBER}\s?k?w)\b`, 'i'),
  volts: /\b(12|120|230|240)\s?v(?:olts?)?\b/i,
  amps: new RegExp(String.raw`\b(${NUMBER})\s?a(?:mps?)?\b`, 'i'),
  watts: new RegExp(String.raw`(?<![\d.,/])(${NUMBER}\s?(?:k?w|hp))\b(?!h)`, 'i'),
  energy: new RegExp(String.raw`${NUMBER}\s?k?wh\b`, 'i'),
}

const EXAMPLES =
  'fridge 6.5A 120V 1/3 on · drain pump 600W 17s every 8min · lamp 9.5W 18:00-24:00 · kettle 1.2kW 5min at 07:00 · bicycle 160W charge 500Wh at 19:00'

/**
 * Reads a load from one line such as "drain pump 600W 17s every 8min".
 *
 * Watts or horsepower count as they stand; volts × amps are volt-amps, of which a cycling motor draws about 0.75 as
 * watts. A share ("1/3 on"), an average ("avg 55W") or a spacing ("17s every 8min") makes it cycling, hours
 * ("18:00-24:00") scheduled, minutes at a clock time or so many times a day a session; nothing of these constant.
 *
 * @param line as typed
 * @param mainsVolts used where amps stand without volts
 * @returns the load and what was understood, or what is missing or wrong
 * @example readQuickLoad('lamp 9.5W 18:00-24:00', 120) // scheduled, 9.5 W
 */
export function readQuickLoad(line: string, mainsVolts: number): QuickReading {
  const wrong = (message: string): QuickReading => ({ ok: false, message })
  let rest = ` ${line.trim()} `
  const take = (pattern: RegExp): RegExpMatchArray | null => {
    const match = rest.match(pattern)
    if (match) rest = rest.replace(match[0], ' ')
    return match
  }
  if (line.trim() === '') return wrong(`Write a name and what is known, such as: ${EXAMPLES}`)
  const charge = take(PATTERNS.charge)
  const energy = rest.match(PATTERNS.energy)
  if (energy)
    return wrong(
      `“${energy[0].trim()}” is energy. Running watts are wanted, and how long it runs; a charger: “charge ${energy[0].trim()}”.`,
    )

  const [start, average, every, at, timesADay, window, share, volts, amps, watts] = [
    take(PATTERNS.start),
    take(PATTERNS.average),
    take(PATTERNS.every),
    take(PATTERNS.at),
    take(PATTERNS.timesADay),
    take(PATTERNS.window),
    take(PATTERNS.share),
    take(PATTERNS.volts),
    take(PATTERNS.amps),
    take(PATTERNS.watts),
  ]
  const name = rest
    .replace(/[,;:·]+/g, ' ')
    .replace(/\s+/g, ' ')
    .trim()
  if (name === '') return wrong('A name is missing, such as “drain pump” at the start of the line.')
  if (name.length > 80) return wrong('The name is longer than 80 characters.')

  const isCycling = Boolean(every || share || average)
  const ampsW = amps
    ? numberOf(amps[1]) * (volts ? Number(volts[1]) : mainsVolts) * (isCycling ? MOTOR_POWER_FACTOR : 1)
    : null
  const power = watts ? parseMeasure(watts[1], 'power') : null
  if (power && !power.ok) return wrong(power.message)
  const runningW = power?.ok ? power.value : ampsW
  if (runningW === null)
    return wrong('Watts are missing, such as 600W, 3/4hp, or amps and volts such as 6.5A 120V.')
  if (runningW > 50_000) return wrong(`${formatWatts(runningW)} is more than a household’s load can be.`)

  const evidence: Evidence = 'label'
  const running = quantity(Math.round(runningW * 10) / 10, 'W', evidence, { times: 1.2 })
  const behaviour = behaviourOf()
  if (typeof behaviour === 'string') return wrong(behaviour)
  const startReading = start ? parseMeasure(start[1], 'power') : null
  if (startReading?.ok && startReading.value < runningW)
    return wrong('The starting watts cannot be below the running watts.')
  const startW = startReading?.ok ? startReading.value : null
  const load = { name, behaviour, startW, volts: volts ? Number(volts[1]) : null }
  return {
    ok: true,
    load: { ...load, understood: wordsFor(behaviour, startW, ampsW !== null && !watts && isCycling) },
  }

  /** The behaviour, or what is wrong with it. */
  function behaviourOf(): Behaviour | string {
    if (charge) {
      const energyWh = parseMeasure(charge[1], 'energy')
      if (!energyWh.ok) return energyWh.message
      const at = charge[2] ? clocksOf(charge[2]) : null
      return typeof at === 'string' ? at : chargingOf(energyWh.value, at)
    }
    if (every) {
      const onMin = minutesOf(every[1])
      const periodMin = minutesOf(every[2])
      if (onMin >= periodMin)
        return `It cannot run ${every[1]} every ${every[2]}: the time on must be shorter than the spacing.`
      if (periodMin < 0.5) return 'A cycle takes half a minute at least.'
      if (periodMin > 1440) return 'A cycle takes a day at most.'
      return IS_PUMP.test(name)
        ? pumpAt(onMin, periodMin)
        : cyclingAt((running.value * onMin) / periodMin, periodMin)
    }
    if (share) {
      const duty = share[1] ? Number(share[1]) / Number(share[2]) : Number(share[3]) / 100
      if (!(duty > 0 && duty <= 1))
        return 'The share of time it is on must be between 0 and 1, such as 1/3 on or 30 % on.'
      return cyclingAt(running.value * duty, 40)
    }
    if (average) {
      const reading = parseMeasure(average[1], 'power')
      if (!reading.ok) return reading.message
      if (reading.value > running.value)
        return `The average cannot be above the running watts (${formatWatts(running.value)}).`
      return cyclingAt(reading.value, 40)
    }
    if (at) {
      const clocks = clocksOf(at[2])
      return typeof clocks === 'string' ? clocks : sessionOf(at[1], { at: clocks })
    }
    if (timesADay) {
      const times = Number(timesADay[2])
      if (times < 1 || times > 96) return 'It can run 1 to 96 times a day.'
      return sessionOf(timesADay[1], { timesADay: times, from: '07:00', to: '22:00' })
    }
    if (window) {
      const from = parseClock(window[1])
      const to = parseClock(window[2], true)
      if (!from.ok) return from.message
      if (!to.ok) return to.message
      return { kind: 'scheduled', runningW: running, windows: [{ from: from.clock, to: to.clock }] }
    }
    return { kind: 'constant', runningW: running }
  }

  function cyclingAt(averageWatts: number, periodMin: number): Behaviour {
    return {
      kind: 'cycling',
      runningW: running,
      averageW: quantity(Math.round(averageWatts * 10) / 10, 'W', evidence),
      periodMin: quantity(Math.round(periodMin * 100) / 100, 'min', evidence, { times: 1.3 }),
    }
  }

  function pumpAt(onMin: number, everyMin: number): Behaviour {
    return {
      kind: 'pump',
      runningW: running,
      cycle: {
        by: 'spacing',
        onMin: quantity(onMin, 'min', evidence, { times: 1.2 }),
        everyMin: quantity(everyMin, 'min', evidence, { times: 1.3 }),
      },
      inflowFollows: 'nothing',
    }
  }

  function chargingOf(energyWh: number, at: string[] | null): Behaviour {
    return {
      kind: 'charging',
      runningW: running,
      energyWh: quantity(energyWh, 'Wh', evidence),
      efficiencyFraction: quantity(CHARGING_EFFICIENCY, '1', 'typical'),
      idleW: quantity(0, 'W', evidence),
      when: at ? { at } : 'start',
    }
  }

  function sessionOf(
    length: string,
    when: Extract<Behaviour, { kind: 'session' }>['when'],
  ): Behaviour | string {
    const minutes = minutesOf(length)
    if (minutes > 1440) return 'A session takes a day at most.'
    return {
      kind: 'session',
      runningW: running,
      minutesEach: quantity(minutes, 'min', evidence, { times: 1.3 }),
      when,
    }
  }
}

const numberOf = (text: string) => {
  const [above, below] = text.replace(',', '.').split('/')
  return Number(above) / Number(below ?? 1)
}

/** Hours of the clock from "7:00, 12 and 18:30", or what is wrong with one of them. */
function clocksOf(text: string): string[] | string {
  const clocks: string[] = []
  for (const one of text.split(/,|and/)) {
    const clock = parseClock(one)
    if (!clock.ok) return clock.message
    clocks.push(clock.clock)
  }
  return clocks
}

function minutesOf(text: string): number {
  const reading = parseMeasure(text, 'minutes')
  return reading.ok ? reading.value : 0
}

function wordsFor(behaviour: Behaviour, startW: number | null, isFromAmps: boolean): string {
  const running = formatWatts(behaviour.runningW.value)
  const average = formatWatts(averageW(behaviour))
  const shareWords = () => {
    const share = behaviour.runningW.value > 0 ? averageW(behaviour) / behaviour.runningW.value : 0
    return `on ${share < 0.1 ? `${(share * 100).toFixed(1)} %` : formatPercent(share)} of the time`
  }
  const words = {
    constant: () => `constant, ${running}`,
    scheduled: () => {
      const [window] = (behaviour as Extract<Behaviour, { kind: 'scheduled' }>).windows
      return `by the clock, ${running} from ${window.from} to ${window.to}`
    },
    session: () => {
      const session = behaviour as Extract<Behaviour, { kind: 'session' }>
      const when =
        'at' in session.when ? `at ${session.when.at.join(' and ')}` : `${sessionsADay(session)} times a day`
      return `${formatExactDuration(session.minutesEach.value)} of ${running} ${when}`
    },
    cycling: () =>
      `cycling, ${running} running${isFromAmps ? ' (0.75 of volts × amps)' : ''}, ${shareWords()}`,
    pump: () => `pumping, ${running}, ${shareWords()}`,
    charging: () => {
      const { energyWh, when } = behaviour as Extract<Behaviour, { kind: 'charging' }>
      return `charging ${formatEnergy(energyWh.value)} ${when === 'start' ? 'once, at the start,' : `at ${when.at.join(' and ')}`} at ${running}`
    },
  }[behaviour.kind]()
  return `${words}, average ${average}${startW ? `, starts at ${formatWatts(startW)}` : ''}`
}
