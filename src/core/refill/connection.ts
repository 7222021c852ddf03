import type { Source } from '../plan/power'
import type { InputWindow, PanelArray } from '../plan/refill'
import { type Told, told } from '../quantity/told'
import { pwmVolts } from './pwm'

/**
 * The window panels are connected to: of a bank the array's charge controller, of anything else the source's
 * own input; null where there is none. A PWM controller begins at the battery's own charging volts, whatever its
 * label says: it has nothing to lower or raise volts with.
 */
export function windowFor(
  { controller }: Pick<PanelArray, 'controller'>,
  source: Source,
): InputWindow | null {
  if (!source.bank) return source.outfit?.input.solar ?? null
  if (!controller) return null
  const { kind, lowV, highV, amps, watts } = controller
  return { lowV: kind === 'PWM' ? pwmVolts(source.bank) : lowV, highV, amps, watts }
}

/** What keeps panels from being connected to a source; null where nothing does. */
export function whyUnconnected(array: Pick<PanelArray, 'controller'>, source: Source): Told | null {
  if (windowFor(array, source)) return null
  return source.bank
    ? told('panels.noController', { source: source.name })
    : told('panels.noInput', { source: source.name })
}
