import { WEEKDAYS, type Weekday, clockOf, minuteOfDay } from '../plan/clock'
import type { Behaviour, Cycling } from '../plan/schema'
import { quantity } from '../quantity/quantity'
import { type Told, told } from '../quantity/told'
import type { Facts, Question } from '../reading/facts'
import { LABEL_SURROUNDINGS_C } from './coldBox'
import { EVIDENCE, type Line, baseOf, defrostOf, withRunning } from './lineBase'
import { energyADayOf, wrongPeriod } from './lineEnergy'
import { type Dated, endOf, stretchOf, weeklyWindows, windowsOfFacts } from './lineWindows'

/** A fact that has no place in the behaviour: told, not dropped. */
export interface Left {
  key: keyof Facts
  words: Told
}

/** What a line's facts make of a thing: its behaviour, or what is wrong, or what must be asked. */
export type Behaved =
  | { kind: 'behaviour'; behaviour: Behaviour; isAssumed: boolean; left: Left[] }
  | { kind: 'fault'; message: Told }
  | { kind: 'question'; question: Question }

const DAY = 1440
/** Share of a charger's watts that reaches the battery. Common practice, no source. */
const CHARGING_EFFICIENCY = 0.85
/** Names whose spacing is that of a float or pressure switch. */
const IS_PUMP = /pump|sump|lift|ejector/i
/** Weekdays of so many times a week, evenly apart. */
const WEEK_OF: Readonly<Record<number, Weekday[]>> = {
  1: ['sat'],
  2: ['wed', 'sat'],
  3: ['mon', 'wed', 'fri'],
  4: ['mon', 'wed', 'fri', 'sun'],
  5: ['mon', 'tue', 'wed', 'thu', 'fri'],
  6: ['mon', 'tue', 'wed', 'thu', 'fri', 'sat'],
}

