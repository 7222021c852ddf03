import { describe, expect, test } from '@jest/globals'
import { demoHousehold } from '@/catalog/demoHousehold'
import { WIRING_TABLES } from '@/catalog/wires'
import { constant, loadOf, planWith } from '../../../tests/support/samplePlan'
import { planOf } from '../plan/planOf'
import type { Plan } from '../plan/document'
import { diagramOf } from './diagram'
import { type Box, MOST_BOXES, layOut } from './diagramLayout'

const overlap = (a: Box, b: Box) =>
  a.x < b.x + b.width && b.x < a.x + a.width && a.y < b.y + b.height && b.y < a.y + a.height

/** 200 loads, a dozen on each of ten cords. */
function crowded(): Plan {
  const loads = Array.from({ length: 200 }, (_, i) => loadOf(constant(5), { id: `l${i}`, name: `Load ${i}` }))
  const cords = Array.from({ length: 10 }, (_, i) => ({
    id: `c${i}`,
    name: `Cord ${i}`,
    areaMm2: 1.31,
    lengthM: 5,
  }))
  return {
    ...planWith(loads),
    wiring: {
      cords,
      loads: loads.slice(0, 120).map(({ id }, i) => ({ loadId: id, cordId: `c${i % 10}` })),
    },
  }
}

describe('the drawing', () => {
  test.each([860, 1200, 330])('at %d px no box lies on another, and all lie on the sheet', (width) => {
    const { boxes, height } = layOut(diagramOf(planOf(demoHousehold()), WIRING_TABLES), width)
    expect(boxes.length).toBeGreaterThan(8)
    boxes.forEach((box, i) => {
      expect(box.x + box.width).toBeLessThanOrEqual(width)
      expect(box.y + box.height).toBeLessThanOrEqual(height)
      for (const other of boxes.slice(i + 1))
        expect([overlap(box, other), box, other]).toEqual([false, box, other])
    })
  })
  test('every load of a plan is a box, and every branch a wire', () => {
    const diagram = diagramOf(planOf(demoHousehold()), WIRING_TABLES)
    const { boxes, lines } = layOut(diagram, 860)
    const branches = diagram.hubs[0].branches
    expect(boxes.filter(({ kind }) => kind === 'load').map(({ id }) => id)).toEqual(
      branches.flatMap(({ loads }) => loads.map(({ id }) => id)),
    )
    for (const branch of branches) expect(lines.some(({ branchId }) => branchId === branch.id)).toBe(true)
  })
  test('200 loads fold by their cords, 30 boxes at most; a group that is opened shows its loads', () => {
    const diagram = diagramOf(crowded(), WIRING_TABLES)
    const folded = layOut(diagram, 860)
    expect(folded.boxes.length).toBeLessThanOrEqual(MOST_BOXES)
    expect(
      folded.boxes.filter(({ kind }) => kind === 'group').reduce((sum, { count }) => sum + count, 0),
    ).toBe(200)
    const opened = layOut(diagram, 860, new Set(['c0']))
    expect(opened.boxes.filter(({ kind }) => kind === 'load')).toHaveLength(12)
  })
})
