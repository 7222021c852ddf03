'use client'
import type { Panel } from '@/core/plan/refill'
import { formatNumber } from '@/words/format'
import { QuantityField } from '@/ui/field/QuantityField'
import { panelLabel } from '@/words/en/pages/array'
import { wordsOf } from '@/words/translate'

const say = wordsOf(panelLabel)

/** A panel's label, as it is printed on its back. */
export function PanelLabel({ panel, onChange }: { panel: Panel; onChange: (panel: Panel) => void }) {
  const put = (part: Partial<Panel>) => onChange({ ...panel, ...part })
  return (
    <>
      <QuantityField
        label={say('wattsOfOne')}
        path="panel.watts"
        value={panel.watts}
        onChange={(watts) => put({ watts })}
      />
      <QuantityField
        label={say('vocOpenCircuit')}
        pairedWith={say('vmpAtFullPower')}
        path="panel.volts"
        value={panel.vocV}
        check={(volts) =>
          volts < panel.vmpV ? say('atLeastVmpV', { number: formatNumber(panel.vmpV, 1) }) : null
        }
        onChange={(vocV) => put({ vocV })}
      />
      <QuantityField
        label={say('vmpAtFullPower')}
        pairedWith={say('vocOpenCircuit')}
        path="panel.volts"
        value={panel.vmpV}
        check={(volts) =>
          volts > panel.vocV ? say('atMostVocVVmpIs', { number: formatNumber(panel.vocV, 1) }) : null
        }
        onChange={(vmpV) => put({ vmpV })}
      />
      <QuantityField
        label={say('iscShortCircuit')}
        pairedWith={say('impAtFullPower')}
        path="panel.amps"
        value={panel.iscA}
        check={(amps) =>
          amps < panel.impA ? say('atLeastImpA', { number: formatNumber(panel.impA, 1) }) : null
        }
        onChange={(iscA) => put({ iscA })}
      />
      <QuantityField
        label={say('impAtFullPower')}
        pairedWith={say('iscShortCircuit')}
        path="panel.amps"
        value={panel.impA}
        check={(amps) =>
          amps > panel.iscA ? say('atMostIscA', { number: formatNumber(panel.iscA, 1) }) : null
        }
        onChange={(impA) => put({ impA })}
      />
      <QuantityField
        label={say('vocByTemperature')}
        path="panel.perK"
        value={panel.vocPerK * 100}
        onChange={(percent) => put({ vocPerK: percent / 100 })}
      />
      <QuantityField
        label={say('wattsByTemperature')}
        path="panel.perK"
        value={panel.wattsPerK * 100}
        onChange={(percent) => put({ wattsPerK: percent / 100 })}
      />
    </>
  )
}
