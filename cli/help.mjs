import { wordsOf } from './words.mjs'

const say = wordsOf('help')
const json = '--json'

/** What is typed, and the words for it; options are set in. */
const LINES = () => [
  ['start', say('start', { address: 'http://127.0.0.1:3000', variable: 'PORT' })],
  ['stop', say('stop')],
  ['status', say('status', { json })],
  ['test', say('test', { last: 'N passed, N failed' })],
  ['simulate plan.json', say('simulate')],
  ['    --json', say('simulateJson')],
  ['    --runs N', say('simulateRuns')],
  ['    --seed S', say('simulateSeed')],
  ['    --at 8h --at 19h', say('simulateAt')],
  ['hazards plan.json', say('hazards', { json })],
  ['run plan.json readings.csv', say('run')],
  ['    --json', say('runJson')],
  ['    --at 31h', say('runAt')],
  ['read', say('read')],
  ['    --mains 120 | 230', say('readMains')],
  ['    --room 20', say('readRoom')],
  ['serve', say('serve', { everywhere: '--host 0.0.0.0' })],
  ['backup FILE', say('backup')],
  ['restore FILE', say('restore')],
  ['help', say('help')],
]

/** The list of commands, with what each is for. */
export function helpText() {
  const lines = LINES().map(([typed, words]) => [typed.startsWith(' ') ? typed : `./yotrope ${typed}`, words])
  const width = Math.max(...lines.map(([typed]) => typed.length))
  return [say('whatItIs'), '', ...lines.map(([typed, words]) => `  ${typed.padEnd(width + 2)}${words}`)].join(
    '\n',
  )
}
