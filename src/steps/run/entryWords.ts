import { formatNumber, formatPercent } from '@/core/quantity/format'
import { formatTemperature } from '@/core/reading/inUnits'
import type { Entry, RunHead } from '@/core/run/runDocument'
import { readingWords } from './readingForm'

const ENDS = { empty: 'empty', stopped: 'stopped early', 'grid back': 'the grid is back' }

/** An entry of the log in words. */
export function entryWords({ plan }: RunHead, entry: Entry): string {
  const load = (id: string) => plan.loads.find((one) => one.id === id)?.name ?? id
  const source = (id: string) => plan.powerSystem.sources.find((one) => one.id === id)?.name ?? id
  switch (entry.kind) {
    case 'reading':
      return entry.peakOf === undefined
        ? readingWords(entry)
        : `${readingWords(entry)} at the start of ${load(entry.peakOf)}`
    case 'switch':
      return `${load(entry.loadId)} ${{ on: 'switched on', off: 'switched off', used: 'used once' }[entry.to]}`
    case 'source':
      return entry.what === 'charged'
        ? `${source(entry.sourceId)} charged to ${formatPercent(entry.toFraction ?? 1)}`
        : `${source(entry.sourceId)} takes over${entry.toFraction === undefined ? '' : ` at ${formatPercent(entry.toFraction)}`}`
    case 'temperature':
      return entry.belowRimM !== undefined
        ? `water ${formatNumber(entry.belowRimM * 100, 0)} cm below the rim`
        : `${entry.where}: ${formatTemperature(entry.celsius ?? 0, plan.household.units, 1)}`
    case 'note':
      return entry.text
    case 'photo':
      return entry.text ?? 'a photo'
    case 'pause':
      return 'paused'
    case 'resume':
      return `carried on${entry.toFraction === undefined ? '' : ` at ${formatPercent(entry.toFraction)}`}`
    case 'end':
      return `ended: ${ENDS[entry.how]}`
  }
}
