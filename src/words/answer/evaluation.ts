import type { Evaluation as Judged } from '@/core/sizing/evaluate'
import type { AnswerPart } from './answerParts'

/** Everything a planning page shows of a plan, its answer said. */
export type Evaluation = Omit<Judged, 'answer'> & { answer: AnswerPart[] }
