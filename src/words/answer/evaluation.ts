import type { Evaluation as Judged } from '@/core/sizing/evaluate'
import type { Workings } from '../workings/answerWorkings'
import type { AnswerPart } from './answerParts'

/** Everything a planning page shows of a plan, its answer said, with the working of every figure in it. */
export type Evaluation = Omit<Judged, 'answer' | 'otherStartW'> & { answer: AnswerPart[]; workings: Workings }
