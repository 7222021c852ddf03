import * as fc from 'fast-check'
import { arrayOf, generatorOf } from '@/catalog/refill'
import type { Plan } from '@/core/plan/document'
import { NO_CHARGING, NO_REFILL } from '@/core/plan/noRefill'
import { someLoads, someSource } from './arbitraryPlan'
import { planWith } from './samplePlan'

/** An arbitrary household: loads, a source, and what refills it or nothing. */
export const anyHousehold = fc
  .tuple(
    someLoads(),
    someSource,
    fc.integer({ min: 6, max: 60 }),
    fc.constantFrom('nothing', 'sun', 'generator', 'grid'),
    fc.constantFrom(0.5, 0.8, 0.9),
  )
  .map(([loads, source, durationH, refilled, confidence]): Plan => {
    const base = planWith(loads, [source], durationH)
    const stretch = [{ fromMin: 120, toMin: 330 }]
    return {
      ...base,
      scenario: {
        ...base.scenario,
        confidence,
        charging: {
          ...NO_CHARGING,
          ...(refilled === 'generator' && { generator: stretch }),
          ...(refilled === 'grid' && { grid: stretch }),
        },
      },
      refill: {
        ...NO_REFILL,
        recordLowC: -20,
        panels: refilled === 'sun' ? [arrayOf('panel-220', 'roof')] : [],
        generator: refilled === 'generator' ? { ...generatorOf(2000), quiet: [] } : null,
      },
    }
  })
