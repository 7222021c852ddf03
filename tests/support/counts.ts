/** How often something arbitrary is tried: all in the soak run, two fifths of it in the usual one. */
export const tries = (full: number): number => (process.env.SOAK ? full : Math.ceil(full * 0.4))
