import type { Behaviour, Start } from '../plan/schema'
import { quantity } from '../quantity/quantity'
import { type Told, told } from '../quantity/told'
import type { Facts, Question } from '../reading/facts'
import { type Phrased, type Run, readPhrases } from '../reading/phrases'
import { COOLING_BTU_PER_WH, heatQuestion } from './heatQuestion'
import type { FindThing, KnownThing, ThingMatch } from './knownThing'
import { type Left, lineBehaviour } from './lineBehaviour'
import { lineWatts } from './lineWatts'
import { scaledBehaviour } from './scale'
import { START_TIMES, fullLoadAmps, startingVaByAmps, startingVaByLetter } from './start'

/** A load as one typed line describes it. */
export interface LineLoad {
  name: string
  /** of the whole row */
  behaviour: Behaviour
  count: number
  start: Start | null
  volts: 12 | 120 | 230 | 240 | null
  medical: boolean
  /** what it was taken for; null where the name says nothing */
  thing: KnownThing | null
  /** where its watts come from figures: how; null where they are as written or usual */
  how: Told | null
  /** whether the line says its watts */
  isStated: boolean
  /** the name is only likely to mean this thing */
  isGuess: boolean
}

/** A line read, or a question with what was probably meant as lines to read instead, or what is wrong. */
export type LineReading =
  | { status: 'read'; load: LineLoad; unread: string[] }
  | { status: 'ask'; question: Question; unread: string[]; left?: Told[]; name: string | null }
  | { status: 'refuse'; message: Told; unread: string[] }

export interface LineSurroundings {
  /** used where amps or horsepower stand without volts */
  mainsVolts: number
  /** °C of the room in which what is stated was seen */
  roomC: number
  find: FindThing
  /** whether a word says something of a thing: it may stand apart from the name */
  isKnownWord: (word: string) => boolean
}

const MOST_W = 50_000
/** An uninterruptible supply's own draw; more is what it can carry. Common practice, no source. */
const UPS_OWN_W = 25

/**
 * Reads a load from one line such as "drain pump 600W 17s every 8min".
 *
 * Every piece of the line is understood, or told as not understood; what the line does not say is taken from the thing its
 * name means. What can be read in two ways, and the usual confusions, are asked.
 *
 * @param line as typed
 * @returns the load and what was understood; or a question, whose first meaning is the likeliest; or what is wrong
 * @example readLoadLine('lamp 9.5W 18:00-24:00', surroundings) // scheduled, 9.5 W
 */
