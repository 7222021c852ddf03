import { finding } from './finding'
import type { Hazard } from './hazardInput'

/** Computers bear this without their own battery. Common practice, no source. */
const COMPUTER_GAP_MS = 20
const COMPUTER = /computer|desktop|\bpc\b|server|\bnas\b|workstation/i

/** A computer or medical device that goes out while the source takes over. */
export const transferGap: Hazard = ({ connections, sources }) =>
  connections.loads.flatMap(({ load, wiring }) => {
    const isComputer = COMPUTER.test(load.name) && load.behaviour.kind !== 'charging'
    if ((!load.medical && !isComputer) || wiring?.hasOwnBattery) return []
    const source = sources.find(({ id }) => id === load.sourceId)
    if (!source) return []
    const gapMs = source.outfit?.transferMs ?? null
    if (gapMs !== null && (load.medical ? gapMs === 0 : gapMs <= COMPUTER_GAP_MS)) return []
    return [
      finding(
        'transfer-gap',
        load.id,
        { page: 'hookup', part: 'load', id: load.id },
        load.medical ? 'supplier' : 'you',
        { name: load.name, source: source.name, gapMs, isMedical: load.medical },
      ),
    ]
  })
