'use client'
import type { InputWindow } from '@/core/plan/refill'
import { formatNumber } from '@/core/quantity/format'
import { UnitField } from '@/ui/field/UnitField'

/** What an input for panels bears: its volts, amps and watts, as its label says. */
export function WindowFields(props: { window: InputWindow; onChange: (window: InputWindow) => void }) {
  const { window, onChange } = props
  const put = (part: Partial<InputWindow>) => onChange({ ...window, ...part })
  return (
    <>
      <UnitField
        label="Lowest volts"
        kind="voltage"
        value={window.lowV}
        check={(volts) =>
          volts >= window.highV ? `Below its highest ${formatNumber(window.highV)} V.` : null
        }
        onChange={(lowV) => put({ lowV })}
      />
      <UnitField
        label="Highest volts"
        kind="voltage"
        value={window.highV}
        check={(volts) => (volts <= window.lowV ? `Above its lowest ${formatNumber(window.lowV)} V.` : null)}
        onChange={(highV) => put({ highV })}
      />
      <UnitField
        label="Amps it takes"
        kind="current"
        value={window.amps}
        check={(amps) => (amps > 200 ? '200 A at most.' : null)}
        onChange={(amps) => put({ amps })}
      />
      <UnitField
        label="Watts it takes"
        kind="power"
        value={window.watts}
        onChange={(watts) => put({ watts })}
      />
    </>
  )
}
