'use client'
import { choose } from '../household/edits'
import { useHousehold, useHouseholdStore } from '../household/HouseholdContext'
import { type PickItem, PickDialog } from './PickDialog'
import { STEPS } from './steps'
import { useGo } from './useGo'

/** Finds loads, outages, candidates and pages by any part of their name. */
export function FindDialog({ householdId, onClose }: { householdId: string; onClose: () => void }) {
  const store = useHouseholdStore()
  const household = useHousehold((state) => state.household)
  const go = useGo()
  const { edit } = store.getState()
  const item = (kind: string, id: string, name: string, path: string, before?: () => void): PickItem => ({
    key: `${kind} ${id}`,
    name,
    words: kind,
    pick: () => {
      onClose()
      before?.()
      go(`/h/${householdId}/${path}`)
    },
  })
  const all = [
    ...household.loads.map(({ id, name }) => item('load', id, name, `loads?load=${id}`)),
    ...household.scenarios.map(({ id, name }) =>
      item('outage', id, name, 'outage', () => edit(choose({ scenarioId: id }))),
    ),
    ...household.powerSystems.map(({ id, name }) =>
      item('power', id, name, 'power', () => edit(choose({ powerSystemId: id }))),
    ),
    ...STEPS.map(({ path, name }) => item('page', path, name, path)),
  ]
  return (
    <PickDialog
      title="Find"
      label="Find a load, an outage, a power option or a page"
      placeholder="Part of a name"
      itemsFor={(text) => all.filter(({ name }) => name.toLowerCase().includes(text.trim().toLowerCase()))}
      onClose={onClose}
    />
  )
}
