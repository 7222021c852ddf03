import type { Told } from '@/core/quantity/told'
import { UNITS_OF } from '@/core/quantity/units'
import { sayTold } from '@/words/sayTold'

/** A fact of the core as a metric household reads it; null stays null. */
export const said = <T extends Told | null>(fact: T): T extends null ? string | null : string =>
  (fact && sayTold(fact, { units: UNITS_OF.metric, startsAt: '2027-02-05T18:00' })) as never
