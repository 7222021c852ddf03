import { describe, expect, test } from '@jest/globals'
import { EQUIPMENT } from '@/catalog/equipment'
import { mergedEquipment } from './mergedEquipment'

describe('own equipment read again', () => {
  const [a, b, c] = EQUIPMENT
  test('does not double: the same name is renewed and keeps its id, the rest is added', () => {
    const heavier = { ...b, id: 'own-3-b', source: { ...b.source, weightKg: 99 } }
    const { next, added, renewed } = mergedEquipment([a, b], [heavier, { ...c, id: a.id }])
    expect({ added, renewed }).toEqual({ added: 1, renewed: 1 })
    expect(next.map(({ source }) => source.name)).toEqual([a, b, c].map(({ source }) => source.name))
    expect(next[1]).toMatchObject({ id: b.id, source: { weightKg: 99 } })
    expect(new Set(next.map(({ id }) => id)).size).toBe(3)
    expect(mergedEquipment(next, next)).toMatchObject({ added: 0, renewed: 3 })
  })
})
