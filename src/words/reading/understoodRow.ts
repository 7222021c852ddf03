import { findThing, isKnownWord } from '@/catalog/appliances/findThing'
import { averageAtRoomW } from '@/core/load/averageAtRoom'
import { coldBoxBehaviour } from '@/core/load/coldBox'
import { readLabel } from '@/core/load/label'
import { type LineLoad, type LineReading, readLoadLine } from '@/core/load/loadLine'
import { PLATE_KINDS, type PlateKind } from '@/core/plan/limits'
import type { Behaviour } from '@/core/plan/schema'
import { UNITS_OF } from '@/core/quantity/units'
import type { Question } from '@/core/reading/facts'
import { understood } from '../en/understood'
import { wordsOf } from '../translate'
import { sayLine, sayQuestion } from './sayLine'
import { understoodLine } from './understoodLine'

const say = wordsOf(understood)
const UNITS = UNITS_OF.metric

/** What was understood of a line or a label, as one flat record; null where nothing was. */
export interface Understood {
  status: 'read' | 'ask' | 'refuse'
  name: string | null
  count: number
  kind: Behaviour['kind'] | null
  /** of the whole row, without a defrost heater */
  runningW: number | null
  whDay: number | null
  startW: number | null
  defrostW: number | null
  medical: boolean
  unread: string[]
  question: string | null
  message: string | null
}

interface Around {
  mainsVolts: number
  /** °C of the room it stands in */
  roomC: number
}

const NOTHING: Understood = {
  status: 'refuse',
  name: null,
  count: 1,
  kind: null,
  runningW: null,
  whDay: null,
  startW: null,
  defrostW: null,
  medical: false,
  unread: [],
  question: null,
  message: null,
}
const hundredth = (value: number) => Math.round(value * 100) / 100

/**
 * Reads one row: a load's line, `line<TAB>text`, or a label, `plate:motor<TAB>text`. Where it asks, the figures are those of
 * its first proposal.
 *
 * @example understoodRow('line\tlamp 9.5W 18:00-24:00', { mainsVolts: 120, roomC: 20 }).whDay // 57
 */
export function understoodRow(row: string, around: Around): Understood {
  const tab = row.indexOf('\t')
  const as = tab < 0 ? 'line' : row.slice(0, tab).trim()
  const text = tab < 0 ? row : row.slice(tab + 1)
  if (as === 'line') return ofLine(text, around)
  const kind = as.match(/^plate:(.+)$/)?.[1].trim() as PlateKind | undefined
  if (kind && PLATE_KINDS.includes(kind)) return ofLabel(text, kind, around)
  return {
    ...NOTHING,
    message: say('unknownRow', { said: as, kinds: PLATE_KINDS.join(', ') }),
  }
}

function ofLine(text: string, { mainsVolts, roomC }: Around): Understood {
  const read = (line: string): LineReading =>
    readLoadLine(line, { mainsVolts, roomC, find: findThing, isKnownWord })
  const reading = read(text)
  if (reading.status === 'refuse')
    return { ...NOTHING, unread: reading.unread, message: sayLine(reading.message, UNITS) }
  if (reading.status === 'read') return { ...ofLoad(reading.load, roomC), status: 'read' }
  const meant = reading.question.meant[0]
  const proposal = meant && read(meant.text)
  return {
    ...(proposal?.status === 'read' ? ofLoad(proposal.load, roomC) : { ...NOTHING, name: reading.name }),
    status: 'ask',
    unread: [...reading.unread, ...(reading.left ?? []).map((one) => sayLine(one, UNITS))],
    question: worded(reading.question),
  }
}

function ofLoad(load: LineLoad, roomC: number): Understood {
  const { name, count, behaviour, start, medical } = load
  return {
    ...NOTHING,
    name,
    count,
    kind: behaviour.kind,
    runningW: hundredth(behaviour.runningW.value),
    whDay: hundredth(averageAtRoomW(behaviour, roomC) * 24),
    startW: start && hundredth(start.watts.value),
    defrostW: behaviour.kind === 'cycling' && behaviour.defrost ? behaviour.defrost.watts.value : null,
    medical,
    message: understoodLine(load, roomC, UNITS),
  }
}

function ofLabel(text: string, kind: PlateKind, { mainsVolts, roomC }: Around): Understood {
  const reading = readLabel(text, kind, mainsVolts)
  if (reading.kind === 'empty') return { ...NOTHING, message: say('nothing') }
  if (reading.kind === 'refused') return { ...NOTHING, message: sayLine(reading.message, UNITS) }
  if (reading.kind === 'question') {
    const meant = reading.question.meant[0]
    const proposal = meant && readLabel(meant.text, kind, mainsVolts)
    return {
      ...(proposal?.kind === 'read' ? ofLabelResult(proposal, kind, roomC) : NOTHING),
      status: 'ask',
      question: worded(reading.question),
    }
  }
  const found = ofLabelResult(reading, kind, roomC)
  return reading.unread.length
    ? {
        ...found,
        status: 'ask',
        unread: reading.unread,
        question: say('notUnderstood', { pieces: reading.unread.map((piece) => `“${piece}”`).join(', ') }),
      }
    : { ...found, status: 'read' }
}

function ofLabelResult(
  { result }: Extract<ReturnType<typeof readLabel>, { kind: 'read' }>,
  kind: PlateKind,
  roomC: number,
): Understood {
  const { runningW, averageW, startVa, defrostW, facts } = result
  return {
    ...NOTHING,
    count: facts.count ?? 1,
    runningW: runningW && hundredth(runningW.value),
    whDay: averageW && hundredth(24 * inRoomW(averageW.value, kind, roomC)),
    startW: startVa,
    defrostW: defrostW && hundredth(defrostW.value),
  }
}

/** A refrigerator's label tells of a room of 32 °C; in another it takes more or less. */
function inRoomW(averageW: number, kind: PlateKind, roomC: number): number {
  if (kind !== 'cold box') return averageW
  const box = coldBoxBehaviour({ type: 'top-freezer' })
  return averageAtRoomW({ ...box, averageW: { ...box.averageW, value: averageW } }, roomC)
}

function worded(question: Question): string {
  const { message, meant } = sayQuestion(question, UNITS)
  return [message, ...meant.map(({ words, text }) => `${words}: “${text}”`)].join(' · ')
}
