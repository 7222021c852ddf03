import { describe, expect, test } from '@jest/globals'
import { WIRING_TABLES } from '@/catalog/wires'
import { constant, exactSource, loadOf, planWith } from '../../../tests/support/samplePlan'
import { diagramOf } from './diagram'
import { branchKey, layOut } from './diagramLayout'
import { outletOf, outletsOf } from './outlets'

const split = exactSource({ volts: [12, 120, 240] })
const on = (id: string, watts: number, more = {}) => loadOf(constant(watts), { id, name: id, ...more })
const heater = on('heater', 960, { volts: 240, leg: 'both' })
const lamp = on('lamp', 120, { leg: 'A' })
const radio = on('radio', 60, { leg: 'B' })
const router = on('router', 24, { volts: 12 })

describe('outlets of a source', () => {
  test('by leg and volts; each leg bears what is on both', () => {
    const outlets = outletsOf(split, [router, radio, heater, lamp])
    expect(outlets.map(({ kind, draw }) => [kind, draw.runningA])).toEqual([
      ['A', 1 + 4],
      ['B', 0.5 + 4],
      ['both', 4],
      ['dc', 2],
    ])
  })
  test('one leg is one outlet, whatever the loads say; all on one is none', () => {
    const plain = exactSource({ volts: [12, 120] })
    expect(outletOf(radio, plain)).toBe('ac')
    expect(outletsOf(plain, [lamp, radio])).toEqual([])
    expect(outletsOf(plain, [lamp, radio, router]).map(({ kind }) => kind)).toEqual(['ac', 'dc'])
  })
  test('in the drawing they stand where their wires begin, in their order', () => {
    const diagram = diagramOf(planWith([router, radio, lamp, heater], [split]), WIRING_TABLES)
    const { boxes, lines } = layOut(diagram, 860)
    const outlets = boxes.filter(({ kind }) => kind === 'outlet')
    expect(outlets.map(({ id }) => id)).toEqual(['A', 'B', 'both', 'dc'])
    for (const branch of diagram.hubs[0].branches) {
      const [x, y] = lines.find(({ branchId }) => branchId === branch.id)!.points[0]
      const outlet = outlets.find(({ id }) => id === branch.outlet)!
      expect(x).toBe(outlet.x + outlet.width)
      expect(y).toBeGreaterThan(outlet.y)
      expect(y).toBeLessThan(outlet.y + outlet.height)
    }
  })
  test('single loads that fold into one are drawn with what they take together', () => {
    const loads = Array.from({ length: 60 }, (_, i) => on(`l${i}`, 12, { leg: i % 2 ? 'A' : 'B' }))
    const { boxes, branches } = layOut(diagramOf(planWith(loads, [split]), WIRING_TABLES), 860)
    const groups = boxes.filter(({ kind }) => kind === 'group')
    expect(groups.map(({ count }) => count)).toEqual([30, 30])
    const drawn = branches.get(branchKey(groups[0].hubId, groups[0].branchId!))!
    expect(drawn.draw.runningA).toBeCloseTo(30 * 0.1, 6)
    expect(drawn).toMatchObject({ wire: null, least: null })
  })
})
