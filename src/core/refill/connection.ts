import type { Source } from '../plan/power'
import type { InputWindow, PanelArray } from '../plan/refill'

/** The window panels are connected to: their own controller's where the source is a bank, else the source's input; null where there is none. */
export function windowFor(array: Pick<PanelArray, 'controller'>, source: Source): InputWindow | null {
  const { controller } = array
  if (controller) {
    const { lowV, highV, amps, watts } = controller
    return source.bank ? { lowV, highV, amps, watts } : null
  }
  return source.outfit?.input.solar ?? null
}

/** What keeps panels from being connected to a source; null where nothing does. */
export function whyUnconnected(array: Pick<PanelArray, 'controller'>, source: Source): string | null {
  if (windowFor(array, source)) return null
  if (source.bank) return 'a bank of parts needs a charge controller between panels and batteries'
  return array.controller
    ? 'a controller of its own feeds a bank of parts; a station takes the panels directly'
    : 'it has no input for panels'
}
