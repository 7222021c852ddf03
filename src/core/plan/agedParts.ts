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
  if (isTested(part)) return agedTree(part, day, what)
  untested.add(part)
  return part
}

/** Whether anything in a tree was tested. */
function isTested(tree: unknown): boolean {
  if (tree === null || typeof tree !== 'object') return false
  if ('testedOn' in tree) return true
  if (Array.isArray(tree)) return tree.some(isTested)
  for (const key in tree) if (isTested(tree[key as keyof typeof tree])) return true
  return false
}

function agedTree<T>(tree: T, day: string, what: Ageing): T {
  if (!isTested(tree)) return tree
  const within = tree as object
  if ('testedOn' in within) return aged(within as unknown as Quantity, day, what) as unknown as T
  if (Array.isArray(tree)) return tree.map((part: unknown) => agedTree(part, day, what)) as T
  return Object.fromEntries(
    Object.entries(within).map(([key, part]) => [
      key,
      agedTree(part as unknown, day, key === 'capacityWh' ? 'capacity' : what),
    ]),
  ) as T
}
