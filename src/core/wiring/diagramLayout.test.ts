import { describe, expect, test } from '@jest/globals'
import { demoHousehold } from '@/catalog/demoHousehold'
import { WIRING_TABLES } from '@/catalog/wires'
import { constant, loadOf, planWith } from '../../../tests/support/samplePlan'
import { planOf } from '../plan/planOf'
import type { Plan } from '../plan/document'
import { diagramOf } from './diagram'
import { MOST_BOXES, layOut } from './diagramLayout'
import { BATTERY_LINE, type Box } from './sheet'

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
  const planOn = (system: string) => planOf(demoHousehold(), undefined, system)
  test.each([
    [860, 'station-2000'],
    [1200, 'station-2000'],
    [330, 'station-2000'],
    [860, 'bank-agm-24'],
    [330, 'bank-agm-24'],
  ])('at %d px with %s no box lies on another, and all lie on the sheet', (width, system) => {
    const { boxes, height } = layOut(diagramOf(planOn(system), WIRING_TABLES), width)
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
  test.each([860, 330])(
    'at %d px a bank stands before its inverter, its fuse on the wire between',
    (width) => {
      const { boxes, lines } = layOut(diagramOf(planOn('bank-agm-24'), WIRING_TABLES), width)
      const battery = boxes.find(({ kind }) => kind === 'battery')!
      const inverter = boxes.find(({ kind }) => kind === 'source')!
      const { points, fuse } = lines.find(({ id }) => id === BATTERY_LINE)!
      const touches = ([x, y]: [number, number], box: Box) =>
        x >= box.x && x <= box.x + box.width && y >= box.y && y <= box.y + box.height
      expect(touches(points[0], battery)).toBe(true)
      expect(touches(points[1], inverter)).toBe(true)
      expect([battery, inverter].some((box) => touches([fuse!.x, fuse!.y], box))).toBe(false)
    },
  )
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
