import { formatDuration, formatWatts } from '../quantity/format'
import type { AnswerPart } from './answer'
import type { Break } from './breaks'
import type { PowerGate } from './gates'

/** More names than this are counted instead. */
const MOST_NAMES = 3

/** Names as one says them. @example "Freezer, Boiler and Well pump" */
function namesOf(loads: readonly { name: string }[]): string {
  const names = loads.map(({ name }) => name)
  if (names.length > MOST_NAMES) return `${names.slice(0, 2).join(', ')} and ${names.length - 2} more`
  return names.length > 1 ? `${names.slice(0, -1).join(', ')} and ${names.at(-1)}` : names[0]
}

const inUnit = ({ unit }: PowerGate, watts: number) => formatWatts(watts).replace(/W$/, unit)

/** A break as a sentence of the answer, in the colour of a fault. */
export function breakWords(broken: Break): AnswerPart[] {
  const fault = (text: string, working?: AnswerPart['working']): AnswerPart => ({
    text,
    strong: true,
    tone: 'short',
    ...(working && { working }),
  })
  switch (broken.kind) {
    case 'running': {
      const { gate } = broken
      return [
        fault('Too much runs at once', 'carries'),
        {
          text: `: ${inUnit(gate, gate.neededW)} against the ${inUnit(gate, gate.limitW)} of the ${gate.source.name}${gate.part && ` (${gate.part})`}${gate.binding ? `, ${gate.binding.name} the largest` : ''}; it would switch off. `,
        },
      ]
    }
    case 'start': {
      const { gate } = broken
      return [
        fault(`${gate.binding?.name ?? 'A motor'} may not start`, 'starts'),
        {
          text: `: ${formatWatts(gate.neededW)} at its start against the ${formatWatts(gate.limitW)} of the ${gate.source.name}; it would switch off. `,
        },
      ]
    }
    case 'voltage': {
      const { loads, source } = broken
      const volts = [...new Set(loads.map((load) => `${load.volts} V`))].join(' and ')
      const given = source?.volts.map((one) => `${one} V`).join(' and ')
      return [
        fault(`${namesOf(loads)} cannot run`, 'carries'),
        { text: `: ${volts} ${volts.includes('and') ? 'are' : 'is'} needed, ${given ?? 'no volts'} given. ` },
      ]
    }
    case 'in turn':
      return [
        fault(`${namesOf(broken.loads)} stops when the ${broken.source.name} takes over`, 'carries'),
        {
          text: `: it gives ${broken.source.volts.map((volts) => `${volts} V`).join(' and ')}, not ${[...new Set(broken.loads.map(({ volts }) => `${volts} V`))].join(' and ')}. `,
        },
      ]
    case 'search':
      return [
        fault(`${namesOf(broken.loads)} goes out between larger loads`),
        {
          text: `: in search mode the ${broken.source.name} feeds nothing under ${formatWatts(broken.belowW)}. `,
        },
      ]
    case 'away':
      return [
        fault(`${namesOf(broken.loads)} cannot run`),
        { text: `: the ${broken.source?.name ?? 'source'} is away. ` },
      ]
    case 'off':
      return [
        fault(
          `${namesOf(broken.loads)} must hold, but ${broken.loads.length > 1 ? 'are' : 'is'} switched off`,
        ),
        { text: '. ' },
      ]
    case 'shed':
      return [
        fault(`${broken.load.name} must hold, but a rule keeps it off`),
        { text: ` for about ${formatDuration(broken.minutes)} of this outage. ` },
      ]
    case 'paused':
      return [
        fault(`${broken.load.name} must hold, but is paused`),
        { text: ` for ${formatDuration(broken.minutes)} of this outage. ` },
      ]
  }
}
