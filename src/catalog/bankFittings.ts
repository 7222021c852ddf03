import type { BankFittings } from '@/core/sizing/search/bankFittings'
import { WIRING_TABLES } from './wires'

/**
 * What a bank needs beside batteries and inverter, as such things are usually sold: ratings from memory, prices made up
 * in proportion.
 */
export const BANK_FITTINGS: Omit<BankFittings, 'own' | 'units'> = {
  chargers: [
    { bankV: 12, amps: 20, price: 110 },
    { bankV: 12, amps: 40, price: 190 },
    { bankV: 24, amps: 20, price: 190 },
    { bankV: 24, amps: 40, price: 330 },
    { bankV: 48, amps: 15, price: 270 },
    { bankV: 48, amps: 30, price: 450 },
  ],
  controllerPrice: 160,
  tables: WIRING_TABLES,
  prices: {
    cablePerM: [
      { upTo: 10, price: 4 },
      { upTo: 16, price: 6 },
      { upTo: 25, price: 9 },
      { upTo: 35, price: 12 },
      { upTo: 55, price: 17 },
      { upTo: 70, price: 22 },
      { upTo: 120, price: 34 },
    ],
    lug: [
      { upTo: 25, price: 2 },
      { upTo: 55, price: 3 },
      { upTo: 120, price: 5 },
    ],
    fuse: [
      { upTo: 100, price: 30 },
      { upTo: 200, price: 45 },
      { upTo: 400, price: 70 },
      { upTo: 1000, price: 120 },
    ],
    disconnect: [
      { upTo: 100, price: 25 },
      { upTo: 200, price: 45 },
      { upTo: 400, price: 90 },
    ],
    busbar: 30,
  },
}
