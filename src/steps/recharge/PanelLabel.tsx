'use client'
import type { Panel } from '@/core/plan/refill'
import { formatNumber } from '@/core/quantity/format'
import { QuantityField } from '@/ui/field/QuantityField'

/** A panel's label, as it is printed on its back. */
export function PanelLabel({ panel, onChange }: { panel: Panel; onChange: (panel: Panel) => void }) {
  const put = (part: Partial<Panel>) => onChange({ ...panel, ...part })
  return (
    <>
      <QuantityField
        label="Watts of one"
        path="panel.watts"
        value={panel.watts}
        onChange={(watts) => put({ watts })}
      />
      <QuantityField
        label="Voc, open circuit"
        pairedWith="Vmp, at full power"
        path="panel.volts"
        value={panel.vocV}
        check={(volts) => (volts < panel.vmpV ? `At least Vmp, ${formatNumber(panel.vmpV, 1)} V.` : null)}
        onChange={(vocV) => put({ vocV })}
      />
      <QuantityField
        label="Vmp, at full power"
        pairedWith="Voc, open circuit"
        path="panel.volts"
        value={panel.vmpV}
        check={(volts) =>
          volts > panel.vocV
            ? `At most Voc, ${formatNumber(panel.vocV, 1)} V; Vmp is about 0.83 of it.`
            : null
        }
        onChange={(vmpV) => put({ vmpV })}
      />
      <QuantityField
        label="Isc, short circuit"
        pairedWith="Imp, at full power"
        path="panel.amps"
        value={panel.iscA}
        check={(amps) => (amps < panel.impA ? `At least Imp, ${formatNumber(panel.impA, 1)} A.` : null)}
        onChange={(iscA) => put({ iscA })}
      />
      <QuantityField
        label="Imp, at full power"
        pairedWith="Isc, short circuit"
        path="panel.amps"
        value={panel.impA}
        check={(amps) => (amps > panel.iscA ? `At most Isc, ${formatNumber(panel.iscA, 1)} A.` : null)}
        onChange={(impA) => put({ impA })}
      />
      <QuantityField
        label="Voc by temperature"
        path="panel.perK"
        value={panel.vocPerK * 100}
        onChange={(percent) => put({ vocPerK: percent / 100 })}
      />
      <QuantityField
        label="Watts by temperature"
        path="panel.perK"
        value={panel.wattsPerK * 100}
        onChange={(percent) => put({ wattsPerK: percent / 100 })}
      />
    </>
  )
}
