import { BANK_LIMITS } from '../plan/limits'
import type { Plan } from '../plan/document'
import type { Source } from '../plan/power'
import { leftOutWhy } from '../simulation/compile'
import { sourceOfBank } from '../storage/bank'
import { withExpansions } from '../storage/expansion'
import { canBeDc } from './dcOnly'
import type { LeverAct, LeverNote } from './leverSaying'
import type { Lever } from './levers'
import { requirementOf } from './requirement'

/** A smaller inverter keeps this much above what is asked of it. Common practice, no source. */
const INVERTER_ROOM = 1.25
/** Another inverter is worth buying where it draws so much less by itself, in watts and as a share. From memory. */
const WORTH_W = 3
const WORTH_SHARE = 0.3

/** What more or other equipment would gain: an expansion, a row more, a smaller inverter, network gear on direct current. */
export function findPowerLevers(plan: Plan): Lever[] {
  const { sources } = plan.powerSystem
  const levers: Lever[] = []
  const lever = (source: Source, id: string, act: LeverAct, note: LeverNote, other: Source) =>
    levers.push({
      id: `${source.id} ${id}`,
      act,
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
        { is: 'expansion', name: source.name },
        { is: 'price', price: expansion.price, weightKg: expansion.weightKg, isSameKind: false },
        withExpansions(source, expansion.count + 1),
      )
    const { bank } = source
    if (!bank) continue
    if (bank.parallel < BANK_LIMITS.usualParallel)
      lever(
        source,
        'row',
        { is: 'row', name: source.name },
        {
          is: 'price',
          price: bank.battery.price === null ? null : bank.battery.price * bank.series,
          weightKg: null,
          isSameKind: true,
        },
        sourceOfBank(source, { ...bank, parallel: bank.parallel + 1 }),
      )
    const smaller = smallerInverter(plan, source)
    const savedW = smaller ? source.noLoadW.value - smaller.noLoadW.value : 0
    if (smaller && savedW >= WORTH_W && savedW >= WORTH_SHARE * source.noLoadW.value)
      lever(
        source,
        'inverter',
        { is: 'smaller inverter', watts: smaller.continuousW.value },
        { is: 'own draw', watts: smaller.noLoadW.value, before: source.noLoadW.value },
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
      act: { is: 'direct current', name },
      note: { is: 'check polarity' },
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
      name: `${watts} W inverter`,
      continuousVa: inverter.continuousVa * share,
      continuousW: scaled(inverter.continuousW),
      surgeW: scaled(inverter.surgeW),
      noLoadW: { ...inverter.noLoadW, value: Math.round((2 + 0.004 * watts) * 10) / 10 },
      price: null,
    },
  })
}
