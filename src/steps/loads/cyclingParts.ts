import type { Cycling } from '@/core/plan/schema'
import { LABEL_SURROUNDINGS_C } from '@/core/load/coldBox'
import { quantity } from '@/core/quantity/quantity'

type Follows = NonNullable<Cycling['follows']>

/** What a load begins with when it comes to follow the weather; what it followed before stays where it fits. */
export function followsFor(mode: Follows['mode'], before?: Follows): Follows {
  if (before?.mode === mode) return before
  return mode === 'cooling'
    ? {
        mode,
        setC: quantity(-3, '°C', 'typical', { plusMinus: 2 }),
        knownAtC: quantity(Math.round(LABEL_SURROUNDINGS_C), '°C', 'typical', { plusMinus: 0.5 }),
        surroundings: 'indoors',
      }
    : {
        mode,
        setC: quantity(16.5, '°C', 'typical', { plusMinus: 1.5 }),
        knownAtC: quantity(-15, '°C', 'typical', { plusMinus: 3 }),
        surroundings: 'outdoors',
      }
}
