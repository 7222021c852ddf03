import { afterEach, beforeEach, describe, expect, test } from '@jest/globals'
import { mkdtempSync, writeFileSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { promiseKept, promiseSample, promisedTo } from './promise'

const secretFile = join(mkdtempSync(join(tmpdir(), 'secret-')), 'secret')
writeFileSync(secretFile, 'a secret')

const NOW = new Date('2027-01-15T20:00:00Z')
const after = (days: number) => new Date(NOW.getTime() + days * 24 * 3_600_000)
const sent = (cookie: string) => new Headers({ cookie: `other=1; ${cookie.split(';')[0]}; last=x` })
const before = { ...process.env }

beforeEach(() => {
  delete process.env.YOTROPE_ORIGIN
  process.env.YOTROPE_SECRET_FILE = secretFile
})
afterEach(() => {
  process.env = { ...before }
})

describe('a promised copy of the sample', () => {
  test('is known by its cookie for a week, which no script reads', () => {
    const { householdId, cookie } = promiseSample(NOW)
    expect(cookie).toMatch(/^yotrope\.newcomer=.*; Max-Age=604800; Path=\/; HttpOnly; SameSite=Lax$/)
    expect(promisedTo(sent(cookie), after(6.9))).toBe(householdId)
    expect(promisedTo(sent(cookie), after(7.1))).toBeNull()
  })

  test('is another’s for nobody: each part of the cookie is signed', () => {
    const { cookie } = promiseSample(NOW)
    const { householdId } = promiseSample(NOW)
    const [id, since, signature] = cookie.split(';')[0].split('=')[1].split('.')
    for (const value of [
      `${householdId}.${since}.${signature}`,
      `${id}.${Number(since) + 1}.${signature}`,
      `${id}.${since}.${signature.replace(/.$/, (last) => (last === 'A' ? 'Q' : 'A'))}`,
      `${id}.${since}.`,
      '',
    ])
      expect(promisedTo(sent(`yotrope.newcomer=${value}`), NOW)).toBeNull()
    expect(promisedTo(new Headers(), NOW)).toBeNull()
  })

  test('on https the cookie is sent over https alone', () => {
    process.env.YOTROPE_ORIGIN = 'https://outage.invalid'
    expect(promiseSample(NOW).cookie).toMatch(/^__Secure-yotrope\.newcomer=.*; Secure$/)
    expect(promiseKept()).toMatch(/^__Secure-yotrope\.newcomer=; Max-Age=0;.*; Secure$/)
  })
})
