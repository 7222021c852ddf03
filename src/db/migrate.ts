import { migrate } from 'drizzle-orm/mysql2/migrator'
import type { RowDataPacket } from 'mysql2'
import { connect } from './client'

/**
 * Brings a database to the newest schema, one process at a time.
 *
 * MariaDB commits each change of a table at once, so a first migration that was cut leaves tables without a
 * record of it. Nothing can have been saved by then: it is begun anew.
 *
 * @param url of the database
 * @param folder of the generated migrations
 */
export async function applyMigrations(url: string, folder: string): Promise<void> {
  const { db, pool } = connect(url)
  const lock = await pool.getConnection()
  try {
    const [rows] = await lock.query<RowDataPacket[]>("SELECT GET_LOCK('yotrope_migrations', 30) AS held")
    if (rows[0]?.held !== 1) throw new Error('another process is changing the schema; try again in a minute')
    const [tables] = await lock.query<RowDataPacket[]>(
      'SELECT table_name AS name FROM information_schema.tables WHERE table_schema = DATABASE()',
    )
    const names = tables.map(({ name }) => String(name))
    const recorded = names.includes('__drizzle_migrations')
      ? (await lock.query<RowDataPacket[]>('SELECT COUNT(*) AS n FROM __drizzle_migrations'))[0][0]?.n
      : 0
    if (Number(recorded) === 0 && names.length > 0) {
      await lock.query('SET FOREIGN_KEY_CHECKS = 0')
      for (const name of names) await lock.query(`DROP TABLE \`${name}\``)
      await lock.query('SET FOREIGN_KEY_CHECKS = 1')
    }
    await migrate(db, { migrationsFolder: folder })
    await lock.query("SELECT RELEASE_LOCK('yotrope_migrations')")
  } finally {
    lock.release()
    await pool.end()
  }
}
