import { finding } from './finding'
import type { Hazard } from './hazardInput'

/** A bank of parts whose fuse is missing, wrong, or not said. */
export const unfusedBattery: Hazard = ({ circuits }) =>
  circuits.flatMap(({ source, wiring, fuseTrouble, amps, leastFuseA, shortCircuitA }) =>
    fuseTrouble === null
      ? []
      : [
          finding(
            'unfused-battery',
            source.id,
            { page: 'hookup', part: 'source', id: source.id },
            'electrician',
            {
              source: source.name,
              trouble: fuseTrouble,
              amps,
              leastFuseA,
              saidA: wiring?.fuse?.ratedA ?? null,
              shortCircuitA,
              hasDisconnect: wiring?.hasDisconnect ?? false,
            },
          ),
        ],
  )

/** A cable between battery and inverter that is too thin, or not said. */
export const thinCable: Hazard = ({ circuits }) =>
  circuits.flatMap(({ source, cableTrouble, amps, cable, least, leastLies, lengthM }) =>
    cableTrouble === null
      ? []
      : [
          finding('thin-cable', source.id, { page: 'hookup', part: 'source', id: source.id }, 'electrician', {
            source: source.name,
            trouble: cableTrouble,
            amps,
            wire: cable?.wire.name ?? null,
            least: least?.name ?? null,
            ...leastLies,
            lengthM,
            dropFraction: cable?.drop ?? null,
          }),
        ],
  )
