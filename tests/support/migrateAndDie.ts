import { join } from 'node:path'
import { applyMigrations } from '@/db/migrate'

/** Migrates a database and ends itself, as a crash would, after so many statements. */
const [url, after] = process.argv.slice(2)
void applyMigrations(url, join(import.meta.dirname, '../../src/db/migrations'), {
  onStatement: (nth) => {
    if (nth === Number(after)) process.kill(process.pid, 'SIGKILL')
  },
})
