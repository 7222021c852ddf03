/**
 * Where the application is reached. YOTROPE_ORIGIN names it behind a proxy (https there); on one's own
 * machine it is the loopback address.
 */
export function siteOrigin(): string {
  return process.env.YOTROPE_ORIGIN ?? `http://127.0.0.1:${process.env.PORT ?? '3000'}`
}

/** Origins from which changes are accepted: the site's own, and the other names it has in the house (YOTROPE_OTHER_ORIGINS) or on loopback. */
export function trustedOrigins(): string[] {
  const origin = siteOrigin()
  const { hostname } = new URL(origin)
  const others = (process.env.YOTROPE_OTHER_ORIGINS ?? '').split(',').filter(Boolean)
  if (hostname === '127.0.0.1') others.push(origin.replace('127.0.0.1', 'localhost'))
  return [...new Set([origin, ...others])]
}
