import type { Quantity } from './quantity'
import { usualSpread } from './quantity'

/** What was tested ages: the older the test, the less it is known to hold. */

const DAYS_A_MONTH = 30.44
/** An 80 % interval of a load is so many times as wide with each month since. From memory. */
const LOAD_TIMES_A_MONTH = 1.02
/** The same of a battery. From memory. */
const BATTERY_TIMES_A_MONTH = 1.003
/** However old, an interval in the value's own unit is no more than so many times as wide. From memory. */
const MOST_TIMES = 4
/**
 * A battery that mostly stands full loses about so much of its capacity in a year. Its cycles are few beside it: two dozen
 * outages a year of some thousands that it is made for. From memory.
 */
const FADE_A_YEAR = 0.02

/** Whether a figure is of a load or of a battery, and there of its capacity. */
export type Ageing = 'load' | 'battery' | 'capacity'

/**
 * A tested quantity as it is known on a later day: its interval wider, a capacity smaller. Others are as they were, and so is one that is
 * looked at before it was tested. What comes out is dated with the day, so that ageing it again to that day changes nothing.
 *
 * @param day "YYYY-MM-DD"
 */
export function aged(quantity: Quantity, day: string, what: Ageing): Quantity {
  const { testedOn, spread, value } = quantity
  if (!testedOn) return quantity
  const days = (Date.parse(day) - Date.parse(testedOn)) / 86_400_000
  if (!(days > 0)) return quantity
  const months = days / DAYS_A_MONTH
  const wider = Math.min(MOST_TIMES, (what === 'load' ? LOAD_TIMES_A_MONTH : BATTERY_TIMES_A_MONTH) ** months)
  return {
    ...quantity,
    testedOn: day,
    value: what === 'capacity' ? value * (1 - FADE_A_YEAR) ** (months / 12) : value,
    spread:
      'times' in spread
        ? { times: Math.max(spread.times, Math.min(spread.times * wider, NO_WIDER)) }
        : { plusMinus: spread.plusMinus * wider },
  }
}

/** However old a test is, it says no less than a figure that is usual for such things. */
const typical = usualSpread('typical')
const NO_WIDER = 'times' in typical ? typical.times : Infinity
