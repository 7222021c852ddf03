import { findThing, isKnownWord } from '@/catalog/appliances/findThing'
import { type LineReading, readLoadLine } from '@/core/load/loadLine'

/** Reads one line of a load with the catalogue at hand. Fetched when the page stands: it is not needed to paint it. */
export function readLine(text: string, mainsVolts: number, roomC: number): LineReading {
  return readLoadLine(text, { mainsVolts, roomC, find: findThing, isKnownWord })
}
