import { plainNumber } from '@/core/reading/plainNumber'
import type { Entry, EntryOf, RunHead } from '@/core/run/runDocument'
import { eventEntry as eventEntryWords } from '@/words/en/pages/runDialogs'
import { wordsOf } from '@/words/translate'

const say = wordsOf(eventEntryWords)

/** What is written down beside readings. */
export type EventKind = 'switch' | 'source' | 'temperature' | 'note' | 'end'

/** What was chosen and typed. */
export interface EventTexts {
  /** a load, a source, a place or a way to end, by the kind */
  which: string
  how: string
  text: string
  /** the source that is watched */
  sourceId: string
}

type Stamp = Pick<Entry, 'id' | 'at' | 'local' | 'typedAt'>

/** The entry that was typed; or what would be right. */
export function eventEntry(
  head: RunHead,
  kind: EventKind,
  { which, how, text, sourceId }: EventTexts,
  stamp: Stamp,
): Entry | string {
  const number = plainNumber(text.replace(/\s*(?:%|°?[CF]|cm)$/i, '').replace(/^[−-]\s*/, ''))
  const isNegative = /^\s*[−-]/.test(text)
  switch (kind) {
    case 'switch':
      return { ...stamp, kind, loadId: which, to: how as EntryOf<'switch'>['to'] }
    case 'source':
      return number === null || isNegative || number > 100
        ? say('itsChargeInPercent0To')
        : {
            ...stamp,
            kind,
            sourceId: which,
            what: which === sourceId ? 'charged' : 'takes over',
            toFraction: number / 100,
          }
    case 'temperature': {
      const where = which as EntryOf<'temperature'>['where']
      if (number === null) return say('aNumberSuchAs4')
      const value = isNegative ? -number : number
      if (where === 'water level')
        return value < -200 || value > 2000
          ? say('cmIsNoDepthOfA', { text })
          : { ...stamp, kind, where, belowRimM: value / 100 }
      const celsius = head.plan.household.units.temperature === '°F' ? (value - 32) / 1.8 : value
      return celsius < -60 || celsius > 90
        ? say('isNoTemperatureOfAHouse', { text })
        : { ...stamp, kind, where, celsius }
    }
    case 'note':
      return text.trim() ? { ...stamp, kind, text: text.trim() } : say('nothingWasWritten')
    case 'end':
      return { ...stamp, kind, how: which as EntryOf<'end'>['how'] }
  }
}
