import { CheckField } from '@/ui/field/CheckField'
import { QuantityField } from '@/ui/field/QuantityField'
import { limits } from '@/words/en/pages/equipment'
import { wordsOf } from '@/words/translate'
import type { FittingProps } from './FittingProps'
import { useUnits } from '@/ui/field/units'
import { formatTemperature } from '@/words/inUnits'

const say = wordsOf(limits)

type Range = { lowC: number; highC: number }

/** Cold and heat, sleep, cycles, warranty. */
export function Limits({ outfit, change }: FittingProps) {
  const { chargeC, dischargeC, hotDerating, sleep, cycles, warrantyYears } = outfit
  return (
    <div>
      <h3>{say('limits')}</h3>
      <RangeFields
        name={say('chargingTemperature')}
        range={chargeC}
        onChange={(range) => change({ chargeC: range })}
      />
      <RangeFields
        name={say('operatingTemperature')}
        range={dischargeC}
        onChange={(range) => change({ dischargeC: range })}
      />
      <CheckField
        label={say('inHeat')}
        words={say('itGivesFewerWatts')}
        on={hotDerating !== null}
        onChange={(on) => change({ hotDerating: on ? { aboveC: 35, perKFraction: 0.02 } : null })}
      />
      {hotDerating && (
        <>
          <QuantityField
            label={say('above')}
            path="outfit.hotAboveC"
            value={hotDerating.aboveC}
            onChange={(aboveC) => change({ hotDerating: { ...hotDerating, aboveC } })}
          />
          <QuantityField
            label={say('lessADegree')}
            path="outfit.hotPerK"
            value={hotDerating.perKFraction}
            onChange={(perKFraction) => change({ hotDerating: { ...hotDerating, perKFraction } })}
          />
        </>
      )}
      <CheckField
        label={say('lightLoads')}
        words={say('itGoesToSleep')}
        on={sleep !== null}
        onChange={(on) => change({ sleep: on ? { belowW: 5, afterMin: 120 } : null })}
      />
      {sleep && (
        <>
          <QuantityField
            label={say('under')}
            path="outfit.sleepBelowW"
            value={sleep.belowW}
            onChange={(belowW) => change({ sleep: { ...sleep, belowW } })}
          />
          <QuantityField
            label={say('forWord')}
            path="outfit.sleepAfterMin"
            value={sleep.afterMin}
            onChange={(afterMin) => change({ sleep: { ...sleep, afterMin } })}
          />
        </>
      )}
      <QuantityField
        label={say('cycles')}
        path="battery.cycles"
        value={cycles}
        onChange={(value) => change({ cycles: value })}
      />
      <QuantityField
        label={say('warrantyYears')}
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
        label={say('from', { name })}
        pairedWith={say('upTo', { name })}
        path="outfit.chargeLowC"
        value={range.lowC}
        check={(lowC) =>
          lowC >= range.highC
            ? say('belowItsHighest', { temperature: formatTemperature(range.highC, units) })
            : null
        }
        onChange={(lowC) => onChange({ ...range, lowC })}
      />
      <QuantityField
        label={say('upTo', { name })}
        pairedWith={say('from', { name })}
        path="outfit.chargeHighC"
        value={range.highC}
        check={(highC) =>
          highC <= range.lowC
            ? say('aboveItsLowest', { temperature: formatTemperature(range.lowC, units) })
            : null
        }
        onChange={(highC) => onChange({ ...range, highC })}
      />
    </>
  )
}
