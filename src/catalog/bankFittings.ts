import type { BankFittings } from '@/core/sizing/search/bankFittings'

/**
 * What a bank needs beside batteries and inverter, as such things are usually sold: ratings from memory, prices made up
 * in proportion.
 */
export const BANK_FITTINGS: BankFittings = {
  chargers: [
    { bankV: 12, amps: 20, price: 110 },
    { bankV: 12, amps: 40, price: 190 },
    { bankV: 24, amps: 20, price: 190 },
    { bankV: 24, amps: 40, price: 330 },
    { bankV: 48, amps: 15, price: 270 },
    { bankV: 48, amps: 30, price: 450 },
  ],
  controllerPrice: 160,
  // fuse and holder, disconnect, busbars, cables and lugs, by the amps at full load
  wiring: [
    { upToA: 60, price: 90 },
    { upToA: 125, price: 150 },
    { upToA: 200, price: 220 },
    { upToA: 300, price: 310 },
    { upToA: 500, price: 460 },
  ],
}
