import { join } from 'node:path'
import { applyMigrations } from '@/db/migrate'

const url = process.env.DATABASE_URL
if (!url) throw new Error('DATABASE_URL is not set')
await applyMigrations(url, join(import.meta.dirname, '../src/db/migrations'))
