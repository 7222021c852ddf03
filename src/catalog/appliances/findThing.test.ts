import { describe, expect, test } from '@jest/globals'
import { APPLIANCES } from '.'
import { EVERYDAY_NAMES, SEVERAL_NAMES } from './everydayNames'
import { findThing, isKnownWord, searchAppliances } from './findThing'

const found = (name: string) => {
  const match = findThing(name.toLowerCase().split(' '))
  return match?.kind === 'thing' ? match.thing.id : (match?.kind ?? null)
}

describe('everyday names', () => {
  test.each([
    ['fridge', 'refrigerator'],
    ['icebox', 'refrigerator'],
    ['deep freezer', 'freezer-chest'],
    ['sump pump', 'drain-pump'],
    ['wifi', 'router'],
    ['TV', 'television'],
    ['CPAP', 'breathing-aid'],
    ['BiPAP', 'breathing-aid'],
    ['ventilator', 'ventilator'],
    ['nebulizer', 'nebulizer'],
    ['oxygen', 'oxygen'],
    ['insulin', 'medicine-cooler'],
    ['furnace', 'furnace'],
    ['boiler', 'boiler'],
    ['mini split', 'split-air-conditioner'],
    ['space heater', 'fan-heater'],
    ['washer', 'washer'],
    ['dryer', 'dryer'],
    ['bread maker', 'bread-maker'],
    ['blender', 'blender'],
    ['phone charger', 'phone'],
    ['light bulbs', 'lamp'],
    ['fish tank', 'aquarium'],
    ['e-bike', 'electric-bicycle'],
    ['garage door', 'garage-door'],
    ['fan', 'fan'],
    ['stove fan', 'gas-fire-fan'],
    ['fish tank heater', 'aquarium-heater'],
    ['modem and router', 'network'],
    ['grandma’s old fridge', 'refrigerator-old'],
    ['AC', 'several'],
    ['battery backup', 'source'],
    ['ups for the router', 'source'],
    ['inverter', 'source'],
    ['inverter fridge', 'refrigerator-inverter'],
    ['gizmo', null],
  ])('%s is %s', (name, id) => expect(found(name)).toBe(id))

  test('typing errors find what is spelt nearly so, and say that it was guessed', () => {
    for (const [typed, id] of [
      ['refridgerator', 'refrigerator'],
      ['freezr', 'freezer-chest'],
      ['microwve', 'microwave'],
      ['dehumidifer', 'dehumidifier'],
    ] as const)
      expect(found(typed)).toBe(id)
    expect(findThing(['microwve'])).toMatchObject({ isGuess: true })
    expect(findThing(['microwave'])).toMatchObject({ isGuess: false })
  })

  test('every name in the lists leads to a thing, and none to two', () => {
    for (const id of Object.keys(EVERYDAY_NAMES)) expect(APPLIANCES.map((one) => one.id)).toContain(id)
    const all = Object.values(EVERYDAY_NAMES).flat()
    expect(all.filter((name, i) => all.indexOf(name) !== i)).toEqual([])
    for (const names of Object.values(SEVERAL_NAMES))
      for (const name of names) expect(found(name)).not.toMatch(/several|source/)
  })

  test('words of the catalogue are known, others are not', () => {
    expect(isKnownWord('bulbs')).toBe(true)
    expect(isKnownWord('kitchen')).toBe(true)
    expect(isKnownWord('constructor')).toBe(false)
  })
})

describe('the search', () => {
  test('over at least 120 things, the closest name first', () => {
    expect(APPLIANCES.length).toBeGreaterThanOrEqual(120)
    expect(searchAppliances('fan')[0].id).toBe('fan')
    expect(searchAppliances('pump').length).toBeGreaterThan(8)
    expect(searchAppliances('sump pmp')[0].id).toBe('drain-pump')
    expect(searchAppliances('ac')[0].id).toBe('window-air-conditioner')
    expect(searchAppliances('')).toHaveLength(APPLIANCES.length)
    expect(searchAppliances('xyzzy')).toEqual([])
  })
})
