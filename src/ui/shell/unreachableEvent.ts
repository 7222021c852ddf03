/** What was asked for and cannot be fetched: another page, or a part of this one. */
export type Unreached = 'page' | 'part'

const NAME = 'yotrope-unreachable'

export const tellUnreachable = (what: Unreached): void =>
  void window.dispatchEvent(new CustomEvent(NAME, { detail: what }))

/** @returns how to stop listening */
export function onUnreachable(listen: (what: Unreached) => void): () => void {
  const heard = (event: Event) => listen((event as CustomEvent<Unreached>).detail)
  window.addEventListener(NAME, heard)
  return () => window.removeEventListener(NAME, heard)
}
