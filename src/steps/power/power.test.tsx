import { afterEach, beforeAll, describe, expect, test } from '@jest/globals'
import { render, screen, within } from '@testing-library/react'
import userEvent from '@testing-library/user-event'
import { NoWorker, inHousehold } from '../../../tests/support/inHousehold'
import { demoHousehold } from '@/catalog/demoHousehold'
import { bankOf } from '@/catalog/equipment'
import type { Household } from '@/core/plan/household'
import { useHousehold } from '@/ui/household/HouseholdContext'
import { OwnEquipment } from './OwnEquipment'
import { SourcesPanel } from './SourcesPanel'
import { BankBuilder } from './bank/BankBuilder'
import { BankDrawing } from './bank/BankDrawing'

beforeAll(() => {
  Object.assign(globalThis, { Worker: NoWorker })
})
// what is typed is kept as a draft until it is saved, which nothing does here
afterEach(() => localStorage.clear())

const choosing = (powerSystemId: string): Household => {
  const household = demoHousehold()
  return { ...household, chosen: { ...household.chosen, powerSystemId } }
}

function ChosenBank() {
  const system = useHousehold(({ household }) =>
    household.powerSystems.find(({ id }) => id === household.chosen.powerSystemId),
  )!
  const [source] = system.sources
  return <BankBuilder system={system} source={{ ...source, bank: source.bank! }} />
}

function ChosenSources() {
  const system = useHousehold(({ household }) =>
    household.powerSystems.find(({ id }) => id === household.chosen.powerSystemId),
  )!
  return <SourcesPanel system={system} />
}

const retype = async (label: string, text: string) => {
  const field = screen.getByLabelText(label)
  await userEvent.clear(field)
  await userEvent.type(field, `${text}{Enter}`)
}

describe('the bank builder', () => {
  test('rows and series change volts, amp-hours and the drawing', async () => {
    inHousehold(choosing('bank-agm-24'), <ChosenBank />)
    expect(screen.getByTestId('bank-sum').textContent).toContain('24 V, 220 Ah, 5.28 kWh')
    await retype('Strings in parallel', '4')
    expect(screen.getByTestId('bank-sum').textContent).toContain('24 V, 440 Ah')
    expect(screen.getByTestId('bank-drawing').getAttribute('aria-label')).toBe(
      '2 in series, 4 strings in parallel: 24 V, 440 Ah',
    )
  })

  test('the wrong volts for the inverter are a draft that can be left', async () => {
    inHousehold(choosing('bank-agm-24'), <ChosenBank />)
    await retype('In series', '4')
    expect(screen.getByRole('alert').textContent).toMatch(/makes 48 V.*2 in series would be right/)
    await userEvent.click(screen.getByRole('button', { name: 'Back to the bank as it was' }))
    expect(screen.queryByRole('alert')).toBeNull()
    expect(screen.getByTestId('bank-sum').textContent).toContain('24 V, 220 Ah')
  })

  test('batteries in one line are arranged for the inverter; unequal ones are not taken', async () => {
    inHousehold(choosing('bank-agm-24'), <ChosenBank />)
    const line = screen.getByLabelText('In one line')
    await userEvent.type(line, '12 V 100 Ah and 12 V 50 Ah{Enter}')
    expect(screen.getByTestId('bank-line-said').textContent).toMatch(/Unequal batteries/)
    await userEvent.clear(line)
    await userEvent.type(line, '8 x 6 V 225 Ah flooded{Enter}')
    expect(screen.getByTestId('bank-sum').textContent).toContain('24 V, 450 Ah, 10.8 kWh')
    expect(screen.getByText(/hydrogen/)).toBeTruthy()
  })

  test('which volts are half used is asked of flooded batteries, Peukert of lead-acid, neither of LiFePO4', async () => {
    const openMore = () => userEvent.click(screen.getByRole('button', { name: /^More/ }))
    const { unmount } = inHousehold(choosing('bank-lfp-24'), <ChosenBank />)
    await openMore()
    expect(screen.queryByLabelText('Voltage at 50 %')).toBeNull()
    expect(screen.queryByLabelText('Peukert exponent')).toBeNull()
    expect(screen.getByText(/volts say little/)).toBeTruthy()
    unmount()
    inHousehold(choosing('bank-agm-24'), <ChosenBank />)
    expect(screen.queryByLabelText('Peukert exponent')).toBeNull()
    await openMore()
    expect(screen.getByLabelText('Peukert exponent')).toBeTruthy()
  })

  test('a small charger is told to be too slow', async () => {
    inHousehold(choosing('bank-agm-24'), <ChosenBank />)
    expect(screen.getByText('No charger: nothing refills it from an outlet.')).toBeTruthy()
    await retype('Charger of its own', '4 A')
    expect(screen.getByText(/too slow between two outages/)).toBeTruthy()
  })
})

