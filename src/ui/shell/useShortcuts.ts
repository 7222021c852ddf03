import { useEffect, useLayoutEffect, useRef } from 'react'
import { choose, neighbour } from '../household/edits'
import { useHouseholdStore } from '../household/HouseholdContext'
import { STEPS } from './steps'
import { useGo } from './useGo'

/** Pages listen for this to add what belongs to them. */
export const ADD_EVENT = 'yotrope-add'

interface Shortcuts {
  householdId: string
  openKeys: () => void
  openFind: () => void
}

/** The keys that work on every page. They rest while a field, a menu or a dialog has the keyboard. */
export function useShortcuts(shortcuts: Shortcuts): void {
  const store = useHouseholdStore()
  const go = useGo()
  const current = useRef(shortcuts)
  useEffect(() => {
    current.current = shortcuts
  })
  useEffect(() => {
    const onKeyDown = (event: KeyboardEvent) => {
      const { household, edit, undo, redo } = store.getState()
      const { householdId, openKeys, openFind } = current.current
      if ((event.ctrlKey || event.metaKey) && event.key.toLowerCase() === 'z') {
        event.preventDefault()
        if (event.shiftKey) redo()
        else undo()
        return
      }
      if (event.ctrlKey || event.metaKey || event.altKey || isBusy(event.target)) return
      const step = STEPS.find(({ key }) => key === event.key)
      const { scenarioId, powerSystemId } = household.chosen
      const scenario = (by: 1 | -1) =>
        edit(choose({ scenarioId: neighbour(household.scenarios, scenarioId, by).id }))
      const candidate = (by: 1 | -1) =>
        edit(choose({ powerSystemId: neighbour(household.powerSystems, powerSystemId, by).id }))
      const actions: Record<string, () => void> = {
        '?': openKeys,
        '/': openFind,
        a: () => window.dispatchEvent(new Event(ADD_EVENT)),
        '[': () => candidate(-1),
        ']': () => candidate(1),
        ',': () => scenario(-1),
        '.': () => scenario(1),
      }
      const action = step ? () => go(`/h/${householdId}/${step.path}`) : actions[event.key]
      if (!action) return
      event.preventDefault()
      action()
    }
    window.addEventListener('keydown', onKeyDown)
    return () => window.removeEventListener('keydown', onKeyDown)
  }, [store, go])
}

function isBusy(target: EventTarget | null): boolean {
  if (!(target instanceof Element)) return false
  return (
    target.closest(
      'input:not([type=checkbox]), textarea, select, [role=dialog], [role=menu], [role=listbox]',
    ) !== null
  )
}

/** Runs a page's own single keys, which rest while a field, a menu or a dialog has the keyboard. */
export function usePageKeys(keys: Record<string, () => void>): void {
  const current = useRef(keys)
  // before the next key can come, not some time after the page is painted
  useLayoutEffect(() => {
    current.current = keys
  })
  useEffect(() => {
    const onKeyDown = (event: KeyboardEvent) => {
      if (event.ctrlKey || event.metaKey || event.altKey || isBusy(event.target)) return
      const action = current.current[event.key]
      if (!action) return
      event.preventDefault()
      action()
    }
    window.addEventListener('keydown', onKeyDown)
    return () => window.removeEventListener('keydown', onKeyDown)
  }, [])
}

/** Runs `add` when the visitor presses `a` on a page. */
export function useAddKey(add: () => void): void {
  const current = useRef(add)
  useEffect(() => {
    current.current = add
  })
  useEffect(() => {
    const onAdd = () => current.current()
    window.addEventListener(ADD_EVENT, onAdd)
    return () => window.removeEventListener(ADD_EVENT, onAdd)
  }, [])
}
