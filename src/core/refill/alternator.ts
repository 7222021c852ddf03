/** Volts an alternator keeps the 12 V system at. Common practice, no source. */
const SYSTEM_V = 13.8
/** Share of its rating an alternator bears for hours at idle, slowly turning and badly cooled. Common practice, no source. */
const IDLE_SHARE = 1 / 3

/**
 * Watts cables may take from an alternator at idle for hours: 13.8 V · A · ⅓.
 *
 * @example alternatorIdleW(80) // 368
 */
export const alternatorIdleW = (ratedA: number) => SYSTEM_V * ratedA * IDLE_SHARE
