import type { AnnotationOptions } from 'chartjs-plugin-annotation'
import { guideLine as guideLineWords } from '@/words/en/ui/chart'
import { wordsOf } from '@/words/translate'
import type { Ink } from './chartInk'

const say = wordsOf(guideLineWords)

interface GuideLine {
  axis: 'x' | 'y'
  at: number
  words: string
  color: string
  /** where on the line its words stand */
  wordsAt: 'start' | 'end'
}

/** A dashed line across a chart with its words beside it, for the annotation plugin. */
export const guideLine = (
  ink: Ink,
  { axis, at, words, color, wordsAt }: GuideLine,
): AnnotationOptions<'line'> => ({
  type: 'line',
  scaleID: axis,
  value: at,
  borderColor: color,
  borderWidth: 1.2,
  borderDash: [5, 4],
  label: {
    display: true,
    content: words,
    color,
    backgroundColor: 'transparent',
    font: { family: ink.font, size: 12, weight: 'normal' },
    padding: { x: 4, y: 2 },
    position: wordsAt,
    ...(axis === 'y' ? { yAdjust: -9 } : { xAdjust: -40 }),
  },
})

/** The line at which an outage is planned to end. @param atMin minutes since it began */
export const plannedEnd = (atMin: number, ink: Ink, color: string): AnnotationOptions<'line'> =>
  guideLine(ink, { axis: 'x', at: atMin, words: say('plannedEnd'), color, wordsAt: 'end' })
