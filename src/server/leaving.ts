import 'server-only'

/** Signals of the requests being answered, by their ids; put there by the web server (cli/webWorker.mjs). */
const held = globalThis as { yotropeLeaving?: Map<string, AbortSignal> }

/** Aborted when the browser that sent a request has gone away; null where that is not known. */
export const leftOf = (headers: Headers): AbortSignal | null =>
  held.yotropeLeaving?.get(headers.get('x-request-id') ?? '') ?? null
