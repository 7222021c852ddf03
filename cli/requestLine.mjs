/** What is wrong with how a request was made, before anything reads it; null where it is as it should be. */
export function malformed({ url, headers }) {
  if (!url.startsWith('/')) return 'The request line is malformed: an address begins with /.'
  try {
    decodeURIComponent(url.split('?')[0])
  } catch {
    return 'The address is malformed: each % must be followed by two hexadecimal digits.'
  }
  const state = headers['next-router-state-tree']
  if (state !== undefined && !isRouterState(state))
    return 'A header is malformed: next-router-state-tree is no state of this site’s pages.'
  return null
}

const DEEPEST = 32

/** Whether a header says which pages are in view, as this site's own pages send it. */
function isRouterState(text) {
  try {
    return isTree(JSON.parse(decodeURIComponent(text)), 0)
  } catch {
    return false
  }
}

const isTree = (value, depth) =>
  depth < DEEPEST &&
  Array.isArray(value) &&
  value.length >= 2 &&
  (typeof value[0] === 'string' || isSegment(value[0])) &&
  typeof value[1] === 'object' &&
  value[1] !== null &&
  !Array.isArray(value[1]) &&
  Object.values(value[1]).every((one) => isTree(one, depth + 1))

/** A part of an address that stands for a value: its name, the value, and its kind. */
const isSegment = (value) =>
  Array.isArray(value) && value.length >= 3 && value.slice(0, 3).every((one) => typeof one === 'string')
