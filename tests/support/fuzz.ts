import { uniformAt } from '@/core/quantity/random'

const METHODS = ['GET', 'PUT', 'POST', 'DELETE', 'HEAD', 'OPTIONS', 'PATCH']
const PATHS = [
  '/',
  '/open',
  '/h/:id/runtime',
  '/h/:id/loads',
  '/h/:id/:word',
  '/api/households',
  '/api/households/:id',
  '/api/households/:id/plan?scenario=:word&powerSystem=:word',
  '/api/households/:id/calendar?from=:word&months=:word',
  '/api/households/:id/codes',
  '/api/households/:id/codes/:word',
  '/api/households/:id/versions',
  '/api/households/:id/versions/:word',
  '/api/open',
  '/api/health',
  '/api/ready',
  '/api/standins/meter?appliance=:word&speed=:word&hours=:word',
  '/api/standins/weather?latitude=:word&longitude=:word&startsAt=:word&hours=:word',
  '/:word',
]
const WORDS = [
  'constructor',
  '__proto__',
  'toString',
  '%00',
  '%zz',
  '..%2f..%2fetc%2fpasswd',
  '0',
  '-1',
  '1e309',
  'NaN',
  '2027-02-30',
  '💥',
  '%F0%9F%92%A5',
  "' OR 1=1 --",
  '<script>',
  'a'.repeat(3000),
  '2027-01-15',
  '12',
]
const BODIES = [
  '',
  '{',
  'null',
  '[]',
  '{}',
  '"x"',
  '{"baseVersion":1}',
  '{"baseVersion":1,"household":null}',
  '{"baseVersion":1e999,"household":{}}',
  '{"__proto__":{"polluted":1},"constructor":{"prototype":{"polluted":1}}}',
  '{"from":"sample","extra":1}',
  '{"from":"nothing","name":"\\ud83d","mains":"120 V"}',
  '{"from":"file","version":99,"household":{}}',
  '{"code":"0000-0000-0000-0000-0000"}',
  '{"code":{"toString":1}}',
  `{"deep":${'['.repeat(5000)}${']'.repeat(5000)}}`,
  'x'.repeat(100_000),
]
const TYPES = [
  'application/json',
  'text/plain',
  'application/json; charset=utf-16',
  'multipart/form-data',
  '',
]

/**
 * The n-th of a row of requests that nobody means well with, the same each time.
 *
 * @param ids of households, the asker's own and others
 */
export function fuzzed(n: number, ids: readonly string[]): { path: string; init: RequestInit } {
  let draws = 0
  const pick = <T>(list: readonly T[]): T => list[Math.floor(uniformAt(n + 1, draws++) * list.length)]
  const path = pick(PATHS).replace(/:id|:word/g, (what) =>
    what === ':id' ? pick([...ids, ...WORDS]) : pick(WORDS),
  )
  const method = pick(METHODS)
  const headers: Record<string, string> = {}
  const type = pick(TYPES)
  if (type) headers['content-type'] = type
  if (pick([true, false])) headers['sec-fetch-site'] = pick(['same-origin', 'cross-site', 'none'])
  const body = method === 'GET' || method === 'HEAD' ? undefined : pick(BODIES)
  return { path, init: { method, headers, body, redirect: 'manual' } }
}
