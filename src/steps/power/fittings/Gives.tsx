import { USUAL_DC } from '@/catalog/plainOutfit'
import type { Source } from '@/core/plan/power'
import { CheckField } from '@/ui/field/CheckField'
import { UnitField } from '@/ui/field/UnitField'
import { type FittingProps, wholeFrom, within } from './FittingProps'

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
  put: (part: Partial<Source>, field: string) => void
  setExpansions: (count: number) => void
}) {
  const { outlets, legW, dc, withGridW, expansion } = outfit
  return (
    <div>
      <h3>Gives</h3>
      {VOLTS.map((volts, i) => (
        <CheckField
          key={volts}
          label={i === 0 ? 'Volts' : ''}
          words={`${volts} V`}
          on={source.volts.includes(volts)}
          onChange={(on) => {
            const next = VOLTS.filter((one) => (one === volts ? on : source.volts.includes(one)))
            // one must be left
            if (next.length > 0) put({ volts: next }, 'volts')
          }}
        />
      ))}
      <UnitField
        label="Surge lasts"
        kind="seconds"
        value={source.surgeS.value}
        onChange={(value) => put({ surgeS: { ...source.surgeS, value } }, 'surge seconds')}
      />
      <UnitField
        label="Outlets"
        kind="count"
        value={outlets.count}
        check={wholeFrom(0, 40)}
        onChange={(count) => change({ outlets: { ...outlets, count } }, 'outlets')}
      />
      <UnitField
        label="Amps of each"
        kind="current"
        value={outlets.ampsEach}
        check={within(1, 60, 'A')}
        onChange={(ampsEach) => change({ outlets: { ...outlets, ampsEach } }, 'outlet amps')}
      />
      <CheckField
        label="120/240 V"
        words="each leg has its own limit"
        on={legW !== null}
        onChange={(on) => change({ legW: on ? 1800 : null }, 'legs')}
      />
      {legW !== null && (
        <UnitField
          label="Watts a leg"
          kind="power"
          value={legW}
          check={within(1, 50_000, 'W')}
          onChange={(watts) => change({ legW: watts }, 'leg watts')}
        />
      )}
      <CheckField
        label="With the grid"
        words="it gives other watts"
        on={withGridW !== null}
        onChange={(on) => change({ withGridW: on ? 5000 : null }, 'with grid')}
      />
      {withGridW !== null && (
        <UnitField
          label="Watts with it"
          kind="power"
          value={withGridW}
          onChange={(watts) => change({ withGridW: watts }, 'grid watts')}
        />
      )}
      <CheckField
        label="Direct current"
        words="12 V socket and USB"
        on={dc !== null}
        onChange={(on) => change({ dc: on ? USUAL_DC : null }, 'dc')}
      />
      {dc && (
        <>
          <UnitField
            label="12 V socket"
            kind="power"
            value={dc.socketW}
            check={within(0, 2000, 'W')}
            onChange={(socketW) => change({ dc: { ...dc, socketW } }, 'socket')}
          />
          <UnitField
            label="USB together"
            kind="power"
            value={dc.usbW}
            check={within(0, 2000, 'W')}
            onChange={(usbW) => change({ dc: { ...dc, usbW } }, 'usb')}
          />
          <UnitField
            label="DC efficiency"
            kind="fraction"
            value={dc.efficiencyFraction.value}
            check={(share) => (share < 0.3 ? 'From 30 to 100 %.' : null)}
            onChange={(value) =>
              change(
                { dc: { ...dc, efficiencyFraction: { ...dc.efficiencyFraction, value } } },
                'dc efficiency',
              )
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
          change({ expansion: on ? USUAL_EXPANSION : null }, 'expansion')
        }}
      />
      {expansion && (
        <>
          <UnitField
            label="At most"
            kind="count"
            value={expansion.most}
            check={wholeFrom(expansion.count, 20)}
            onChange={(most) => change({ expansion: { ...expansion, most } }, 'most')}
          />
          <UnitField
            label="Attached"
            kind="count"
            value={expansion.count}
            check={wholeFrom(0, expansion.most)}
            onChange={setExpansions}
          />
          {expansion.count === 0 && (
            <>
              <UnitField
                label="Each stores"
                kind="energy"
                value={expansion.capacityWh}
                check={within(1, 100_000, 'Wh')}
                onChange={(capacityWh) => change({ expansion: { ...expansion, capacityWh } }, 'expansion Wh')}
              />
              <UnitField
                label="Each costs"
                kind="money"
                value={expansion.price}
                onChange={(price) => change({ expansion: { ...expansion, price } }, 'expansion price')}
              />
              <UnitField
                label="Each weighs"
                kind="weight"
                value={expansion.weightKg}
                onChange={(weightKg) => change({ expansion: { ...expansion, weightKg } }, 'expansion kg')}
              />
            </>
          )}
        </>
      )}
    </div>
  )
}
