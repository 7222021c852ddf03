import { dirname, join, relative } from 'node:path'
import { ROOT } from '../paths.mjs'

/** The rooms of the house, top first: a file may import from its own room and from those below. */
const ROOMS = ['app', 'steps', 'ui', 'worker', 'server', 'standins', 'db', 'words', 'catalog', 'core']
/** The rooms within core, lowest first: each may import from those before it. */
const CORE_ROOMS = [
  'quantity',
  'reading',
  'plan',
  'load',
  'meter',
  'storage',
  'conversion',
  'weather',
  'refill',
  'simulation',
  'wiring',
  'risk',
  'sizing',
  'hazard',
  'run',
]
/** What the browser loads must not reach the server's rooms, though they stand below. */
const BROWSER_ROOMS = ['steps', 'ui', 'worker']
const SERVER_ROOMS = ['server', 'db']

/** Lint rule: imports go down the list of rooms only; a step never imports another step. */
export const layers = {
  meta: { type: 'problem', schema: [], messages: { layer: '{{why}}' } },
  create(context) {
    const file = relative(join(ROOT, 'src'), context.filename)
    if (file.startsWith('..') || /\.test\.tsx?$/.test(file)) return {}
    const check = (node) => {
      const source = node.source?.value
      if (typeof source !== 'string' || !/^(@\/|\.)/.test(source)) return
      const target = source.startsWith('@/') ? source.slice(2) : join(dirname(file), source)
      const why = trouble(file.split('/'), target.split('/'))
      if (why) context.report({ node: node.source, messageId: 'layer', data: { why } })
    }
    return {
      ImportDeclaration: check,
      ExportNamedDeclaration: check,
      ExportAllDeclaration: check,
      ImportExpression: check,
    }
  },
}

function trouble([room, inner], [targetRoom, targetInner]) {
  if (!ROOMS.includes(room) || !ROOMS.includes(targetRoom)) return null
  if (ROOMS.indexOf(targetRoom) < ROOMS.indexOf(room))
    return `src/${room} must not import from src/${targetRoom}, which stands above it.`
  if (BROWSER_ROOMS.includes(room) && SERVER_ROOMS.includes(targetRoom))
    return `src/${room} runs in the browser and must not import from src/${targetRoom}.`
  if (room === 'steps' && targetRoom === 'steps' && inner !== targetInner)
    return 'A step must not import from another step; what they share belongs in src/ui.'
  if (room === 'core' && targetRoom === 'core' && CORE_ROOMS.indexOf(targetInner) > CORE_ROOMS.indexOf(inner))
    return `src/core/${inner} must not import from src/core/${targetInner}, which stands after it.`
  return null
}
