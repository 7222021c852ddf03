import { afterEach, describe, expect, jest, test } from '@jest/globals'
import { fireEvent, render, screen } from '@testing-library/react'
import userEvent from '@testing-library/user-event'
import { useState } from 'react'
import { demoHousehold } from '@/catalog/demoHousehold'
import type { DayWindow } from '@/core/plan/clock'
import { changeLoad, changeScenario } from '@/ui/household/edits'
import { useHousehold, useHouseholdStore, usePlan } from '@/ui/household/HouseholdContext'
import { NoWorker, inHousehold } from '../../../tests/support/inHousehold'
import { ClockInput } from './ClockInput'
import { QuantityField } from './QuantityField'
import { TextField } from './TextField'
import { WindowsField } from './WindowsField'

const input = (label: string) => screen.getByLabelText<HTMLInputElement>(label)
const retype = async (label: string, text: string) => {
  await userEvent.clear(input(label))
  await userEvent.type(input(label), text)
}
globalThis.Worker = NoWorker as unknown as typeof Worker
afterEach(() => localStorage.clear())

describe('a figure', () => {
  test('is handed over when the field is left, as typed, and says meanwhile what it understood', async () => {
    const onChange = jest.fn()
    render(<QuantityField label="Running watts" path="load.watts" value={150} onChange={onChange} />)
    await retype('Running watts', '1.2k')
    expect(screen.getByText('1,200 W')).not.toBeNull()
    expect(onChange).not.toHaveBeenCalled()
    await userEvent.tab()
    expect(onChange.mock.calls).toEqual([[1200]])
  })

  test('Enter hands it over too; the same value is no change', async () => {
    const onChange = jest.fn()
    render(<QuantityField label="Running watts" path="load.watts" value={150} onChange={onChange} />)
    await retype('Running watts', '0.15 kW{Enter}')
    expect(onChange).not.toHaveBeenCalled()
    await retype('Running watts', '160{Enter}')
    expect(onChange.mock.calls).toEqual([[160]])
  })

  test('what is refused stays with its reason and the value that counts, until Escape gives it up', async () => {
    const onChange = jest.fn()
    render(<QuantityField label="Running watts" path="load.watts" value={150} onChange={onChange} />)
    await retype('Running watts', '-5')
    await userEvent.tab()
    expect(input('Running watts').value).toBe('-5')
    expect(screen.getByRole('alert').textContent).toMatch(/below zero.*150 W counts until then/)
    expect(input('Running watts').getAttribute('aria-invalid')).toBe('true')
    await userEvent.type(input('Running watts'), '{Escape}')
    expect(input('Running watts').value).toBe('150 W')
    expect(onChange).not.toHaveBeenCalled()
  })

  test('never the last prefix that could be read', async () => {
    const onChange = jest.fn()
    render(<QuantityField label="Length" path="scenario.durationH" value={42} onChange={onChange} />)
    await retype('Length', '1000 h')
    await userEvent.tab()
    expect(onChange).not.toHaveBeenCalled()
    expect(screen.getByRole('alert').textContent).toMatch(/336 h at most.*42 h counts/)
  })

  test('the window that loses the keyboard is not the field that is left', async () => {
    const onChange = jest.fn()
    render(<QuantityField label="Running watts" path="load.watts" value={150} onChange={onChange} />)
    await retype('Running watts', '1')
    fireEvent.blur(input('Running watts'))
    expect(onChange).not.toHaveBeenCalled()
    await userEvent.type(input('Running watts'), '80{Enter}')
    expect(onChange.mock.calls).toEqual([[180]])
  })

  test('what is typed is taken along when the page is left', async () => {
    const onChange = jest.fn()
    render(<QuantityField label="Running watts" path="load.watts" value={150} onChange={onChange} />)
    await retype('Running watts', '180')
    fireEvent(window, new Event('pagehide'))
    expect(onChange.mock.calls).toEqual([[180]])
  })

  test('a fraction is shown in percent', () => {
    render(<QuantityField label="Reserve" path="source.reserveFraction" value={0.085} onChange={() => {}} />)
    expect(input('Reserve').value).toBe('8.5 %')
  })
})

