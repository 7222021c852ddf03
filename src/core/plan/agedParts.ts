import { type Ageing, aged } from '../quantity/aged'
import type { Quantity } from '../quantity/quantity'

/** Parts in which nothing was tested: most of them, looked through once. */
const untested = new WeakSet<object>()

/** A load as it is known on a day, its tested figures older by then; the very same where it has none. */
export const agedLoad = <L extends object>(load: L, day: string): L => agedPart(load, day, 'load')

/** The same of a source of power, whose battery loses capacity with age. */
export const agedSource = <S extends object>(source: S, day: string): S => agedPart(source, day, 'battery')

function agedPart<T extends object>(part: T, day: string, what: Ageing): T {
  if (untested.has(part)) return part
  const [after, isTested] = agedTree(part, day, what)
  if (!isTested) untested.add(part)
  return after
}

/** @returns the tree, and whether anything in it was tested */
function agedTree<T>(tree: T, day: string, what: Ageing): [T, boolean] {
  if (tree === null || typeof tree !== 'object') return [tree, false]
  if ('testedOn' in tree) return [aged(tree as unknown as Quantity, day, what) as unknown as T, true]
  if (Array.isArray(tree)) {
    const parts = tree.map((part: unknown) => agedTree(part, day, what))
    return parts.some(([, isTested]) => isTested) ? [parts.map(([part]) => part) as T, true] : [tree, false]
  }
  const parts = Object.entries(tree).map(
    ([key, part]) => [key, agedTree(part as unknown, day, key === 'capacityWh' ? 'capacity' : what)] as const,
  )
  return parts.some(([, [, isTested]]) => isTested)
    ? [Object.fromEntries(parts.map(([key, [part]]) => [key, part])) as T, true]
    : [tree, false]
}
