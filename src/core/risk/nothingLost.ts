import type { RiskClock } from './riskClock'

/**
 * How long the power has to last so that nothing is lost before the grid is back: the outage less what the most delicate
 * thing bears, carefully counted. A telephone is missed and spoils nothing.
 *
 * @returns minutes since the outage began; null where no clock says what anything bears
 */
export function nothingLostMin(clocks: readonly RiskClock[], outageMin: number): number | null {
  const bears = clocks.flatMap(({ kind, powerEnds, lost }) =>
    kind === 'phone' || powerEnds === null || lost === null || !Number.isFinite(powerEnds.early)
      ? []
      : [lost.early - powerEnds.early],
  )
  return bears.length === 0 ? null : Math.max(0, outageMin - Math.min(...bears))
}
