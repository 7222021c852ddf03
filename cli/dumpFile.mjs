import { createReadStream } from 'node:fs'
import { createInterface } from 'node:readline'

/**
 * Reads a backup as data: which tables it makes, whether it comes to its end, and the first thing in it that a backup never
 * holds. A statement is told by what stands outside of its strings; nothing of it is run here.
 */

const LAST_LINE = /^-- Dump completed/
/** What the dump program writes first, for a client that is not to run programs: a comment to every server. */
const FIRST_LINE = /^\/\*M!999999\\- enable the sandbox mode \*\/ ?$/
const NAME = '`'
const STRING = "'"
const SETTABLE =
  /^(@OLD_\w+|@saved_cs_client|NAMES|CHARACTER_SET_\w+|COLLATION_CONNECTION|TIME_ZONE|UNIQUE_CHECKS|FOREIGN_KEY_CHECKS|SQL_MODE|SQL_NOTES|AUTOCOMMIT)$/i
const VALUE = /^(@?@?\w+|')$/

/** Whether a statement, its names and strings taken out, is one that a dump of tables and rows is made of. */
function isOfADump(statement) {
  const text = statement.replace(/\s+/g, ' ').trim()
  if (text === '') return true
  if (/^SET /i.test(text)) return text.slice(4).split(',').every(isSetting)
  if (/^(DROP TABLE IF EXISTS `|LOCK TABLES ` WRITE|UNLOCK TABLES|COMMIT|START TRANSACTION)$/i.test(text))
    return true
  if (/^ALTER TABLE ` (DISABLE|ENABLE) KEYS$/i.test(text)) return true
  if (/^CREATE TABLE ` \(/i.test(text))
    return !/\b(DIRECTORY|CONNECTION|SELECT|UNION)\b|ENGINE ?= ?(?!InnoDB\b)/i.test(text)
  if (/^INSERT INTO ` (\([`, ]*\) )?VALUES ?\(/i.test(text))
    return /^(NULL|0x[0-9a-f]*|-?[\d.]+(e[+-]?\d+)?|_binary|[(),' ])*$/i.test(
      text.replace(/^[^V]*VALUES/i, ''),
    )
  return false
}

function isSetting(part) {
  const [name, value, ...more] = part.trim().split(/ ?= ?/)
  if (/^NAMES \w+$/i.test(name) && value === undefined) return true
  return more.length === 0 && SETTABLE.test(name) && value !== undefined && VALUE.test(value)
}

/** @returns the tables a dump makes, whether it comes to its end, and the beginning of what does not belong into one */
export async function inspectDump(file) {
  const reader = new DumpReader()
  let last = ''
  let isFirst = true
  for await (const line of createInterface({ input: createReadStream(file) })) {
    if (!(isFirst && FIRST_LINE.test(line))) reader.read(`${line}\n`)
    isFirst = false
    if (line) last = line.slice(0, 80)
  }
  reader.end()
  return { tables: reader.tables, isWhole: LAST_LINE.test(last), strange: reader.strange }
}

/** What stands outside of strings and comments, statement by statement, from line to line. */
class DumpReader {
  tables = new Set()
  strange = null
  #statement = ''
  #firstName = ''
  #name = ''
  /** what the string, name or comment at hand ends with; null outside of them */
  #until = null

  read(line) {
    for (let i = 0; i < line.length; i++) {
      const c = line[i]
      if (this.#until !== null) i = this.#within(line, i)
      else if (c === '#' || /^--\s/.test(line.slice(i, i + 3))) return
      else if (c === '/' && line[i + 1] === '*') {
        // what servers of a version run is read as the statement it is
        const sign = /^\/\*M?!\d*/.exec(line.slice(i, i + 16))
        if (sign) i += sign[0].length - 1
        else this.#until = '*/'
      } else if (c === '*' && line[i + 1] === '/') i++
      else if (c === STRING || c === NAME || c === '"') {
        this.#until = c
        this.#name = ''
        this.#statement += c === NAME ? NAME : STRING
      } else if (c === ';') this.end()
      else if (c === '\\') this.strange ??= line.slice(i, i + 60).trim()
      else this.#statement += c
    }
  }

  /** Looks at the statement that has ended here. */
  end() {
    if (!isOfADump(this.#statement)) this.strange ??= this.#statement.trim().slice(0, 60)
    if (/^\s*CREATE TABLE/i.test(this.#statement)) this.tables.add(this.#firstName)
    this.#statement = this.#firstName = ''
  }

  /** A letter of a string, a name or a comment. @returns the place of the last one that was read */
  #within(line, i) {
    const c = line[i]
    if (this.#until === '*/') {
      if (c !== '*' || line[i + 1] !== '/') return i
      this.#until = null
      return i + 1
    }
    if (c === '\\' && this.#until !== NAME) return i + 1
    if (c === this.#until) {
      this.#firstName ||= this.#name
      this.#until = null
    } else if (this.#until === NAME) this.#name += c
    return i
  }
}
