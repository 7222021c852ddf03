import { describe, expect, test } from '@jest/globals'
import { inWords } from '../../../tests/support/saidTold'
import { demoHousehold } from '@/catalog/demoHousehold'
import { equipmentClass, sourceOf } from '@/catalog/equipment'
import { planOf } from '@/core/plan/planOf'
import { readHousehold } from '@/core/plan/household'
import { evaluate } from '../../../tests/support/saidEvaluation'
import {
  addLoad,
  addSource,
  addScenario,
  changeLoad,
  changeStanding,
  choose,
  freshId,
  freshName,
  hangLoad,
  keepEquipment,
  neighbour,
  removeLoad,
  removePowerSystem,
  removeScenario,
  removeSource,
} from './edits'
import { createHouseholdStore, shownHousehold } from './store'

const fresh = () => {
  const household = demoHousehold()
  const stored = { id: 'h', version: 4, savedAt: '2027-01-01T10:00:00.000Z', household }
  return createHouseholdStore(stored, evaluate(planOf(household), { runs: 5 }))
}
const nameOf = (store: ReturnType<typeof fresh>) => store.getState().household.loads[0].name
const rename = (name: string) => changeLoad('boiler', { name })

describe('undo and redo', () => {
  test('every change is one step', () => {
    const store = fresh()
    const { edit, undo, redo } = store.getState()
    edit(rename('Bo'))
    edit(changeStanding('boiler', { on: false }))
    undo()
    expect(nameOf(store)).toBe('Bo')
    undo()
    expect(nameOf(store)).toBe('Boiler, two circulators')
    redo()
    expect(nameOf(store)).toBe('Bo')
  })

  test('what is tried out is shown and not made, always on the household as it stood', () => {
    const store = fresh()
    const { edit, undo, tryOut, isTryingOut } = store.getState()
    const before = store.getState().household
    tryOut(() => edit(rename('B')))
    tryOut(() => {
      expect(isTryingOut()).toBe(true)
      edit(changeStanding('boiler', { on: false }))
      edit(changeLoad('boiler', { note: 'both' }))
    })
    const shown = shownHousehold(store.getState()).loads[0]
    expect(shown).toMatchObject({ name: 'Boiler, two circulators', note: 'both' })
    expect(shown.standings['february-ice'].on).toBe(false)
    expect(store.getState().household).toBe(before)
    expect(store.getState().save.kind).toBe('saved')
    tryOut(null)
    expect(shownHousehold(store.getState())).toBe(before)
    undo()
    expect(store.getState().household).toBe(before)
  })

  test('a change ends the trial; one that fails leaves none behind', () => {
    const store = fresh()
    const { edit, tryOut, isTryingOut } = store.getState()
    tryOut(() => edit(rename('B')))
    edit(rename('C'))
    expect(shownHousehold(store.getState()).loads[0].name).toBe('C')
    expect(() =>
      tryOut(() => {
        throw new Error('no')
      }),
    ).toThrow('no')
    expect(isTryingOut()).toBe(false)
    edit(rename('D'))
    expect(nameOf(store)).toBe('D')
  })

  test('what a field refused is held until it is let go', () => {
    const store = fresh()
    const { hold } = store.getState()
    const held = {
      label: 'Running watts',
      scopeName: 'Boiler',
      text: '-5',
      reason: 'below zero',
      counts: '150 W',
    }
    hold('a', held)
    expect([...store.getState().heldTexts]).toEqual([['a', held]])
    hold('a', null)
    expect(store.getState().heldTexts.size).toBe(0)
  })

  test('a new edit after undo drops what could be redone', () => {
    const store = fresh()
    const { edit, undo, redo } = store.getState()
    edit(rename('One'))
    undo()
    edit(rename('Two'))
    redo()
    expect(nameOf(store)).toBe('Two')
  })

  test('nothing to undo leaves everything as it is', () => {
    const store = fresh()
    store.getState().undo()
    store.getState().redo()
    expect(store.getState().save.kind).toBe('saved')
  })
})

describe('saving', () => {
  test('a change made while a save is on its way is still to be saved', () => {
    const store = fresh()
    store.getState().edit(rename('One'))
    const sent = store.getState().household
    store.getState().edit(rename('Two'))
    store.getState().saved(5, 'now', sent)
    expect(store.getState()).toMatchObject({ version: 5, save: { kind: 'unsaved' } })
    store.getState().saved(6, 'now', store.getState().household)
    expect(store.getState().save.kind).toBe('saved')
  })

  const newer = () => ({
    id: 'h',
    version: 9,
    savedAt: 'later',
    household: { ...demoHousehold(), loads: [] },
  })

  test('taking the newer state keeps one’s own a step of undo away', () => {
    const store = fresh()
    store.getState().edit(rename('Mine'))
    store.getState().setSave({ kind: 'stale', newer: newer() })
    store.getState().edit(rename('Mine too'))
    expect(store.getState().save.kind).toBe('stale')
    store.getState().takeNewer(newer())
    expect(store.getState()).toMatchObject({ version: 9, household: { loads: [] }, save: { kind: 'saved' } })
    store.getState().undo()
    expect(nameOf(store)).toBe('Mine too')
  })

  test('keeping one’s own saves it over the newer version', () => {
    const store = fresh()
    store.getState().edit(rename('Mine'))
    store.getState().keepMine(newer())
    expect(store.getState()).toMatchObject({ version: 9, save: { kind: 'unsaved' } })
    expect(nameOf(store)).toBe('Mine')
  })
})

