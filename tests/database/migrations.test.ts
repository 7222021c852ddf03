import { afterAll, beforeAll, describe, expect, jest, test } from '@jest/globals'
import { spawnSync } from 'node:child_process'
import { randomUUID } from 'node:crypto'
import { join } from 'node:path'
import mysql, { type RowDataPacket } from 'mysql2/promise'
import { demoHousehold } from '@/catalog/demoHousehold'
import { connect } from '@/db/client'
import { createHousehold, findHousehold } from '@/db/households'
import { UNITS_OF } from '@/core/quantity/units'
import { ForeignDatabase, applyMigrations, isMigrated } from '@/db/migrate'
import * as schema from '@/db/schema'
import { type TestDatabase, startTestDatabase } from '../support/testDatabase'

jest.setTimeout(180_000)

const MIGRATIONS = join(__dirname, '../../src/db/migrations')
const ROOT = join(__dirname, '../..')
let server: TestDatabase
let admin: mysql.Connection

beforeAll(async () => {
  server = await startTestDatabase('test-migrations', true, 'bare')
  admin = await mysql.createConnection({ uri: server.url, multipleStatements: true })
})
afterAll(async () => {
  await admin.end()
  await server.stop()
})

/** Empties the database, so that a test begins with nothing. */
async function empty() {
  const [rows] = await admin.query<RowDataPacket[]>(
    'SELECT table_name AS name FROM information_schema.tables WHERE table_schema = DATABASE()',
  )
  const drops = rows.map(({ name }) => `DROP TABLE \`${name}\`;`).join('')
  await admin.query(`SET FOREIGN_KEY_CHECKS = 0;${drops}SET FOREIGN_KEY_CHECKS = 1;`)
}

async function schemaWords() {
  const [rows] = await admin.query<RowDataPacket[]>(
    `SELECT table_name, column_name, column_type, collation_name, is_nullable, column_default FROM information_schema.columns
     WHERE table_schema = DATABASE() ORDER BY 1, 2`,
  )
  const [keys] = await admin.query<RowDataPacket[]>(
    `SELECT table_name, constraint_name, constraint_type FROM information_schema.table_constraints
     WHERE table_schema = DATABASE() ORDER BY 1, 2`,
  )
  const [indexes] = await admin.query<RowDataPacket[]>(
    `SELECT table_name, index_name, column_name, seq_in_index FROM information_schema.statistics
     WHERE table_schema = DATABASE() ORDER BY 1, 2, 4`,
  )
  return JSON.stringify([rows, keys, indexes])
}

