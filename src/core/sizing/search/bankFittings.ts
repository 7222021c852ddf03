import type { Bank } from '../../plan/power'
import { bankAh, bankVolts } from '../../storage/bank'

/** What may be bought beside batteries and inverter, in the household's currency. */
export interface BankFittings {
  chargers: readonly { bankV: number; amps: number; price: number }[]
  controllerPrice: number
  wiring: readonly { upToA: number; price: number }[]
}

/** One of the things a bank needs beside its batteries and inverter. */
export interface Fitting {
  name: string
  price: number
}

/** A charger of less than this share of the amp-hours takes more than half a day. Common practice, no source. */
const LEAST_CHARGE_SHARE = 0.1
/** Watts of the battery for a watt of the inverter at full load, about. */
const FULL_LOAD_EFFICIENCY = 0.88

/**
 * What a bank needs to be charged and wired: a charger where its inverter has none, a controller where panels refill it,
 * fuses, disconnect, cables and lugs.
 */
export function fittingsOf(
  bank: Bank,
  stock: BankFittings,
  joinsPanels: boolean,
): { fittings: Fitting[]; chargerA: number | null } {
  const fittings: Fitting[] = []
  const charger = bank.inverter && bank.inverter.chargerA > 0 ? null : chargerFor(bank, stock)
  if (charger) fittings.push({ name: `charger, ${charger.amps} A`, price: charger.price })
  if (joinsPanels) fittings.push({ name: 'charge controller for the panels', price: stock.controllerPrice })
  const amps = (bank.inverter?.continuousW.value ?? 0) / bankVolts(bank) / FULL_LOAD_EFFICIENCY
  const wiring = stock.wiring.find(({ upToA }) => amps <= upToA) ?? stock.wiring[stock.wiring.length - 1]
  if (wiring) fittings.push({ name: 'fuses, disconnect, cables and lugs', price: wiring.price })
  return { fittings, chargerA: charger?.amps ?? null }
}

/** The smallest charger of its volts that fills it within half a day, else the largest. */
function chargerFor(bank: Bank, { chargers }: BankFittings) {
  const volts = bankVolts(bank)
  const nearest = Math.min(...chargers.map(({ bankV }) => Math.abs(bankV - volts)))
  const fit = chargers
    .filter(({ bankV }) => Math.abs(bankV - volts) === nearest)
    .sort((a, b) => a.amps - b.amps)
  return fit.find(({ amps }) => amps >= LEAST_CHARGE_SHARE * bankAh(bank)) ?? fit[fit.length - 1] ?? null
}
