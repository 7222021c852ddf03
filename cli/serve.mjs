import { networkInterfaces } from 'node:os'
import { parseArgs } from 'node:util'
import { start } from './start.mjs'
import { Stop } from './say.mjs'
import { wordsOf } from './words.mjs'

const say = wordsOf('running')
const sayCommand = wordsOf('command')

const EVERYWHERE = ['0.0.0.0', '::']

/** This machine's addresses in its networks, those of the machine alone left out. */
function addresses() {
  return Object.values(networkInterfaces())
    .flat()
    .filter(({ internal, family }) => !internal && family === 'IPv4')
    .map(({ address }) => address)
}

function optionsOf(args) {
  try {
    return parseArgs({ args, options: { host: { type: 'string' }, port: { type: 'string' } } }).values
  } catch (error) {
    throw new Stop(
      sayCommand('helpListsTheOptions', { trouble: error.message.split('\n')[0], help: './yotrope help' }),
      2,
    )
  }
}

/**
 * `./yotrope serve`: as start, on a given address, for more than one house. YOTROPE_DATABASE_URL names a database that is given,
 * YOTROPE_ORIGIN the address people know it by.
 */
export function serve(args) {
  const { host = '127.0.0.1', port: text = process.env.PORT ?? '3000' } = optionsOf(args)
  const port = Number(text)
  const names = EVERYWHERE.includes(host) ? addresses() : [host]
  const origins = [...names, '127.0.0.1', 'localhost'].map((name) => `http://${name}:${port}`)
  const origin = process.env.YOTROPE_ORIGIN ?? origins[0]
  process.env.YOTROPE_ORIGIN = origin
  process.env.YOTROPE_OTHER_ORIGINS = [process.env.YOTROPE_OTHER_ORIGINS, ...origins]
    .filter(Boolean)
    .join(',')
  const { protocol, hostname } = new URL(origin)
  const isLoopback = hostname === 'localhost' || hostname.startsWith('127.')
  const words = [
    say('runs', { address: origin }),
    isLoopback && say('onlyThisMachine', { host: '--host 0.0.0.0', origin: 'YOTROPE_ORIGIN' }),
    protocol === 'http:' && !isLoopback && say('withoutTls', { document: 'docs/operations.md' }),
    say('ctrlCStopsIt'),
  ]
  return start({
    host,
    port,
    databaseUrl: process.env.YOTROPE_DATABASE_URL,
    words: words.filter(Boolean).join('\n'),
  })
}
