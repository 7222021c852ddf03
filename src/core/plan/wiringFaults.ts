import { told } from '../quantity/told'
import type { Fault } from './fault'
import type { Wiring } from './wiring'

/** What is wrong with a household's wiring that its schema cannot see, with what would be right. */
export function wiringFaults(wiring: Wiring | undefined, at: string): Fault[] {
  if (!wiring) return []
  const cords = wiring.cords ?? []
  const byId = new Map(cords.map((cord) => [cord.id, cord]))
  const faults: Fault[] = []
  const once = (keys: readonly string[], list: string, field: string) => {
    const seen = new Set<string>()
    keys.forEach((key, i) => {
      if (seen.has(key))
        faults.push({
          path: `${at}.${list}[${i}].${field}`,
          message: told('document.thereTwice', { id: key }),
        })
      seen.add(key)
    })
  }
  once(
    cords.map(({ id }) => id),
    'cords',
    'id',
  )
  once(
    (wiring.loads ?? []).map(({ loadId }) => loadId),
    'loads',
    'loadId',
  )
  cords.forEach(({ id, fromCordId }, i) => {
    if (fromCordId === undefined) return
    const path = `${at}.cords[${i}].fromCordId`
    if (!byId.has(fromCordId)) faults.push({ path, message: told('document.noCord') })
    let next: string | undefined = fromCordId
    for (let hops = 0; next !== undefined; hops++, next = byId.get(next)?.fromCordId) {
      if (next !== id && hops <= byId.size) continue
      faults.push({ path, message: told('document.cordCircle') })
      break
    }
  })
  ;(wiring.loads ?? []).forEach(({ cordId }, i) => {
    if (cordId !== undefined && !byId.has(cordId))
      faults.push({ path: `${at}.loads[${i}].cordId`, message: told('document.noCord') })
  })
  return faults
}
