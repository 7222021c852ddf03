import { rmSync } from 'node:fs'
import { connect, createServer } from 'node:net'

const ANSWER_WITHIN_MS = 2000

/**
 * The one start of a place holds a socket in it: while it lives nobody else starts there, and who connects is told how it
 * stands or asks it to stop. A number on record could come to name another process; a socket dies with its own.
 *
 * @param state tells what is going on, asked anew each time
 * @param stop called when a stop is asked for
 * @returns what lets go of it; null where a start is there already
 */
export async function holdPlace(place, state, stop) {
  const server = createServer((client) => {
    client.on('error', () => {})
    client.once('data', (words) => {
      if (String(words).trim() === 'stop') stop()
      client.end(JSON.stringify({ pid: process.pid, ...state() }))
    })
  })
  for (let attempt = 0; ; attempt++) {
    const held = await new Promise((resolve, reject) => {
      server.once('error', (error) => (error.code === 'EADDRINUSE' ? resolve(false) : reject(error)))
      server.listen(place.control, () => resolve(true))
    })
    if (held) break
    if ((await ask(place)) || attempt > 3) return null
    // left behind by one that was killed
    rmSync(place.control, { force: true })
  }
  // two that began at once may both have found it left behind: the later one holds it
  if ((await ask(place))?.pid !== process.pid) {
    server.close()
    return null
  }
  return () => new Promise((resolve) => server.close(resolve))
}

/**
 * What the start of a place says of itself; null where there is none. One that is there and does not answer in time is busy.
 *
 * @param words 'state', or 'stop' to end it
 */
export function ask(place, words = 'state') {
  return new Promise((resolve) => {
    const socket = connect(place.control)
    let text = ''
    let isThere = false
    const settle = (answer) => {
      socket.destroy()
      resolve(answer)
    }
    socket.once('connect', () => {
      isThere = true
      socket.write(`${words}\n`)
    })
    socket.on('data', (chunk) => (text += chunk))
    socket.once('end', () => {
      try {
        settle(JSON.parse(text))
      } catch {
        settle(null)
      }
    })
    socket.once('error', () => settle(null))
    socket.setTimeout(ANSWER_WITHIN_MS, () => settle(isThere ? { phase: 'busy' } : null))
  })
}
