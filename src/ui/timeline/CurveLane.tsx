import styles from './CurveLane.module.css'
import lane from './lane.module.css'

const HEIGHT = 100

/** A curve on the page's own time axis: its middle, and where it is known only so well the band around it. */
export function CurveLane(props: {
  name: string
  figure: string
  /** what a screen reader says of it */
  label: string
  hue: 'store' | 'refill'
  stepMin: number
  shownMin: number
  middle: ArrayLike<number>
  low?: ArrayLike<number>
  high?: ArrayLike<number>
  /** the height of the lane; by the curve's own unless given */
  most?: number
  /** hatched from the bottom: what is kept */
  kept?: number
}) {
  const { name, figure, label, hue, stepMin, shownMin, middle, low, high, kept } = props
  const count = Math.min(middle.length, Math.floor(shownMin / stepMin) + 1)
  const most = props.most ?? Math.max(1, ...Array.from({ length: count }, (_, i) => middle[i]))
  const y = (value: number) => HEIGHT - (Math.min(value, most) / most) * HEIGHT
  const path = (values: ArrayLike<number>, reversed = false) =>
    Array.from({ length: count }, (_, i) => {
      const k = reversed ? count - 1 - i : i
      return `${k * stepMin},${y(values[k]).toFixed(2)}`
    }).join(' ')
  const ground = (value: number) => `${value * stepMin},${HEIGHT}`
  return (
    <div className={`${lane.lane} ${styles.lane}`}>
      <span className={lane.name}>{name}</span>
      <div className={lane.track}>
        <svg
          className={styles.curve}
          data-hue={hue}
          viewBox={`0 0 ${shownMin} ${HEIGHT}`}
          preserveAspectRatio="none"
          role="img"
          aria-label={label}
        >
          {kept !== undefined && (
            <rect className={styles.kept} x={0} y={y(kept)} width={shownMin} height={HEIGHT - y(kept)} />
          )}
          {low && high ? (
            <polygon points={`${path(high)} ${path(low, true)}`} />
          ) : (
            <polygon points={`${ground(0)} ${path(middle)} ${ground(count - 1)}`} />
          )}
          <polyline points={path(middle)} />
        </svg>
      </div>
      <span className={lane.figure}>{figure}</span>
    </div>
  )
}
