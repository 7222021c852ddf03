import type { CircuitPart } from './circuitParts'

/** A price up to a size: mm² or A. */
interface Step {
  upTo: number
  price: number
}

/** What the parts of a battery circuit usually cost, in the household's currency. */
export interface PartPrices {
  cablePerM: readonly Step[]
  lug: readonly Step[]
  fuse: readonly Step[]
  disconnect: readonly Step[]
  busbar: number
}

/** The usual price of one piece. @param amps of the circuit it is for */
export function usualPrice(
  { kind, areaMm2, lengthM, amps }: CircuitPart,
  circuitA: number,
  prices: PartPrices,
) {
  const at = (steps: readonly Step[], size: number) =>
    (steps.find(({ upTo }) => size <= upTo) ?? steps[steps.length - 1]).price
  switch (kind) {
    case 'battery-cable':
      return at(prices.cablePerM, areaMm2 ?? Infinity) * (lengthM ?? 1)
    case 'lugs':
      return at(prices.lug, areaMm2 ?? Infinity)
    case 'battery-fuse':
      return at(prices.fuse, amps ?? Infinity)
    case 'disconnect':
      return at(prices.disconnect, circuitA)
    case 'busbars':
      return prices.busbar
  }
}
