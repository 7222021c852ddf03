import { formatDuration, formatWatts } from '@/words/format'
import type { Break } from '@/core/sizing/breaks'
import type { Plan } from '@/core/plan/document'
import type { PowerGate } from '@/core/sizing/gates'
import { momentOf } from '@/words/momentOf'
import { NONE } from '../factWords'
import { listed } from '../listed'
import { breakSaying as breakSayingWords } from '../en/facts'
import { wordsOf } from '../translate'
import { sourcePartWords } from '../sourcePartWords'

const say = wordsOf(breakSayingWords)

/** What moments are written by. */
type SayingPlan = Pick<Plan, 'scenario' | 'household'>

/** More names than this are counted instead. */
const MOST_NAMES = 3

/** Names as one says them. @example "Freezer, Boiler and Well pump" */
function namesOf(loads: readonly { name: string }[]): string {
  const names = loads.map(({ name }) => name)
  return names.length > MOST_NAMES
    ? say('andMore', { names: names.slice(0, 2).join(', '), nNames: names.length - 2 })
    : listed(names)
}

const inUnit = ({ unit }: PowerGate, watts: number) => formatWatts(watts).replace(/W$/, unit)
const voltsOf = (volts: readonly number[]) => listed([...new Set(volts)].map((one) => `${one} V`))

/** The message of a break, and its values. */
export function breakSaying(
  broken: Break,
  plan: SayingPlan,
): { key: string; values: Record<string, string | number> } {
  switch (broken.kind) {
    case 'running': {
      const { gate } = broken
      return {
        key: 'running',
        values: {
          needed: inUnit(gate, gate.neededW),
          limit: inUnit(gate, gate.limitW),
          source: gate.source.name,
          part: sourcePartWords(gate.part) || NONE,
          hasLargest: gate.binding ? 'yes' : 'no',
          largest: gate.binding?.name ?? '',
        },
      }
    }
    case 'start': {
      const { gate } = broken
      return {
        key: 'start',
        values: {
          hasName: gate.binding ? 'yes' : 'no',
          name: gate.binding?.name ?? '',
          needed: formatWatts(gate.neededW),
          limit: formatWatts(gate.limitW),
          source: gate.source.name,
        },
      }
    }
    case 'voltage': {
      const wanted = broken.loads.map(({ volts }) => volts)
      return {
        key: 'voltage',
        values: {
          names: namesOf(broken.loads),
          volts: voltsOf(wanted),
          n: new Set(wanted).size,
          given: broken.source ? voltsOf(broken.source.volts) : NONE,
        },
      }
    }
    case 'in turn':
      return {
        key: 'inTurn',
        values: {
          names: namesOf(broken.loads),
          loads: broken.loads.length,
          source: broken.source.name,
          given: voltsOf(broken.source.volts),
          volts: voltsOf(broken.loads.map(({ volts }) => volts)),
        },
      }
    case 'search':
      return {
        key: 'search',
        values: {
          names: namesOf(broken.loads),
          loads: broken.loads.length,
          source: broken.source.name,
          below: formatWatts(broken.belowW),
        },
      }
    case 'away':
      return {
        key: 'away',
        values: {
          names: namesOf(broken.loads),
          hasSource: broken.source ? 'yes' : 'no',
          source: broken.source?.name ?? '',
        },
      }
    case 'medical':
      return {
        key: 'medical',
        values: {
          name: broken.load.name,
          at: momentOf(plan, broken.fromMin, 10),
          isLikely: broken.isLikely ? 'yes' : 'no',
        },
      }
    case 'off':
      return { key: 'off', values: { names: namesOf(broken.loads), loads: broken.loads.length } }
    case 'shed':
    case 'paused':
      return {
        key: broken.kind,
        values: { names: broken.load.name, lost: formatDuration(broken.minutes) },
      }
  }
}
