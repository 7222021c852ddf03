import type { Told } from '@/core/quantity/told'
import type { Units } from '@/core/quantity/units'
import { document } from '../en/reading/document'
import { field } from '../en/reading/field'
import { sheet } from '../en/reading/sheet'
import { sayToldFrom } from '../sayToldFrom'

const say = sayToldFrom({ ...document, ...field, ...sheet })

/** Says what is wrong with a row of a sheet: of equipment, of readings, of weather. */
export const saySheet = (fact: Told, units: Units): string => say(fact, { units, startsAt: '' })
