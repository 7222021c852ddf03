import { Stop, say } from './say.mjs'

const HELP = `yotrope: plan how a household holds through a power outage

  ./yotrope start                set everything up and serve on http://127.0.0.1:3000 (PORT changes it); Ctrl-C stops it
  ./yotrope stop                 stop a running one, database included
  ./yotrope status               say whether it runs, where, and what is going on; --json for programs
  ./yotrope test                 lint, types, unit, database and browser tests; ends with "N passed, N failed"
  ./yotrope simulate plan.json   read a plan document and print the answer
      --json                     the whole result as JSON
      --runs N                   how many runs (400)
      --seed S                   the seed of their chance (1)
      --at 8h --at 19h           state of charge at these hours of the outage
  ./yotrope hazards plan.json    what can hurt in a plan, and what is lost when; --json for programs
  ./yotrope run plan.json readings.csv   hold a run's readings against its plan: when it will be empty
      --json                     all figures as JSON
      --at 31h                   as known at this hour of the run; later readings are not looked at
  ./yotrope read                 read lines of loads from standard input, one JSON object for each
      --mains 120 or 230         the voltage where none is written (120)
      --room 20                  the room refrigerators stand in, °C (20)
  ./yotrope serve                as start, for the whole house or behind a proxy; --host 0.0.0.0 listens on every address
  ./yotrope backup FILE          everything that is saved into one file, while it runs; FILE.sha256 beside it
  ./yotrope restore FILE         everything from such a file, in the place of what is there, which is backed up first
  ./yotrope help                 this text
`

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
  help: () => say(HELP),
}

// a reader that has gone (a closed pipe or terminal) must not end us before the database is stopped
for (const stream of [process.stdout, process.stderr]) stream.on('error', () => {})

const [name, ...args] = process.argv.slice(2)
if (Number(process.versions.node.split('.')[0]) < 20) {
  console.error(`yotrope: Node.js 20 or newer is needed; this is ${process.versions.node}`)
  process.exit(1)
} else if (name === undefined || name === '--help' || name === '-h') {
  say(HELP)
} else if (!Object.hasOwn(COMMANDS, name)) {
  console.error(`yotrope: there is no command “${name}”; ./yotrope help lists them`)
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