describe('edits leave a valid household', () => {
  const after = (edit: (household: ReturnType<typeof demoHousehold>) => ReturnType<typeof demoHousehold>) => {
    const before = demoHousehold()
    const copy = structuredClone(before)
    const next = edit(before)
    expect(before).toEqual(copy)
    expect(inWords(readHousehold(next))).toMatchObject({ ok: true })
    return next
  }

  test('a copied load stands after the one it came from', () => {
    const { loads } = demoHousehold()
    const next = after(addLoad({ ...loads[0], id: 'copy' }, 'boiler'))
    expect(next.loads.slice(0, 2).map(({ id }) => id)).toEqual(['boiler', 'copy'])
    expect(after(removeLoad('boiler')).loads).toHaveLength(loads.length - 1)
  })

  test('a new outage is chosen, and loads stand in it as in the one it was made from', () => {
    const [ice] = demoHousehold().scenarios
    const next = after(addScenario({ ...ice, id: 'again' }, 'february-ice'))
    expect(next.chosen.scenarioId).toBe('again')
    expect(next.loads[1].standings.again).toEqual({ on: true, tier: 'flexible' })
  })

  test('removing the chosen outage or option chooses the next; the last one stays', () => {
    const next = after(removeScenario('february-ice'))
    expect(next.chosen.scenarioId).toBe('august-line-work')
    expect(next.loads[0].standings).not.toHaveProperty('february-ice')
    expect(after(removePowerSystem('station-2000')).chosen.powerSystemId).toBe('station-2000-expanded')
    const single = { ...demoHousehold(), scenarios: [demoHousehold().scenarios[0]] }
    expect(removeScenario('february-ice')(single)).toBe(single)
  })

  test('standings change in the chosen outage alone', () => {
    const next = after((household) =>
      changeStanding('boiler', { on: false })(choose({ scenarioId: 'november-flood' })(household)),
    )
    expect(next.loads[0].standings['november-flood'].on).toBe(false)
    expect(next.loads[0].standings['february-ice'].on).toBe(true)
  })
})

test('fresh ids and names are nobody else’s', () => {
  expect(freshId('Chest freezer', [{ id: 'chest-freezer' }])).toBe('chest-freezer-2')
  expect(freshId('🧊', [])).toBe('item')
  expect(freshName('Lamp', [{ name: 'Lamp' }, { name: 'Lamp 2' }])).toBe('Lamp 3')
  expect(neighbour([{ id: 'a' }, { id: 'b' }], 'a', -1).id).toBe('b')
})

describe('several sources in a power system', () => {
  const id = 'station-2000'
  const second = () => sourceOf(equipmentClass('station-1000'), 'second')
  const third = () => ({ ...sourceOf(equipmentClass('station-700'), 'third'), afterSourceId: 'second' })
  const sourcesOf = (household: ReturnType<typeof demoHousehold>) =>
    household.powerSystems.find((system) => system.id === id)!.sources

  test('a source is added, loads hang on it, and it goes with what hung on it going back to the first', () => {
    const two = hangLoad(id, 'network', 'second')(addSource(id, second())(demoHousehold()))
    expect(sourcesOf(two).map((source) => source.id)).toEqual(['main', 'second'])
    const sourceIdOf = (household: typeof two) =>
      planOf(household, household.chosen.scenarioId, id).loads.find((load) => load.id === 'network')!.sourceId
    expect(sourceIdOf(two)).toBe('second')
    const one = removeSource(id, 'second')(two)
    expect(sourcesOf(one)).toHaveLength(1)
    expect(sourceIdOf(one)).toBe('main')
    expect(inWords(readHousehold(one)).ok).toBe(true)
  })

  test('what followed the removed one follows what it followed; the last source stays', () => {
    const three = addSource(
      id,
      third(),
    )(addSource(id, { ...second(), afterSourceId: 'main' })(demoHousehold()))
    expect(inWords(readHousehold(three)).ok).toBe(true)
    const two = removeSource(id, 'second')(three)
    expect(sourcesOf(two).map(({ afterSourceId }) => afterSourceId)).toEqual([null, 'main'])
    const household = demoHousehold()
    expect(removeSource(id, 'main')(household)).toBe(household)
    expect(removeSource(id, 'nothing')(three)).toBe(three)
  })

  test('own equipment is kept beside the catalogue; none leaves no trace', () => {
    const mine = { ...equipmentClass('station-2000'), id: 'mine', owned: true }
    const kept = keepEquipment([mine])(demoHousehold())
    expect(inWords(readHousehold(kept))).toMatchObject({
      ok: true,
      household: { equipment: [{ id: 'mine' }] },
    })
    expect(keepEquipment([])(kept)).toEqual(demoHousehold())
  })

  test('all sources away, an inverter over its bank’s volts, a window upside down: each is told with what would be right', () => {
    const household = demoHousehold()
    household.powerSystems[0].sources[0].isAway = true
    const bank = household.powerSystems.find(({ sources }) => sources[0].bank)!
    bank.sources[0].bank!.series = 5
    household.powerSystems[1].sources[0].outfit!.input.solar!.lowV = 90
    const reading = inWords(readHousehold(household))
    expect(reading.ok ? [] : reading.faults.map(({ message }) => message)).toEqual([
      expect.stringMatching(/all of them are away/),
      expect.stringMatching(/lowest volts of the window/),
      expect.stringMatching(/5 × 12.8 V makes 64 V.*2 in series would be right/),
    ])
  })
})
