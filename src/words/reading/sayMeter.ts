import type { Told } from '@/core/quantity/told'
import type { Units } from '@/core/quantity/units'
import { field } from '../en/reading/field'
import { meter } from '../en/reading/meter'
import { sayToldFrom } from '../sayToldFrom'

const say = sayToldFrom({ ...field, ...meter })

/** Says what is wrong with a line of a meter's file, or with what was written down from one. */
export const sayMeter = (fact: Told, units: Units): string => say(fact, { units, startsAt: '' })
