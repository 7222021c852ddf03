import { formatNumber, formatPercent } from '@/words/format'
import { formatTemperature } from '@/words/inUnits'
import type { Entry, RunHead } from '@/core/run/runDocument'
import { entryWords as entryWordsWords } from '@/words/en/pages/runDialogs'
import { wordsOf } from '@/words/translate'
import { readingWords } from './readingForm'

const say = wordsOf(entryWordsWords)

const ENDS = { empty: say('empty'), stopped: say('stoppedEarly'), 'grid back': say('theGridIsBack') }

/** An entry of the log in words. */
export function entryWords({ plan }: RunHead, entry: Entry): string {
  const load = (id: string) => plan.loads.find((one) => one.id === id)?.name ?? id
  const source = (id: string) => plan.powerSystem.sources.find((one) => one.id === id)?.name ?? id
  switch (entry.kind) {
    case 'reading':
      return entry.peakOf === undefined
        ? readingWords(entry)
        : say('atTheStartOf', { readingWords: readingWords(entry), load: load(entry.peakOf) })
    case 'switch':
      return `${load(entry.loadId)} ${{ on: say('switchedOn'), off: say('switchedOff'), used: say('usedOnce') }[entry.to]}`
    case 'source':
      return entry.what === 'charged'
        ? say('chargedTo', { source: source(entry.sourceId), percent: formatPercent(entry.toFraction ?? 1) })
        : say('takesOver', {
            source: source(entry.sourceId),
            toFraction:
              entry.toFraction === undefined ? '' : say('at', { percent: formatPercent(entry.toFraction) }),
          })
    case 'temperature':
      return entry.belowRimM !== undefined
        ? say('waterCmBelowTheRim', { number: formatNumber(entry.belowRimM * 100, 0) })
        : `${entry.where}: ${formatTemperature(entry.celsius ?? 0, plan.household.units, 1)}`
    case 'note':
      return entry.text
    case 'photo':
      return entry.text ?? say('aPhoto')
    case 'pause':
      return 'paused'
    case 'resume':
      return say('carriedOn', {
        toFraction:
          entry.toFraction === undefined ? '' : say('at', { percent: formatPercent(entry.toFraction) }),
      })
    case 'end':
      return say('ended', { ends: ENDS[entry.how] })
  }
}
