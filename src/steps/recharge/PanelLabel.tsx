'use client'
import type { Panel } from '@/core/plan/refill'
import { formatNumber } from '@/core/quantity/format'
import { UnitField } from '@/ui/field/UnitField'

/** A panel's label, as it is printed on its back. */
export function PanelLabel({ panel, onChange }: { panel: Panel; onChange: (panel: Panel) => void }) {
  const put = (part: Partial<Panel>) => onChange({ ...panel, ...part })
  const within = (low: number, high: number, unit: string) => (value: number) =>
    value < low || value > high ? `From ${low} to ${high} ${unit}.` : null
  return (
    <>
      <UnitField
        label="Watts of one"
        kind="power"
        value={panel.watts}
        check={within(1, 2000, 'W')}
        onChange={(watts) => put({ watts })}
      />
      <UnitField
        label="Voc, open circuit"
        kind="voltage"
        value={panel.vocV}
        check={(volts) =>
          volts < panel.vmpV
            ? `At least Vmp, ${formatNumber(panel.vmpV, 1)} V: lower that first.`
            : within(1, 200, 'V')(volts)
        }
        onChange={(vocV) => put({ vocV })}
      />
      <UnitField
        label="Vmp, at full power"
        kind="voltage"
        value={panel.vmpV}
        check={(volts) =>
          volts > panel.vocV
            ? `At most Voc, ${formatNumber(panel.vocV, 1)} V; Vmp is about 0.83 of it.`
            : within(1, 200, 'V')(volts)
        }
        onChange={(vmpV) => put({ vmpV })}
      />
      <UnitField
        label="Isc, short circuit"
        kind="current"
        value={panel.iscA}
        check={(amps) =>
          amps < panel.impA
            ? `At least Imp, ${formatNumber(panel.impA, 1)} A: lower that first.`
            : within(0.05, 50, 'A')(amps)
        }
        onChange={(iscA) => put({ iscA })}
      />
      <UnitField
        label="Imp, at full power"
        kind="current"
        value={panel.impA}
        check={(amps) =>
          amps > panel.iscA ? `At most Isc, ${formatNumber(panel.iscA, 1)} A.` : within(0.05, 50, 'A')(amps)
        }
        onChange={(impA) => put({ impA })}
      />
      <UnitField
        label="Voc by temperature"
        kind="coefficient"
        value={panel.vocPerK * 100}
        onChange={(percent) => put({ vocPerK: percent / 100 })}
      />
      <UnitField
        label="Watts by temperature"
        kind="coefficient"
        value={panel.wattsPerK * 100}
        onChange={(percent) => put({ wattsPerK: percent / 100 })}
      />
    </>
  )
}
