/** A piece of the answer: plain, emphasised, or one that opens its working or a choice. */
export interface AnswerPart {
  text: string
  strong?: boolean
  tone?: 'short' | 'holds'
  /** the working that explains this figure */
  working?: 'lasts' | 'margin' | 'refills' | 'carries' | 'starts'
  /** what a reader can change right here */
  control?: 'scenario' | 'powerSystem' | 'tiers'
}

/** The answer as plain text. */
export function answerText(parts: readonly AnswerPart[]): string {
  return parts.map(({ text }) => text).join('')
}
