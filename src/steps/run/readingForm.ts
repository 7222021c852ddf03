import { plainNumber } from '@/core/reading/plainNumber'
import type { Reading } from '@/core/run/runDocument'
import { readingForm } from '@/words/en/pages/runDialogs'
import { wordsOf } from '@/words/translate'

const say = wordsOf(readingForm)

/** What can be read off a display or an instrument, as fields. */
export const READING_ROWS = [
  { field: 'chargeFraction', label: say('charge'), unit: '%', perUnit: 0.01, most: 100, first: true },
  { field: 'nowW', label: say('wattsNow'), unit: 'W', perUnit: 1, most: 50_000, first: true },
  { field: 'outWh', label: say('wattHoursOut'), unit: 'Wh', perUnit: 1, most: 1e7, first: false },
  { field: 'outAh', label: say('ampHoursOut'), unit: 'Ah', perUnit: 1, most: 1e6, first: false },
  { field: 'meterWh', label: say('plugInMeter'), unit: 'kWh', perUnit: 1000, most: 10_000, first: false },
  { field: 'loadedV', label: say('voltsUnderLoad'), unit: 'V', perUnit: 1, most: 1000, first: false },
  { field: 'restV', label: say('voltsAtRest'), unit: 'V', perUnit: 1, most: 1000, first: false },
  { field: 'peakW', label: say('peakAtAStart'), unit: 'W', perUnit: 1, most: 500_000, first: false },
] as const

export type ReadingField = (typeof READING_ROWS)[number]['field']
export type ReadingTexts = Partial<Record<ReadingField, string>>

/** What is wrong in a field, or (null) with all of them together, and what would be right. */
export interface ReadingFault {
  field: ReadingField | null
  message: string
}

export type ReadingResult = { ok: true; figures: Partial<Reading> } | { ok: false; faults: ReadingFault[] }

/** The figures that were typed, in kept units; or every field that cannot be. */
export function readReading(texts: ReadingTexts): ReadingResult {
  const figures: Partial<Reading> = {}
  const faults: ReadingFault[] = []
  for (const { field, label, unit, perUnit, most } of READING_ROWS) {
    const text = texts[field]?.trim() ?? ''
    if (text === '') continue
    const value = plainNumber(text.replace(new RegExp(`\\s*${unit}$`, 'i'), ''))
    if (value === null)
      faults.push({
        field,
        message: say('isNoNumberInSuchAs', { text, label, unit, unit2: unit === '%' ? 84 : 120 }),
      })
    else if (value < 0) faults.push({ field, message: say('isNeverBelow0', { label }) })
    else if (value > most)
      faults.push({
        field,
        message:
          unit === '%' ? say('isMoreThanFull0To', { text }) : say('isMoreThanThisCanBe', { text, unit }),
      })
    else figures[field] = Math.round(value * perUnit * 1e6) / 1e6
  }
  if (faults.length === 0 && Object.keys(figures).length === 0)
    faults.push({
      field: null,
      message: say('nothingWasTypedOneFigureIs'),
    })
  return faults.length > 0 ? { ok: false, faults } : { ok: true, figures }
}

/** A reading's figures as they were typed, for correcting it. */
export function textsOf(reading: Partial<Reading>): ReadingTexts {
  const texts: ReadingTexts = {}
  for (const { field, perUnit } of READING_ROWS) {
    const value = reading[field]
    if (value !== undefined) texts[field] = String(Math.round((value / perUnit) * 1000) / 1000)
  }
  return texts
}

/** A reading in short. @example "84 %, 210 W, 12.6 V under load" */
export function readingWords(reading: Partial<Reading>): string {
  const texts = textsOf(reading)
  const behind: Partial<Record<ReadingField, string>> = {
    outWh: say('out'),
    outAh: say('out'),
    meterWh: say('onTheMeter'),
    loadedV: say('underLoad'),
    restV: say('atRest'),
    peakW: say('peak'),
  }
  return READING_ROWS.flatMap(({ field, unit }) =>
    texts[field] === undefined ? [] : [`${texts[field]} ${unit}${behind[field] ?? ''}`],
  ).join(', ')
}
