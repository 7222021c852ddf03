/** The clock on the wall of this device. @example localNow(new Date()) // "2026-11-27T18:30" */
export function localNow(now: Date): string {
  const two = (value: number) => String(value).padStart(2, '0')
  return `${now.getFullYear()}-${two(now.getMonth() + 1)}-${two(now.getDate())}T${two(now.getHours())}:${two(now.getMinutes())}`
}

/** What every entry begins with: an id made here, and the moment it is about, by UTC and by the clock on the wall. */
export function stampAt(at: Date, typed: Date) {
  return {
    id: crypto.randomUUID(),
    at: at.toISOString(),
    local: localNow(at),
    typedAt: typed.toISOString(),
  }
}

/**
 * The moment of a clock time: today's, or yesterday's where today's is still to come; never before the run by a day.
 *
 * @param clock "HH:MM"
 */
export function momentOfClock(clock: string, now: Date): Date {
  const [hours, minutes] = clock.split(':').map(Number)
  const at = new Date(now)
  at.setHours(hours, minutes, 0, 0)
  if (at.getTime() > now.getTime() + 60_000) at.setDate(at.getDate() - 1)
  return at
}
