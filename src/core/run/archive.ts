import * as z from 'zod'
import { type Told, told } from '../quantity/told'
import { readPlan } from '../plan/document'
import { type Fault, faultsOf } from '../plan/fault'
import { idSchema } from '../plan/fields'
import { type Household, householdSchema } from '../plan/household'
import { readHouseholdFile } from '../plan/householdFile'
import { HOUSEHOLD_FORMAT } from '../plan/householdFormat'
import { PLAN_VERSION } from '../plan/limits'
import { RUN_FORMAT, RUN_LIMITS, RUN_VERSION, type WholeRun } from './runDocument'
import { entrySchema, runHeadSchema } from './runSchema'

/** A household with its runs, and a run alone, as files. */

/** A photo of a run in a file: the JPEG in base64. */
const photoSchema = z.strictObject({
  id: idSchema,
  jpeg: z.base64().max(Math.ceil((RUN_LIMITS.photoBytes * 4) / 3) + 4),
})

const logSchema = z.strictObject({
  entries: z.array(entrySchema).max(RUN_LIMITS.entries),
  photos: z.array(photoSchema).max(RUN_LIMITS.photos).optional(),
})

export type RunReading = { ok: true; run: WholeRun } | { ok: false; faults: Fault[] }
export type ArchiveReading =
  { ok: true; household: Household; runs: WholeRun[] } | { ok: false; faults: Fault[] }

/** Reads a run from a file; its plan may be of an earlier version. */
export function readRun(input: unknown): RunReading {
  if (typeof input !== 'object' || input === null || Array.isArray(input))
    return fault('run', told('document.oneObject'))
  const { format, version, plan, entries, photos, ...fields } = input as Record<string, unknown>
  if (format !== RUN_FORMAT)
    return fault('format', told('document.mustBe', { choices: [JSON.stringify(RUN_FORMAT)] }))
  if (typeof version !== 'number' || !Number.isInteger(version) || version < 1)
    return fault('version', told('document.noVersion', { current: RUN_VERSION }))
  if (version > RUN_VERSION)
    return fault('version', told('document.newer', { version, current: RUN_VERSION }))
  const planned = readPlan(plan)
  if (!planned.ok)
    return { ok: false, faults: planned.faults.map((one) => ({ ...one, path: `plan.${one.path}` })) }
  const head = runHeadSchema.safeParse({ ...fields, plan: planned.plan })
  if (!head.success) return { ok: false, faults: faultsOf(head.error) }
  const log = logSchema.safeParse({ entries, ...(photos !== undefined && { photos }) })
  if (!log.success) return { ok: false, faults: faultsOf(log.error) }
  return { ok: true, run: { head: head.data, ...log.data } }
}

/** Reads the text of a file of a household, with its runs where it has some. */
export function readArchive(text: string): ArchiveReading {
  const input = parsed(text)
  if (input === undefined) return fault('file', told('document.noHousehold'))
  const reading = readHouseholdFile(input)
  if (!reading.ok) return reading
  const { runs = [] } = input as { runs?: unknown }
  if (!Array.isArray(runs)) return fault('runs', told('document.mustBeA', { type: 'array' }))
  if (runs.length > RUN_LIMITS.runs)
    return fault('runs', told('document.tooManyRuns', { runs: runs.length, most: RUN_LIMITS.runs }))
  const whole: WholeRun[] = []
  for (const [i, one] of runs.entries()) {
    const run = readRun(one)
    if (!run.ok)
      return {
        ok: false,
        faults: run.faults.map(({ path, message }) => ({ path: `runs[${i}].${path}`, message })),
      }
    whole.push(run.run)
  }
  return { ok: true, household: reading.household, runs: whole }
}

/** Reads the text of a file of one run. */
export function readRunFile(text: string): RunReading {
  const input = parsed(text)
  return input === undefined ? fault('file', told('document.noRun')) : readRun(input)
}

function parsed(text: string): unknown {
  try {
    return JSON.parse(text)
  } catch {
    return undefined
  }
}

/** The JSON Schema of a file of a whole household, as published in docs/household.schema.json. */
export function householdJsonSchema(): object {
  const run = z.strictObject({
    format: z.literal(RUN_FORMAT),
    version: z.literal(RUN_VERSION),
    ...runHeadSchema.shape,
    ...logSchema.shape,
  })
  const file = z.strictObject({
    format: z.literal(HOUSEHOLD_FORMAT),
    version: z.literal(PLAN_VERSION),
    household: householdSchema,
    runs: z.array(run).max(RUN_LIMITS.runs).optional(),
  })
  return { title: 'Yotrope household file', ...z.toJSONSchema(file, { target: 'draft-2020-12' }) }
}

const fault = (path: string, message: Told): { ok: false; faults: Fault[] } => ({
  ok: false,
  faults: [{ path, message }],
})
