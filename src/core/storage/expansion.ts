import type { Source } from '../plan/power'

/**
 * A station with so many of its expansion batteries: capacity and price grow by each; the heaviest piece
 * stays the heaviest.
 *
 * @throws RangeError when the station takes none, or not so many
 */
export function withExpansions(source: Source, count: number): Source {
  const expansion = source.outfit?.expansion
  if (!source.outfit || !expansion || !Number.isInteger(count) || count < 0 || count > expansion.most)
    throw new RangeError(`${source.name} takes ${expansion?.most ?? 0} expansion batteries at most`)
  const more = count - expansion.count
  return {
    ...source,
    capacityWh: {
      ...source.capacityWh,
      value: source.capacityWh.value + more * expansion.capacityWh,
    },
    price: source.price === null ? null : source.price + more * expansion.price,
    outfit: { ...source.outfit, expansion: { ...expansion, count } },
  }
}

/** Pieces to be carried: the station and its expansions; a bank's batteries and inverter. */
export function piecesOf(source: Source): number {
  if (source.bank) return source.bank.series * source.bank.parallel + (source.bank.inverter ? 1 : 0)
  return 1 + (source.outfit?.expansion?.count ?? 0)
}

/** Weight of all its pieces together, kg; null when one is not known. */
export function totalWeightKg(source: Source): number | null {
  const { bank, outfit, weightKg } = source
  if (bank) {
    if (bank.battery.weightKg === null) return null
    return bank.battery.weightKg * bank.series * bank.parallel + (bank.inverter?.weightKg ?? 0)
  }
  if (weightKg === null) return null
  const expansion = outfit?.expansion
  return weightKg + (expansion ? expansion.count * expansion.weightKg : 0)
}
