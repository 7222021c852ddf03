import type { Told } from '@/core/quantity/told'
import { type Units } from '@/core/quantity/units'
import { bankLine } from '../en/reading/bankLine'
import { sayToldFrom } from '../sayToldFrom'

const say = sayToldFrom(bankLine)

/** Says what is wrong with a line of batteries. */
export const sayBankLine = (fact: Told, units: Units): string => say(fact, { units, startsAt: '' })
