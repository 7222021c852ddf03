import { describe, expect, test } from '@jest/globals'
import * as fc from 'fast-check'
import { arrayOf, generatorOf } from '@/catalog/refill'
import { gateFigures } from './gateFigures'
import { someLoads, someSource } from '../../../tests/support/arbitraryPlan'
import { planWith } from '../../../tests/support/samplePlan'
import type { Plan } from '@/core/plan/document'
import { NO_CHARGING, NO_REFILL } from '@/core/plan/noRefill'
import { formatDuration, formatEnergy, formatExactDuration, formatWatts } from '@/core/quantity/format'
import { answerText, runsText } from '@/core/sizing/answer'
import { evaluate } from '@/core/sizing/evaluate'
import { cellsOf } from '@/core/sizing/matrix'
import { energyWorking } from '@/core/sizing/propertyWorkings'

const RUNS = { runs: 40 }
/** An arbitrary household: loads, a source, and what refills it or nothing. */
const somePlan = fc
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

describe('every figure that is told twice is the same', () => {
  test('sentence, gates, strip, workings, table and energies of an arbitrary household', () => {
    fc.assert(
      fc.property(somePlan, (plan) => {
        const { result, gates, answer, workings } = evaluate(plan, RUNS)
        const text = answerText(answer)
        const { lasts, carries, refills } = gates
        const strip = Object.fromEntries(
          gateFigures({ result, gates, answer, workings }).map((one) => [one.name, one]),
        )
        // one shortfall: sentence, gate and working
        if (result.loads.length > 0 && lasts.verdict === 'short') {
          const short = `${formatDuration(lasts.shortMin)} short`
          expect(text).toContain(short)
          expect(strip.Lasts.detail).toContain(short)
          expect(workings.margin.steps.map((step) => step.result)).toContain(short)
        }
        if (lasts.verdict !== 'short') expect(lasts.shortMin).toBe(0)
        // the sentence never holds where a gate does not
        if ([carries, gates.starts].some(({ verdict }) => verdict === 'short'))
          expect(answer[0].tone).toBe('short')
        expect(/runs out/.test(text) && /goes on/.test(text)).toBe(false)
        // the share of runs: working and sentence
        expect(workings.margin.steps.map((step) => step.result)).toContain(runsText(result.reachesFraction))
        // running watts: strip and working
        if (carries.neededW <= carries.limitW && carries.unit === 'W')
          expect(workings.carries.steps[0].result).toBe(formatWatts(carries.neededW))
        // a day in and out: strip and working, with the confidence asked for
        if (refills.refill && result.loads.length > 0 && refills.neededPerDayWh > 0) {
          expect(strip.Refills.detail).toContain(formatEnergy(refills.broughtPerDayWh))
          expect(JSON.stringify(workings.refills)).toContain(formatEnergy(refills.broughtPerDayWh))
          if (refills.coverage < Infinity)
            expect(refills.broughtPerDayWh).toBeCloseTo(refills.coverage * refills.neededPerDayWh, 6)
        }
        // energies: what is supplied is never more than asked, nor the shares more than all
        const supplied = result.loads.reduce((sum, { suppliedWh }) => sum + suppliedWh, 0)
        for (const { askedWh, suppliedWh } of result.loads)
          expect(suppliedWh).toBeLessThanOrEqual(askedWh + 1e-6)
        const outlets = result.chains.reduce((sum, { energy }) => sum + energy.outletWh, 0)
        expect(outlets).toBeCloseTo(supplied, 4)
        for (const { energy, refill } of result.chains) {
          expect(energy.takenWh).toBeCloseTo(energy.outletWh + energy.noLoadWh + energy.conversionWh, 4)
          // drained and straight through are the same on both pages
          if (refill) expect(energy.takenWh).toBeCloseTo(refill.mean.drainWh + refill.mean.directWh, 3)
          if (refill && refill.mean.generatorH > 0)
            expect(refill.mean.generatorWh).toBeCloseTo(refill.mean.directWh + refill.mean.acWh / 0.9, 3)
        }
        expect(energyWorking(plan, result).steps[0].result).toBe(
          `${formatEnergy(result.chains[0].energy.takenWh)} taken`,
        )
        expect(text).toContain(
          formatExactDuration(result.outageMin).slice(0, result.loads.length > 0 ? undefined : 0),
        )
      }),
      { numRuns: 50, endOnFailure: true, seed: 7 },
    )
  })

  test('the table’s cell is the candidate’s own gate', () => {
    fc.assert(
      fc.property(somePlan, (plan) => {
        const [cell] = cellsOf([plan])
        const { gates, result } = evaluate(plan)
        if (result.loads.length === 0) return
        expect(cell.holds).toBe(
          gates.lasts.verdict === 'holds' &&
            gates.carries.verdict === 'holds' &&
            gates.starts.verdict === 'holds',
        )
        if (gates.lasts.runtimeMin < Infinity)
          expect(Math.abs(cell.runtimeMin - gates.lasts.runtimeMin)).toBeLessThan(0.01)
      }),
      { numRuns: 8, endOnFailure: true, seed: 7 },
    )
  })
})
