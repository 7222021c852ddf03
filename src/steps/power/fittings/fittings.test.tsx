import { afterEach, beforeAll, describe, expect, test } from '@jest/globals'
import { fireEvent, screen } from '@testing-library/react'
import userEvent from '@testing-library/user-event'
import { NoWorker, inHousehold } from '../../../../tests/support/inHousehold'
import { demoHousehold } from '@/catalog/demoHousehold'
import { equipmentClass, systemOf } from '@/catalog/equipment'
import type { Household } from '@/core/plan/household'
import { useHousehold } from '@/ui/household/HouseholdContext'
import { Fittings } from './Fittings'

beforeAll(() => {
  Object.assign(globalThis, { Worker: NoWorker })
})
afterEach(() => localStorage.clear())

const withSystem = (id: string): Household => {
  const household = demoHousehold()
  const system = systemOf(equipmentClass(id), 'looked-at')
  return {
    ...household,
    powerSystems: [...household.powerSystems, system],
    chosen: { ...household.chosen, powerSystemId: 'looked-at' },
  }
}

/** The chosen system's fittings, and its source as it stands after each change. */
function Looked() {
  const system = useHousehold(({ household }) => household.powerSystems.find(({ id }) => id === 'looked-at'))!
  return (
    <>
      <Fittings systemId={system.id} source={system.sources[0]} />
      <output>{JSON.stringify(system.sources[0])}</output>
    </>
  )
}
const source = () => JSON.parse(screen.getByRole('status').textContent!)
const retype = (label: string, text: string) => {
  fireEvent.change(screen.getByLabelText(label), { target: { value: text } })
  fireEvent.blur(screen.getByLabelText(label))
}
const open = async (id: string) => {
  inHousehold(withSystem(id), <Looked />)
  await userEvent.click(screen.getByRole('button', { name: /outlets, inputs and limits/ }))
}

describe('fittings of a station', () => {
  test('volts can be changed, but one is left', async () => {
    await open('station-1000')
    await userEvent.click(screen.getByLabelText('12 V'))
    expect(source().volts).toEqual([120])
    await userEvent.click(screen.getByLabelText('120 V'))
    expect(source().volts).toEqual([120])
    await userEvent.click(screen.getByLabelText('240 V'))
    expect(source().volts).toEqual([120, 240])
  })

  test('an input for panels: its window, and none at all', async () => {
    await open('station-1000')
    retype('Highest volts', '30')
    retype('Amps it takes', '8 A')
    expect(source().outfit.input.solar).toMatchObject({ highV: 30, amps: 8 })
    retype('Lowest volts', '31')
    expect(screen.getByRole('alert').textContent).toMatch(/^Below its highest 30 V\. 11 V counts until then/)
    expect(source().outfit.input.solar.lowV).toBe(11)
    await userEvent.click(screen.getByLabelText('it has an input for them'))
    expect(source().outfit.input.solar).toBeNull()
    expect(screen.queryByLabelText('Highest volts')).toBeNull()
  })

  test('expansions attached move its watt-hours and price; without any it takes none', async () => {
    await open('station-2000')
    retype('Attached', '1')
    expect(source()).toMatchObject({ capacityWh: { value: 4096 }, price: 2280 })
    await userEvent.click(screen.getByLabelText('it takes more batteries'))
    expect(source()).toMatchObject({ capacityWh: { value: 2048 }, price: 1500, outfit: { expansion: null } })
  })

  test('a gap in milliseconds, a limit of all inputs, legs, sleep', async () => {
    await open('station-1000')
    retype('After', '30 ms')
    await userEvent.click(screen.getByLabelText('have a limit together'))
    retype('Together', '700')
    await userEvent.click(screen.getByLabelText('each leg has its own limit'))
    retype('Watts a leg', '900')
    await userEvent.click(screen.getByLabelText('it goes to sleep'))
    retype('Under', '8 W')
    const { outfit } = source()
    expect(outfit.transferMs).toBeCloseTo(30, 9)
    expect(outfit).toMatchObject({ input: { totalW: 700 }, legW: 900, sleep: { belowW: 8, afterMin: 120 } })
  })

  test('ranges of temperature do not cross', async () => {
    await open('station-1000')
    retype('Charging temperature from', '45')
    expect(screen.getByRole('alert').textContent).toMatch(
      /^Below 40 °C, its highest\. 0 °C counts until then/,
    )
    expect(source().outfit.chargeC).toEqual({ lowC: 0, highC: 40 })
    expect(screen.getByText(/“45” typed as Charging temperature from does not go with this/)).toBeTruthy()
    retype('Charging temperature up to', '50')
    expect(source().outfit.chargeC).toEqual({ lowC: 45, highC: 50 })
    retype('Charging temperature from', '41 °F')
    expect(source().outfit.chargeC).toEqual({ lowC: 5, highC: 50 })
  })

  test('what has none gets plain ones, without an input for panels', async () => {
    await open('ups-office')
    expect(source().outfit).toMatchObject({ outlets: { count: 2 }, input: { solar: null }, dc: null })
    await userEvent.click(screen.getByLabelText('12 V socket and USB'))
    retype('12 V socket', '60')
    expect(source().outfit.dc).toMatchObject({ socketW: 60, usbW: 100 })
  })
})
