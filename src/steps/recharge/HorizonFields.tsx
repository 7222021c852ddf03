'use client'
import Button from '@mui/material/Button'
import { useId } from 'react'
import type { PanelArray } from '@/core/plan/refill'
import { QuantityField } from '@/ui/field/QuantityField'
import fields from '@/ui/field/field.module.css'
import styles from './recharge.module.css'

const MOST = 12

/** What stands before the sun: hills, houses, trees, each between two directions and up to a height. */
export function HorizonFields(props: {
  horizon: PanelArray['horizon']
  onChange: (horizon: PanelArray['horizon']) => void
}) {
  const { horizon, onChange } = props
  const id = useId()
  const put = (at: number, part: Partial<PanelArray['horizon'][number]>) =>
    onChange(horizon.map((one, i) => (i === at ? { ...one, ...part } : one)))
  return (
    <div className={fields.row} role="group" aria-labelledby={id}>
      <span id={id} className={fields.label}>
        Stands before it
      </span>
      <div className={styles.horizon}>
        {horizon.map(({ fromDeg, toDeg, heightDeg }, i) => (
          <div key={i}>
            <QuantityField
              cell
              label={`Obstacle ${i + 1}: from`}
              path="array.azimuthDeg"
              value={fromDeg}
              onChange={(value) => put(i, { fromDeg: value })}
            />
            <span aria-hidden>–</span>
            <QuantityField
              cell
              label={`Obstacle ${i + 1}: to`}
              path="array.azimuthDeg"
              value={toDeg}
              onChange={(value) => put(i, { toDeg: value })}
            />
            <span aria-hidden>up to</span>
            <QuantityField
              cell
              label={`Obstacle ${i + 1}: height`}
              path="array.tiltDeg"
              value={heightDeg}
              onChange={(value) => put(i, { heightDeg: value })}
            />
            <Button
              variant="text"
              aria-label={`Remove obstacle ${i + 1}`}
              onClick={() => onChange(horizon.filter((_, k) => k !== i))}
            >
              remove
            </Button>
          </div>
        ))}
        {horizon.length < MOST && (
          <Button
            variant="text"
            onClick={() => onChange([...horizon, { fromDeg: 90, toDeg: 135, heightDeg: 15 }])}
          >
            add an obstacle
          </Button>
        )}
      </div>
    </div>
  )
}