describe('migrating', () => {
  test('cut after a statement it is gone on with, and ends in the same schema', async () => {
    await empty()
    let statements = 0
    await applyMigrations(server.url, MIGRATIONS, { onStatement: () => statements++ })
    const whole = await schemaWords()
    expect(statements).toBeGreaterThan(50)
    // every one of them in the soak run
    const step = process.env.SOAK ? 1 : 3
    for (let cut = 0; cut < statements; cut += step) {
      await empty()
      const broken = applyMigrations(server.url, MIGRATIONS, {
        onStatement: (nth) => {
          if (nth === cut) throw new Error('cut')
        },
      })
      await expect(broken).rejects.toThrow('cut')
      await applyMigrations(server.url, MIGRATIONS)
      expect(await schemaWords()).toBe(whole)
    }
  })

  test('a process that dies outright between two statements leaves nothing in the way', async () => {
    for (const cut of [3, 40]) {
      await empty()
      const { signal } = spawnSync(
        process.execPath,
        ['--import', 'tsx', join(ROOT, 'tests/support/migrateAndDie.ts'), server.url, String(cut)],
        { cwd: ROOT },
      )
      expect(signal).toBe('SIGKILL')
      expect(await isMigrated(admin, MIGRATIONS)).toBe(false)
      await applyMigrations(server.url, MIGRATIONS)
      expect(await isMigrated(admin, MIGRATIONS)).toBe(true)
    }
  })

  test('many at once: one does it, the others find it done', async () => {
    await empty()
    await Promise.all([1, 2, 3].map(() => applyMigrations(server.url, MIGRATIONS)))
    const [rows] = await admin.query<RowDataPacket[]>('SELECT COUNT(*) AS n FROM __drizzle_migrations')
    expect(rows[0].n).toBe(14)
  })

  test('what an older release wrote comes in the trade’s words', async () => {
    await empty()
    await applyMigrations(server.url, MIGRATIONS)
    const opened = connect(server.url)
    const id = randomUUID()
    await opened.db.insert(schema.user).values({ id: 'w', name: 'W', email: 'w@visitor.invalid' })
    await createHousehold(opened.db, 'w', id, demoHousehold(), new Date())
    const older = `
      UPDATE standings SET tier = CASE tier WHEN 'critical' THEN 'hold' WHEN 'flexible' THEN 'ration' WHEN 'optional' THEN 'spare' ELSE 'refuse' END;
      UPDATE scenarios SET carried_tiers = CASE carried_tiers WHEN 'critical' THEN 'hold' WHEN 'flexible' THEN 'ration' ELSE 'spare' END;
      UPDATE loads SET behaviour = REPLACE(behaviour, '"evidence":"measured"', '"evidence":"drilled"'),
        start = REPLACE(start, '"evidence":"measured"', '"evidence":"drilled"');
      UPDATE households SET profile = JSON_SET(profile, '$.units', 'us');
      DROP TABLE run_photos; DROP TABLE run_entries; DROP TABLE runs;
      DELETE FROM __drizzle_migrations ORDER BY id DESC LIMIT 6`
    await admin.query(older)
    const read = async () => (await findHousehold(opened.db, 'w', id))!.household
    // the same words are understood where they are read before they were changed
    const before = await read()
    await applyMigrations(server.url, MIGRATIONS)
    const [old] = await admin.query<RowDataPacket[]>(
      `SELECT (SELECT COUNT(*) FROM standings WHERE tier IN ('hold', 'ration', 'spare', 'refuse')) +
              (SELECT COUNT(*) FROM scenarios WHERE carried_tiers IN ('hold', 'ration', 'spare')) +
              (SELECT COUNT(*) FROM loads WHERE behaviour LIKE '%drilled%') AS n`,
    )
    expect(old[0].n).toBe(0)
    const wanted = demoHousehold()
    wanted.profile.units = UNITS_OF.us
    const text = JSON.stringify(wanted.loads).replaceAll('"evidence":"measured"', '"evidence":"tested"')
    expect(await read()).toEqual({ ...wanted, loads: JSON.parse(text) })
    expect(before).toEqual(await read())
    await opened.pool.end()
  })

  test('ids that differ in capitals alone are two', async () => {
    await empty()
    await applyMigrations(server.url, MIGRATIONS)
    const opened = connect(server.url)
    const id = randomUUID()
    await opened.db.insert(schema.user).values({ id: 'v', name: 'V', email: 'v@visitor.invalid' })
    const household = demoHousehold()
    household.loads.push(
      { ...household.loads[0], id: 'Fridge', name: 'A' },
      { ...household.loads[0], id: 'fridge', name: 'B' },
    )
    await createHousehold(opened.db, 'v', id, household, new Date())
    expect((await findHousehold(opened.db, 'v', id))?.household).toEqual(household)
    await opened.pool.end()
  })
})

describe('a database that is not its own', () => {
  test.each([
    [
      'with a table of somebody else’s',
      'CREATE TABLE photos (id int)',
      /holds tables that are not Yotrope’s \(photos\)/,
    ],
    [
      'whose record of migrations was lost, with data in it',
      'CREATE TABLE households (id varchar(64)); INSERT INTO households VALUES ("h")',
      /holds data \(households\) but no record of how it was made/,
    ],
    [
      'whose record of migrations was emptied, with data in it',
      'CREATE TABLE __drizzle_migrations (id SERIAL PRIMARY KEY, hash text NOT NULL, created_at bigint); CREATE TABLE user (id varchar(64)); INSERT INTO user VALUES ("u")',
      /holds data \(user\)/,
    ],
  ])('%s is left as it is', async (_, made, words) => {
    await empty()
    await admin.query(made)
    const before = await schemaWords()
    const refused = applyMigrations(server.url, MIGRATIONS)
    await expect(refused).rejects.toThrow(ForeignDatabase)
    await expect(refused).rejects.toThrow(words)
    expect(await schemaWords()).toBe(before)
  })
})
