'use client'
import type { InputWindow } from '@/core/plan/refill'
import { formatNumber } from '@/core/quantity/format'
import { QuantityField } from '@/ui/field/QuantityField'

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
          label="Lowest volts"
          pairedWith="Highest volts"
          path="window.lowV"
          value={window.lowV}
          check={(volts) =>
            volts >= window.highV ? `Below its highest ${formatNumber(window.highV)} V.` : null
          }
          onChange={(lowV) => put({ lowV })}
        />
      )}
      <QuantityField
        label="Highest volts"
        pairedWith={isPwm ? undefined : 'Lowest volts'}
        path="window.highV"
        value={window.highV}
        check={(volts) => (volts <= window.lowV ? `Above its lowest ${formatNumber(window.lowV)} V.` : null)}
        onChange={(highV) => put({ highV })}
      />
      <QuantityField
        label="Amps it takes"
        path="window.amps"
        value={window.amps}
        onChange={(amps) => put({ amps })}
      />
      <QuantityField
        label="Watts it takes"
        path="window.watts"
        value={window.watts}
        onChange={(watts) => put({ watts })}
      />
    </>
  )
}
