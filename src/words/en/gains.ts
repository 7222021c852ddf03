/** What a change is worth. */
export const gains = {
  mostLikely: '{gain}',
  confident: '{gain} at your confidence',
}
