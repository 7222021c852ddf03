import { describe, expect, test } from '@jest/globals'
import { said } from '../../../tests/support/saidTold'
import * as fc from 'fast-check'
import { anyHousehold } from '../../../tests/support/anyHousehold'
import { gateFigures } from './gateFigures'
import { formatDuration, formatEnergy, formatExactDuration, formatWatts } from '@/words/format'
import { answerText } from '@/words/answer/answerParts'
import { runsText } from '@/words/workings/runsAndBands'
import { evaluate } from '../../../tests/support/saidEvaluation'
import { cellsOf } from '@/core/sizing/matrix'
import { energyWorking } from '@/words/workings/propertyWorkings'
import { runtimeAt } from '@/core/sizing/gates'
import { NO_CONSTRAINTS } from '@/core/sizing/search/candidates'
import { Search, onOneSource } from '@/core/sizing/search/search'
import { tries } from '../../../tests/support/counts'

const RUNS = { runs: 40 }
describe('every figure that is told twice is the same', () => {
  test('sentence, gates, strip, workings, table and energies of an arbitrary household', () => {
    fc.assert(
      fc.property(anyHousehold, (plan) => {
        const { result, gates, answer, workings } = evaluate(plan, RUNS)
        const text = answerText(answer)
        const { lasts, carries, refills } = gates
        const strip = Object.fromEntries(gateFigures({ result, gates }).map((one) => [one.id, one]))
        // one shortfall: sentence, gate and working
        if (result.loads.length > 0 && lasts.verdict === 'short') {
          const short = `${formatDuration(lasts.shortMin)} short`
          expect(text).toContain(short)
          expect(strip.lasts.detail).toContain(short)
          expect(workings.margin.steps.map((step) => step.result)).toContain(short)
        }
        if (lasts.verdict !== 'short') expect(lasts.shortMin).toBe(0)
        // the sentence never holds where a gate does not
        if ([carries, gates.starts].some(({ verdict }) => verdict === 'short'))
          expect(answer[0].tone).toBe('short')
        expect(/runs out/.test(text) && /keeps going/.test(text)).toBe(false)
        // the share of runs: working and sentence
        expect(workings.margin.steps.map((step) => step.result)).toContain(runsText(result.reachesFraction))
        // running watts: strip and working
        if (carries.neededW <= carries.limitW && carries.unit === 'W')
          expect(workings.carries.steps[0].result).toBe(formatWatts(carries.neededW))
        // a day in and out: strip and working, with the confidence asked for
        if (refills.refill && result.loads.length > 0 && refills.neededPerDayWh > 0) {
          expect(strip.refills.detail).toContain(formatEnergy(refills.broughtPerDayWh))
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
      { numRuns: tries(50), endOnFailure: true, seed: 7 },
    )
  })

  test('the table’s cell is the option’s own gate', () => {
    fc.assert(
      fc.property(anyHousehold, (plan) => {
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
      { numRuns: tries(8), endOnFailure: true, seed: 7 },
    )
  })

  test('the search says of the household’s own battery what its gates say', () => {
    fc.assert(
      fc.property(anyHousehold, (plan) => {
        const [source] = plan.powerSystem.sources
        const { confidence } = plan.scenario
        const candidate = {
          id: 'own',
          name: source.name,
          source,
          price: 0,
          totalKg: 1,
          pieces: 1,
          owned: true,
          fittings: [],
          expansions: 0,
        }
        const search = new Search([plan], NO_CONSTRAINTS, confidence, null, RUNS.runs)
        const judged = search.judge(candidate)
        if (judged.byScenario.length === 0) return
        const one = onOneSource(plan)
        const alone = {
          ...one,
          powerSystem: { ...one.powerSystem, sources: [{ ...source, id: 'main', afterSourceId: null }] },
        }
        const { result, gates } = evaluate(alone, RUNS)
        const reached = Math.min(result.horizonMin, runtimeAt(result, confidence))
        expect(Math.abs(judged.runtimeMin - reached)).toBeLessThan(0.05 + 0.0005 * reached)
        expect(judged.carries).toBe(gates.carries.verdict === 'holds' && gates.starts.verdict === 'holds')
        if (gates.lasts.verdict === 'short')
          expect(said(judged.why)).toContain(`${formatDuration(gates.lasts.shortMin)} short`)
      }),
      { numRuns: tries(20), endOnFailure: true, seed: 7 },
    )
  })
})
