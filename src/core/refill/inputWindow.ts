import { formatNumber } from '../quantity/format'
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
  message: string
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
      message: `${formatNumber(voltsV, 1)} V open circuit is over the input’s ${formatNumber(window.highV, 1)} V and would destroy it; ${Math.floor(window.highV / (panel.vocV * coldFactor)) || 'none'} in series at most`,
    }
  if (voltsV < window.lowV)
    return {
      ...shown,
      takenW: 0,
      verdict: 'too low',
      message: `${formatNumber(voltsV, 1)} V never reaches the input’s ${formatNumber(window.lowV, 1)} V; more in series`,
    }
  const isClipped = ampsA > window.amps || watts > window.watts
  return {
    ...shown,
    verdict: isClipped ? 'clipped' : 'fits',
    message: isClipped
      ? `safe, clipped to ${formatNumber(window.amps, 1)} A and ${formatNumber(window.watts)} W`
      : 'fits',
  }
}
