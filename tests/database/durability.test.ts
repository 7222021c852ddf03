import { describe, expect, jest, test } from '@jest/globals'
import { randomUUID } from 'node:crypto'
import { statSync } from 'node:fs'
import { join } from 'node:path'
import mysql from 'mysql2/promise'
import { demoHousehold } from '@/catalog/demoHousehold'
import { connect } from '@/db/client'
import { createHousehold, findHousehold, saveHousehold } from '@/db/households'
import { allEntries, keepEntries, keepRun } from '@/db/runs'
import { planOf } from '@/core/plan/planOf'
import { headOf, readingAt } from '../calibration/runs/runOf'
import * as schema from '@/db/schema'
import { startTestDatabase } from '../support/testDatabase'

jest.setTimeout(120_000)

const userId = 'visitor'
const id = randomUUID()

/** A household in which everything carries the same mark, so that a half-saved one shows. */
function marked(n: number) {
  const household = demoHousehold()
  household.profile.name = `Mark ${n}`
  for (const part of [...household.loads, ...household.scenarios, ...household.powerSystems])
    part.note = `Mark ${n}`
  return household
}

test('a database killed while saving keeps every confirmed save whole, no half of another, and every entry of a run', async () => {
  let server = await startTestDatabase('test-durability')
  let opened = connect(server.url)
  await opened.db.insert(schema.user).values({ id: userId, name: 'V', email: 'v@visitor.invalid' })
  await createHousehold(opened.db, userId, id, marked(0), new Date())
  const plan = planOf(demoHousehold())
  const head = headOf(plan)
  await keepRun(opened.db, id, head, new Date())
  const keptEntries: string[] = []
  let confirmed = 0
  for (const killAfter of [3, 9]) {
    let failed = false
    while (!failed) {
      const entry = readingAt(plan, keptEntries.length, { chargeFraction: 0.9 })
      // what was written down in a run is there as soon as it is said to be, whatever happens the moment after
      if (await keepEntries(opened.db, id, head.id, [entry])) keptEntries.push(entry.id)
      const saving = saveHousehold(opened.db, userId, id, confirmed + 1, marked(confirmed + 1), new Date())
      if (confirmed >= killAfter) process.kill(server.pid, 'SIGKILL')
      await saving.then(
        (outcome) => {
          expect(outcome.kind).toBe('saved')
          confirmed++
        },
        () => (failed = true),
      )
    }
    await server.gone()
    await opened.pool.end().catch(() => {})
    server = await startTestDatabase('test-durability', false)
    opened = connect(server.url)
    const stored = await findHousehold(opened.db, userId, id)
    // the save on its way may have been written or not; whichever, it is whole
    const n = (stored?.version ?? 0) - 1
    expect([confirmed, confirmed + 1]).toContain(n)
    expect(stored?.household).toEqual(marked(n))
    confirmed = n
    const entries = await allEntries(opened.db, id, head.id)
    expect(entries.map((entry) => entry.id)).toEqual(keptEntries)
  }
  await opened.pool.end()
  await server.stop()
})

describe('the private server', () => {
  test('keeps its password from others, listens on the loopback address only, and flushes every commit', async () => {
    const server = await startTestDatabase('test-private')
    const home = join(process.env.YOTROPE_DATA ?? join(__dirname, '../../.yotrope'), 'test-private')
    expect(statSync(join(home, 'database-password')).mode & 0o077).toBe(0)
    const connection = await mysql.createConnection(server.url)
    const [rows] = await connection.query<mysql.RowDataPacket[]>(
      'SELECT @@bind_address AS address, @@innodb_flush_log_at_trx_commit AS flush, @@innodb_doublewrite AS doublewrite, @@character_set_database AS charset',
    )
    expect(rows[0]).toMatchObject({ address: '127.0.0.1', flush: 1, doublewrite: 1, charset: 'utf8mb4' })
    await connection.end()
    await server.stop()
  })

  test('a data directory in use is refused with one clear line', async () => {
    const server = await startTestDatabase('test-in-use', true, 'bare')
    const { spawnSync } = await import('node:child_process')
    const second = spawnSync(
      process.execPath,
      [join(__dirname, '../../cli/testDatabase.mjs'), 'test-in-use', 'bare'],
      { encoding: 'utf8', input: '' },
    )
    expect(second.status).not.toBe(0)
    expect(second.stderr).toMatch(
      /the data directory .* is in use by another MariaDB; stop that one, then try again\. Nothing was changed\./,
    )
    const connection = await mysql.createConnection(server.url)
    await connection.query('SELECT 1')
    await connection.end()
    await server.stop()
  })
})
