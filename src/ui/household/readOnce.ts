/** Texts kept on the server with what was read of them; a household's has some 25,000 letters. */
const MOST_KEPT = 64

const known = new Map<string, unknown>()

/**
 * What a text of a page's state means, by `read`. The server draws many pages of the same state, and reads each text once; nobody
 * changes what is returned.
 */
export function readOnce<Meant>(text: string, read: (text: string) => Meant): Meant {
  if (typeof window !== 'undefined') return read(text)
  const before = known.get(text)
  if (before !== undefined) return before as Meant
  const meant = read(text)
  if (known.size >= MOST_KEPT) known.delete(known.keys().next().value!)
  known.set(text, meant)
  return meant
}