describe('in a household', () => {
  /** Two fields that belong together, the load’s name, and what is shown and made. */
  function Page() {
    const store = useHouseholdStore()
    const household = useHousehold((state) => state.household)
    const plan = usePlan()
    const scenario = household.scenarios[0]
    const { lowC, highC } = scenario.outdoor
    const put = (outdoor: Partial<typeof scenario.outdoor>) =>
      store.getState().edit(changeScenario(scenario.id, { outdoor: { ...scenario.outdoor, ...outdoor } }))
    return (
      <>
        <QuantityField
          label="Coldest"
          pairedWith="Warmest"
          path="scenario.outdoorC"
          value={lowC}
          check={(c) => (c > highC ? 'It is above the warmest.' : null)}
          onChange={(c) => put({ lowC: c })}
        />
        <QuantityField
          label="Warmest"
          pairedWith="Coldest"
          path="scenario.outdoorC"
          value={highC}
          check={(c) => (c < lowC ? 'It is below the coldest.' : null)}
          onChange={(c) => put({ highC: c })}
        />
        <TextField
          label="Name"
          value={household.loads[0].name}
          maxLength={20}
          onChange={(name) => store.getState().edit(changeLoad(household.loads[0].id, { name }))}
        />
        <output>
          {`made ${lowC} to ${highC}, shown ${plan.scenario.outdoor.lowC} to ${plan.scenario.outdoor.highC}, ${household.loads[0].name}, undo ${useHousehold(({ past }) => past.length)}`}
        </output>
      </>
    )
  }
  const said = () => screen.getByRole('status').textContent

  test('what is typed is shown on trial on the household as it stood, and made as one step', async () => {
    inHousehold(demoHousehold(), <Page />)
    await retype('Coldest', '-20')
    expect(said()).toMatch(/^made -16 to -6, shown -20 to -6, .*undo 0/)
    await userEvent.tab()
    expect(said()).toMatch(/^made -20 to -6, shown -20 to -6, .*undo 1/)
  })

  test('Escape ends the trial', async () => {
    inHousehold(demoHousehold(), <Page />)
    await retype('Coldest', '-20{Escape}')
    expect(said()).toMatch(/^made -16 to -6, shown -16 to -6, .*undo 0/)
  })

  test('two that belong together can be changed in either order; the contradiction is told beside both', async () => {
    inHousehold(demoHousehold(), <Page />)
    await retype('Coldest', '5')
    await userEvent.tab()
    expect(screen.getByRole('alert').textContent).toMatch(/It is above the warmest\. −16 °C counts/)
    expect(screen.getByText(/“5” typed as Coldest does not go with this/)).toBeTruthy()
    expect(said()).toMatch(/^made -16 to -6/)
    await retype('Warmest', '12')
    await userEvent.tab()
    expect(said()).toMatch(/^made 5 to 12/)
    expect(screen.queryByRole('alert')).toBeNull()
  })

  test('a name that is too long stays where it was typed', async () => {
    inHousehold(demoHousehold(), <Page />)
    await retype('Name', 'A name of more than twenty letters')
    await userEvent.tab()
    expect(screen.getByRole('alert').textContent).toMatch(
      /34 characters; 20 at most\. Boiler, two circulators counts/,
    )
    expect(input('Name').value).toBe('A name of more than twenty letters')
  })
})

test('ClockInput reads a time as people write it when it is left', async () => {
  const onChange = jest.fn()
  render(<ClockInput label="From" value="18:00" onChange={onChange} />)
  await retype('From', '6:30 pm')
  expect(onChange).not.toHaveBeenCalled()
  await userEvent.tab()
  expect(onChange.mock.calls).toEqual([['18:30']])
  await retype('From', '99')
  await userEvent.tab()
  expect(screen.getByRole('alert').textContent).toMatch(/not a time of day.*18:00 counts/)
  expect(input('From').value).toBe('99')
})

test('WindowsField adds, limits to days, and removes stretches; the last day stays', async () => {
  let latest: DayWindow[] = []
  function Held() {
    const [windows, setWindows] = useState<DayWindow[]>([{ from: '18:00', to: '23:00' }])
    latest = windows
    return (
      <WindowsField
        label="On"
        windows={windows}
        onChange={setWindows}
        fresh={{ from: '06:00', to: '08:00' }}
      />
    )
  }
  render(<Held />)
  const user = userEvent.setup()
  const week = ['Monday', 'Tuesday', 'Wednesday', 'Thursday', 'Friday', 'Saturday', 'Sunday']
  for (const day of week) await user.click(screen.getByLabelText(`${day.slice(0, 2)}, ${day}: On 1`))
  expect(latest[0].days).toEqual(['sun'])
  for (const day of week.slice(0, 6))
    await user.click(screen.getByLabelText(`${day.slice(0, 2)}, ${day}: On 1`))
  expect(latest[0].days).toBeUndefined()
  await user.click(screen.getByText('add hours'))
  expect(latest).toHaveLength(2)
  await user.click(screen.getByLabelText('Remove On 1'))
  expect(latest).toEqual([{ from: '06:00', to: '08:00' }])
})
