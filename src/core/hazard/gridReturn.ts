import { finding } from './finding'
import type { Hazard } from './hazardInput'

const SENSITIVE = /computer|\bpc\b|\bnas\b|server|television|\btv\b|router|fib(re|er)|modem|audio|network/i
/** Fewer starts at once are as on any day. */
const AT_ONCE = 2

/** The grid comes back with a surge, and every compressor wants to start at once. */
export const gridReturn: Hazard = ({ plan, connections }) => {
  const on = connections.loads.map(({ load }) => load)
  const sensitive = plan.wiring?.house?.hasSurgeProtector
    ? []
    : on.filter(({ name }) => SENSITIVE.test(name)).map(({ name }) => name)
  const cooling = on.filter(
    ({ behaviour, start }) =>
      behaviour.kind === 'cycling' && behaviour.follows?.mode === 'cooling' && start !== null,
  )
  const compressors = cooling.length >= AT_ONCE ? cooling.map(({ name }) => name) : []
  return sensitive.length + compressors.length === 0
    ? []
    : [
        finding('grid-return', 'house', { page: 'hookup', part: 'house', id: null }, 'you', {
          sensitive,
          compressors,
        }),
      ]
}
