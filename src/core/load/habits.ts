import type { Behaviour } from '../plan/schema'

/**
 * People are not clocks: what they switch comes some 20 to 40 minutes early or late (standard deviation 22 min), and now and
 * then not at all. Common practice, no source. What a timer switches keeps its minute.
 */
const SD_MIN = 22
const LEFT_OUT = { windows: 0.04, sessions: 0.06 }

/** Farther than this hardly anything comes from its hour, minutes: three standard deviations. */
export const MOST_OFF_MIN = 3 * SD_MIN

/** Whether people switch a load at its hours. */
export const isByHand = (behaviour: Behaviour): boolean => {
  switch (behaviour.kind) {
    case 'scheduled':
      return !behaviour.byTimer && !behaviour.eachHour
    case 'session':
      return !behaviour.byTimer && 'at' in behaviour.when
    case 'charging':
      return !behaviour.byTimer && behaviour.when !== 'start'
    default:
      return false
  }
}

/** Minutes early or late, from a standard normal deviate. */
export const offMin = (z: number) => SD_MIN * Math.max(-3, Math.min(3, z))

/** Whether something is left out this time, from a uniform deviate. A medical device is not. */
export const isLeftOut = (uniform: number, what: 'windows' | 'sessions', medical: boolean) =>
  !medical && uniform < LEFT_OUT[what]
