import { USUAL_WINDOW } from '@/catalog/plainOutfit'
import { WindowFields } from '@/ui/equipment/WindowFields'
import { CheckField } from '@/ui/field/CheckField'
import { QuantityField } from '@/ui/field/QuantityField'
import { inputs } from '@/words/en/pages/equipment'
import { wordsOf } from '@/words/translate'
import type { FittingProps } from './FittingProps'

const say = wordsOf(inputs)

const MS_PER_S = 1000

/** Inputs: the wall, 12 V, panels, all together; and what happens at the outlets meanwhile. */
export function Inputs({ outfit, change }: FittingProps) {
  const { input, passThrough, suppliesWhileCharging, transferMs } = outfit
  const put = (part: Partial<typeof input>) => change({ input: { ...input, ...part } })
  return (
    <div>
      <h3>{say('inputs')}</h3>
      <QuantityField
        label={say('acCharging')}
        path="source.watts"
        value={input.acW}
        onChange={(acW) => put({ acW })}
      />
      <QuantityField
        label={say('from12V')}
        path="outfit.dcInputW"
        value={input.dcW}
        onChange={(dcW) => put({ dcW })}
      />
      <CheckField
        label={say('allInputs')}
        words={say('haveALimitTogether')}
        on={(input.totalW ?? null) !== null}
        onChange={(on) => put({ totalW: on ? input.acW + (input.solar?.watts ?? 0) : null })}
      />
      {(input.totalW ?? null) !== null && (
        <QuantityField
          label={say('together')}
          path="outfit.totalInputW"
          value={input.totalW!}
          onChange={(totalW) => put({ totalW })}
        />
      )}
      <CheckField
        label={say('panels')}
        words={say('itHasAnInputForThem')}
        on={input.solar !== null}
        onChange={(on) => put({ solar: on ? USUAL_WINDOW : null })}
      />
      {input.solar && (
        <>
          <WindowFields window={input.solar} onChange={(solar) => put({ solar })} />
          <p className="caution">{say('theHighestVoltsMustBeThose')}</p>
        </>
      )}
      <CheckField
        label={say('whileItCharges')}
        words={say('itCanSupplyItsOutlets')}
        on={suppliesWhileCharging}
        onChange={(on) => change({ suppliesWhileCharging: on })}
      />
      <CheckField
        label=""
        words={say('passThroughTheWallOutletFeeds')}
        on={passThrough}
        onChange={(on) => change({ passThrough: on })}
      />
      <CheckField
        label={say('whenTheGridFails')}
        words={say('switchesOverAutomaticallyUps')}
        on={transferMs !== null}
        onChange={(on) => change({ transferMs: on ? 20 : null })}
      />
      {transferMs !== null && (
        <QuantityField
          label={say('after')}
          path="outfit.transferS"
          value={transferMs / MS_PER_S}
          onChange={(seconds) => change({ transferMs: seconds * MS_PER_S })}
        />
      )}
    </div>
  )
}
