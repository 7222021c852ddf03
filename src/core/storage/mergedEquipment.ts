import type { Equipment } from '../plan/equipment'

/** A household's equipment with what a file says of it: the same name is the same thing, and keeps its id. */
export function mergedEquipment(
  kept: readonly Equipment[],
  read: readonly Equipment[],
): { next: Equipment[]; added: number; renewed: number } {
  const next = [...kept]
  let added = 0
  let renewed = 0
  for (const item of read) {
    const at = next.findIndex(({ source }) => source.name === item.source.name)
    if (at >= 0) {
      next[at] = { ...item, id: next[at].id }
      if (at < kept.length) renewed++
      continue
    }
    const taken = new Set(next.map(({ id }) => id))
    let id = item.id
    for (let n = 2; taken.has(id); n++) id = `${item.id}-${n}`
    next.push({ ...item, id })
    added++
  }
  return { next, added, renewed }
}
