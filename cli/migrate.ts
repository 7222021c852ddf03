import { join } from 'node:path'
import { applyMigrations } from '@/db/migrate'

// begun in the project's own folder
const url = process.env.DATABASE_URL
if (!url) throw new Error('DATABASE_URL is not set')
await applyMigrations(url, join(process.cwd(), 'src/db/migrations'))
