import type { Told } from '@/core/quantity/told'
import type { Units } from '@/core/quantity/units'
import { field } from '../en/reading/field'
import { sayToldFrom } from '../sayToldFrom'

const say = sayToldFrom(field)

/** Says what is wrong with what was typed into a field, or what was understood of it. */
export const sayField = (fact: Told, units: Units): string => say(fact, { units, startsAt: '' })
