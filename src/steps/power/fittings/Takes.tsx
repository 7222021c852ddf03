import { USUAL_WINDOW } from '@/catalog/plainOutfit'
import { WindowFields } from '@/ui/equipment/WindowFields'
import { CheckField } from '@/ui/field/CheckField'
import { UnitField } from '@/ui/field/UnitField'
import { type FittingProps, within } from './FittingProps'

const MS_PER_S = 1000

/** Inputs: the wall, 12 V, panels, all together; and what happens at the outlets meanwhile. */
export function Takes({ outfit, change }: FittingProps) {
  const { input, passThrough, suppliesWhileCharging, transferMs } = outfit
  const put = (part: Partial<typeof input>, field: string) => change({ input: { ...input, ...part } }, field)
  return (
    <div>
      <h3>Takes</h3>
      <UnitField
        label="From the wall"
        kind="power"
        value={input.acW}
        onChange={(acW) => put({ acW }, 'ac in')}
      />
      <UnitField
        label="From 12 V"
        kind="power"
        value={input.dcW}
        check={within(0, 10_000, 'W')}
        onChange={(dcW) => put({ dcW }, '12 V in')}
      />
      <CheckField
        label="All inputs"
        words="have a limit together"
        on={(input.totalW ?? null) !== null}
        onChange={(on) => put({ totalW: on ? input.acW + (input.solar?.watts ?? 0) : null }, 'together')}
      />
      {(input.totalW ?? null) !== null && (
        <UnitField
          label="Together"
          kind="power"
          value={input.totalW!}
          check={within(1, 50_000, 'W')}
          onChange={(totalW) => put({ totalW }, 'total')}
        />
      )}
      <CheckField
        label="Panels"
        words="it has an input for them"
        on={input.solar !== null}
        onChange={(on) => put({ solar: on ? USUAL_WINDOW : null }, 'solar')}
      />
      {input.solar && (
        <>
          <WindowFields window={input.solar} onChange={(solar) => put({ solar }, 'window')} />
          <p className="caution">
            The highest volts must be those on its label: panels above them destroy it at once.
          </p>
        </>
      )}
      <CheckField
        label="While it charges"
        words="it feeds its outlets"
        on={suppliesWhileCharging}
        onChange={(on) => change({ suppliesWhileCharging: on }, 'supplies')}
      />
      <CheckField
        label=""
        words="it passes the wall through"
        on={passThrough}
        onChange={(on) => change({ passThrough: on }, 'pass-through')}
      />
      <CheckField
        label="The wall goes"
        words="it takes over by itself"
        on={transferMs !== null}
        onChange={(on) => change({ transferMs: on ? 20 : null }, 'transfer')}
      />
      {transferMs !== null && (
        <UnitField
          label="After"
          kind="seconds"
          value={transferMs / MS_PER_S}
          onChange={(seconds) => change({ transferMs: seconds * MS_PER_S }, 'transfer time')}
        />
      )}
    </div>
  )
}
