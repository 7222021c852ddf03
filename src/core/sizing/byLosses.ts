import type { RiskClock } from '../risk/riskClock'
import type { RankedLever } from './byHours'

/** What a lever spares of what would most likely be lost in the outage. */
export interface LeverLoss {
  /** what is lost no longer */
  saved: Pick<RiskClock, 'kind' | 'name'>[]
  /** what is lost only with it, or earlier by it */
  adds: Pick<RiskClock, 'kind' | 'name'>[]
  /** when the first thing is lost with it, minutes since the outage began; null: nothing is */
  firstMin: number | null
  /** so much later is the first loss; Infinity where nothing is lost any more */
  laterMin: number
}

/** A lever with what it spares; null where nothing is lost with it or without. */
export type SparingLever = RankedLever & { loss: LeverLoss | null }

/** A first loss that comes a few minutes later is not worth telling. */
export const LEAST_LATER_MIN = 10

/**
 * The levers that spare something, best first: those that save most things, then those that put off the first loss longest;
 * what costs nothing before what does. One that would lose something else is none.
 */
export const byLosses = <L extends SparingLever>(levers: readonly L[]): L[] =>
  levers
    .filter(
      ({ loss }) =>
        loss !== null &&
        loss.adds.length === 0 &&
        (loss.saved.length > 0 || loss.laterMin >= LEAST_LATER_MIN),
    )
    .sort(
      (a, b) =>
        Number(a.isBought ?? false) - Number(b.isBought ?? false) ||
        b.loss!.saved.length - a.loss!.saved.length ||
        later(b) - later(a) ||
        b.gain.hours - a.gain.hours,
    )

/** Infinity less Infinity would be no number. */
const later = ({ loss }: SparingLever) => Math.min(loss!.laterMin, Number.MAX_SAFE_INTEGER)
