import type { Fault } from '@/core/plan/fault'
import type { Told } from '@/core/quantity/told'
import { UNITS_OF } from '@/core/quantity/units'
import { document } from '../en/reading/document'
import { sayToldFrom } from '../sayToldFrom'

const say = sayToldFrom(document)

/** Says what is wrong with a document; its figures are in the units it is written in. */
export const sayDocument = (fact: Told): string => say(fact, { units: UNITS_OF.metric, startsAt: '' })

/** A fault of a document, in words. */
export interface SaidFault {
  path: string
  message: string
}

export const sayFaults = (faults: readonly Fault[]): SaidFault[] =>
  faults.map(({ path, message }) => ({ path, message: sayDocument(message) }))