/** The behaviour one thing has by what a line says and by what such a thing usually does. */
export function lineBehaviour(line: Line): Behaved {
  const { facts, thing, text, name } = line
  const base = baseOf(line)
  const left: Left[] = []
  const stated = line.watts
  const watts = stated ?? base?.runningW.value ?? facts.averageW
  const done = (made: Behaviour, isAssumed = false): Behaved => {
    const behaviour = facts.days ? onDays(made, facts.days) : made
    // what follows a thermostat, a float or a battery knows no days of the week
    if (facts.days && behaviour === made)
      left.push({
        key: 'days',
        words: told('line.onDays', { days: facts.days.map((day) => told(`day.${day}`)) }),
      })
    return { kind: 'behaviour', behaviour, isAssumed, left }
  }
  const fault = (message: Told): Behaved => ({ kind: 'fault', message })
  const ask = (message: Told, ...meant: Question['meant']): Behaved => ({
    kind: 'question',
    question: { message, meant },
  })
  const energyADay = energyADayOf(facts)
  if (watts === null && (energyADay === null || base !== null)) return ask(told('line.noWatts'))
  const running =
    stated === null && base
      ? base.runningW
      : quantity(Math.round((watts ?? (energyADay ?? 0) / 24) * 100) / 100, 'W', EVIDENCE, { times: 1.2 })

  /** It cycles with a stated average, seen in the room it stands in with its doors as they are used. */
  const cyclingAt = (averageWatts: number, periodMin: number | null, atC = line.roomC): Behaviour => {
    const kept: Partial<Cycling> = base?.kind === 'cycling' ? base : {}
    const { follows, doors, defrost, ...rest } = kept
    const indoors = follows?.surroundings === 'indoors' && follows.mode === 'cooling'
    const shownDefrost = defrost && defrostOf(line, defrost)
    const isRest = Math.abs((follows?.setC.value ?? 1000) - atC) < 1
    return {
      ...rest,
      kind: 'cycling',
      runningW: running,
      averageW: quantity(Math.round(averageWatts * 100) / 100, 'W', EVIDENCE),
      periodMin:
        periodMin === null
          ? (kept.periodMin ?? quantity(40, 'min', 'typical', { times: 1.4 }))
          : quantity(Math.min(DAY, Math.max(0.5, Math.round(periodMin * 100) / 100)), 'min', EVIDENCE, {
              times: 1.3,
            }),
      ...(follows
        ? {
            follows:
              indoors && !isRest
                ? { ...follows, knownAtC: quantity(atC, '°C', EVIDENCE, { plusMinus: 2 }) }
                : follows,
          }
        : {}),
      ...(doors
        ? {
            doors: {
              knownADay: atC === line.roomC ? doors.nowADay : doors.knownADay,
              nowADay: doors.nowADay,
            },
          }
        : {}),
      ...(shownDefrost ? { defrost: shownDefrost } : {}),
      ...(facts.idleW !== null ? { idleW: quantity(facts.idleW, 'W', EVIDENCE, { times: 1.2 }) } : {}),
    }
  }
  const sessions = (minutesEach: number, when: Dated): Behaved => {
    if (minutesEach > DAY) return fault(told('line.longSession'))
    leaveIdle()
    return done({
      kind: 'session',
      runningW: running,
      minutesEach: quantity(minutesEach, 'min', EVIDENCE, { times: 1.3 }),
      when,
    })
  }
  const scheduled = (windows: ReturnType<typeof windowsOfFacts>): Behaved => {
    leaveIdle()
    return done({ kind: 'scheduled', runningW: running, windows })
  }
  /** Watts between uses have no place in a schedule: said, not dropped. */
  const leaveIdle = () => {
    if (facts.idleW !== null) left.push({ key: 'idleW', words: told('line.standby', { idleW: facts.idleW }) })
  }
  const usualAt = (): string[] | null =>
    base?.kind === 'session' && 'at' in base.when
      ? base.when.at
      : base?.kind === 'charging' && base.when !== 'start'
        ? base.when.at
        : null
  const clocks = [...new Set(facts.atMin)].sort((a, b) => a - b).map(clockOf)

  if (facts.times && (facts.times.n < 1 || facts.times.n > 96)) return fault(told('line.timesADay'))
  if (facts.chargeWh !== null || (base?.kind === 'charging' && facts.energy && facts.energy.per !== 'year')) {
    const energy = facts.chargeWh ?? facts.energy!.wh
    const times = facts.times?.per === 'day' ? facts.times.n : 1
    const from = base?.kind === 'charging' ? base : null
    const at = clocks.length
      ? clocks
      : times > 1
        ? ['08:00', '19:00', '13:00', '23:00'].slice(0, times)
        : (usualAt() ?? null)
    return done({
      kind: 'charging',
      runningW: running,
      energyWh: quantity(energy, 'Wh', EVIDENCE),
      efficiencyFraction: from?.efficiencyFraction ?? quantity(CHARGING_EFFICIENCY, '1', 'typical'),
      idleW:
        facts.idleW === null
          ? (from?.idleW ?? quantity(0, 'W', EVIDENCE))
          : quantity(facts.idleW, 'W', EVIDENCE),
      when: at && clocks.length + (facts.times ? 1 : 0) > 0 ? { at } : from ? from.when : 'start',
    })
  }
  if (facts.energy && facts.energy.per === null) {
    const energyWh = facts.energy.wh
    const with_ = (period: string) => text.replace(/(k?wh)(?![\p{L}])/iu, `$1 ${period}`)
    return ask(
      told('line.inWhatTime', { energyWh }),
      ...(facts.energy.wh >= 20_000
        ? [
            { words: told('line.aYear', { energyWh }), text: with_('per year') },
            { words: told('line.aDay', { energyWh }), text: with_('a day') },
          ]
        : [
            { words: told('line.aDay', { energyWh }), text: with_('a day') },
            { words: told('line.eachTime', { energyWh }), text: with_('each cycle') },
          ]),
    )
  }
  if (facts.energy?.per === 'cycle') {
    const usualMin = base?.kind === 'session' ? base.minutesEach.value : null
    // a wash's energy is its heater's too: where no watts are said, its usual length tells them
    if (stated === null && usualMin !== null)
      return lineBehaviour({
        ...line,
        watts: Math.round((facts.energy.wh * 60) / usualMin),
        facts: { ...facts, energy: null, minutes: usualMin },
      })
    const minutes = (facts.energy.wh / Math.max(1, running.value)) * 60
    return sessions(Math.min(DAY, Math.round(minutes * 10) / 10), {
      at: clocks.length ? clocks : (usualAt()?.slice(0, 1) ?? ['10:00']),
    })
  }
  if (facts.minutes !== null && facts.everyMin !== null) {
    const { minutes, everyMin } = facts
    if (minutes >= everyMin) return fault(told('line.neverOff', { onFigure: minutes, everyFigure: everyMin }))
    if (everyMin < 0.5) return fault(told('line.shortCycle'))
    if (everyMin > DAY) return fault(told('line.longCycle'))
    if (base?.kind === 'pump' || (!base && IS_PUMP.test(name)))
      return done({
        ...(base?.kind === 'pump' ? base : { kind: 'pump', inflowFollows: 'nothing' }),
        runningW: running,
        cycle: {
          by: 'spacing',
          onMin: quantity(minutes, 'min', EVIDENCE, { times: 1.2 }),
          everyMin: quantity(everyMin, 'min', EVIDENCE, { times: 1.3 }),
        },
      })
    return done(cyclingAt((running.value * minutes) / everyMin, everyMin))
  }
  if (facts.dutyFraction !== null) return done(cyclingAt(running.value * facts.dutyFraction, null))
  if (facts.averageW !== null) {
    if (facts.averageW > running.value * 1.001)
      return fault(told('line.averageAbove', { runningW: running.value }))
    return done(
      base?.kind === 'cycling' || (stated !== null && facts.averageW < running.value)
        ? cyclingAt(facts.averageW, null)
        : { kind: 'constant', runningW: quantity(facts.averageW, 'W', EVIDENCE, { times: 1.2 }) },
    )
  }
  if (energyADay !== null && facts.energy) {
    const average = energyADay / 24
    const isYear = facts.energy.per === 'year'
    const wrong = wrongPeriod(line, average, running.value)
    if (wrong) return { kind: 'question', question: wrong }
    if (base?.kind === 'cycling') {
      const isLabel = isYear && base.follows?.mode === 'cooling'
      return done(cyclingAt(average, null, isLabel ? LABEL_SURROUNDINGS_C : line.roomC))
    }
    if (!base || base.kind === 'constant')
      return done(
        stated !== null && average < stated * 0.98
          ? cyclingAt(average, null)
          : {
              kind: 'constant',
              runningW: quantity(Math.round(average * 100) / 100, 'W', EVIDENCE, { times: 1.2 }),
            },
      )
    return perDay((energyADay / running.value) * 60)
  }
  if (facts.perWeekMin !== null || facts.times?.per === 'week') {
    const n = facts.times?.n ?? 1
    const minutes =
      facts.perWeekMin !== null
        ? facts.perWeekMin / n
        : (facts.minutes ?? (base?.kind === 'session' ? base.minutesEach.value : null))
    if (minutes === null) return howLong()
    if (n > 7) return perDay((minutes * n) / 7)
    return scheduled(
      weeklyWindows(clocks[0] ?? usualAt()?.[0] ?? '10:00', minutes, WEEK_OF[n] ?? [...WEEKDAYS]),
    )
  }
  if (facts.stretches.length > 0) {
    if (facts.perDayMin !== null && facts.perDayMin < 60 && facts.times === null)
      return sessions(facts.perDayMin, {
        timesADay: 1,
        from: clockOf(facts.stretches[0].fromMin),
        to: clockOf(facts.stretches[0].toMin),
      })
    if (base?.kind === 'cycling' && base.follows?.mode === 'cooling' && base.box && thing?.box) {
      left.push({
        key: 'stretches',
        words: told('line.hoursOfACold'),
      })
      return done(withRunning(base, line))
    }
    return scheduled(windowsOfFacts(facts))
  }
  if (facts.perDayMin !== null) return perDay(facts.perDayMin)
  if (clocks.length > 0) {
    const minutes = facts.minutes ?? (base?.kind === 'session' ? base.minutesEach.value : null)
    if (minutes !== null) return sessions(minutes, { at: clocks })
    if (base?.kind === 'charging')
      return done({ ...withRunning(base, line), when: { at: clocks } } as Behaviour)
    return howLong()
  }
  if (facts.times) {
    const minutes = facts.minutes ?? (base?.kind === 'session' ? base.minutesEach.value : null)
    if (minutes === null) {
      if (base?.kind === 'charging' || base?.kind === 'scheduled') return done(withRunning(base, line))
      return howLong()
    }
    const at = usualAt()
    const { n } = facts.times
    if (n === 1 && facts.partOfDay === null) return sessions(minutes, { at: at?.slice(0, 1) ?? ['10:00'] })
    const part = facts.partOfDay && stretchOf(facts.partOfDay)
    return sessions(
      minutes,
      at?.length === n ? { at } : { timesADay: n, from: part?.from ?? '07:00', to: part?.to ?? '22:00' },
    )
  }
  if (facts.minutes !== null) {
    if (facts.minutes > DAY) return fault(told('line.dayHas24'))
    if (thing?.box && facts.minutes < 60) {
      left.push({ key: 'minutes', words: told('line.notHowOften', { exactMin: facts.minutes }) })
      return done(withRunning(base!, line))
    }
    return perDay(facts.minutes)
  }
  if (facts.everyMin !== null) return howLong()
  if (facts.fromMin !== null || facts.untilMin !== null) {
    const usual = base?.kind === 'scheduled' ? base.windows : null
    const from = facts.fromMin === null ? (usual?.[0].from ?? '18:00') : clockOf(facts.fromMin)
    const to = facts.untilMin === null ? (usual?.[usual.length - 1].to ?? '23:00') : clockOf(facts.untilMin)
    if (minuteOfDay(from) === minuteOfDay(to)) return fault(told('line.noLength', { from, to }))
    return scheduled([{ from, to: facts.untilMin === null ? to : endOf(facts.untilMin) }])
  }
  const isUsualPart =
    base?.kind === 'scheduled' && facts.partOfDay === 'night' && minuteOfDay(base.windows[0].to) <= 720
  if (facts.partOfDay !== null && !isUsualPart && base?.kind !== 'cycling' && base?.kind !== 'charging')
    return scheduled([stretchOf(facts.partOfDay)])
  if (base) {
    if (base.kind !== 'cycling' && base.kind !== 'charging') leaveIdle()
    return done(withRunning(base, line))
  }
  leaveIdle()
  return done({ kind: 'constant', runningW: running }, !facts.isAlways)

  /** So many minutes of every day. */
  function perDay(minutes: number): Behaved {
    if (minutes > DAY) return fault(told('line.dayHas24'))
    if (minutes === DAY && base?.kind !== 'cycling' && base?.kind !== 'charging' && base?.kind !== 'pump') {
      leaveIdle()
      return done({ kind: 'constant', runningW: running })
    }
    if (base?.kind === 'cycling' && (minutes >= 60 || facts.times === null) && clocks.length === 0)
      return done(cyclingAt((running.value * minutes) / DAY, null))
    if (base?.kind === 'pump' && clocks.length === 0 && facts.times === null) {
      const on = base.cycle.by === 'spacing' ? base.cycle.onMin.value : 1
      return done({
        ...base,
        runningW: running,
        cycle: {
          by: 'spacing',
          onMin: quantity(on, 'min', 'typical', { times: 1.4 }),
          everyMin: quantity(Math.min(10_000, (on * DAY) / minutes), 'min', EVIDENCE, { times: 1.3 }),
        },
      })
    }
    const n = facts.times?.per === 'day' ? facts.times.n : Math.max(1, clocks.length)
    const isSession = minutes < 60 || base?.kind === 'session' || clocks.length > 0
    if (isSession) {
      // "10 min … 3 times a day" are ten minutes each; what is told as a day's is shared among them
      const each = facts.perDayMin === null ? minutes : minutes / n
      const at = clocks.length ? clocks : n === 1 ? (usualAt()?.slice(0, 1) ?? ['10:00']) : null
      return sessions(each, at ? { at } : { timesADay: n, from: '07:00', to: '22:00' })
    }
    if (base?.kind === 'charging')
      return done({
        ...base,
        runningW: running,
        energyWh: quantity(
          Math.max(
            0.1,
            Math.round(((running.value * minutes) / 60) * base.efficiencyFraction.value * 100) / 100,
          ),
          'Wh',
          EVIDENCE,
        ),
        idleW: quantity(facts.idleW ?? 0, 'W', EVIDENCE),
      })
    return scheduled(windowsOfFacts(facts, minutes, base?.kind === 'scheduled' ? base.windows : undefined))
  }
  function howLong(): Behaved {
    return ask(
      told('line.howLong'),
      { words: told('line.tenMinutes'), text: `${text} 10 min` },
      { words: told('line.oneHour'), text: `${text} 1 h` },
    )
  }
}

/** A load by the clock, or used at hours of the day, on certain days of the week only; any other as it is. */
function onDays(behaviour: Behaviour, days: Weekday[]): Behaviour {
  if (behaviour.kind === 'scheduled')
    return { ...behaviour, windows: behaviour.windows.map((window) => ({ days, ...window })) }
  if (behaviour.kind !== 'session' || !('at' in behaviour.when)) return behaviour
  const { runningW, minutesEach, when } = behaviour
  return {
    kind: 'scheduled',
    runningW,
    windows: when.at.flatMap((from) => weeklyWindows(from, minutesEach.value, days)),
  }
}
