import type { Fault } from './fault'

type Json = Record<string, unknown>
type Migration = (document: Json) => Json

/**
 * Steps from each older version to the next. Version 1 was the draft with a single power station: the
 * station stood where the power system is now, and loads named no source.
 */
export const MIGRATIONS: Readonly<Record<number, Migration>> = {
  1: ({ station, ...document }) => ({
    ...document,
    version: 2,
    powerSystem: {
      id: 'system',
      name: (station as Json)?.name ?? 'Power station',
      sources: [station],
      note: '',
    },
    loads: (document.loads as Json[]).map((load) => ({ ...load, sourceId: (station as Json).id })),
    refill: {},
  }),
}

export type Migrated = { ok: true; document: unknown } | { ok: false; faults: Fault[] }

/**
 * Brings a document up to the current version.
 *
 * @returns the document at `current`, or one fault: no such format, a version nobody knows, or an older one that is damaged
 */
export function migrate(input: unknown, format: string, current: number, steps = MIGRATIONS): Migrated {
  const fault = (path: string, message: string): Migrated => ({ ok: false, faults: [{ path, message }] })
  if (typeof input !== 'object' || input === null || Array.isArray(input))
    return fault('document', 'must be a JSON object')
  let document = input as Json
  if (document.format !== format) return fault('format', `must be "${format}"`)
  const { version } = document
  if (typeof version !== 'number' || !Number.isInteger(version) || version < 1)
    return fault('version', `must be a whole number, ${current} in this release`)
  if (version > current)
    return fault('version', `is ${version}, made by a newer release; this one reads up to ${current}`)
  try {
    for (let at = version; at < current; at++) document = steps[at](document)
  } catch {
    return fault('document', `says version ${version} but does not have that version's fields`)
  }
  return { ok: true, document }
}
