import type { Behaviour } from '../plan/schema'
import type { Quantity } from '../quantity/quantity'

const MEASURED = { evidence: 'measured', spread: { times: 1.08 } } as const

/** The quantities that decide a load's energy and that a day on a meter would tell. */
export function decidingQuantities(behaviour: Behaviour): Quantity[] {
  const { runningW } = behaviour
  switch (behaviour.kind) {
    case 'cycling':
      return [behaviour.averageW]
    case 'session':
      return [runningW, behaviour.minutesEach]
    case 'charging':
      return [behaviour.energyWh]
    case 'pump':
      return behaviour.cycle.by === 'spacing'
        ? [runningW, behaviour.cycle.onMin, behaviour.cycle.everyMin]
        : [runningW, behaviour.cycle.inflowLH, behaviour.cycle.rateLMin]
    default:
      return [runningW]
  }
}

/** A quantity as a day on a meter would leave it: the same middle value, known better. */
export const asMeasuredQuantity = <Q extends Quantity>(quantity: Q): Q => ({ ...quantity, ...MEASURED })

/**
 * The behaviour as a day on a meter would leave it: the same middle values, known better. A cycling load is then
 * known in the very surroundings it stands in, so those no longer count as unknown.
 */
export function asMeasured(behaviour: Behaviour): Behaviour {
  const known = asMeasuredQuantity
  const runningW = known(behaviour.runningW)
  switch (behaviour.kind) {
    case 'cycling':
      return {
        ...behaviour,
        runningW,
        averageW: known(behaviour.averageW),
        ...(behaviour.follows
          ? {
              follows: {
                ...behaviour.follows,
                setC: { ...behaviour.follows.setC, spread: { plusMinus: 0.5 } },
                knownAtC: { ...behaviour.follows.knownAtC, spread: { plusMinus: 0.5 } },
              },
            }
          : {}),
      }
    case 'session':
      return { ...behaviour, runningW, minutesEach: known(behaviour.minutesEach) }
    case 'charging':
      return { ...behaviour, runningW, energyWh: known(behaviour.energyWh) }
    case 'pump': {
      const { cycle } = behaviour
      return {
        ...behaviour,
        runningW,
        cycle:
          cycle.by === 'spacing'
            ? { ...cycle, onMin: known(cycle.onMin), everyMin: known(cycle.everyMin) }
            : { ...cycle, inflowLH: known(cycle.inflowLH), rateLMin: known(cycle.rateLMin) },
      }
    }
    default:
      return { ...behaviour, runningW }
  }
}
