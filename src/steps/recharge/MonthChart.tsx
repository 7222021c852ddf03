import { formatEnergy, formatNumber } from '@/core/quantity/format'
import styles from './recharge.module.css'

const LETTERS = 'JFMAMJJASOND'
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
const W = 420
const H = 170
const PAD = { left: 58, right: 6, top: 10, bottom: 20 }

/** Energy a day by month on a clear, a mixed and a dull day, against what a day needs. */
export function MonthChart(props: {
  clear: number[]
  mixed: number[]
  dull: number[]
  neededWh: number
  month: number
}) {
  const { clear, mixed, dull, neededWh, month } = props
  const most = Math.max(...clear, neededWh) * 1.08
  const slot = (W - PAD.left - PAD.right) / 12
  const y = (wh: number) => H - PAD.bottom - (wh / most) * (H - PAD.top - PAD.bottom)
  const bar = (i: number, wh: number, width: number, name: string) => (
    <rect
      className={name}
      x={PAD.left + (i + 0.5) * slot - (width * slot) / 2}
      y={y(wh)}
      width={width * slot}
      height={y(0) - y(wh)}
    />
  )
  return (
    <figure className={styles.months}>
      <svg
        viewBox={`0 0 ${W} ${H}`}
        role="img"
        aria-label={`Energy a day: ${NAMES.map((name, i) => `${name} ${formatEnergy(clear[i])} clear, ${formatEnergy(mixed[i])} mixed, ${formatEnergy(dull[i])} dull`).join('; ')}`}
        data-testid="months"
      >
        {clear.map((_, i) => (
          <g key={i}>
            {bar(i, clear[i], 0.72, styles.clear)}
            {bar(i, mixed[i], 0.72, styles.mixed)}
            {bar(i, dull[i], 0.72, styles.dull)}
            <text
              x={PAD.left + (i + 0.5) * slot}
              y={H - 6}
              textAnchor="middle"
              className={i === month - 1 ? styles.strong : undefined}
            >
              {LETTERS[i]}
            </text>
          </g>
        ))}
        {neededWh > 0 && (
          <>
            <line
              className={styles.needed}
              x1={PAD.left}
              x2={W - PAD.right}
              y1={y(neededWh)}
              y2={y(neededWh)}
            />
            <text x={W - PAD.right} y={y(neededWh) - 4} textAnchor="end" className={styles.neededWords}>
              a day needs {formatEnergy(neededWh)}
            </text>
          </>
        )}
        {[0.5, 1].map((share) => (
          <text key={share} x={PAD.left - 5} y={y(most * share * 0.92) + 4} textAnchor="end">
            {formatNumber((most * share * 0.92) / 1000, 1)} kWh
          </text>
        ))}
      </svg>
      <figcaption>
        <i className={styles.keyClear} /> clear <i className={styles.keyMixed} /> sun and cloud{' '}
        <i className={styles.keyDull} /> overcast
      </figcaption>
    </figure>
  )
}
