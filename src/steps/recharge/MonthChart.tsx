'use client'
import dynamic from 'next/dynamic'
import { formatEnergy } from '@/core/quantity/format'
import styles from './recharge.module.css'

const MonthBars = dynamic(() => import('./MonthBars'), { ssr: false })

const NAMES = [
  'January',
  'February',
  'March',
  'April',
  'May',
  'June',
  'July',
  'August',
  'September',
  'October',
  'November',
  'December',
]

/** Wh a day by month, January first, on three kinds of day, and what a day needs. */
export interface MonthYields {
  clear: number[]
  mixed: number[]
  dull: number[]
  neededWh: number
  /** of the outage, 1 to 12 */
  month: number
}

/** Energy a day by month on a clear, a mixed and a dull day, against what a day needs. */
export function MonthChart(yields: MonthYields) {
  const { clear, mixed, dull, neededWh } = yields
  const need = neededWh > 0 ? `; a day needs ${formatEnergy(neededWh)}` : ''
  return (
    <figure className={styles.months}>
      <div
        className={styles.monthBars}
        role="img"
        aria-label={`Energy a day: ${NAMES.map((name, i) => `${name} ${formatEnergy(clear[i])} clear, ${formatEnergy(mixed[i])} mixed, ${formatEnergy(dull[i])} dull`).join('; ')}${need}`}
        data-testid="months"
      >
        <MonthBars {...yields} />
      </div>
      <figcaption>
        <i className={styles.keyClear} /> clear <i className={styles.keyMixed} /> sun and cloud{' '}
        <i className={styles.keyDull} /> overcast
      </figcaption>
    </figure>
  )
}
