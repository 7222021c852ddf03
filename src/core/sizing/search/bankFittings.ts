import type { Bank, Source } from '../../plan/power'
import type { Wiring } from '../../plan/wiring'
import { type Told, told } from '../../quantity/told'
import type { Units } from '../../quantity/units'
import { bankAh, bankVolts } from '../../storage/bank'
import { circuitOf } from '../../wiring/batteryCircuit'
import { type CircuitPart, circuitParts } from '../../wiring/circuitParts'
import { type PartPrices, usualPrice } from '../../wiring/partPrices'
import { partId } from '../../wiring/parts'
import type { WiringTables } from '../../wiring/wire'

/** What may be bought beside batteries and inverter, in the household's currency. */
export interface BankFittings {
  chargers: readonly { bankV: number; amps: number; price: number }[]
  controllerPrice: number
  tables: WiringTables
  /** where the household has named no price */
  prices: PartPrices
  /** what the household pays */
  own: Wiring['prices']
  units: Units
}

/** One of the things a bank needs beside its batteries and inverter. */
export interface Fitting {
  what: Told
  price: number
}

/** A charger of less than this share of the amp-hours takes more than half a day. Common practice, no source. */
const LEAST_CHARGE_SHARE = 0.1

/**
 * What a bank needs to be charged and wired: a charger where its inverter has none, a controller where panels refill it, and the
 * parts between battery and inverter as its drawing asks for them.
 *
 * @param source the bank's
 */
export function fittingsOf(
  source: Source,
  stock: BankFittings,
  joinsPanels: boolean,
): { fittings: Fitting[]; chargerA: number | null } {
  const bank = source.bank!
  const fittings: Fitting[] = []
  const charger = bank.inverter && bank.inverter.chargerA > 0 ? null : chargerFor(bank, stock)
  if (charger) fittings.push({ what: told('fitting.charger', { amps: charger.amps }), price: charger.price })
  if (joinsPanels) fittings.push({ what: told('fitting.controller'), price: stock.controllerPrice })
  const circuit = circuitOf(source, null, stock.tables, stock.units.wire)
  for (const part of circuitParts(circuit)) {
    const own = stock.own?.find((one) => one.part === partId(part))?.price
    const each = own ?? Math.round(usualPrice(part, circuit.amps, stock.prices))
    fittings.push({ what: whatOf(part), price: part.count * each })
  }
  return { fittings, chargerA: charger?.amps ?? null }
}

const whatOf = ({ kind, size, lengthM, amps, count }: CircuitPart): Told =>
  told(`fitting.${kind}`, { count, size, lengthM, amps })

/** The smallest charger of its volts that fills it within half a day, else the largest. */
function chargerFor(bank: Bank, { chargers }: BankFittings) {
  const volts = bankVolts(bank)
  const nearest = Math.min(...chargers.map(({ bankV }) => Math.abs(bankV - volts)))
  const fit = chargers
    .filter(({ bankV }) => Math.abs(bankV - volts) === nearest)
    .sort((a, b) => a.amps - b.amps)
  return fit.find(({ amps }) => amps >= LEAST_CHARGE_SHARE * bankAh(bank)) ?? fit[fit.length - 1] ?? null
}
