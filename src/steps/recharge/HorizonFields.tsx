'use client'
import Button from '@mui/material/Button'
import { useId } from 'react'
import type { PanelArray } from '@/core/plan/refill'
import { QuantityField } from '@/ui/field/QuantityField'
import fields from '@/ui/field/field.module.css'
import { horizonFields } from '@/words/en/pages/array'
import { wordsOf } from '@/words/translate'
import styles from './recharge.module.css'

const say = wordsOf(horizonFields)

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
        {say('shadedBy')}
      </span>
      <div className={styles.horizon}>
        {horizon.map(({ fromDeg, toDeg, heightDeg }, i) => (
          <div key={i}>
            <QuantityField
              cell
              label={say('obstacleFrom', { i: i + 1 })}
              path="array.azimuthDeg"
              value={fromDeg}
              onChange={(value) => put(i, { fromDeg: value })}
            />
            <span aria-hidden>–</span>
            <QuantityField
              cell
              label={say('obstacleTo', { i: i + 1 })}
              path="array.azimuthDeg"
              value={toDeg}
              onChange={(value) => put(i, { toDeg: value })}
            />
            <span aria-hidden>{say('upTo')}</span>
            <QuantityField
              cell
              label={say('obstacleHeight', { i: i + 1 })}
              path="array.tiltDeg"
              value={heightDeg}
              onChange={(value) => put(i, { heightDeg: value })}
            />
            <Button
              variant="text"
              aria-label={say('removeObstacle', { i: i + 1 })}
              onClick={() => onChange(horizon.filter((_, k) => k !== i))}
            >
              {say('remove')}
            </Button>
          </div>
        ))}
        {horizon.length < MOST && (
          <Button
            variant="text"
            onClick={() => onChange([...horizon, { fromDeg: 90, toDeg: 135, heightDeg: 15 }])}
          >
            {say('addAnObstacle')}
          </Button>
        )}
      </div>
    </div>
  )
}
