/** Text that is the same for the same content, whatever the order of keys; empty for what is undefined. */
export function canonical(value: unknown): string {
  return (
    JSON.stringify(value, (_, inner) =>
      inner && typeof inner === 'object' && !Array.isArray(inner)
        ? Object.fromEntries(Object.entries(inner).sort(([a], [b]) => (a < b ? -1 : 1)))
        : inner,
    ) ?? ''
  )
}
