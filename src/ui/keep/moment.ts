/** A moment as the reader's own clock and calendar say it. */
export const momentWords = (iso: string): string =>
  new Date(iso).toLocaleString(undefined, { dateStyle: 'medium', timeStyle: 'short' })