export function readLoadLine(line: string, surroundings: LineSurroundings): LineReading {
  const text = line.trim()
  const refuse = (message: Told, unread: string[] = []): LineReading => ({
    status: 'refuse',
    message,
    unread,
  })
  if (text === '') return refuse(told('line.empty'))
  if (text.length > 300) return refuse(told('line.tooLong'))
  const phrased = readPhrases(text)
  const { facts } = phrased
  const { match, name, unread } = nameOf(phrased, surroundings)
  const ask = (question: Question): LineReading => ({ status: 'ask', question, unread, name })
  if (facts.faults.length) return refuse(facts.faults[0], unread)
  if (match?.kind === 'source') {
    if (facts.watts === null || facts.watts > UPS_OWN_W)
      return ask(sourceQuestion(asWritten(match.said, text), facts))
    facts.isAlways = true
  }
  if (facts.questions.length) return ask(facts.questions[0])
  const thing = match?.kind === 'thing' ? match.thing : null
  const ampHourVolts = facts.volts[0]
  if (facts.chargeAh !== null && facts.chargeWh === null && ampHourVolts !== undefined)
    facts.chargeWh = facts.chargeAh * ampHourVolts
  const found = lineWatts(facts, thing, surroundings.mainsVolts, text)
  if (name === null) return ask(namelessQuestion(facts, found.watts))
  if (name.length > 80) return refuse(told('line.longName'), unread)
  if (match?.kind === 'several') return ask(severalQuestion(match, text))
  const isCooling =
    thing?.behaviour.kind === 'cycling' && thing.behaviour.follows?.mode === 'cooling' && !thing.box
  if (facts.btuH !== null && found.watts === null) {
    if (!isCooling) return ask(heatQuestion(facts.btuH, text))
    found.watts = Math.round(facts.btuH / COOLING_BTU_PER_WH)
    found.how = told('line.coolingOver', { btu: facts.btuH, perWattHour: COOLING_BTU_PER_WH })
  }
  if (found.question) return ask(found.question)
  const tooMuch = (drawnW: number) => refuse(told('line.tooMuch', { drawnW, mostW: MOST_W }), unread)
  if (found.watts !== null && found.watts > MOST_W) return tooMuch(found.watts)
  if (found.watts === 0) return refuse(told('line.drawsNothing'), unread)
  const ofLabel = coldLabel(facts, thing, found.va, found.watts)
  const each =
    facts.isTotal && facts.count && found.watts !== null ? found.watts / facts.count : ofLabel.watts
  const behaved = lineBehaviour({
    text,
    name,
    facts,
    thing,
    watts: each,
    va: ofLabel.va,
    roomC: surroundings.roomC,
  })
  if (behaved.kind === 'fault') return refuse(behaved.message, unread)
  if (behaved.kind === 'question') return ask(behaved.question)
  const count = facts.count ?? 1
  const one = behaved.behaviour
  const start = startOf(facts, thing, one.runningW.value, found.volts ?? surroundings.mainsVolts)
  if (start && 'what' in start) return refuse(start, unread)
  const behaviour = scaledBehaviour(one, count)
  if (behaviour.runningW.value > MOST_W) return tooMuch(behaviour.runningW.value)
  const row: LineLoad = {
    name,
    behaviour,
    count,
    start:
      start && count > 1
        ? {
            ...start,
            watts: {
              ...start.watts,
              value: Math.round(start.watts.value + one.runningW.value * (count - 1)),
            },
          }
        : start,
    volts: mainsOf(facts, thing, found.volts, surroundings.mainsVolts),
    medical: thing?.medical ?? false,
    thing,
    how: ofLabel.watts === found.watts ? found.how : ofLabel.how,
    isStated: found.watts !== null,
    isGuess: match?.kind === 'thing' && match.isGuess,
  }
  if (unread.length > 0 || behaved.left.length > 0)
    return {
      status: 'ask',
      question: unreadQuestion(phrased, unread, behaved.left),
      unread,
      left: behaved.left.map(({ words }) => words),
      name,
    }
  if (behaved.isAssumed) return ask(alwaysQuestion(text, row))
  return { status: 'read', load: row, unread: [] }
}

/** The name among the runs of words, what it means, and what is left over. */
function nameOf(
  { runs, unread }: Phrased,
  { find, isKnownWord }: LineSurroundings,
): { match: ThingMatch | null; name: string | null; unread: string[] } {
  const left = (rest: Run[] = []) =>
    [...unread, ...rest].sort((a, b) => a.from - b.from).map(({ text }) => text)
  if (runs.length === 0) return { match: null, name: null, unread: left() }
  const isKnown = (run: Run) => run.words.every(isKnownWord)
  const named = runs.map((run) => ({ run, match: find(run.words) }))
  const first = named.find(({ match }) => match && !(match.kind === 'thing' && match.isGuess)) ?? named[0]
  // "LED 9 W bulb": words that say something of a thing belong to the name wherever they stand
  const joined = runs.filter((run) => run === first.run || isKnown(run))
  const rest = runs.filter((run) => !joined.includes(run))
  const words = joined.flatMap((run) => run.words)
  return {
    match: first.match ?? find(words),
    name: joined
      .map((run) => run.text)
      .join(' ')
      .replace(/\s+/g, ' '),
    unread: left(rest),
  }
}

/** Of a refrigerator's label volts × amps are a limit: its heater's, where they are far more than a compressor draws. */
function coldLabel(facts: Facts, thing: KnownThing | null, va: number | null, watts: number | null) {
  const isLabel = thing?.box && facts.watts === null && facts.hp === null && va !== null && watts !== null
  const usual = thing?.behaviour.runningW.value ?? 0
  if (!isLabel || watts <= 2 * usual) return { watts, va: facts.watts === null ? va : null, how: null }
  return { watts: null, va, how: told('line.ofTheHeater', { va: Math.round(va) }) }
}

