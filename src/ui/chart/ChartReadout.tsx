'use client'
import Slider from '@mui/material/Slider'
import { type PointerEvent, useState } from 'react'
import { chartReadout } from '@/words/en/ui/chart'
import { wordsOf } from '@/words/translate'
import type { Gutters } from '../timeline/Guttered'
import styles from './ChartReadout.module.css'

const say = wordsOf(chartReadout)

interface ChartReadoutProps {
  shownMin: number
  gutters: Gutters
  /** what the chart says at a minute */
  wordsAt: (minute: number) => string
}

const STEP_MIN = 15
/** The thumb is a line over the chart, which is the rail itself. */
const HAIRLINE = {
  width: 2,
  height: '100%',
  borderRadius: 0,
  boxShadow: 'none',
  background: 'var(--ink)',
}
const NoRail = () => null
/** With Shift, and by Page Up and Page Down. */
const FAR_MIN = 120

/** A line over the chart that is moved by pointer, touch or arrow keys, and what the chart says there. */
export function ChartReadout({ shownMin, gutters, wordsAt }: ChartReadoutProps) {
  const [minute, setMinute] = useState<number | null>(null)
  const onPointerMove = (event: PointerEvent<HTMLElement>) => {
    if (event.pointerType !== 'mouse') return
    const { left, width } = event.currentTarget.getBoundingClientRect()
    const share = Math.max(0, Math.min(1, (event.clientX - left) / width))
    setMinute(Math.round((share * shownMin) / STEP_MIN) * STEP_MIN)
  }
  return (
    <>
      <p className={styles.words} data-testid="readout">
        {minute === null ? say('pointAtTheChartOrMove') : wordsAt(minute)}
      </p>
      <div className={styles.over} style={{ left: gutters.left, right: gutters.right }}>
        <Slider
          className={styles.slider}
          slots={{ rail: NoRail }}
          slotProps={{ thumb: { style: { ...HAIRLINE, opacity: minute === null ? 0 : 1 } } }}
          aria-label={say('hourOnTheChart')}
          value={minute ?? 0}
          min={0}
          max={Math.floor(shownMin / STEP_MIN) * STEP_MIN}
          step={STEP_MIN}
          shiftStep={FAR_MIN}
          track={false}
          getAriaValueText={wordsAt}
          onChange={(_, next) => setMinute(next as number)}
          onPointerMove={onPointerMove}
          onFocus={() => setMinute(minute ?? 0)}
        />
      </div>
    </>
  )
}
