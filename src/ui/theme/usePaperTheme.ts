import { useEffect } from 'react'

/** Paper is white: what is printed by night is printed in the colours of the day, and the night comes back. */
export function usePaperTheme(): void {
  useEffect(() => {
    const root = document.documentElement
    let before: string | undefined
    const toPaper = () => {
      before ??= root.dataset.theme ?? ''
      root.dataset.theme = 'light'
    }
    const back = () => {
      if (before) root.dataset.theme = before
      else if (before === '') delete root.dataset.theme
      before = undefined
    }
    window.addEventListener('beforeprint', toPaper)
    window.addEventListener('afterprint', back)
    return () => {
      window.removeEventListener('beforeprint', toPaper)
      window.removeEventListener('afterprint', back)
    }
  }, [])
}
