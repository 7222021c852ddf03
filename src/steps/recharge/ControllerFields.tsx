'use client'
import { usualController } from '@/catalog/refill'
import type { PanelArray } from '@/core/plan/refill'
import { WindowFields } from '@/ui/equipment/WindowFields'
import { SelectField } from '@/ui/field/SelectField'
import styles from './recharge.module.css'

type Controller = PanelArray['controller']

/** The charge controller between panels and a bank; a station has its own inside. */
export function ControllerFields(props: {
  controller: Controller
  /** of the bank it feeds; null where it feeds a station */
  bankV: number | null
  onChange: (controller: Controller) => void
}) {
  const { controller, bankV, onChange } = props
  const put = (part: Partial<NonNullable<Controller>>) => controller && onChange({ ...controller, ...part })
  return (
    <>
      <SelectField
        label="Charge controller"
        value={controller?.kind ?? 'none'}
        options={[
          { value: 'none', words: 'none: straight into a station' },
          { value: 'MPPT', words: 'MPPT, for a bank' },
          { value: 'PWM', words: 'PWM, for a bank' },
        ]}
        onChange={(kind) =>
          onChange(
            kind === 'none'
              ? null
              : { ...(controller ?? usualController(bankV ?? 12)), kind: kind as 'MPPT' | 'PWM' },
          )
        }
      />
      {controller && (
        <>
          {bankV === null && <p className={styles.small}>Counts when a bank of parts is chosen.</p>}
          <WindowFields window={controller} onChange={put} />
        </>
      )}
    </>
  )
}
