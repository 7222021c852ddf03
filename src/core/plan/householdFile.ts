import { type Told, told } from '../quantity/told'
import { type Household, type HouseholdReading, readHousehold } from './household'
import { HOUSEHOLD_FORMAT } from './householdFormat'
import { PLAN_VERSION } from './limits'

/** A whole household as a file. */
export interface HouseholdFile {
  format: typeof HOUSEHOLD_FORMAT
  version: number
  household: Household
}

export const householdFile = (household: Household): HouseholdFile => ({
  format: HOUSEHOLD_FORMAT,
  version: PLAN_VERSION,
  household,
})

/**
 * Reads a household with the version it was written in.
 *
 * @param version of the document; 0 for those of releases that wrote none, told by their fields
 */
export function readHouseholdOf(version: unknown, household: unknown): HouseholdReading {
  if (typeof version !== 'number' || !Number.isInteger(version) || version < 0)
    return fault('version', told('document.noVersion', { current: PLAN_VERSION }))
  if (version > PLAN_VERSION)
    return fault('version', told('document.newer', { version, current: PLAN_VERSION }))
  return readHousehold(household)
}

/** Reads what a file of a whole household holds; every fault says what is wrong and what would be right. */
export function readHouseholdFile(input: unknown): HouseholdReading {
  if (typeof input !== 'object' || input === null || Array.isArray(input))
    return fault('file', told('document.oneObject'))
  const { format, version, household } = input as Partial<HouseholdFile>
  if ((format as string) === 'yotrope-plan') return fault('format', told('document.isAPlan'))
  if ((format as string) === 'yotrope-run') return fault('format', told('document.isARun'))
  if (format !== HOUSEHOLD_FORMAT)
    return fault('format', told('document.mustBe', { choices: [JSON.stringify(HOUSEHOLD_FORMAT)] }))
  return readHouseholdOf(version, household)
}

const fault = (path: string, message: Told): HouseholdReading => ({
  ok: false,
  faults: [{ path, message }],
})
