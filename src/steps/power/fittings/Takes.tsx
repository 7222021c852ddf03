import { USUAL_WINDOW } from '@/catalog/plainOutfit'
import { WindowFields } from '@/ui/equipment/WindowFields'
import { CheckField } from '@/ui/field/CheckField'
import { QuantityField } from '@/ui/field/QuantityField'
import type { FittingProps } from './FittingProps'

const MS_PER_S = 1000

/** Inputs: the wall, 12 V, panels, all together; and what happens at the outlets meanwhile. */
export function Takes({ outfit, change }: FittingProps) {
  const { input, passThrough, suppliesWhileCharging, transferMs } = outfit
  const put = (part: Partial<typeof input>) => change({ input: { ...input, ...part } })
  return (
    <div>
      <h3>Inputs</h3>
      <QuantityField
        label="AC charging"
        path="source.watts"
        value={input.acW}
        onChange={(acW) => put({ acW })}
      />
      <QuantityField
        label="From 12 V"
        path="outfit.dcInputW"
        value={input.dcW}
        onChange={(dcW) => put({ dcW })}
      />
      <CheckField
        label="All inputs"
        words="have a limit together"
        on={(input.totalW ?? null) !== null}
        onChange={(on) => put({ totalW: on ? input.acW + (input.solar?.watts ?? 0) : null })}
      />
      {(input.totalW ?? null) !== null && (
        <QuantityField
          label="Together"
          path="outfit.totalInputW"
          value={input.totalW!}
          onChange={(totalW) => put({ totalW })}
        />
      )}
      <CheckField
        label="Panels"
        words="it has an input for them"
        on={input.solar !== null}
        onChange={(on) => put({ solar: on ? USUAL_WINDOW : null })}
      />
      {input.solar && (
        <>
          <WindowFields window={input.solar} onChange={(solar) => put({ solar })} />
          <p className="caution">
            The highest volts must be those on its label: panels above them destroy it at once.
          </p>
        </>
      )}
      <CheckField
        label="While it charges"
        words="it feeds its outlets"
        on={suppliesWhileCharging}
        onChange={(on) => change({ suppliesWhileCharging: on })}
      />
      <CheckField
        label=""
        words="it passes the wall through"
        on={passThrough}
        onChange={(on) => change({ passThrough: on })}
      />
      <CheckField
        label="When the grid fails"
        words="switches over automatically (UPS)"
        on={transferMs !== null}
        onChange={(on) => change({ transferMs: on ? 20 : null })}
      />
      {transferMs !== null && (
        <QuantityField
          label="After"
          path="outfit.transferS"
          value={transferMs / MS_PER_S}
          onChange={(seconds) => change({ transferMs: seconds * MS_PER_S })}
        />
      )}
    </div>
  )
}
