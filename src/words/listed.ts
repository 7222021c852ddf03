import { listed as listedWords } from './en/listed'
import { wordsOf } from './translate'

const say = wordsOf(listedWords)

/** What may be chosen, in a row. @example eitherOf(['a', 'b', 'c']) // "a, b or c" */
export const eitherOf = (choices: readonly string[]): string =>
  choices.length > 1
    ? say('or', { names: choices.slice(0, -1).join(', '), at: String(choices.at(-1)) })
    : (choices[0] ?? '')

/** Names in a row. @example listed(['a', 'b', 'c']) // "a, b and c" */
export const listed = (names: readonly string[]): string =>
  names.length > 1
    ? say('and', { names: names.slice(0, -1).join(', '), at: String(names.at(-1)) })
    : (names[0] ?? '')