describe('the drawing of a bank', () => {
  test('as many batteries as there are, a fuse in each row', () => {
    const { bank } = bankOf('flooded-6-225', 4, 2, 'inverter-1500-24', 'bank')
    const { container } = render(<BankDrawing bank={bank!} />)
    expect(container.querySelectorAll('rect[fill="var(--store-wash)"]')).toHaveLength(8)
    expect(container.querySelectorAll('rect[stroke="var(--demand)"]')).toHaveLength(2)
    expect(within(container).getByText('24 V × 450 Ah')).toBeTruthy()
  })
})

describe('several sources', () => {
  const two = (): Household => {
    const household = choosing('station-2000')
    const system = household.powerSystems.find(({ id }) => id === 'station-2000')!
    system.sources.push({ ...structuredClone(system.sources[0]), id: 'second', name: 'Spare station' })
    return household
  }

  test('one source is told as one, without a table', () => {
    inHousehold(choosing('station-2000'), <ChosenSources />)
    expect(screen.getByRole('heading', { name: 'One source in 2 kWh station' })).toBeTruthy()
    expect(screen.queryByRole('table')).toBeNull()
  })

  test('in turn: what happens at the swap is said, and no circle can be chosen', async () => {
    inHousehold(two(), <ChosenSources />)
    expect(screen.getByRole('heading', { name: 'What is plugged in where' })).toBeTruthy()
    await userEvent.selectOptions(screen.getByLabelText('Turn of Spare station'), 'after 2 kWh station')
    expect(screen.getByText(/you plug the loads over and they stop for that moment/)).toBeTruthy()
    const turns = within(screen.getByLabelText('Turn of 2 kWh station')).getAllByRole('option')
    expect(turns.map(({ textContent }) => textContent)).toEqual(['beside the others'])
  })

  test('one may be away, but not the last that is here', async () => {
    inHousehold(two(), <ChosenSources />)
    await userEvent.click(screen.getByLabelText('Spare station is here'))
    expect(screen.getByText('away')).toBeTruthy()
    expect((screen.getByLabelText('2 kWh station is here') as HTMLInputElement).disabled).toBe(true)
  })
})

describe('own equipment from a file', () => {
  // the page under test has no way to read files of its own
  const file = (text: string) =>
    Object.assign(new File([text], 'equipment.csv', { type: 'text/csv' }), { text: async () => text })

  test('semicolons and decimal commas; faults by line, the rest kept', async () => {
    inHousehold(demoHousehold(), <OwnEquipment />)
    await userEvent.upload(
      screen.getByLabelText('Read a CSV file'),
      file(
        'Name;capacity_wh;continuous_w;volts;weight_kg;owned\nCellar;2048;2400;120/12;24,5;yes\nBad;-5;100;120;;\n',
      ),
    )
    expect((await screen.findByTestId('equipment-refused')).textContent).toMatch(
      /Line 3: capacity_wh is “-5”; a number from 1 to/,
    )
    const row = screen.getByRole('row', { name: /Cellar/ })
    expect(row.textContent).toContain('2.05 kWh')
    expect((within(row).getByLabelText('Cellar is yours') as HTMLInputElement).checked).toBe(true)
    await userEvent.click(within(row).getByRole('button', { name: 'remove' }))
    expect(screen.queryByRole('row', { name: /Cellar/ })).toBeNull()
  })

  test('an empty file is told what it should hold', async () => {
    inHousehold(demoHousehold(), <OwnEquipment />)
    await userEvent.upload(screen.getByLabelText('Read a CSV file'), file('name,capacity_wh\n'))
    expect((await screen.findByTestId('equipment-refused')).textContent).toMatch(
      /no rows; the header is name,capacity_wh,continuous_w,volts/,
    )
  })
})
