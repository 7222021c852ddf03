/** Which pages' lines were read: paths with points between them. It travels with the page so that nothing jumps once scripts run. */
export const READ_COOKIE = 'yotrope.read'
export const READ_FOR_S = 52 * 7 * 24 * 3600

const PATH = /^[a-z-]{1,20}$/

/** The pages a cookie names; what is no page's path is left out. */
export const readPages = (cookie: string | undefined): string[] =>
  (cookie ?? '').split('.').filter((path) => PATH.test(path))
