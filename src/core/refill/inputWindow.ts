import { type Told, told } from '../quantity/told'
import type { Outfit } from '../plan/power'

export type SolarWindow = NonNullable<Outfit['input']['solar']>

/** A panel as its label says. */
export interface PanelLabel {
  vocV: number
  iscA: number
  watts: number
}

/** Panels in series × parallel against an input. */
export interface StringCheck {
  verdict: 'refused' | 'clipped' | 'fits' | 'too low'
  voltsV: number
  ampsA: number
  watts: number
  /** what the input takes of it */
  takenW: number
  message: Told
}

/**
 * Whether panels may be connected to an input: open-circuit volts over the window are refused, since they
 * destroy it; amps and watts over it are only not taken.
 *
 * @param coldFactor open-circuit volts in the record cold against the label's; 1 tells nothing of cold
 * @throws RangeError for panels without watts or a string without panels
 * @example two of 45.4 V in series on a 60 V input: refused; in parallel: clipped
 */
export function checkString(
  panel: PanelLabel,
  series: number,
  parallel: number,
  window: SolarWindow,
  coldFactor = 1,
): StringCheck {
  if (!(panel.watts > 0) || series < 1 || parallel < 1)
    throw new RangeError('a string has at least one panel')
  const voltsV = panel.vocV * series * coldFactor
  const ampsA = panel.iscA * parallel
  const watts = panel.watts * series * parallel
  // the share of its amps that the input takes, at most the input's watts
  const takenW = Math.min(watts * Math.min(1, window.amps / ampsA), window.watts, watts)
  const shown = { voltsV, ampsA, watts, takenW }
  if (voltsV > window.highV)
    return {
      ...shown,
      takenW: 0,
      verdict: 'refused',
      message: told('panels.refused', {
        openVolts: voltsV,
        highVolts: window.highV,
        mostInSeries: Math.floor(window.highV / (panel.vocV * coldFactor)),
      }),
    }
  if (voltsV < window.lowV)
    return {
      ...shown,
      takenW: 0,
      verdict: 'too low',
      message: told('panels.tooLow', { openVolts: voltsV, lowVolts: window.lowV }),
    }
  const isClipped = ampsA > window.amps || watts > window.watts
  return {
    ...shown,
    verdict: isClipped ? 'clipped' : 'fits',
    message: isClipped
      ? told('panels.clipped', { mostAmperes: window.amps, mostW: window.watts })
      : told('panels.fits'),
  }
}
