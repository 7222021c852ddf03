'use client'
import createCache, { type EmotionCache } from '@emotion/cache'
import { CacheProvider } from '@emotion/react'
import { useServerInsertedHTML } from 'next/navigation'
import { type ReactNode, useState } from 'react'

const KEY = 'mui'
/**
 * No browser that runs this page needs prefixed properties; without them a page's styles are a third shorter. One list for all
 * pages: rules made once are known by it on the server.
 */
const NO_PREFIXES: [] = []
const LAYER_STATEMENT = /^@layer\s+[^{]*$/

type PageStyles = { cache: EmotionCache; written: string[] }

/**
 * Where MUI's styles go. On the server they are written into the head with the page, and named there so that the browser does not
 * write them again. In the browser there is one cache for the life of the page: React renders a page that is still arriving from
 * its root again for every script that comes, and a cache made anew moved the head's styles each time, for which the browser laid
 * the whole page out afresh. Each rule gets a style element of its own at the end of the head: that is appended to what is known,
 * whereas a rule added within a sheet has every sheet of the page, and its fonts, matched again.
 */
export function StyleCache({ nonce, children }: { nonce: string; children: ReactNode }) {
  const [styles] = useState(() =>
    typeof document === 'undefined' ? stylesOf(nonce) : (inBrowser ??= adopted(nonce)),
  )
  useServerInsertedHTML(() => {
    const names = styles.written.splice(0)
    if (names.length === 0) return null
    const text = names.map((name) => styles.cache.inserted[name]).filter((rule) => typeof rule === 'string')
    return (
      <style
        nonce={nonce}
        data-styles={names.join(' ')}
        dangerouslySetInnerHTML={{ __html: text.join('') }}
      />
    )
  })
  return <CacheProvider value={styles.cache}>{children}</CacheProvider>
}

let inBrowser: PageStyles | undefined

function adopted(nonce: string): PageStyles {
  const styles = stylesOf(nonce)
  for (const element of document.querySelectorAll<HTMLStyleElement>('style[data-styles]')) {
    for (const name of (element.dataset.styles ?? '').split(' ')) styles.cache.inserted[name] = true
  }
  return styles
}

function stylesOf(nonce: string): PageStyles {
  const cache = createCache({ key: KEY, nonce, stylisPlugins: NO_PREFIXES, speedy: false })
  cache.compat = true
  const written: string[] = []
  const insert = cache.insert
  cache.insert = (selector, serialized, ...rest) => {
    if (!LAYER_STATEMENT.test(serialized.styles)) serialized.styles = `@layer ${KEY} {${serialized.styles}}`
    if (cache.inserted[serialized.name] === undefined) written.push(serialized.name)
    return insert(selector, serialized, ...rest)
  }
  return { cache, written }
}
