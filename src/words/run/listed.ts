/** Names in a row. @example listed(['a', 'b', 'c']) // "a, b and c" */
export const listed = (names: readonly string[]): string =>
  names.length > 1 ? `${names.slice(0, -1).join(', ')} and ${names.at(-1)}` : (names[0] ?? '')
