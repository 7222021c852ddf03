import { expect, test } from '@jest/globals'
import { readPages } from './readPages'

test.each([
  [undefined, []],
  ['', []],
  ['loads', ['loads']],
  ['loads.power', ['loads', 'power']],
  ['<script>.loads..%00', ['loads']],
])('%s names %j', (cookie, pages) => expect(readPages(cookie)).toEqual(pages))
