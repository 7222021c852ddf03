/** Names in a row. */
export const listed = {
  and: '{names} and {at}',
  or: '{names} or {at}',
}
