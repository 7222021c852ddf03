import { useEffect } from 'react'

/** Fetches what will soon be opened while the page has nothing else to do, so that it opens at the key. */
export function usePreload(...loaders: (() => Promise<unknown>)[]): void {
  useEffect(() => {
    const timer = setTimeout(() => loaders.forEach((load) => void load()), 300)
    return () => clearTimeout(timer)
    // the loaders are constants of the caller
    // eslint-disable-next-line react-hooks/exhaustive-deps
  }, [])
}
