/** What a file of a whole household says it is. */
export const HOUSEHOLD_FORMAT = 'yotrope-household'