function startOf(
  facts: Facts,
  thing: KnownThing | null,
  runningW: number,
  volts: number,
): Start | Told | null {
  const start = (watts: number, evidence: 'label' | 'typical', seconds: number, times?: number): Start => ({
    watts: times
      ? quantity(Math.min(MOST_W, Math.round(watts)), 'W', evidence, { times })
      : quantity(Math.min(MOST_W, Math.round(watts)), 'W', evidence),
    seconds: quantity(seconds, 's', 'typical', { times: 2 }),
  })
  const seconds = thing?.start?.[1] ?? 0.3
  if (facts.startW !== null) {
    if (facts.startW < runningW) return told('line.startBelow', { startW: facts.startW, runningW })
    return start(facts.startW, 'label', seconds)
  }
  if (facts.lockedRotorA !== null)
    return start(Math.max(runningW, facts.lockedRotorA * volts), 'label', seconds)
  if (facts.hp !== null) {
    const atVolts = volts <= 127 ? 115 : 230
    const { hp, codeLetter } = facts
    const va = codeLetter
      ? startingVaByLetter(hp, codeLetter)
      : startingVaByAmps(fullLoadAmps(hp, volts), atVolts, START_TIMES)
    return {
      ...start(Math.max(va, runningW), 'label', seconds),
      ...(codeLetter ? { basis: { kind: 'code letter' as const, hp, letter: codeLetter } } : {}),
    }
  }
  if (!thing?.start) return null
  const factor = runningW / Math.max(1, thing.behaviour.runningW.value)
  return start(Math.max(runningW, thing.start[0] * Math.min(factor, 4)), 'typical', seconds)
}

/** The voltage of the outlet it hangs on; what runs on a few volts hangs on its adapter, unless it is said to be direct current. */
function mainsOf(
  facts: Facts,
  thing: KnownThing | null,
  volts: number | null,
  mainsVolts: number,
): LineLoad['volts'] {
  if (volts === null) return thing?.volts && !(mainsVolts === 230 && thing.volts >= 120) ? thing.volts : null
  if (volts >= 200 && volts <= 250) return mainsVolts === 230 ? 230 : 240
  if (volts >= 100 && volts <= 130) return 120
  return facts.isDirect && volts >= 10 && volts <= 15 ? 12 : null
}

function sourceQuestion(said: string, facts: Facts): Question {
  return {
    message: told('line.source', { said, ratedW: facts.watts }),
    meant: [{ words: told('line.ownDraw'), text: `${said} 10 W all the time` }],
  }
}

/** A phrase as it stands in the line. */
function asWritten(said: string, text: string): string {
  const pattern = said
    .split(' ')
    .map((word) => word.replace(/[.*+?^${}()|[\]\\]/g, String.raw`\$&`))
    .join(String.raw`[\s,&+]+`)
  return text.match(new RegExp(pattern, 'i'))?.[0] ?? said
}

function namelessQuestion(facts: Facts, watts: number | null): Question {
  const all = watts === null ? null : watts * (facts.isTotal ? 1 : (facts.count ?? 1))
  return {
    message: told('line.nameless', { drawnW: all }),
    meant: [],
  }
}

function severalQuestion({ said, names }: Extract<ThingMatch, { kind: 'several' }>, text: string): Question {
  const written = new RegExp(said.replace(/[.*+?^${}()|[\]\\]/g, String.raw`\$&`), 'i')
  return {
    message: told('line.several', { said: asWritten(said, text) }),
    meant: names.map((name) => ({
      words: told('line.thing', { name }),
      text: text.replace(written, name.toLowerCase()),
    })),
  }
}

function unreadQuestion({ text, told: facts }: Phrased, unread: string[], left: Left[]): Question {
  const pieces = [
    ...unread.map((said) => told('line.piece', { said })),
    ...left.map(({ words }) => told('line.piece', { said: words })),
  ]
  const gone = facts.filter(({ keys }) => left.some(({ key }) => keys.includes(key)))
  let without = text
  for (const { from, to } of gone.reverse()) without = `${without.slice(0, from)} ${without.slice(to)}`
  for (const piece of unread) without = without.replace(piece, ' ')
  return {
    message: told('line.notUnderstood', { pieces, count: pieces.length }),
    meant: [
      {
        words: told('line.keepWithout'),
        text: without
          .replace(/\(\s*\)/g, ' ')
          .replace(/\s+/g, ' ')
          .trim(),
      },
    ],
  }
}

function alwaysQuestion(text: string, row: LineLoad): Question {
  return {
    message: told('line.onAllTheTime', { drawnW: row.behaviour.runningW.value, name: row.name }),
    meant: [
      { words: told('line.always'), text: `${text} all the time` },
      { words: told('line.fiveHours'), text: `${text} 5 h a day` },
      { words: told('line.byThermostat'), text: `${text} 1/3 on` },
      { words: told('line.tenMinutesOnce'), text: `${text} 10 min once a day` },
    ],
  }
}
