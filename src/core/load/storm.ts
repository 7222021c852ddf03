import type { Rain } from '../plan/limits'

/**
 * Rain ends: it pours for some hours, in bursts, and what then still seeps into a pit dies away. From memory; 80 %
 * intervals ×/÷.
 */
const POURS: Record<Exclude<Rain, 'dry'>, { hours: number; times: number }> = {
  rain: { hours: 14, times: 2 },
  downpour: { hours: 8, times: 2 },
}
const TAIL = { hours: 10, times: 1.6 }
/** A pump is counted while it pours, near its peak: the mean of the pouring hours is lower. From memory. */
const MEAN_OF_PEAK = 0.7

const Z_80 = 1.2816

/** One storm as a pit sees it. */
export interface Storm {
  /** hours it still pours from the beginning of the outage */
  poursH: number
  /** time constant of what seeps in afterwards, h */
  tailH: number
}

/** A storm by two standard normal deviates; both 0 for the middle one. */
export function stormOf(rain: Exclude<Rain, 'dry'>, zPours: number, zTail: number): Storm {
  const { hours, times } = POURS[rain]
  return {
    poursH: hours * times ** (zPours / Z_80),
    tailH: TAIL.hours * TAIL.times ** (zTail / Z_80),
  }
}

/**
 * Share of the inflow counted while it pours, in an hour of the outage: level while it pours, then an exponential.
 *
 * @example stormShare({ poursH: 8, tailH: 10 }, 18) // 0.7 · e^−1
 */
export const stormShare = ({ poursH, tailH }: Storm, hour: number) =>
  MEAN_OF_PEAK * (hour < poursH ? 1 : Math.exp(-(hour - poursH) / tailH))
