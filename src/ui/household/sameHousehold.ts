/** Whether two pieces of a household say the same, whatever the order of their fields; what is undefined is not there. */
export function sameHousehold(a: unknown, b: unknown): boolean {
  if (a === b) return true
  if (typeof a !== 'object' || typeof b !== 'object' || a === null || b === null) return false
  if (Array.isArray(a) !== Array.isArray(b)) return false
  const fields = (of: object) => Object.entries(of).filter(([, value]) => value !== undefined)
  const [mine, other] = [fields(a), new Map(fields(b))]
  return (
    mine.length === other.size &&
    mine.every(([key, value]) => other.has(key) && sameHousehold(value, other.get(key)))
  )
}
