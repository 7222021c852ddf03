import type { InputWindow, PanelArray } from '../plan/refill'
import { type Told, told } from '../quantity/told'
import type { RecordLow } from '../weather/recordCold'
import { type StringCheck as WindowCheck, checkString } from './inputWindow'
import { cellC, stringVmp } from './panelOutput'
import { RATED_C, coefficientFactor, tableFactor } from './coldVoc'

/** Panels against the input they are connected to, in the record cold and in summer heat. */
export interface ArrayCheck extends Omit<WindowCheck, 'verdict'> {
  /** 'unsure': it fits on a guessed record cold only */
  verdict: WindowCheck['verdict'] | 'unsure'
  /** the verdict would change if it were colder than the guess, or warmer */
  restsOnGuess: boolean
  /** open-circuit volts in the record cold, by the table and by the panel's own coefficient */
  coldVocByTable: number
  coldVocByCoefficient: number
  /** volts at full power with hot cells */
  hotVmpV: number
  /** short-circuit amps of all strings */
  iscA: number
  warnings: Told[]
}

/** Air and sun of a hot day, for the lowest working volts. Common practice, no source. */
const HOT = { airC: 38, planeW: 1000 }
/** Colder than this it has hardly ever been where anybody lives. From memory. */
const EVER_COLD_C = -60

/**
 * Checks an array against an input window: the higher of the two cold volts counts, since it destroys. On a guessed
 * record cold nothing is said to fit, unless it would in any cold.
 *
 * @param recordLow the coldest the panels have to bear
 * @param bankV volts of the bank behind the array's controller; null straight into a station
 */
export function checkArray(
  array: PanelArray,
  window: InputWindow,
  recordLow: RecordLow,
  bankV: number | null = null,
): ArrayCheck {
  const { panel, series, parallel } = array
  const { celsius: recordLowC, isGuess } = recordLow
  const factorAt = (celsius: number) => Math.max(tableFactor(celsius), coefficientFactor(panel, celsius))
  const at = (celsius: number) =>
    checkString(
      { vocV: panel.vocV, iscA: panel.iscA, watts: panel.watts },
      series,
      parallel,
      window,
      factorAt(celsius),
    )
  const table = tableFactor(recordLowC)
  const coefficient = coefficientFactor(panel, recordLowC)
  const found = at(recordLowC)
  const hotVmpV = stringVmp(array, cellC(HOT.airC, HOT.planeW, panel))
  // cells are never colder at work than the air: what is too low then is too low always
  const coldVmpV = stringVmp(array, recordLowC)
  const neverWorks = found.verdict !== 'refused' && coldVmpV < window.lowV
  const warnings: Told[] = []
  if (found.verdict !== 'refused' && found.verdict !== 'too low' && !neverWorks && hotVmpV < window.lowV)
    warnings.push(told('panels.stopsInHeat', { hotVolts: hotVmpV, lowVolts: window.lowV }))
  if (bankV !== null && array.controller?.kind === 'PWM' && panel.vmpV * series > 1.6 * bankV)
    warnings.push(told('panels.pwmLoses'))
  const isSafe = found.verdict === 'fits' || found.verdict === 'clipped'
  const restsOnGuess = isGuess && (isSafe ? at(EVER_COLD_C) : at(RATED_C)).verdict !== found.verdict
  return {
    ...found,
    restsOnGuess,
    ...(restsOnGuess &&
      isSafe && {
        verdict: 'unsure' as const,
        message: told('panels.unsure', {
          openVolts: found.voltsV,
          guessC: recordLowC,
          highVolts: window.highV,
        }),
      }),
    ...(restsOnGuess &&
      found.verdict === 'refused' && {
        message: told('panels.atAGuess', { found: found.message, guessC: recordLowC }),
      }),
    ...(isGuess &&
      isSafe &&
      !restsOnGuess && { message: told('panels.inAnyCold', { found: found.message }) }),
    ...(neverWorks && {
      verdict: 'too low' as const,
      takenW: 0,
      message: told('panels.neverWorks', {
        coldVolts: coldVmpV,
        lowVolts: window.lowV,
        inSeries: Math.ceil((window.lowV * series) / hotVmpV),
      }),
    }),
    coldVocByTable: panel.vocV * series * table,
    coldVocByCoefficient: panel.vocV * series * coefficient,
    hotVmpV,
    iscA: panel.iscA * parallel,
    warnings,
  }
}
