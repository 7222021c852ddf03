/** Entries sent at once, and letters of their JSON: the server reads a million bytes, and a letter may take three. */
const MOST_ENTRIES = 200
const MOST_LETTERS = 250_000

/** A list in batches that the server takes, in its order. @param sentOf what is sent of an item */
export function batchesOf<T>(items: readonly T[], sentOf: (item: T) => unknown): T[][] {
  const batches: T[][] = []
  let letters = 0
  for (const item of items) {
    const { length } = JSON.stringify(sentOf(item))
    const last = batches[batches.length - 1]
    if (last && last.length < MOST_ENTRIES && letters + length <= MOST_LETTERS) {
      last.push(item)
      letters += length
    } else {
      batches.push([item])
      letters = length
    }
  }
  return batches
}
