import { expect, test } from '@jest/globals'
import fc from 'fast-check'
import type { Evaluation } from './evaluation'
import { evaluationOf, evaluationText } from './evaluationText'

const leaf = fc.oneof(
  fc.double({ noNaN: false }).map((value) => (Object.is(value, -0) ? 0 : value)),
  fc.constantFrom(Infinity, -Infinity, NaN),
  fc.string(),
  fc.boolean(),
  fc.constant(null),
  fc.float32Array({ maxLength: 4 }).map((curve) => curve.map((value) => value + 0)),
  fc.float64Array({ maxLength: 4 }).map((curve) => curve.map((value) => value + 0)),
)
const { tree } = fc.letrec((tie) => ({
  tree: fc.oneof(
    { depthSize: 'small' },
    leaf,
    fc.array(tie('tree'), { maxLength: 4 }),
    fc.dictionary(fc.stringMatching(/^[a-zA-Z]{1,6}$/), tie('tree'), { maxKeys: 4, noNullPrototype: true }),
  ),
}))

test('what is written is read as it was, with numbers without end and curves', () => {
  fc.assert(
    fc.property(tree, (value) => {
      const evaluation = { value } as unknown as Evaluation
      expect(evaluationOf(evaluationText(evaluation))).toEqual(evaluation)
    }),
    { numRuns: 300 },
  )
})

test('a curve keeps its kind', () => {
  const of = { p50: new Float32Array([0.5]), shortMin: new Float64Array(0) } as unknown as Evaluation
  const read = evaluationOf(evaluationText(of)) as unknown as { p50: unknown; shortMin: unknown }
  expect(read.p50).toBeInstanceOf(Float32Array)
  expect(read.shortMin).toBeInstanceOf(Float64Array)
})
