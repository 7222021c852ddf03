export interface Visitor {
  cookie: string
  id: string
}

/** A newcomer's cookie and the household promised to them. */
export async function arrive(origin: string): Promise<Visitor> {
  const response = await fetch(`${origin}/`, { redirect: 'manual' })
  return {
    cookie: response.headers.get('set-cookie')!.split(';')[0],
    id: response.headers.get('location')!.split('/')[2],
  }
}

/** A newcomer's first request for more than a page, which makes the visitor; its answer carries the session. */
export const settle = (origin: string, { cookie, id }: Visitor): Promise<Response> =>
  fetch(`${origin}/api/households/${id}`, { headers: { cookie } })

/** A new visitor's cookie and household. */
export async function visit(origin: string): Promise<Visitor> {
  const newcomer = await arrive(origin)
  const first = await settle(origin, newcomer)
  await first.text()
  return { cookie: first.headers.getSetCookie()[0]?.split(';')[0] ?? newcomer.cookie, id: newcomer.id }
}
