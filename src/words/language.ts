/** Language tag of the pseudo-language: English with accents, a third longer. Tests see by it what words are left outside. */
export const PSEUDO = 'en-XA'

/** The server's setting; in a page, what the server wrote in it; in a worker, its name. */
const asked =
  typeof document === 'object'
    ? document.documentElement.lang
    : ((typeof process === 'object' ? process.env.YOTROPE_LANGUAGE : undefined) ??
      (globalThis as { name?: string }).name)

/** The language spoken; one that is not known is English. */
export const LANGUAGE: 'en' | typeof PSEUDO = asked === PSEUDO ? PSEUDO : 'en'
