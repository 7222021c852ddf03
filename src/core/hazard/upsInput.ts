import { finding } from './finding'
import type { Hazard } from './hazardInput'

const IS_UPS = /\bups\b|uninterruptible/i

/** An office UPS behind a generator or a modified sine wave: it refuses what it gets, and empties its battery again and again. */
export const upsInput: Hazard = ({ plan, sources, connections }) => {
  const onGenerator = plan.refill.generator?.on ?? false
  const ups = sources
    .filter(({ kind }) => kind === 'ups')
    .map(({ id, name }) => ({ id, name, behindId: null }))
  const asLoads = connections.loads
    .filter(({ load }) => IS_UPS.test(load.name))
    .map(({ load }) => ({ id: load.id, name: load.name, behindId: load.sourceId }))
  return [...ups, ...asLoads].flatMap(({ id, name, behindId }) => {
    const isModified =
      sources.find((source) => source.id === behindId)?.bank?.inverter?.wave === 'modified sine'
    if (!isModified && !(onGenerator && behindId === null)) return []
    return [
      finding('ups-input', id, { page: 'hookup', part: 'source', id }, 'you', {
        name,
        behind: isModified ? 'modified sine' : 'generator',
      }),
    ]
  })
}
