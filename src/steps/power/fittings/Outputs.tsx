import { USUAL_DC } from '@/catalog/plainOutfit'
import type { Source } from '@/core/plan/power'
import { CheckField } from '@/ui/field/CheckField'
import { QuantityField } from '@/ui/field/QuantityField'
import { outputs } from '@/words/en/pages/equipment'
import { wordsOf } from '@/words/translate'
import { type FittingProps, wholeFrom } from './FittingProps'

const say = wordsOf(outputs)

const USUAL_EXPANSION = { capacityWh: 2000, price: 800, weightKg: 22, most: 1, count: 0 }

const VOLTS = [12, 120, 230, 240] as const

/** Volts, outlets, legs, direct current, expansion batteries. */
export function Outputs({
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
      <h3>{say('outputs')}</h3>
      {VOLTS.map((volts, i) => (
        <CheckField
          key={volts}
          label={i === 0 ? say('volts') : ''}
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
        label={say('surgeLasts')}
        path="source.surgeS"
        value={source.surgeS.value}
        onChange={(value) => put({ surgeS: { ...source.surgeS, value } })}
      />
      <QuantityField
        label={say('outlets')}
        path="outfit.outlets"
        value={outlets.count}
        onChange={(count) => change({ outlets: { ...outlets, count } })}
      />
      <QuantityField
        label={say('ampsOfEach')}
        path="outfit.outletA"
        value={outlets.ampsEach}
        onChange={(ampsEach) => change({ outlets: { ...outlets, ampsEach } })}
      />
      <CheckField
        label="120/240 V"
        words={say('eachLegHasItsOwnLimit')}
        on={legW !== null}
        onChange={(on) => change({ legW: on ? 1800 : null })}
      />
      {legW !== null && (
        <QuantityField
          label={say('wattsALeg')}
          path="outfit.legW"
          value={legW}
          onChange={(watts) => change({ legW: watts })}
        />
      )}
      <CheckField
        label={say('withTheGrid')}
        words={say('itGivesOtherWatts')}
        on={withGridW !== null}
        onChange={(on) => change({ withGridW: on ? 5000 : null })}
      />
      {withGridW !== null && (
        <QuantityField
          label={say('wattsWithIt')}
          path="source.watts"
          value={withGridW}
          onChange={(watts) => change({ withGridW: watts })}
        />
      )}
      <CheckField
        label={say('directCurrent')}
        words={say('text12VSocketAndUsb')}
        on={dc !== null}
        onChange={(on) => change({ dc: on ? USUAL_DC : null })}
      />
      {dc && (
        <>
          <QuantityField
            label={say('text12VSocket')}
            path="outfit.dcW"
            value={dc.socketW}
            onChange={(socketW) => change({ dc: { ...dc, socketW } })}
          />
          <QuantityField
            label={say('usbTogether')}
            path="outfit.dcW"
            value={dc.usbW}
            onChange={(usbW) => change({ dc: { ...dc, usbW } })}
          />
          <QuantityField
            label={say('dcEfficiency')}
            path="source.efficiencyFraction"
            value={dc.efficiencyFraction.value}
            onChange={(value) =>
              change({ dc: { ...dc, efficiencyFraction: { ...dc.efficiencyFraction, value } } })
            }
          />
        </>
      )}
      <CheckField
        label={say('expansions')}
        words={say('itTakesMoreBatteries')}
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
            label={say('atMost')}
            pairedWith={say('attached')}
            path="outfit.expansions"
            value={expansion.most}
            check={wholeFrom(expansion.count, 20)}
            onChange={(most) => change({ expansion: { ...expansion, most } })}
          />
          <QuantityField
            label={say('attached')}
            pairedWith={say('atMost')}
            path="outfit.expansions"
            value={expansion.count}
            check={wholeFrom(0, expansion.most)}
            onChange={setExpansions}
          />
          {expansion.count === 0 && (
            <>
              <QuantityField
                label={say('eachStores')}
                path="outfit.expansionWh"
                value={expansion.capacityWh}
                onChange={(capacityWh) => change({ expansion: { ...expansion, capacityWh } })}
              />
              <QuantityField
                label={say('eachCosts')}
                path="source.price"
                value={expansion.price}
                onChange={(price) => change({ expansion: { ...expansion, price } })}
              />
              <QuantityField
                label={say('eachWeighs')}
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
