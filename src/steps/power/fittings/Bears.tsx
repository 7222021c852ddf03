import { formatNumber } from '@/core/quantity/format'
import { CheckField } from '@/ui/field/CheckField'
import { UnitField } from '@/ui/field/UnitField'
import { type FittingProps, within } from './FittingProps'

type Range = { lowC: number; highC: number }

/** Cold and heat, sleep, cycles, warranty. */
export function Bears({ outfit, change }: FittingProps) {
  const { chargeC, dischargeC, hotDerating, sleep, cycles, warrantyYears } = outfit
  return (
    <div>
      <h3>Bears</h3>
      <RangeFields
        name="Charges"
        range={chargeC}
        onChange={(range) => change({ chargeC: range }, 'charge °C')}
      />
      <RangeFields
        name="Gives"
        range={dischargeC}
        onChange={(range) => change({ dischargeC: range }, 'discharge °C')}
      />
      <CheckField
        label="In heat"
        words="it gives fewer watts"
        on={hotDerating !== null}
        onChange={(on) => change({ hotDerating: on ? { aboveC: 35, perKFraction: 0.02 } : null }, 'derating')}
      />
      {hotDerating && (
        <>
          <UnitField
            label="Above"
            kind="temperature"
            value={hotDerating.aboveC}
            check={within(0, 60, '°C')}
            onChange={(aboveC) => change({ hotDerating: { ...hotDerating, aboveC } }, 'derates above')}
          />
          <UnitField
            label="Less, a degree"
            kind="fraction"
            value={hotDerating.perKFraction}
            check={(share) => (share > 0.2 ? '20 % a degree at most.' : null)}
            onChange={(perKFraction) =>
              change({ hotDerating: { ...hotDerating, perKFraction } }, 'derates by')
            }
          />
        </>
      )}
      <CheckField
        label="Light loads"
        words="it goes to sleep"
        on={sleep !== null}
        onChange={(on) => change({ sleep: on ? { belowW: 5, afterMin: 120 } : null }, 'sleep')}
      />
      {sleep && (
        <>
          <UnitField
            label="Under"
            kind="power"
            value={sleep.belowW}
            check={within(0, 200, 'W')}
            onChange={(belowW) => change({ sleep: { ...sleep, belowW } }, 'sleeps under')}
          />
          <UnitField
            label="For"
            kind="minutes"
            value={sleep.afterMin}
            check={within(1, 2880, 'min')}
            onChange={(afterMin) => change({ sleep: { ...sleep, afterMin } }, 'sleeps after')}
          />
        </>
      )}
      <UnitField
        label="Cycles"
        kind="cycles"
        value={cycles}
        check={within(1, 20_000, 'cycles')}
        onChange={(value) => change({ cycles: value }, 'cycles')}
      />
      <UnitField
        label="Warranty, years"
        kind="count"
        value={warrantyYears}
        check={within(0, 50, 'years')}
        onChange={(value) => change({ warrantyYears: value }, 'warranty')}
      />
    </div>
  )
}

/** A range of temperatures whose ends may not cross. */
function RangeFields(props: { name: string; range: Range; onChange: (range: Range) => void }) {
  const { name, range, onChange } = props
  return (
    <>
      <UnitField
        label={`${name} from`}
        kind="temperature"
        value={range.lowC}
        check={(lowC) => (lowC >= range.highC ? `Below ${formatNumber(range.highC)} °C, its highest.` : null)}
        onChange={(lowC) => onChange({ ...range, lowC })}
      />
      <UnitField
        label={`${name} up to`}
        kind="temperature"
        value={range.highC}
        check={(highC) => (highC <= range.lowC ? `Above ${formatNumber(range.lowC)} °C, its lowest.` : null)}
        onChange={(highC) => onChange({ ...range, highC })}
      />
    </>
  )
}
