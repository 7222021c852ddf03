import type { ArrayCheck } from '@/core/refill/stringCheck'
import type { InputWindow } from '@/core/plan/refill'
import { formatNumber } from '@/words/format'
import { windowDrawing } from '@/words/en/pages/array'
import { wordsOf } from '@/words/translate'
import styles from './recharge.module.css'

const say = wordsOf(windowDrawing)

const VERDICTS: Record<ArrayCheck['verdict'], string> = {
  refused: say('refused'),
  clipped: say('clipped'),
  fits: say('fits'),
  'too low': say('tooLow'),
  unsure: say('unsure'),
}

const W = 360
const H = 190
const STEPS = 40
const PAD = { left: 38, right: 12, top: 14, bottom: 30 }

/** The input as a window of volts and amps, and in it the string from hot to cold: what stands out on the right destroys, what stands out above is clipped. */
export function WindowDrawing({ window, check }: { window: InputWindow; check: ArrayCheck }) {
  const coldV = Math.max(check.coldVocByTable, check.coldVocByCoefficient)
  const mostV = Math.max(window.highV, coldV) * 1.12
  const mostA = Math.max(window.amps, check.iscA) * 1.2
  const x = (volts: number) => PAD.left + (volts / mostV) * (W - PAD.left - PAD.right)
  const y = (amps: number) => H - PAD.bottom - (amps / mostA) * (H - PAD.top - PAD.bottom)
  const isOver = check.verdict === 'refused'
  const volts = (value: number) => `${formatNumber(value, 1)} V`
  return (
    <svg
      className={styles.window}
      viewBox={`0 0 ${W} ${H}`}
      role="img"
      aria-label={say('inputToAStringHotAt', {
        volts: volts(window.lowV),
        volts2: volts(window.highV),
        number: formatNumber(window.amps, 1),
        volts3: volts(check.hotVmpV),
        volts4: volts(coldV),
        number2: formatNumber(check.iscA, 1),
        verdict: VERDICTS[check.verdict],
      })}
      data-verdict={check.verdict}
    >
      <defs>
        <pattern id="beyond" width="6" height="6" patternUnits="userSpaceOnUse" patternTransform="rotate(45)">
          <line x1="0" y1="0" x2="0" y2="6" className={styles.beyondLine} />
        </pattern>
      </defs>
      {/* beyond the highest volts */}
      <rect
        x={x(window.highV)}
        y={PAD.top}
        width={W - PAD.right - x(window.highV)}
        height={H - PAD.top - PAD.bottom}
        fill="url(#beyond)"
      />
      <rect
        className={styles.pane}
        x={x(window.lowV)}
        y={y(window.amps)}
        width={x(window.highV) - x(window.lowV)}
        height={y(0) - y(window.amps)}
      />
      {/* where volts × amps are the watts it takes: what lies above is clipped too */}
      <polyline
        className={styles.wattsLimit}
        points={Array.from({ length: STEPS + 1 }, (_, i) => {
          const v = window.lowV + ((window.highV - window.lowV) * i) / STEPS
          return v > 0 ? `${x(v)},${y(Math.min(window.amps, window.watts / v))}` : ''
        }).join(' ')}
      />
      <rect
        className={isOver ? styles.stringOver : styles.string}
        x={x(check.hotVmpV)}
        y={y(check.iscA)}
        width={Math.max(2, x(coldV) - x(check.hotVmpV))}
        height={y(0) - y(check.iscA)}
      />
      <line className={styles.axis} x1={PAD.left} y1={y(0)} x2={W - PAD.right} y2={y(0)} />
      <line className={styles.axis} x1={PAD.left} y1={PAD.top} x2={PAD.left} y2={y(0)} />
      <text x={x(window.lowV)} y={H - 16} textAnchor="middle">
        {formatNumber(window.lowV)}
      </text>
      <text x={x(window.highV)} y={H - 16} textAnchor="middle" className={styles.strong}>
        {formatNumber(window.highV)} V
      </text>
      <text
        x={x(coldV)}
        y={PAD.top - 3}
        textAnchor={x(coldV) > W - 60 ? 'end' : 'middle'}
        className={isOver ? styles.over : undefined}
      >
        {say('cold', { volts: volts(coldV) })}
      </text>
      <text x={x(check.hotVmpV)} y={H - 3} textAnchor="middle">
        {say('hot', { volts: volts(check.hotVmpV) })}
      </text>
      <text x={PAD.left - 5} y={y(window.amps) + 4} textAnchor="end" className={styles.strong}>
        {formatNumber(window.amps)} A
      </text>
      {Math.abs(y(check.iscA) - y(window.amps)) > 13 && (
        <text x={PAD.left - 5} y={y(check.iscA) + 4} textAnchor="end">
          {formatNumber(check.iscA, 1)}
        </text>
      )}
    </svg>
  )
}
