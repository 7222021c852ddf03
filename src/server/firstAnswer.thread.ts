import type { Plan } from '@/core/plan/document'
import { evaluate } from '@/core/sizing/evaluate'
import { withoutTraces } from '@/core/sizing/withoutTraces'

/** What a worker thread of the server does: the answer of a plan, without its curves. Bundled by the build. */
export default (plan: Plan) => withoutTraces(evaluate(plan))
