import { formatNumber } from '@/core/quantity/format'
import { CheckField } from '@/ui/field/CheckField'
import { QuantityField } from '@/ui/field/QuantityField'
import type { FittingProps } from './FittingProps'
import { useUnits } from '@/ui/field/units'
import { formatTemperature } from '@/core/reading/inUnits'

type Range = { lowC: number; highC: number }

/** Cold and heat, sleep, cycles, warranty. */
export function Bears({ outfit, change }: FittingProps) {
  const { chargeC, dischargeC, hotDerating, sleep, cycles, warrantyYears } = outfit
  return (
    <div>
      <h3>Limits</h3>
      <RangeFields name="Charges" range={chargeC} onChange={(range) => change({ chargeC: range })} />
      <RangeFields name="Gives" range={dischargeC} onChange={(range) => change({ dischargeC: range })} />
      <CheckField
        label="In heat"
        words="it gives fewer watts"
        on={hotDerating !== null}
        onChange={(on) => change({ hotDerating: on ? { aboveC: 35, perKFraction: 0.02 } : null })}
      />
      {hotDerating && (
        <>
          <QuantityField
            label="Above"
            path="outfit.hotAboveC"
            value={hotDerating.aboveC}
            onChange={(aboveC) => change({ hotDerating: { ...hotDerating, aboveC } })}
          />
          <QuantityField
            label="Less, a degree"
            path="outfit.hotPerK"
            value={hotDerating.perKFraction}
            onChange={(perKFraction) => change({ hotDerating: { ...hotDerating, perKFraction } })}
          />
        </>
      )}
      <CheckField
        label="Light loads"
        words="it goes to sleep"
        on={sleep !== null}
        onChange={(on) => change({ sleep: on ? { belowW: 5, afterMin: 120 } : null })}
      />
      {sleep && (
        <>
          <QuantityField
            label="Under"
            path="outfit.sleepBelowW"
            value={sleep.belowW}
            onChange={(belowW) => change({ sleep: { ...sleep, belowW } })}
          />
          <QuantityField
            label="For"
            path="outfit.sleepAfterMin"
            value={sleep.afterMin}
            onChange={(afterMin) => change({ sleep: { ...sleep, afterMin } })}
          />
        </>
      )}
      <QuantityField
        label="Cycles"
        path="battery.cycles"
        value={cycles}
        onChange={(value) => change({ cycles: value })}
      />
      <QuantityField
        label="Warranty, years"
        path="outfit.warrantyYears"
        value={warrantyYears}
        onChange={(value) => change({ warrantyYears: value })}
      />
    </div>
  )
}

/** A range of temperatures whose ends may not cross. */
function RangeFields(props: { name: string; range: Range; onChange: (range: Range) => void }) {
  const { name, range, onChange } = props
  const units = useUnits()
  return (
    <>
      <QuantityField
        label={`${name} from`}
        pairedWith={`${name} up to`}
        path="outfit.chargeLowC"
        value={range.lowC}
        check={(lowC) =>
          lowC >= range.highC ? `Below ${formatTemperature(range.highC, units)}, its highest.` : null
        }
        onChange={(lowC) => onChange({ ...range, lowC })}
      />
      <QuantityField
        label={`${name} up to`}
        pairedWith={`${name} from`}
        path="outfit.chargeHighC"
        value={range.highC}
        check={(highC) =>
          highC <= range.lowC ? `Above ${formatTemperature(range.lowC, units)}, its lowest.` : null
        }
        onChange={(highC) => onChange({ ...range, highC })}
      />
    </>
  )
}
