import { bankFaults, usualCutOffV } from '../plan/bankFaults'
import { CHEMISTRIES, type Chemistry } from '../plan/limits'
import type { Bank, Battery, Inverter, Source } from '../plan/power'
import { quantity } from '../quantity/quantity'
import { ToldError, told } from '../quantity/told'
import { type EquipmentCells, type EquipmentRow, cellOf } from './equipmentCells'

/** Surge and efficiency of an inverter where a file says nothing. Common practice, no source. */
const USUAL = { surgeTimes: 2, surgeS: 2, efficiency: 0.93, squareLoss: 0.02, powerFactor: 0.8 }

/**
 * A bank of parts from one row.
 *
 * @param usualBattery of a chemistry: what the row does not say is taken from it
 * @param usualNoLoadW of an inverter by its rated watts
 * @throws ToldError with what is wrong and what would be right
 */
export function bankOfCells(
  cells: EquipmentCells,
  usualBattery: (chemistry: Chemistry) => Battery,
  usualNoLoadW: (watts: number) => Inverter['noLoadW'],
): Bank {
  const chemistry = (cells.text('chemistry') || 'lifepo4') as Chemistry
  if (!CHEMISTRIES.includes(chemistry))
    throw new ToldError(told('cell.kind', { column: 'chemistry', said: chemistry, choices: CHEMISTRIES }))
  const usual = usualBattery(chemistry)
  const volts = cells.needed('battery_v', 'battery.volts', '12.8')
  const ah = cells.needed('battery_ah', 'battery.capacityAh', '100')
  const series = cells.number('series', 'bank.series', '2') ?? 1
  const parallel = cells.number('parallel', 'bank.parallel', '2') ?? 1
  const bank: Bank = {
    battery: {
      ...usual,
      name: `${volts} V ${ah} Ah`,
      volts,
      capacityAh: { ...usual.capacityAh, value: ah },
      rateH: cells.number('rate_h', 'battery.rateH', '20') ?? usual.rateH,
      cycles: cells.number('cycles', 'battery.cycles', '3000') ?? usual.cycles,
      ownCutOffV:
        cells.number('own_cut_off_v', 'battery.cutOffV', '10') ??
        (usual.ownCutOffV ? (usual.ownCutOffV * volts) / usual.volts : null),
      weightKg: cells.number('battery_kg', 'source.weightKg', '11'),
      price: cells.number('battery_price', 'source.price', '290'),
    },
    series,
    parallel,
    inverter: inverterOf(cells, volts * series, usualNoLoadW),
    chargerA: cells.number('charger_a', 'bank.chargerA', '20'),
    halfUsedSchool: 'at 12.05 V',
  }
  const [fault] = bankFaults(bank, '')
  if (fault) throw new ToldError(fault.message)
  return bank
}

function inverterOf(
  cells: EquipmentCells,
  bankV: number,
  usualNoLoadW: (watts: number) => Inverter['noLoadW'],
): Inverter | null {
  const watts = cells.number('continuous_w', 'source.watts', '1500') ?? 0
  if (watts === 0) return null
  const label = (value: number) => quantity(value, 'W', 'label', { times: 1 })
  const surgeW = cells.number('surge_w', 'source.watts', '3000')
  if (surgeW !== null && surgeW < watts)
    throw new ToldError(told('cell.surge', { surge: surgeW, rated: watts }))
  const dcVolts = bankV < 18 ? 12 : bankV < 36 ? 24 : Math.round(bankV / 12.5) * 12
  const noLoad = cells.number('no_load_w', 'source.noLoadW', '12')
  return {
    name: `${watts} W inverter`,
    continuousVa:
      cells.number('continuous_va', 'inverter.continuousVa', '1900') ??
      Math.min(50_000, watts / USUAL.powerFactor),
    continuousW: label(watts),
    surgeW: label(surgeW ?? Math.min(50_000, USUAL.surgeTimes * watts)),
    surgeS: quantity(USUAL.surgeS, 's', 'typical', { times: 2 }),
    efficiencyFraction: quantity(
      Math.max(0.3, cells.share('efficiency', 'source.efficiencyFraction', '93') ?? USUAL.efficiency),
      '1',
      'typical',
      { plusMinus: 0.03 },
    ),
    squareLossFraction: USUAL.squareLoss,
    noLoadW: noLoad === null ? usualNoLoadW(watts) : quantity(noLoad, 'W', 'label', { times: 1.2 }),
    search: null,
    dcVolts,
    alarmV: (11 * dcVolts) / 12,
    cutOffV: cells.number('cut_off_v', 'battery.cutOffV', '10.5') ?? usualCutOffV(dcVolts),
    wave: 'pure sine',
    volts: cells.volts(),
    chargerA: 0,
    weightKg: cells.number('weight_kg', 'source.weightKg', '6'),
    price: cells.number('price', 'source.price', '420'),
  }
}

/** The cells of a bank's row, to be read again by `bankOfCells`. */
export function cellsOfBank({ bank, reserveFraction }: Source & { bank: Bank }): EquipmentRow {
  const { battery, inverter } = bank
  return {
    capacity_wh: '',
    continuous_w: cellOf(inverter?.continuousW.value),
    volts: inverter ? inverter.volts.join('/') : '12',
    kind: 'bank',
    surge_w: cellOf(inverter?.surgeW.value),
    efficiency: cellOf(inverter?.efficiencyFraction.value),
    no_load_w: cellOf(inverter?.noLoadW.value),
    reserve: cellOf(reserveFraction.value),
    weight_kg: cellOf(inverter?.weightKg),
    price: cellOf(inverter?.price),
    chemistry: battery.chemistry,
    battery_v: cellOf(battery.volts),
    battery_ah: cellOf(battery.capacityAh.value),
    rate_h: cellOf(battery.rateH),
    series: cellOf(bank.series),
    parallel: cellOf(bank.parallel),
    battery_kg: cellOf(battery.weightKg),
    battery_price: cellOf(battery.price),
    own_cut_off_v: cellOf(battery.ownCutOffV),
    cycles: cellOf(battery.cycles),
    continuous_va: cellOf(inverter?.continuousVa),
    cut_off_v: cellOf(inverter?.cutOffV),
    charger_a: cellOf(bank.chargerA ?? (inverter?.chargerA || null)),
  }
}
