import { dcEfficiency } from '../conversion/dc'
import { type PathDetail, type StorePath, storePath } from '../conversion/loss'
import type { Source } from '../plan/power'
import { drawDetail, drawSource } from './chance'
import type { CompiledChain } from './compile'
import { DetailTables } from './detailTables'

/** The tables of a path in one run: those of its source, unless its exponent or resistance was drawn. */
export const tablesFor = (path: StorePath, detail: PathDetail | null, tables: DetailTables | null) =>
  path.detail === null ? null : path.detail === detail ? tables : new DetailTables(path.detail)

/** A source's path with what is unknown of it drawn for a run; an inverter that feeds nothing is off. */
export function pathInRun(
  chain: CompiledChain,
  s: number,
  seed: number,
  run: number,
  detail: PathDetail | null,
): StorePath {
  const source = chain.sources[s]
  const values = drawSource(source, chain.sourceKeys[s], seed, run)
  values.capacityWh *= chain.coldShares[s]
  const own = detail && drawDetail(detail, source, chain.sourceKeys[s], seed, run)
  const path = storePath(source.lossRule, values, own)
  if (chain.loads.length > 0 && chain.loads.every(({ isDc }) => isDc)) path.noLoadW = 0
  return path
}

/** Battery-side weight of direct current: past the inverter, through the source's own converter. */
export const dcWeight = (source: Source, path: StorePath) =>
  1 / (dcEfficiency(source) * path.batteryWPerOutletW)
