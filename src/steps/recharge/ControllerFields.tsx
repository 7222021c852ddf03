'use client'
import { usualController } from '@/catalog/refill'
import type { PanelArray } from '@/core/plan/refill'
import { formatNumber } from '@/words/format'
import { WindowFields } from '@/ui/equipment/WindowFields'
import { SelectField } from '@/ui/field/SelectField'
import { controllerFields } from '@/words/en/pages/array'
import { wordsOf } from '@/words/translate'

const say = wordsOf(controllerFields)

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
        label={say('chargeController')}
        value={controller?.kind ?? 'none'}
        options={[
          { value: 'none', words: say('noneStraightIntoAStation') },
          { value: 'MPPT', words: say('mpptForABank') },
          { value: 'PWM', words: say('pwmForABank') },
        ]}
        onChange={(kind) =>
          // another kind has other volts: those of the old one would pass what destroys it, or refuse what works
          onChange(kind === 'none' ? null : usualController(bankV ?? 12, kind as 'MPPT' | 'PWM'))
        }
      />
      {controller && (
        <>
          {bankV === null && <p className="hint">{say('countsWhenABankOfParts')}</p>}
          {controller.kind === 'PWM' && (
            <p className="hint">
              {say('itJoinsThePanelsToThe')}
              {bankV !== null && say('vWhileItCharges', { number: formatNumber(bankV * 1.08, 1) })}.
            </p>
          )}
          <WindowFields window={controller} onChange={put} isPwm={controller.kind === 'PWM'} />
        </>
      )}
    </>
  )
}
