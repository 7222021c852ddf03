import { USUAL_DC } from '@/catalog/plainOutfit'
import type { Source } from '@/core/plan/power'
import { CheckField } from '@/ui/field/CheckField'
import { QuantityField } from '@/ui/field/QuantityField'
import { type FittingProps, wholeFrom } from './FittingProps'

const USUAL_EXPANSION = { capacityWh: 2000, price: 800, weightKg: 22, most: 1, count: 0 }

const VOLTS = [12, 120, 230, 240] as const

/** Volts, outlets, legs, direct current, expansion batteries. */
export function Gives({
  source,
  outfit,
  put,
  change,
  setExpansions,
}: FittingProps & {
  source: Source
  put: (part: Partial<Source>) => void
  setExpansions: (count: number) => void
}) {
  const { outlets, legW, dc, withGridW, expansion } = outfit
  return (
    <div>
      <h3>Outputs</h3>
      {VOLTS.map((volts, i) => (
        <CheckField
          key={volts}
          label={i === 0 ? 'Volts' : ''}
          words={`${volts} V`}
          on={source.volts.includes(volts)}
          onChange={(on) => {
            const next = VOLTS.filter((one) => (one === volts ? on : source.volts.includes(one)))
            // one must be left
            if (next.length > 0) put({ volts: next })
          }}
        />
      ))}
      <QuantityField
        label="Surge lasts"
        path="source.surgeS"
        value={source.surgeS.value}
        onChange={(value) => put({ surgeS: { ...source.surgeS, value } })}
      />
      <QuantityField
        label="Outlets"
        path="outfit.outlets"
        value={outlets.count}
        onChange={(count) => change({ outlets: { ...outlets, count } })}
      />
      <QuantityField
        label="Amps of each"
        path="outfit.outletA"
        value={outlets.ampsEach}
        onChange={(ampsEach) => change({ outlets: { ...outlets, ampsEach } })}
      />
      <CheckField
        label="120/240 V"
        words="each leg has its own limit"
        on={legW !== null}
        onChange={(on) => change({ legW: on ? 1800 : null })}
      />
      {legW !== null && (
        <QuantityField
          label="Watts a leg"
          path="outfit.legW"
          value={legW}
          onChange={(watts) => change({ legW: watts })}
        />
      )}
      <CheckField
        label="With the grid"
        words="it gives other watts"
        on={withGridW !== null}
        onChange={(on) => change({ withGridW: on ? 5000 : null })}
      />
      {withGridW !== null && (
        <QuantityField
          label="Watts with it"
          path="source.watts"
          value={withGridW}
          onChange={(watts) => change({ withGridW: watts })}
        />
      )}
      <CheckField
        label="Direct current"
        words="12 V socket and USB"
        on={dc !== null}
        onChange={(on) => change({ dc: on ? USUAL_DC : null })}
      />
      {dc && (
        <>
          <QuantityField
            label="12 V socket"
            path="outfit.dcW"
            value={dc.socketW}
            onChange={(socketW) => change({ dc: { ...dc, socketW } })}
          />
          <QuantityField
            label="USB together"
            path="outfit.dcW"
            value={dc.usbW}
            onChange={(usbW) => change({ dc: { ...dc, usbW } })}
          />
          <QuantityField
            label="DC efficiency"
            path="source.efficiencyFraction"
            value={dc.efficiencyFraction.value}
            onChange={(value) =>
              change({ dc: { ...dc, efficiencyFraction: { ...dc.efficiencyFraction, value } } })
            }
          />
        </>
      )}
      <CheckField
        label="Expansions"
        words="it takes more batteries"
        on={expansion !== null}
        onChange={(on) => {
          // those attached go with it: their watt-hours are counted in the station's
          if (!on) setExpansions(0)
          change({ expansion: on ? USUAL_EXPANSION : null })
        }}
      />
      {expansion && (
        <>
          <QuantityField
            label="At most"
            pairedWith="Attached"
            path="outfit.expansions"
            value={expansion.most}
            check={wholeFrom(expansion.count, 20)}
            onChange={(most) => change({ expansion: { ...expansion, most } })}
          />
          <QuantityField
            label="Attached"
            pairedWith="At most"
            path="outfit.expansions"
            value={expansion.count}
            check={wholeFrom(0, expansion.most)}
            onChange={setExpansions}
          />
          {expansion.count === 0 && (
            <>
              <QuantityField
                label="Each stores"
                path="outfit.expansionWh"
                value={expansion.capacityWh}
                onChange={(capacityWh) => change({ expansion: { ...expansion, capacityWh } })}
              />
              <QuantityField
                label="Each costs"
                path="source.price"
                value={expansion.price}
                onChange={(price) => change({ expansion: { ...expansion, price } })}
              />
              <QuantityField
                label="Each weighs"
                path="source.weightKg"
                value={expansion.weightKg}
                onChange={(weightKg) => change({ expansion: { ...expansion, weightKg } })}
              />
            </>
          )}
        </>
      )}
    </div>
  )
}
