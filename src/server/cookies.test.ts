import { describe, expect, test } from '@jest/globals'
import { createHmac } from 'node:crypto'
import { cookiesOf, signedValue } from './cookies'

const SECRET = 'a secret of the test that is long enough'

const signed = (value: string, secret = SECRET) =>
  encodeURIComponent(`${value}.${createHmac('sha256', secret).update(value).digest('base64')}`)

describe('a signed cookie', () => {
  test('of the session library is read', () => {
    expect(signedValue(signed('token-1'), SECRET)).toBe('token-1')
    expect(signedValue(signed('a.b c'), SECRET)).toBe('a.b c')
  })

  test('with another secret, another value or without a signature says nothing', () => {
    const cookie = decodeURIComponent(signed('token-1'))
    for (const wrong of [
      signed('token-1', `${SECRET}.`),
      cookie.replace('token-1', 'token-2'),
      cookie.slice(0, -4),
      'token-1',
      'token-1.',
      '.abc',
      '%E0%A4%A',
      '',
      undefined,
    ])
      expect(signedValue(wrong, SECRET)).toBeNull()
  })
})

test('cookies keep equal signs in their values, and a name of a built-in is only a name', () => {
  const cookies = cookiesOf(new Headers({ cookie: 'a=b=c; __proto__=x; empty=' }))
  expect([...cookies]).toEqual([
    ['a', 'b=c'],
    ['__proto__', 'x'],
    ['empty', ''],
  ])
})
