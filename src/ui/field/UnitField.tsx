'use client'
import { useId, useState } from 'react'
import { formatNumber } from '@/core/quantity/format'
import { type MeasureKind, parseMeasure } from '@/core/quantity/parse'
import styles from './field.module.css'

export interface UnitFieldProps {
  label: string
  kind: MeasureKind
  /** in the kept unit: W, Wh, min, h, s, 0…1, °C, kg */
  value: number
  /** called at every keystroke that can be understood */
  onChange: (value: number) => void
  volts?: number
  /** in a table cell: the label is for screen readers, trouble hangs below */
  cell?: boolean
  /** what else must hold, as a message or null */
  check?: (value: number) => string | null
}

const DIGITS: Partial<Record<MeasureKind, number>> = {
  fraction: 3,
  hours: 3,
  minutes: 3,
  seconds: 3,
  horsepower: 3,
  current: 2,
  volume: 2,
  count: 2,
  coefficient: 2,
  voltage: 1,
}
const UNITS: Record<MeasureKind, string> = {
  power: 'W',
  energy: 'Wh',
  minutes: 'min',
  hours: 'h',
  seconds: 's',
  fraction: '%',
  temperature: '°C',
  weight: 'kg',
  money: '',
  volume: 'L',
  flow: 'L/min',
  inflow: 'L/h',
  horsepower: 'hp',
  current: 'A',
  count: '',
  cycles: '',
  capacity: 'Ah',
  voltage: 'V',
  tilt: '°',
  azimuth: '°',
  coefficient: '%/K',
  fuel: 'L',
  latitude: '°',
  longitude: '°',
}

const shownAs = (value: number, kind: MeasureKind) => {
  const number = formatNumber(kind === 'fraction' ? value * 100 : value, DIGITS[kind] ?? 1).replace(/,/g, '')
  return UNITS[kind] ? `${number} ${UNITS[kind]}` : number
}

/** A field that takes the units people write, says what it understood, and keeps the last good value on nonsense. */
export function UnitField({ label, kind, value, onChange, volts, cell, check }: UnitFieldProps) {
  const id = useId()
  const [typed, setTyped] = useState<string | null>(null)
  const text = typed ?? shownAs(value, kind)
  const parsed = parseMeasure(text, kind, volts)
  const objection = typed !== null && parsed.ok ? (check?.(parsed.value) ?? null) : null
  const trouble = typed === null ? null : parsed.ok ? objection : parsed.message
  const understood =
    typed !== null && parsed.ok && !objection && parsed.understood !== typed.trim() ? parsed.understood : null

  const input = (
    <>
      <input
        id={id}
        className={`${styles.input} ${cell ? styles.compact : ''}`}
        value={text}
        inputMode="text"
        autoComplete="off"
        spellCheck={false}
        aria-label={cell ? label : undefined}
        aria-invalid={trouble !== null}
        aria-describedby={trouble ? `${id}-trouble` : undefined}
        onFocus={(event) => event.currentTarget.select()}
        onChange={(event) => {
          const next = event.target.value
          setTyped(next)
          const reading = parseMeasure(next, kind, volts)
          if (reading.ok && !check?.(reading.value)) onChange(reading.value)
        }}
        onKeyDown={(event) => {
          if (event.key === 'Enter' || event.key === 'Escape') setTyped(null)
          if ((event.ctrlKey || event.metaKey) && event.key.toLowerCase() === 'z') setTyped(null)
        }}
        onBlur={() => setTyped(null)}
      />
      {understood && !cell && <span className={styles.understood}>{understood}</span>}
      {trouble && (
        <span id={`${id}-trouble`} className={styles.trouble} role="alert">
          {trouble}
        </span>
      )}
    </>
  )
  if (cell) return <span className={styles.cell}>{input}</span>
  return (
    <div className={styles.row}>
      <label className={styles.label} htmlFor={id}>
        {label}
      </label>
      <span className={styles.control}>{input}</span>
    </div>
  )
}
