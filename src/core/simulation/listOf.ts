/**
 * A list of so many things, each made in its place.
 *
 * For what is made in every run: of what `map` makes, an engine gives one of two shapes, by whether it has compiled the caller
 * by then, and what was compiled for the one is thrown away when it meets the other.
 */
export function listOf<T>(count: number, make: (index: number) => T): T[] {
  const list: T[] = []
  for (let index = 0; index < count; index++) list.push(make(index))
  return list
}
