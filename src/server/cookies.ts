import { createHmac, timingSafeEqual } from 'node:crypto'

/** The cookies of a request by their names. */
export function cookiesOf(headers: Headers): Map<string, string> {
  const pairs = (headers.get('cookie') ?? '').split(';').map((pair) => pair.trim().split('='))
  return new Map(pairs.map(([name, ...value]) => [name, value.join('=')]))
}

/**
 * What a signed cookie says, in the form the session library writes it: the value, a point and the HMAC-SHA-256 of the value in Base64,
 * percent-encoded.
 *
 * @returns null where the signature is missing or of another value
 */
export function signedValue(cookie: string | undefined, secret: string): string | null {
  const text = decoded(cookie ?? '')
  const point = text.lastIndexOf('.')
  if (point < 1) return null
  const value = text.slice(0, point)
  const given = Buffer.from(text.slice(point + 1), 'base64')
  return isSame(given, createHmac('sha256', secret).update(value).digest()) ? value : null
}

/** Whether two signatures are the same; takes as long for near misses as for any. */
export const isSame = (given: Buffer, right: Buffer): boolean =>
  given.length === right.length && timingSafeEqual(given, right)

function decoded(text: string): string {
  try {
    return decodeURIComponent(text)
  } catch {
    return ''
  }
}
