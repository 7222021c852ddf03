import { expect, test } from '@jest/globals'
import { hashOfCode, newCode, tidyCode } from './recoveryCode'

test('a code is twenty letters that are not misread, never the same twice', () => {
  const codes = new Set(Array.from({ length: 500 }, newCode))
  expect(codes.size).toBe(500)
  for (const code of codes) expect(code).toMatch(/^([0-9A-HJKMNP-TV-Z]{4}-){4}[0-9A-HJKMNP-TV-Z]{4}$/)
})

test('as it is typed: small letters, blanks, no dashes, O for nought, I and l for one', () => {
  const tidied = '01AB1CD0EF1GH2JK3MN4'
  for (const typed of ['01AB-1CD0-EF1G-H2JK-3MN4', ' 01ab 1cd0 ef1g h2jk 3mn4 ', 'OIAB-lCDO-EFIG-H2JK-3MN4'])
    expect(tidyCode(typed)).toBe(tidied)
  expect(hashOfCode(tidied)).toHaveLength(64)
  for (const none of ['', '01AB', `${tidied}X`, '01AB-1CD0-EF1G-H2JK-3MN!']) expect(tidyCode(none)).toBeNull()
})
