import type { Behaviour, Cycling, Session, Start } from '../plan/schema'
import { type Quantity, quantity } from '../quantity/quantity'
import type { MeterFindings, OnStretch } from './analyse'

/**
 * How far an average measured for so many hours may be off (80 % interval): ×/÷1.08 after a day, ×/÷1.25 after an
 * hour of a cycling load. Common practice, no source.
 */
export function measuredTimes(hours: number): number {
  const t = Math.min(1, Math.max(0, Math.log(Math.max(1, hours)) / Math.log(24)))
  return Math.round((1.25 - 0.17 * t) * 1000) / 1000
}

/**
 * A load's behaviour as it was, with what the record found put in.
 *
 * @param knownAtC the surroundings while it was measured, °C, of a load that follows them
 */
export function withFindings(
  behaviour: Behaviour,
  found: MeterFindings,
  knownAtC?: number,
): { behaviour: Behaviour; start: Start | null } {
  const watts = (value: number, times: number): Quantity<'W'> => ({
    ...quantity(Math.round(value * 10) / 10, 'W', 'measured', { times }),
    source: `meter, ${Math.round(found.coveredH * 10) / 10} h`,
  })
  const heaterW = unseenHeater(behaviour, found)
  const start: Start | null =
    found.startPeakW === null || heaterW !== null
      ? null
      : {
          watts: watts(found.startPeakW, 1.08),
          seconds: quantity(0.3, 's', 'typical', { times: 2 }),
        }
  if (behaviour.kind === 'session') return { behaviour: sessionFrom(behaviour, found, watts), start }
  if (
    found.shape === 'constant' &&
    behaviour.kind === 'cycling' &&
    behaviour.drive?.kind !== 'inverter' &&
    found.coveredH < 1
  )
    return { behaviour: { ...behaviour, runningW: watts(found.averageW, 1.08) }, start }
  if (found.shape === 'constant')
    return { behaviour: { kind: 'constant', runningW: watts(found.averageW, 1.05) }, start }
  const kept = behaviour.kind === 'cycling' ? behaviour : null
  if (found.shape === 'now and then' && !kept && behaviour.kind !== 'constant')
    return { behaviour: { ...behaviour, runningW: watts(found.runningW, 1.08) }, start }
  const period = found.meanOnMin && found.meanOffMin ? found.meanOnMin + found.meanOffMin : null
  const { doors, ...rest }: Partial<Cycling> = kept ?? {}
  const idleW = found.on.length > 0 && found.shape === 'cycling' ? found.idleW : 0
  return {
    behaviour: {
      ...rest,
      kind: 'cycling',
      runningW: watts(found.runningW, 1.05),
      averageW: watts(found.averageW, measuredTimes(found.coveredH)),
      periodMin: period
        ? quantity(Math.min(1440, Math.max(0.5, Math.round(period * 10) / 10)), 'min', 'measured', {
            times: 1.15,
          })
        : (kept?.periodMin ?? quantity(40, 'min', 'typical', { times: 1.4 })),
      ...(rest.follows && knownAtC !== undefined
        ? {
            follows: {
              ...rest.follows,
              knownAtC: quantity(Math.round(knownAtC * 10) / 10, '°C', 'measured', { plusMinus: 2 }),
            },
          }
        : {}),
      // measured with the doors as they are used, in the room it stands in
      ...(doors ? { doors: { knownADay: doors.nowADay, nowADay: doors.nowADay } } : {}),
      ...(idleW > IDLE_LEAST_W ? { idleW: watts(idleW, 1.1) } : {}),
      ...(heaterW !== null && kept?.defrost
        ? { defrost: { ...kept.defrost, watts: watts(heaterW, 1.08) } }
        : {}),
      ...(found.defrosts
        ? {
            defrost: {
              control: kept?.defrost?.control ?? 'timer',
              watts: watts(found.defrosts.watts, 1.05),
              minutes: quantity(Math.round(found.defrosts.minutes * 10) / 10, 'min', 'measured', {
                times: 1.15,
              }),
              everyRunH: quantity(
                Math.min(
                  500,
                  Math.max(
                    0.5,
                    Math.round((found.coveredH * found.dutyFraction * 10) / found.defrosts.count) / 10,
                  ),
                ),
                'h',
                'measured',
                { times: 1.25 },
              ),
            },
          }
        : {}),
    },
    start,
  }
}

/** Less than this between cycles is a meter's own noise. */
const IDLE_LEAST_W = 1
/** A compressor starts at far more; a peak below is its heater's. Common practice, no source. */
const START_TIMES = 4
/** Stretches of one wash stand closer together than this, minutes. */
const SAME_SESSION_MIN = 30

/** A peak on a refrigerator that is its defrost heater's: seen on a display, without a trace to tell. */
function unseenHeater(behaviour: Behaviour, found: MeterFindings): number | null {
  if (behaviour.kind !== 'cycling' || !behaviour.defrost || found.startPeakW === null || found.on.length > 0)
    return null
  return found.startPeakW < START_TIMES * behaviour.runningW.value ? found.startPeakW : null
}

/**
 * A session from a record of one or several: its energy is kept, at the watts that lasted, so that both what it draws and what it
 * takes are right.
 */
function sessionFrom(
  session: Session,
  found: MeterFindings,
  watts: (value: number, times: number) => Quantity<'W'>,
): Session {
  const times = Math.max(1, sessionsIn(found.on))
  const wh = (found.averageW * found.coveredH) / times
  const runningW = Math.max(found.sustainedW, found.averageW, 1e-6)
  const minutes = Math.min(1440, Math.max(0.05, Math.round((wh / runningW) * 600) / 10))
  return {
    ...session,
    runningW: watts(runningW, 1.05),
    minutesEach: {
      ...quantity(minutes, 'min', 'measured', { times: times > 1 ? 1.1 : 1.2 }),
      source: `meter, ${Math.round(wh)} Wh each time`,
    },
  }
}

/** How many sessions a record holds: stretches apart by more than half an hour. */
function sessionsIn(on: readonly OnStretch[]): number {
  return on.filter((stretch, i) => i === 0 || stretch.fromMin - on[i - 1].toMin > SAME_SESSION_MIN).length
}
