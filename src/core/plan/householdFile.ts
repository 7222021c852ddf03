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
    return fault('version', `must be a whole number, ${PLAN_VERSION} in this release`)
  if (version > PLAN_VERSION)
    return fault('version', `is ${version}, made by a newer release; this one reads up to ${PLAN_VERSION}`)
  return readHousehold(household)
}

/** Reads what a file of a whole household holds; every fault says what is wrong and what would be right. */
export function readHouseholdFile(input: unknown): HouseholdReading {
  if (typeof input !== 'object' || input === null || Array.isArray(input))
    return fault('file', 'must hold one JSON object')
  const { format, version, household } = input as Partial<HouseholdFile>
  if ((format as string) === 'yotrope-plan')
    return fault(
      'format',
      'is a plan, one outage and one power system; a file of the whole household is wanted',
    )
  if ((format as string) === 'yotrope-run')
    return fault('format', 'is a run; read it on the page Test run, under “Runs so far”')
  if (format !== HOUSEHOLD_FORMAT) return fault('format', `must be "${HOUSEHOLD_FORMAT}"`)
  return readHouseholdOf(version, household)
}

const fault = (path: string, message: string): HouseholdReading => ({
  ok: false,
  faults: [{ path, message }],
})
