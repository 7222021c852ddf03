import type { Plan } from '@/core/plan/document'
import { evaluate } from '@/core/sizing/evaluate'
import { withoutTraces } from '@/core/sizing/withoutTraces'
import { evaluationText } from '@/words/answer/evaluationText'
import { sayEvaluation } from '@/words/answer/sayAnswer'

/** What a worker thread of the server does: the answer of a plan, without its curves, as a text. Bundled by the build. */
export default (plan: Plan) => evaluationText(sayEvaluation(plan, withoutTraces(evaluate(plan))))
