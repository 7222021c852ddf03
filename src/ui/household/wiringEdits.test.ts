import { describe, expect, test } from '@jest/globals'
import { demoHousehold } from '@/catalog/demoHousehold'
import { readHousehold } from '@/core/plan/household'
import type { Household } from '@/core/plan/household'
import { addLoad, removeLoad } from './edits'
import {
  addCord,
  answerFinding,
  changeCord,
  changeHouseWiring,
  changeLoadWiring,
  changeNeed,
  changePit,
  changeSourceWiring,
  pricePart,
  removeCord,
} from './wiringEdits'

const bare = (): Household => {
  const { wiring, ...rest } = demoHousehold()
  void wiring
  return rest
}
const isSound = (household: Household) => expect(readHousehold(household)).toMatchObject({ ok: true })

describe('changes of how things are connected', () => {
  test('begin where nothing was said, and leave a sound household', () => {
    const cord = { id: 'reel', name: 'Reel', areaMm2: null, lengthM: 25 }
    const one = addCord(cord, 'boiler')(bare())
    expect(one.wiring).toEqual({
      cords: [cord],
      loads: [{ loadId: 'boiler', connection: 'cord', cordId: 'reel' }],
    })
    const two = changeCord('reel', { areaMm2: 2.5, isCoiled: true })(one)
    expect(two.wiring?.cords).toEqual([{ ...cord, areaMm2: 2.5, isCoiled: true }])
    isSound(changeHouseWiring({ transfer: 'interlock' })(two))
  })
  test('what is taken back is not said any more', () => {
    const said = changeSourceWiring('station-2000', 'main', { neutral: 'bonded', aboveFloorM: 1 })(bare())
    const back = changeSourceWiring('station-2000', 'main', { neutral: undefined })(said)
    expect(back.wiring?.sources).toEqual([
      { powerSystemId: 'station-2000', sourceId: 'main', aboveFloorM: 1 },
    ])
    isSound(changeLoadWiring('boiler', { cordId: undefined })(back))
  })
  test('a cord that goes lets go of its loads, and of the cord plugged into it', () => {
    const household = changeCord('shelf-strip', { fromCordId: 'cellar-cord' })(demoHousehold())
    const without = removeCord('cellar-cord')(household)
    isSound(without)
    expect(without.wiring?.loads?.find(({ loadId }) => loadId === 'drain-pump')).toEqual({
      loadId: 'drain-pump',
    })
    expect(without.wiring?.cords?.find(({ id }) => id === 'shelf-strip')).not.toHaveProperty('fromCordId')
  })
  test('what is gone takes no room, and lists stay within what is kept', () => {
    let household = bare()
    for (let i = 0; i < 230; i++) {
      const load = { ...household.loads[0], id: `guest-${i}` }
      household = addLoad(load)(household)
      household = changeLoadWiring(load.id, { connection: 'straight' })(household)
      household = changePit(load.id, { loadId: load.id, areaM2: 0.2, toRimM: 0.3 })(household)
      household = removeLoad(load.id)(household)
      household = answerFinding(`finding ${i}`, { facts: '', note: '' })(household)
    }
    expect(household.wiring?.loads).toEqual([])
    expect(household.wiring?.risk?.pits).toEqual([])
    expect(household.wiring?.acknowledged?.at(-1)?.finding).toBe('finding 229')
    isSound(household)
  })
  test('a pit, a need, a price and an answer are each there once, and can be taken away', () => {
    const pit = { loadId: 'drain-pump', areaM2: 0.2, toRimM: 0.3 }
    const need = { id: 'm', kind: 'medicine' as const, name: 'Medicine', hours: 8 }
    const twice = [
      changePit('drain-pump', pit),
      changeNeed('m', need),
      pricePart('cart', 50),
      answerFinding('x', { facts: 'f', note: '' }),
    ]
    const household = [...twice, ...twice].reduce((now, edit) => edit(now), bare())
    expect(household.wiring).toEqual({
      risk: { pits: [pit], needs: [need] },
      prices: [{ part: 'cart', price: 50 }],
      acknowledged: [{ finding: 'x', facts: 'f', note: '' }],
    })
    isSound(household)
    const gone = [
      changePit('drain-pump', null),
      changeNeed('m', null),
      pricePart('cart', null),
      answerFinding('x', null),
    ].reduce((now, edit) => edit(now), household)
    expect(gone.wiring).toEqual({ risk: { pits: [], needs: [] }, prices: [], acknowledged: [] })
  })
})
