/** A find of the search. */
export const candidateWords = {
  withExpansions: '{name} with {expansions, plural, one {one expansion} other {# expansions}}',
} as const
