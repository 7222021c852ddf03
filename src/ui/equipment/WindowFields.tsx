'use client'
import type { InputWindow } from '@/core/plan/refill'
import { formatNumber } from '@/words/format'
import { QuantityField } from '@/ui/field/QuantityField'
import { windowFields } from '@/words/en/ui/fields'
import { wordsOf } from '@/words/translate'

const say = wordsOf(windowFields)

/** What an input for panels bears: its volts, amps and watts, as its label says. */
export function WindowFields(props: {
  window: InputWindow
  onChange: (window: InputWindow) => void
  /** a PWM controller has no lowest volts of its own: they are the battery's */
  isPwm?: boolean
}) {
  const { window, onChange, isPwm = false } = props
  const put = (part: Partial<InputWindow>) => onChange({ ...window, ...part })
  return (
    <>
      {!isPwm && (
        <QuantityField
          label={say('lowestVolts')}
          pairedWith={say('highestVolts')}
          path="window.lowV"
          value={window.lowV}
          check={(volts) =>
            volts >= window.highV ? say('belowItsHighestV', { number: formatNumber(window.highV) }) : null
          }
          onChange={(lowV) => put({ lowV })}
        />
      )}
      <QuantityField
        label={say('highestVolts')}
        pairedWith={isPwm ? undefined : say('lowestVolts')}
        path="window.highV"
        value={window.highV}
        check={(volts) =>
          volts <= window.lowV ? say('aboveItsLowestV', { number: formatNumber(window.lowV) }) : null
        }
        onChange={(highV) => put({ highV })}
      />
      <QuantityField
        label={say('ampsItTakes')}
        path="window.amps"
        value={window.amps}
        onChange={(amps) => put({ amps })}
      />
      <QuantityField
        label={say('wattsItTakes')}
        path="window.watts"
        value={window.watts}
        onChange={(watts) => put({ watts })}
      />
    </>
  )
}
