// A MariaDB of a test's own: started on the place named, told on standard output as one line of JSON, and
// stopped when standard input ends. Tests run it as a process so that they can also kill it.
import { startDatabase } from './database.mjs'
import { applyMigrations } from './instance.mjs'
import { placeOf } from './paths.mjs'

const [name, mode] = process.argv.slice(2)
const database = await startDatabase(placeOf(name))
let isAsked = false
void database.ended.then(() => isAsked || process.exit(9))
if (mode !== 'bare') await applyMigrations(database.url)
console.log(JSON.stringify({ url: database.url, pid: database.pid }))
process.stdin.resume()
process.stdin.on('end', async () => {
  isAsked = true
  await database.stop()
  process.exit(0)
})
