/** From doors, windows and vents: 20 ft. Source: CPSC. */
export const AWAY_M = 6
/** Higher than water comes before somebody sees it. Common practice, no source. */
export const DRY_ABOVE_M = 0.5
/** Usually allowed in a garage: 10 US gal, by many local codes. From memory; local code decides. */
export const MOST_FUEL_L = 38
