import type { Finding } from '@/core/hazard/finding'
import { AWAY_M, DRY_ABOVE_M, MOST_FUEL_L } from '@/core/hazard/limits'
import { COLD_ROOM_C } from '@/core/risk/riskClocks'
import { hazards } from '../en/hazards'
import { type Saying, factText } from '../factWords'
import { type Say, sayFrom } from '../translate'

/** A finding in words. */
export interface FindingWords {
  title: string
  happens: string
  act: string
  who: string
  severity: string
}

const english = sayFrom(hazards)

/** Words of facts that choose between messages: ICU names have no blanks. */
const CHOICES = new Map([
  ['not said', 'none'],
  ['too small', 'tooSmall'],
  ['too large', 'tooLarge'],
  ['interrupts too little', 'interrupts'],
  ['far away', 'far'],
  ['too thin', 'thin'],
  ['over its fuse', 'fuse'],
  ['start drop', 'start'],
  ['cold-room', 'room'],
  ['frozen-pipes', 'pipes'],
  ['flooded-pit', 'pit'],
  ['shut-in', 'shut'],
])
const CHOOSING = new Set(['trouble', 'why', 'kind', 'where'])

/** What a finding says: what it is, what can happen, what to do, who may do it. */
export function findingWords(found: Finding, saying: Saying, say: Say = english): FindingWords {
  const values: Record<string, string | number> = {
    leastAwayM: factText('leastAwayM', AWAY_M, saying),
    dryAboveM: factText('dryAboveM', DRY_ABOVE_M, saying),
    coldRoomC: factText('coldRoomC', COLD_ROOM_C, saying),
    mostFuelL: factText('mostFuelL', MOST_FUEL_L, saying),
  }
  for (const [name, fact] of Object.entries(found.facts)) {
    const text = factText(name, fact, saying)
    values[name] = CHOOSING.has(name)
      ? NOT_SAID.has(found.id) && fact === 'not said'
        ? 'unsaid'
        : (CHOICES.get(text) ?? text)
      : text
    if (Array.isArray(fact)) values[`n${name[0].toUpperCase()}${name.slice(1)}`] = fact.length
  }
  if (found.id === 'fuel') {
    values.litresL = factText('litresL', found.facts.litres, saying)
    values.nRefills = found.facts.refills
  }
  values.n = Array.isArray((found.facts as { names?: unknown }).names)
    ? (found.facts as { names: string[] }).names.length
    : 1
  const words = (part: string) => say(`${found.id}.${part}`, values).replace(/\s+/g, ' ').trim()
  return {
    title: words('title'),
    happens: words('happens'),
    act: words('act'),
    who: say(`who.${found.who}`),
    severity: say(`severity.${found.severity}`),
  }
}

/** Hazards where "not said" is another thing than "there is none". */
const NOT_SAID = new Set<Finding['id']>(['unfused-battery', 'thin-cable'])
