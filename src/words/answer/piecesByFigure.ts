/** A figure with its unit, as an answer has them. */
const FIGURE_AND_UNIT = /(\d[\d.,:]* (?:h \d+ min|h|min|days?|%|k?Wh?|V|A|L|gal|°[CF])(?!\p{L}))/u

/** A text in pieces: every second one is a figure with its unit, between which no line may end. */
export const piecesByFigure = (text: string): string[] => text.split(FIGURE_AND_UNIT)
