'use client'
import { findDialog } from '@/words/en/ui/dialogs'
import { wordsOf } from '@/words/translate'
import { GLOSSARY } from '../help/glossary'
import { choose } from '../household/edits'
import { useHousehold, useHouseholdStore } from '../household/HouseholdContext'
import { type PickItem, PickDialog } from './PickDialog'
import { STEPS } from './steps'
import { useGo } from './useGo'

const say = wordsOf(findDialog)

const KINDS = { load: say('load'), outage: say('outage'), power: say('power'), page: say('page') }

/** What can be found, with words it is found by beside its name. */
type Findable = PickItem & { also: string }

interface FindDialogProps {
  householdId: string
  openHelp: (term: string) => void
  onClose: () => void
}

/** Finds loads, outages, power options, pages and words by any part of their name, pages also by what is done there. */
export function FindDialog({ householdId, openHelp, onClose }: FindDialogProps) {
  const store = useHouseholdStore()
  const household = useHousehold((state) => state.household)
  const go = useGo()
  const { edit } = store.getState()
  const item = (
    kind: keyof typeof KINDS,
    id: string,
    name: string,
    path: string,
    before?: () => void,
  ): Findable => ({
    key: `${kind} ${id}`,
    name,
    words: KINDS[kind],
    also: '',
    pick: () => {
      onClose()
      before?.()
      go(`/h/${householdId}/${path}`)
    },
  })
  const all: Findable[] = [
    ...household.loads.map(({ id, name }) => item('load', id, name, `loads?load=${id}`)),
    ...household.scenarios.map(({ id, name }) =>
      item('outage', id, name, 'outage', () => edit(choose({ scenarioId: id }))),
    ),
    ...household.powerSystems.map(({ id, name }) =>
      item('power', id, name, 'power', () => edit(choose({ powerSystemId: id }))),
    ),
    ...STEPS.map(({ path, name, words, purpose }) => ({
      ...item('page', path, name, path),
      also: `${words} ${purpose}`,
    })),
    ...GLOSSARY.map(({ term, meaning, labels = [] }) => ({
      key: `word ${term}`,
      name: term,
      words: say('word'),
      also: [meaning, ...labels].join(' '),
      pick: () => openHelp(term),
    })),
  ]
  const itemsFor = (text: string) => {
    const asked = text.trim().toLowerCase()
    const has = (part: string) => part.toLowerCase().includes(asked)
    const byName = all.filter(({ name }) => has(name))
    return asked ? [...byName, ...all.filter(({ name, also }) => !has(name) && has(also))] : byName
  }
  return (
    <PickDialog
      title={say('find')}
      label={say('findALoadAnOutageA')}
      placeholder={say('partOfAName')}
      itemsFor={itemsFor}
      onClose={onClose}
    />
  )
}
