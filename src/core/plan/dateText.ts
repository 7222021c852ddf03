import { type Told, told } from '../quantity/told'
import { epochMinute } from './clock'

/** A date read, or what is wrong. */
export type DateReading = { ok: true; date: string } | { ok: false; message: Told }

/** Months by the letters that tell them apart. */
export const MONTHS = [
  'jan',
  'feb',
  'mar',
  'apr',
  'may',
  'jun',
  'jul',
  'aug',
  'sep',
  'oct',
  'nov',
  'dec',
] as const

/**
 * Reads a date as people write it: "2027-02-07", "7 Feb 2027", "February 7, 2027", "7.2.2027", "2/17/2027". Of two numbers below
 * 13 with slashes nobody can say which is the month: that is asked, not guessed.
 *
 * @returns "YYYY-MM-DD", from 2000 to 2099; or what is wrong
 * @example parseDate('Feb 7, 2027') // { ok: true, date: '2027-02-07' }
 */
export function parseDate(text: string): DateReading {
  const plain = text.trim().toLowerCase().replace(/,/g, ' ').replace(/\s+/g, ' ')
  const iso = /^(\d{4})-(\d{1,2})-(\d{1,2})$/.exec(plain)
  if (iso) return dateOf(text, Number(iso[1]), Number(iso[2]), Number(iso[3]))
  const dayFirst = /^(?:[a-z]+ )?(\d{1,2})(?:st|nd|rd|th|\.)? ?([a-z]{3,9})\.? (\d{4})$/.exec(plain)
  if (dayFirst) return dateOf(text, Number(dayFirst[3]), monthOf(dayFirst[2]), Number(dayFirst[1]))
  const monthFirst = /^([a-z]{3,9})\.? (\d{1,2})(?:st|nd|rd|th)? (\d{4})$/.exec(plain)
  if (monthFirst) return dateOf(text, Number(monthFirst[3]), monthOf(monthFirst[1]), Number(monthFirst[2]))
  const dotted = /^(\d{1,2})\. ?(\d{1,2})\. ?(\d{4})$/.exec(plain)
  if (dotted) return dateOf(text, Number(dotted[3]), Number(dotted[2]), Number(dotted[1]))
  const slashed = /^(\d{1,2})\/(\d{1,2})\/(\d{4})$/.exec(plain)
  if (!slashed) return wrong(text)
  const [one, two, year] = slashed.slice(1).map(Number)
  if (one > 12) return dateOf(text, year, two, one)
  if (two > 12 || one === two) return dateOf(text, year, one, two)
  return {
    ok: false,
    message: told('field.dateForSome', {
      said: text.trim(),
      oneDate: isoOf(year, one, two),
      otherDate: isoOf(year, two, one),
    }),
  }
}

const isoOf = (year: number, month: number, day: number) =>
  `${year}-${String(month).padStart(2, '0')}-${String(day).padStart(2, '0')}`

/** 1 to 12; 0 where it is no month. */
const monthOf = (word: string) => MONTHS.findIndex((month) => month === word.slice(0, 3)) + 1

const wrong = (text: string): DateReading => ({
  ok: false,
  message: told('field.noDate', { said: text.trim().slice(0, 20) }),
})

function dateOf(text: string, year: number, month: number, day: number): DateReading {
  const date = isoOf(year, month, day)
  const minute = epochMinute(`${date}T00:00`)
  const isReal = !Number.isNaN(minute) && new Date(minute * 60_000).getUTCDate() === day
  return isReal && month > 0 && year >= 2000 && year < 2100 ? { ok: true, date } : wrong(text)
}
