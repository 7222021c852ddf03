/** Names that every plain object answers to, whatever was put into it: never ids. */
const BUILT_IN = new Set(Object.getOwnPropertyNames(Object.prototype))

export const isBuiltIn = (id: string): boolean => BUILT_IN.has(id)

/** What a record keyed by ids holds itself; nothing that it inherits. */
export const ownEntry = <T>(record: Readonly<Record<string, T>> | undefined, id: string): T | undefined =>
  record && Object.hasOwn(record, id) ? record[id] : undefined

const NAMES_AN_ID = /^(id|.+Id)$/
const renamed = (id: string) => (isBuiltIn(id) ? `${id}-1` : id)

/**
 * A household kept by an older release, whose ids may be built-in names: each gets “-1” behind it, wherever it
 * is named. Anything else is handed back as it is.
 */
export function withoutBuiltInIds(value: unknown, key = ''): unknown {
  if (typeof value === 'string') return NAMES_AN_ID.test(key) ? renamed(value) : value
  if (Array.isArray(value)) return value.map((item) => withoutBuiltInIds(item))
  if (typeof value !== 'object' || value === null) return value
  // by power system, by load, the source: {"bank": {"freezer": "second"}}; by scenario, a standing
  const inside = { hangsOn: 'hangings', hangings: 'sourceId', standings: 'standing' }[key]
  return Object.fromEntries(
    Object.entries(value).map(([name, inner]) =>
      inside ? [renamed(name), withoutBuiltInIds(inner, inside)] : [name, withoutBuiltInIds(inner, name)],
    ),
  )
}
