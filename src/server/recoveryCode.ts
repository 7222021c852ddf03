import 'server-only'
import { createHash, randomBytes } from 'node:crypto'

/** Digits and letters that are not taken for one another. */
const ALPHABET = '0123456789ABCDEFGHJKMNPQRSTVWXYZ'
const LENGTH = 20

/** A code of a hundred bits of chance, in groups of four. @example "7K2M-…" */
export function newCode(): string {
  const letters = [...randomBytes(LENGTH)].map((byte) => ALPHABET[byte % ALPHABET.length]).join('')
  return letters.match(/.{4}/g)!.join('-')
}

/** A code as it is compared: capitals, no dashes or blanks, and what is easily misread as what it was. Null for what cannot be one. */
export function tidyCode(typed: string): string | null {
  const letters = typed.toUpperCase().replace(/[\s-]/g, '').replaceAll('O', '0').replace(/[IL]/g, '1')
  return letters.length === LENGTH && [...letters].every((letter) => ALPHABET.includes(letter))
    ? letters
    : null
}

/** What is stored of a code. A hundred bits of chance need no salt and no slow hash. */
export const hashOfCode = (tidied: string): string => createHash('sha256').update(tidied).digest('hex')
