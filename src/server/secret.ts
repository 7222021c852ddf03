import 'server-only'
import { readFileSync } from 'node:fs'

let known: { file: string; secret: string } | null = null

/** What sessions and promises are signed with. @throws Error without YOTROPE_SECRET_FILE */
export function secret(): string {
  const file = process.env.YOTROPE_SECRET_FILE
  if (!file) throw new Error('YOTROPE_SECRET_FILE is not set; start the application with ./yotrope start')
  if (known?.file !== file) known = { file, secret: readFileSync(file, 'utf8').trim() }
  return known.secret
}
