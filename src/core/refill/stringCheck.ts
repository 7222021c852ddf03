import type { InputWindow, PanelArray } from '../plan/refill'
import { formatNumber } from '../quantity/format'
import { type StringCheck as WindowCheck, checkString } from './inputWindow'
import { cellC, stringVmp } from './panelOutput'
import { coefficientFactor, tableFactor } from './coldVoc'

/** Panels against the input they are connected to, in the record cold and in summer heat. */
export interface ArrayCheck extends WindowCheck {
  /** open-circuit volts in the record cold, by the table and by the panel's own coefficient */
  coldVocByTable: number
  coldVocByCoefficient: number
  /** volts at full power with hot cells */
  hotVmpV: number
  /** short-circuit amps of all strings */
  iscA: number
  warnings: string[]
}

/** Air and sun of a hot day, for the lowest working volts. Common practice, no source. */
const HOT = { airC: 38, planeW: 1000 }

/**
 * Checks an array against an input window: the higher of the two cold volts counts, since it destroys.
 *
 * @param recordLowC the coldest the panels have to bear
 * @param bankV volts of the bank behind the array's controller; null straight into a station
 */
export function checkArray(
  array: PanelArray,
  window: InputWindow,
  recordLowC: number,
  bankV: number | null = null,
): ArrayCheck {
  const { panel, series, parallel } = array
  const table = tableFactor(recordLowC)
  const coefficient = coefficientFactor(panel, recordLowC)
  const found = checkString(
    { vocV: panel.vocV, iscA: panel.iscA, watts: panel.watts },
    series,
    parallel,
    window,
    Math.max(table, coefficient),
  )
  const hotVmpV = stringVmp(array, cellC(HOT.airC, HOT.planeW, panel))
  // cells are never colder at work than the air: what is too low then is too low always
  const coldVmpV = stringVmp(array, recordLowC)
  const neverWorks = found.verdict !== 'refused' && coldVmpV < window.lowV
  const warnings: string[] = []
  if (found.verdict !== 'refused' && found.verdict !== 'too low' && !neverWorks && hotVmpV < window.lowV)
    warnings.push(
      `On a hot day it works at ${formatNumber(hotVmpV, 1)} V, under the input’s ${formatNumber(window.lowV, 1)} V: it stops at noon in summer. One more in series, if the cold allows it.`,
    )
  if (bankV !== null && array.controller?.kind === 'PWM' && panel.vmpV * series > 1.6 * bankV)
    warnings.push(
      'A PWM controller pulls the panels down to the battery’s volts: what they have above is lost. An MPPT controller would take it.',
    )
  return {
    ...found,
    ...(neverWorks && {
      verdict: 'too low' as const,
      takenW: 0,
      message: `works at ${formatNumber(coldVmpV, 1)} V at most, under the input’s ${formatNumber(window.lowV, 1)} V: it never charges; ${Math.ceil((window.lowV * series) / hotVmpV)} in series would, if the cold allows it`,
    }),
    coldVocByTable: panel.vocV * series * table,
    coldVocByCoefficient: panel.vocV * series * coefficient,
    hotVmpV,
    iscA: panel.iscA * parallel,
    warnings,
  }
}
