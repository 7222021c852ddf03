/** Language tag of the pseudo-language: English with accents, a third longer. Tests see by it what words are left outside. */
export const PSEUDO = 'en-XA'

/** The language spoken: the server's setting; in a page, what the server wrote in it; in a worker, its name. */
export const LANGUAGE: string =
  typeof document === 'object'
    ? document.documentElement.lang || 'en'
    : ((typeof process === 'object' ? process.env.YOTROPE_LANGUAGE : undefined) ?? workerName() ?? 'en')

function workerName(): string | undefined {
  return /^[a-z]{2}(-[A-Z]{2})?$/.exec((globalThis as { name?: string }).name ?? '')?.[0]
}
