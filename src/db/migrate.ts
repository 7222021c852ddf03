import { readMigrationFiles } from 'drizzle-orm/migrator'
import { tlsOf } from './client'
import mysql, { type Connection, type RowDataPacket } from 'mysql2/promise'

/** Where the migrations that were made are recorded. The name is the one older releases used. */
const RECORD = '__drizzle_migrations'
const LOCK = 'yotrope_migrations'
const LOCK_WITHIN_S = 60

/** A database that is not ours to change; nothing was changed. */
export class ForeignDatabase extends Error {}

export interface MigrationOptions {
  /** told after each statement, by its place among all that are run */
  onStatement?: (nth: number) => void
}

/**
 * Brings a database to the newest schema, one process at a time.
 *
 * MariaDB commits each change of a table at once, so a migration that is cut leaves some of its statements made and no record
 * of it. Every statement can be made again, so it is begun anew; nothing is ever dropped.
 *
 * @param url of the database
 * @param folder of the generated migrations
 * @throws ForeignDatabase where tables stand that it cannot prove to be its own: without a record of migrations only empty tables
 *   of its own names are gone on with
 */
export async function applyMigrations(
  url: string,
  folder: string,
  { onStatement }: MigrationOptions = {},
): Promise<void> {
  const connection = await mysql.createConnection({ ...tlsOf(url), timezone: 'Z' })
  try {
    const [rows] = await connection.query<RowDataPacket[]>('SELECT GET_LOCK(?, ?) AS held', [
      `${LOCK}_${await schemaName(connection)}`.slice(0, 64),
      LOCK_WITHIN_S,
    ])
    if (rows[0]?.held !== 1) throw new Error('another process is changing the schema; try again in a minute')
    const migrations = readMigrationFiles({ migrationsFolder: folder })
    const made = await lastMade(connection)
    if (made === null) await ensureOurs(connection, migrations.flatMap(({ sql }) => sql).map(tableMade))
    await connection.query(
      `CREATE TABLE IF NOT EXISTS \`${RECORD}\` (id SERIAL PRIMARY KEY, hash text NOT NULL, created_at bigint)`,
    )
    let nth = 0
    for (const { sql, hash, folderMillis } of migrations) {
      if (made !== null && folderMillis <= made) continue
      for (const statement of sql) {
        await connection.query(statement)
        onStatement?.(nth++)
      }
      await connection.query(`INSERT INTO \`${RECORD}\` (hash, created_at) VALUES (?, ?)`, [
        hash,
        folderMillis,
      ])
      onStatement?.(nth++)
    }
  } finally {
    // the lock goes with its connection
    await connection.end()
  }
}

/** Whether every migration of a folder has been made. */
export async function isMigrated(connection: Pick<Connection, 'query'>, folder: string): Promise<boolean> {
  const newest = readMigrationFiles({ migrationsFolder: folder }).at(-1)!
  const made = await lastMade(connection)
  return made !== null && made >= newest.folderMillis
}

async function schemaName(connection: Connection): Promise<string> {
  const [rows] = await connection.query<RowDataPacket[]>('SELECT DATABASE() AS name')
  return String(rows[0].name)
}

async function tablesIn(connection: Pick<Connection, 'query'>): Promise<string[]> {
  const [rows] = await connection.query<RowDataPacket[]>(
    'SELECT table_name AS name FROM information_schema.tables WHERE table_schema = DATABASE()',
  )
  return rows.map(({ name }) => String(name))
}

/** When the newest migration on record was written; null where none is. */
async function lastMade(connection: Pick<Connection, 'query'>): Promise<number | null> {
  if (!(await tablesIn(connection)).includes(RECORD)) return null
  const [rows] = await connection.query<RowDataPacket[]>(`SELECT MAX(created_at) AS made FROM \`${RECORD}\``)
  return rows[0]?.made === null ? null : Number(rows[0].made)
}

const tableMade = (statement: string) =>
  /^CREATE TABLE (?:IF NOT EXISTS )?`([^`]+)`/.exec(statement.trim())?.[1]

/** Goes on only where every table is one of ours and empty: a first migration that was cut. */
async function ensureOurs(connection: Connection, ours: readonly (string | undefined)[]): Promise<void> {
  const tables = (await tablesIn(connection)).filter((name) => name !== RECORD)
  const foreign = tables.filter((name) => !ours.includes(name))
  const full: string[] = []
  for (const name of tables.filter((one) => ours.includes(one))) {
    const [rows] = await connection.query<RowDataPacket[]>(`SELECT 1 FROM \`${name}\` LIMIT 1`)
    if (rows.length > 0) full.push(name)
  }
  if (foreign.length === 0 && full.length === 0) return
  const what = foreign.length
    ? `holds tables that are not Yotrope’s (${foreign.slice(0, 5).join(', ')})`
    : `holds data (${full.slice(0, 5).join(', ')}) but no record of how it was made, the table ${RECORD}`
  throw new ForeignDatabase(
    `the database ${what}; nothing was changed. Give it an empty database of its own, or restore a whole backup.`,
  )
}
