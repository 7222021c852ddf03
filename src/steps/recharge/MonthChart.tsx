'use client'
import dynamic from 'next/dynamic'
import { part } from '@/ui/shell/part'
import { Swatch } from '@/ui/chart/Swatch'
import { formatEnergy } from '@/words/format'
import { monthChart } from '@/words/en/pages/recharge'
import { MONTH_NAMES } from '@/words/clock'
import { wordsOf } from '@/words/translate'
import styles from './recharge.module.css'

const say = wordsOf(monthChart)

const MonthBars = part(
  dynamic(() => import('./MonthBars'), { ssr: false }),
  () => import('./MonthBars'),
)

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
  const need = neededWh > 0 ? say('aDayNeeds', { energy: formatEnergy(neededWh) }) : ''
  return (
    <figure className={styles.months}>
      <div
        className={styles.monthBars}
        role="img"
        aria-label={say('energyADay', {
          names: MONTH_NAMES.map((name, i) =>
            say('clearMixedDull', {
              name,
              energy: formatEnergy(clear[i]),
              energy2: formatEnergy(mixed[i]),
              energy3: formatEnergy(dull[i]),
            }),
          ).join('; '),
          need,
        })}
        data-testid="months"
      >
        <MonthBars {...yields} />
      </div>
      <figcaption className="legend">
        <span>
          <Swatch fill="var(--refill-wash)" /> {say('clear')}
        </span>
        <span>
          <Swatch fill="var(--refill-middle)" /> {say('sunAndCloud')}
        </span>
        <span>
          <Swatch fill="var(--refill-text)" /> {say('overcast')}
        </span>
      </figcaption>
    </figure>
  )
}
