import { helpText } from './help.mjs'
import { Stop, say } from './say.mjs'
import { wordsOf } from './words.mjs'

const words = wordsOf('command')
const help = './yotrope help'

const COMMANDS = {
  start: (args) => import('./start.mjs').then(({ startCommand }) => startCommand(args)),
  stop: () => import('./stop.mjs').then(({ stop }) => stop()),
  serve: (args) => import('./serve.mjs').then(({ serve }) => serve(args)),
  backup: (args) => import('./backup.mjs').then(({ backup }) => backup(args)),
  restore: (args) => import('./backup.mjs').then(({ restore }) => restore(args)),
  status: (args) => import('./status.mjs').then(({ status }) => status(args)),
  test: (args) => import('./test.mjs').then(({ test }) => test(args)),
  read: (args) => import('./inHouse.mjs').then(({ inHouse }) => inHouse('read', args)),
  run: (args) => import('./inHouse.mjs').then(({ inHouse }) => inHouse('runReadings', args)),
  simulate: (args) => import('./inHouse.mjs').then(({ inHouse }) => inHouse('simulate', args)),
  hazards: (args) => import('./inHouse.mjs').then(({ inHouse }) => inHouse('hazards', args)),
  help: () => say(helpText()),
}

// a reader that has gone (a closed pipe or terminal) must not end us before the database is stopped
for (const stream of [process.stdout, process.stderr]) stream.on('error', () => {})

const [name, ...args] = process.argv.slice(2)
if (Number(process.versions.node.split('.')[0]) < 20) {
  console.error(`yotrope: ${words('newerNodeIsNeeded', { version: process.versions.node })}`)
  process.exit(1)
} else if (name === undefined || name === '--help' || name === '-h') {
  say(helpText())
} else if (!Object.hasOwn(COMMANDS, name)) {
  console.error(`yotrope: ${words('noSuchCommand', { name, help })}`)
  process.exit(2)
} else {
  try {
    process.exitCode = (await COMMANDS[name](args)) ?? 0
  } catch (error) {
    if (!(error instanceof Stop)) throw error
    console.error(`yotrope: ${error.message}`)
    process.exitCode = error.exitCode
  }
}
