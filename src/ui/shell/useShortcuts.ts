import { useEffect, useLayoutEffect, useRef } from 'react'
import { choose, neighbour } from '../household/edits'
import { useHouseholdStore } from '../household/HouseholdContext'
import { announce } from './announce'
import { type KeyAct, actOf, keySettings, restoreKeys } from './keySettings'
import { STEPS } from './steps'
import { useGo } from './useGo'
import { useShortcuts as useShortcutsWords } from '@/words/en/ui/shell'
import { wordsOf } from '@/words/translate'

const say = wordsOf(useShortcutsWords)

/** Pages listen for this to add what belongs to them. */
const ADD_EVENT = 'yotrope-add'

interface Shortcuts {
  householdId: string
  openHelp: () => void
  openFind: () => void
}

/** The keys that work on every page. They rest while a field, a menu, a slider or a dialog has the keyboard, and can be switched off. */
export function useShortcuts(shortcuts: Shortcuts): void {
  const store = useHouseholdStore()
  const go = useGo()
  const current = useRef(shortcuts)
  useEffect(() => {
    current.current = shortcuts
  })
  useEffect(() => {
    void restoreKeys()
    const onKeyDown = (event: KeyboardEvent) => {
      if (!(event.ctrlKey || event.metaKey) || event.key.toLowerCase() !== 'z') return
      // it belongs to the text that is being typed, or to the dialog
      if (event.target instanceof Element && event.target.closest('[data-typing=true], [role=dialog]')) return
      event.preventDefault()
      const { undo, redo, past, future } = store.getState()
      if ((event.shiftKey ? future : past).length === 0) return
      if (event.shiftKey) redo()
      else undo()
      announce(event.shiftKey ? say('doneAgain') : say('undone'))
    }
    window.addEventListener('keydown', onKeyDown)
    return () => window.removeEventListener('keydown', onKeyDown)
  }, [store])
  const scenario = (by: 1 | -1) => () => {
    const { household, edit } = store.getState()
    const next = neighbour(household.scenarios, household.chosen.scenarioId, by)
    edit(choose({ scenarioId: next.id }))
    announce(say('outage', { next: next.name }))
  }
  const option = (by: 1 | -1) => () => {
    const { household, edit } = store.getState()
    const next = neighbour(household.powerSystems, household.chosen.powerSystemId, by)
    edit(choose({ powerSystemId: next.id }))
    announce(say('powerOption', { next: next.name }))
  }
  usePageKeys({
    help: () => current.current.openHelp(),
    find: () => current.current.openFind(),
    add: () => window.dispatchEvent(new Event(ADD_EVENT)),
    previousOption: option(-1),
    nextOption: option(1),
    previousOutage: scenario(-1),
    nextOutage: scenario(1),
    ...Object.fromEntries(
      STEPS.map(({ path, name }) => [
        path,
        () => {
          announce(name)
          go(`/h/${current.current.householdId}/${path}`)
        },
      ]),
    ),
  })
}

const BUSY = `input:not([type=checkbox], [type=radio], [type=button]), textarea, select, [contenteditable=true],
  [role=dialog], [role=menu], [role=listbox], [role=combobox], [role=slider], [role=spinbutton], [data-dragging=true]`

const isBusy = (target: EventTarget | null): boolean =>
  target instanceof Element && target.closest(BUSY) !== null

/** Runs a page's own single keys, which rest while a field, a menu, a slider or a dialog has the keyboard. */
export function usePageKeys(keys: Partial<Record<KeyAct, () => void>>): void {
  const current = useRef(keys)
  // before the next key can come, not some time after the page is painted
  useLayoutEffect(() => {
    current.current = keys
  })
  useEffect(() => {
    const onKeyDown = (event: KeyboardEvent) => {
      if (event.ctrlKey || event.metaKey || event.altKey || isBusy(event.target)) return
      const act = actOf(keySettings.getState(), event.key)
      const action = act && current.current[act]
      if (!action) return
      event.preventDefault()
      action()
    }
    window.addEventListener('keydown', onKeyDown)
    return () => window.removeEventListener('keydown', onKeyDown)
  }, [])
}

/** Runs `add` when the visitor asks a page to add something. */
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
