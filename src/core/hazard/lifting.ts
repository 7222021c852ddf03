import { MOST_LIFTED_KG } from '../wiring/parts'
import { finding } from './finding'
import type { Hazard } from './hazardInput'

/** A piece that is too heavy for one person. */
export const lifting: Hazard = ({ plan, sources }) =>
  sources
    .filter(({ weightKg }) => (weightKg ?? 0) > MOST_LIFTED_KG)
    .map((source) =>
      finding('lifting', source.id, { page: 'power', part: 'source', id: source.id }, 'you', {
        source: source.name,
        weightKg: source.weightKg!,
        hasStairs: plan.wiring?.house?.hasStairs ?? false,
      }),
    )
