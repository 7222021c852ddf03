import { readFileSync } from 'node:fs'
import { join } from 'node:path'
import { ROOT } from './paths.mjs'

const readJson = (file) => JSON.parse(readFileSync(join(ROOT, 'src/words', file), 'utf8'))
const MESSAGES = readJson('en/cli.json')
const letters = process.env.YOTROPE_LANGUAGE === 'en-XA' ? readJson('accents.json') : null

/**
 * Words of what runs before anything is installed: ICU messages with nothing but values in them, written in without
 * a package. @returns says a message of a group by its key; throws where there is none or a value is missing
 */
export function wordsOf(group) {
  return (key, values = {}) => {
    const message = MESSAGES[group]?.[key]
    if (message === undefined) throw new Error(`there is no message ${group}.${key}`)
    return message.replace(/\{(\w+)\}|[^{]/g, (text, name) => {
      if (name === undefined) return accented(text)
      if (values[name] === undefined) throw new Error(`${group}.${key} misses ${name}`)
      return String(values[name])
    })
  }
}

/** A letter of the pseudo-language, if that is spoken. */
function accented(letter) {
  const place = letters ? letters.plain.indexOf(letter) : -1
  return place < 0 ? letter : letters.accented[place].repeat(letters.twice.includes(letter) ? 2 : 1)
}
