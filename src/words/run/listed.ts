import { listed as listedWords } from '../en/runs'
import { wordsOf } from '../translate'

const say = wordsOf(listedWords)

/** Names in a row. @example listed(['a', 'b', 'c']) // "a, b and c" */
export const listed = (names: readonly string[]): string =>
  names.length > 1
    ? say('and', { names: names.slice(0, -1).join(', '), at: String(names.at(-1)) })
    : (names[0] ?? '')
