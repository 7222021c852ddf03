/** A letter's width in a box's name, and in the smaller type beside it, px. */
const LETTER = 6.4
export const SMALL_LETTER = 5.7
/** Bold letters are so much wider. */
export const BOLD = 1.1

/** As much of a text as fits into so many px. */
export const cut = (text: string, width: number, letter = LETTER) => {
  const most = Math.max(3, Math.floor(width / letter))
  return text.length > most ? `${text.slice(0, most - 1).trimEnd()}…` : text
}

/** A name on one line or two. */
export function inTwo(text: string, width: number): string[] {
  const most = Math.floor(width / LETTER)
  if (text.length <= most) return [text]
  const at = text.lastIndexOf(' ', most)
  return at <= 0 ? [cut(text, width)] : [text.slice(0, at), cut(text.slice(at + 1), width)]
}
