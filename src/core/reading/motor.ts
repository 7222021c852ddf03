/** A motor's size in horsepower, as electricity. */

/** Single-phase full-load amps at 115 V by horsepower; half of it at 230 V. Source: NEC Table 430.248. */
const FULL_LOAD_AMPS_115: readonly (readonly [hp: number, amps: number])[] = [
  [1 / 6, 4.4],
  [1 / 4, 5.8],
  [1 / 3, 7.2],
  [1 / 2, 9.8],
  [3 / 4, 13.8],
  [1, 16],
  [1.5, 20],
  [2, 24],
  [3, 34],
  [5, 56],
  [7.5, 80],
  [10, 100],
]

/** A motor's watts for its volt-amps, until measured: 0.75 ± 0.12. Common practice, no source. */
export const MOTOR_POWER_FACTOR = 0.75

/** The table's voltage for the mains: 115 V up to 127 V, 230 V above. */
const motorVolts = (volts: number) => (volts <= 127 ? 115 : 230)

/** Full-load amps of a single-phase motor from the table, interpolated between its sizes. Source: NEC Table 430.248. */
export function fullLoadAmps(hp: number, volts: number): number {
  const rows = FULL_LOAD_AMPS_115
  const at115 = () => {
    if (hp <= rows[0][0]) return (hp / rows[0][0]) * rows[0][1]
    for (let i = 1; i < rows.length; i++) {
      const [hpBelow, ampsBelow] = rows[i - 1]
      const [hpAbove, ampsAbove] = rows[i]
      if (hp <= hpAbove) return ampsBelow + ((hp - hpBelow) / (hpAbove - hpBelow)) * (ampsAbove - ampsBelow)
    }
    const [largestHp, largestAmps] = rows[rows.length - 1]
    return (hp / largestHp) * largestAmps
  }
  return (at115() * 115) / motorVolts(volts)
}

/** Electrical watts of a motor by its horsepower at the shaft: full-load amps × volts × power factor. @example motorWatts(0.5, 120) // 845 */
export function motorWatts(hp: number, volts: number): number {
  return Math.round(fullLoadAmps(hp, volts) * motorVolts(volts) * MOTOR_POWER_FACTOR)
}
