import { MOST_LEAD_DROP, leadOf } from '../wiring/lead'
import { chargerBudgets } from '../wiring/chargerBudget'
import { finding } from './finding'
import type { Hazard } from './hazardInput'

/** A device on direct current whose lead loses too much, or whose plug and polarity nobody named. */
export const directCurrent: Hazard = ({ connections, tables }) =>
  connections.loads.flatMap(({ load, wiring }) => {
    if (load.volts !== 12) return []
    const lead = leadOf(load, wiring, tables.wires)
    const isLong = lead !== null && lead.dropFraction > MOST_LEAD_DROP
    if (!isLong && wiring?.plug !== undefined) return []
    return [
      finding('direct-current', load.id, { page: 'hookup', part: 'load', id: load.id }, 'you', {
        name: load.name,
        why: isLong ? 'drop' : 'plug',
        arrivesV: lead?.arrivesV ?? load.volts,
        dropFraction: lead?.dropFraction ?? 0,
      }),
    ]
  })

/** A charger that takes longer than this to fill what it feeds at the same time is told of. Common practice, no source. */
const MOST_FULL_H = 24

/** A charger that has little or nothing left for the battery, because it feeds direct current too. */
export const chargerBudget: Hazard = ({ plan }) =>
  chargerBudgets(plan).flatMap(({ source, loads, chargerW, meanW, leftW, fullH }) =>
    fullH <= MOST_FULL_H
      ? []
      : [
          finding('charger-budget', source.id, { page: 'hookup', part: 'source', id: source.id }, 'you', {
            source: source.name,
            names: loads.map(({ name }) => name),
            chargerW,
            meanW,
            leftW: Math.max(0, leftW),
            hours: Number.isFinite(fullH) ? fullH : null,
          }),
        ],
  )
