import { BANK_LIMITS } from '../plan/limits'
import type { Plan } from '../plan/document'
import type { Source } from '../plan/power'
import { formatNumber, formatWatts } from '../quantity/format'
import { leftOutWhy } from '../simulation/compile'
import { sourceOfBank } from '../storage/bank'
import { withExpansions } from '../storage/expansion'
import { canBeDc } from './dcOnly'
import type { Lever } from './levers'
import { requirementOf } from './requirement'
import { formatMass } from '../reading/inUnits'

/** A smaller inverter keeps this much above what is asked of it. Common practice, no source. */
const INVERTER_ROOM = 1.25
/** Another inverter is worth buying where it draws so much less by itself, in watts and as a share. From memory. */
const WORTH_W = 3
const WORTH_SHARE = 0.3

/** What more or other equipment would gain: an expansion, a row more, a smaller inverter, network gear on direct current. */
export function findPowerLevers(plan: Plan): Lever[] {
  const { sources } = plan.powerSystem
  const { currency } = plan.household
  const levers: Lever[] = []
  const price = (more: number | null) =>
    more === null ? 'price not known' : `${formatNumber(more, 0)} ${currency}`
  const lever = (source: Source, id: string, words: string, note: string, other: Source) =>
    levers.push({
      id: `${source.id} ${id}`,
      words,
      note,
      change: { sourceId: source.id, source: other },
      isBought: true,
    })
  for (const source of sources) {
    if (source.isAway) continue
    const expansion = source.outfit?.expansion
    if (expansion && expansion.count < expansion.most)
      lever(
        source,
        'expansion',
        `An expansion battery for ${source.name}`,
        `${price(expansion.price)}, ${formatMass(expansion.weightKg, plan.household.units)}`,
        withExpansions(source, expansion.count + 1),
      )
    const { bank } = source
    if (!bank) continue
    if (bank.parallel < BANK_LIMITS.usualParallel)
      lever(
        source,
        'row',
        `One more row of batteries for ${source.name}`,
        `${price(bank.battery.price === null ? null : bank.battery.price * bank.series)}; of the same kind and age`,
        sourceOfBank(source, { ...bank, parallel: bank.parallel + 1 }),
      )
    const smaller = smallerInverter(plan, source)
    const savedW = smaller ? source.noLoadW.value - smaller.noLoadW.value : 0
    if (smaller && savedW >= WORTH_W && savedW >= WORTH_SHARE * source.noLoadW.value)
      lever(
        source,
        'inverter',
        `An inverter of ${formatWatts(smaller.continuousW.value)} instead`,
        `draws ${formatWatts(smaller.noLoadW.value)} by itself instead of ${formatWatts(source.noLoadW.value)}`,
        smaller,
      )
  }
  for (const load of plan.loads) {
    const { name, volts, sourceId } = load
    const source = sources.find(({ id }) => id === sourceId)
    if (leftOutWhy(load, plan) !== null || volts === 12 || !source?.volts.includes(12)) continue
    if (!canBeDc(load)) continue
    levers.push({
      id: `${load.id} direct current`,
      words: `Feed ${name} with direct current`,
      note: 'past the inverter; check its volts and polarity, fuse the lead',
      change: { loadId: load.id, volts: 12 },
    })
  }
  return levers
}

/** A bank's source with an inverter no larger than it needs; null where that would not be smaller. */
function smallerInverter(plan: Plan, source: Source): Source | null {
  const inverter = source.bank?.inverter
  if (!source.bank || !inverter) return null
  const { runningW, startW } = requirementOf(
    plan.loads.filter(
      (load) => load.sourceId === source.id && load.volts !== 12 && leftOutWhy(load, plan) === null,
    ),
    plan.scenario.startsAt,
    plan.scenario.durationH * 60,
    plan.household.surgeSchool,
  )
  const surgeTimes = inverter.surgeW.value / Math.max(1, inverter.continuousW.value)
  const neededW = Math.max(runningW * INVERTER_ROOM, startW / Math.max(1, surgeTimes))
  const watts = Math.max(300, Math.ceil(neededW / 100) * 100)
  if (watts > 0.7 * inverter.continuousW.value) return null
  const share = watts / inverter.continuousW.value
  const scaled = (quantity: Source['continuousW']) => ({ ...quantity, value: quantity.value * share })
  return sourceOfBank(source, {
    ...source.bank,
    inverter: {
      ...inverter,
      name: `${formatNumber(watts)} W inverter`,
      continuousVa: inverter.continuousVa * share,
      continuousW: scaled(inverter.continuousW),
      surgeW: scaled(inverter.surgeW),
      noLoadW: { ...inverter.noLoadW, value: Math.round((2 + 0.004 * watts) * 10) / 10 },
      price: null,
    },
  })
}
