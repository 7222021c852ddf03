/** Gives the keyboard to an element once the page shows what was just changed: to the first of the ids that is there. */
export function focusSoon(...ids: string[]): void {
  requestAnimationFrame(() =>
    requestAnimationFrame(() => {
      for (const id of ids) {
        const element = document.getElementById(id)
        if (!element) continue
        element.focus()
        return
      }
    }),
  )
}
