import { ToldError, told } from '../quantity/told'
import type { Outfit } from '../plan/power'
import { type EquipmentCells, type EquipmentColumn, type EquipmentRow, cellOf } from './equipmentCells'

const FITTINGS: EquipmentColumn[] = ['leg_w', 'outlets', 'ac_in_w', 'dc_in_w', 'inputs_w', 'solar_high_v']

/** Whether a row says anything of fittings: outlets, legs, inputs. */
export const hasFittings = (cells: EquipmentCells) => FITTINGS.some((column) => cells.text(column) !== '')

/**
 * Specifications of a row. The panels' window is never guessed, since panels over it destroy the input: without its
 * highest volts there is no input for panels.
 *
 * @param usual of a station of which a row says nothing
 * @throws ToldError for a cell that cannot be, or a window without its volts, upside down or without amps
 */
export function outfitOfCells(cells: EquipmentCells, usual: Outfit, capacityWh: number): Outfit {
  const sleepBelowW = cells.number('sleep_below_w', 'outfit.sleepBelowW', '5')
  const transferMs = cells.number('transfer_ms', 'outfit.transferMs', '20')
  return {
    ...usual,
    expansion: null,
    legW: cells.number('leg_w', 'outfit.legW', '1800'),
    outlets: {
      count: cells.number('outlets', 'outfit.outlets', '4') ?? usual.outlets.count,
      ampsEach: cells.number('outlet_a', 'outfit.outletA', '15') ?? usual.outlets.ampsEach,
    },
    input: {
      acW: cells.number('ac_in_w', 'source.watts', '1200') ?? Math.round(capacityWh * USUAL_CHARGE_PER_H),
      dcW: cells.number('dc_in_w', 'outfit.dcInputW', '100') ?? usual.input.dcW,
      totalW: cells.number('inputs_w', 'outfit.totalInputW', '1800'),
      solar: windowOf(cells),
    },
    passThrough: cells.isYesUnless('passes_through', usual.passThrough),
    suppliesWhileCharging: cells.isYesUnless('feeds_while_charging', usual.suppliesWhileCharging),
    transferMs: transferMs ?? usual.transferMs,
    sleep:
      sleepBelowW === null || sleepBelowW === 0
        ? null
        : {
            belowW: sleepBelowW,
            afterMin: cells.number('sleep_after_min', 'outfit.sleepAfterMin', '120') ?? 120,
          },
    cycles: cells.number('cycles', 'battery.cycles', '3000') ?? usual.cycles,
    warrantyYears: cells.number('warranty_years', 'outfit.warrantyYears', '5') ?? usual.warrantyYears,
  }
}

/** A station charges from the wall at about this share of its watt-hours an hour. From memory. */
const USUAL_CHARGE_PER_H = 0.4

function windowOf(cells: EquipmentCells): Outfit['input']['solar'] {
  const highV = cells.number('solar_high_v', 'window.highV', '60')
  const lowV = cells.number('solar_low_v', 'window.lowV', '11')
  const amps = cells.number('solar_a', 'window.amps', '15')
  const watts = cells.number('solar_w', 'window.watts', '500')
  if (highV === null) {
    if (lowV !== null || amps !== null || watts !== null) throw new ToldError(told('cell.noHighVolts'))
    return null
  }
  if (lowV === null || lowV >= highV) throw new ToldError(told('cell.lowVolts', { high: highV }))
  if (amps === null || watts === null) throw new ToldError(told('cell.noAmps'))
  return { lowV, highV, amps, watts }
}

/** Fittings as cells, to be written and read again. */
export function cellsOfOutfit(outfit: Outfit): EquipmentRow {
  const { input, outlets, sleep } = outfit
  return {
    leg_w: cellOf(outfit.legW),
    outlets: cellOf(outlets.count),
    outlet_a: cellOf(outlets.ampsEach),
    ac_in_w: cellOf(input.acW),
    dc_in_w: cellOf(input.dcW),
    inputs_w: cellOf(input.totalW),
    solar_low_v: cellOf(input.solar?.lowV),
    solar_high_v: cellOf(input.solar?.highV),
    solar_a: cellOf(input.solar?.amps),
    solar_w: cellOf(input.solar?.watts),
    passes_through: outfit.passThrough ? 'yes' : 'no',
    feeds_while_charging: outfit.suppliesWhileCharging ? 'yes' : 'no',
    transfer_ms: cellOf(outfit.transferMs),
    sleep_below_w: cellOf(sleep?.belowW),
    sleep_after_min: cellOf(sleep?.afterMin),
    cycles: cellOf(outfit.cycles),
    warranty_years: cellOf(outfit.warrantyYears),
  }
}
