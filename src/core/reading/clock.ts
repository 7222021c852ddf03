import { type Told, told } from '../quantity/told'

/** A time of day read, or what is wrong. */
export type ClockReading = { ok: true; clock: string } | { ok: false; message: Told }

/**
 * Reads a time of day as people write it: "18:30", "6:30 pm", "7", "0630", "18.15", "18h30", "noon", "midnight".
 *
 * @returns "HH:MM", midnight at the end of a day as "24:00" when `endOfDay`; or what is wrong
 * @example parseClock('6:30 pm') // { ok: true, clock: '18:30' }
 */
export function parseClock(text: string, endOfDay = false): ClockReading {
  const wrong = {
    ok: false,
    message: told('field.noClock', { said: text.trim().slice(0, 20) }),
  } as const
  const plain = text.trim().toLowerCase()
  if (plain === 'noon' || plain === 'midday') return { ok: true, clock: '12:00' }
  if (plain === 'midnight') return { ok: true, clock: endOfDay ? '24:00' : '00:00' }
  const match = plain.match(/^(\d{1,2})(?:[:.h]?(\d{2}))?\s*(?:h|o'clock)?\s*(am|pm|a\.m\.?|p\.m\.?)?$/)
  if (!match) return wrong
  let hour = Number(match[1])
  const minute = Number(match[2] ?? 0)
  const half = match[3]?.[0]
  if (half && (hour < 1 || hour > 12)) return wrong
  if (half) hour = (hour % 12) + (half === 'p' ? 12 : 0)
  if (minute > 59 || hour > 24 || (hour === 24 && minute > 0)) return wrong
  if (hour === 24 || (endOfDay && hour === 0 && minute === 0))
    return endOfDay ? { ok: true, clock: '24:00' } : { ok: true, clock: '00:00' }
  return { ok: true, clock: `${String(hour).padStart(2, '0')}:${String(minute).padStart(2, '0')}` }
}
