import { describe, expect, jest, test } from '@jest/globals'
import { render, screen } from '@testing-library/react'
import userEvent from '@testing-library/user-event'
import { useState } from 'react'
import type { DayWindow } from '@/core/plan/clock'
import { ClockInput } from './ClockInput'
import { TextField } from './TextField'
import { UnitField } from './UnitField'
import { WindowsField } from './WindowsField'

const input = (label: string) => screen.getByLabelText<HTMLInputElement>(label)

describe('UnitField', () => {
  test('hands over every keystroke that can be understood, and says what it understood', async () => {
    const onChange = jest.fn()
    render(<UnitField label="Running watts" kind="power" value={150} onChange={onChange} />)
    await userEvent.clear(input('Running watts'))
    await userEvent.type(input('Running watts'), '1.2k')
    expect(onChange.mock.calls.map(([value]) => value)).toEqual([1, 1, 1.2, 1200])
    expect(screen.getByText('1,200 W')).not.toBeNull()
  })

  test('keeps nonsense to itself, says what is wrong, and shows the last good value again', async () => {
    const onChange = jest.fn()
    render(<UnitField label="Running watts" kind="power" value={150} onChange={onChange} />)
    await userEvent.clear(input('Running watts'))
    await userEvent.type(input('Running watts'), '-5')
    expect(screen.getByRole('alert').textContent).toMatch(/below zero/)
    expect(input('Running watts').getAttribute('aria-invalid')).toBe('true')
    expect(onChange).not.toHaveBeenCalled()
    await userEvent.tab()
    expect(input('Running watts').value).toBe('150 W')
  })

  test('an objection of the page is said and the value not handed over', async () => {
    const onChange = jest.fn()
    render(
      <UnitField
        label="Average"
        kind="power"
        value={50}
        check={(watts) => (watts > 150 ? 'Too much.' : null)}
        onChange={onChange}
      />,
    )
    await userEvent.clear(input('Average'))
    await userEvent.type(input('Average'), '200')
    expect(screen.getByRole('alert').textContent).toBe('Too much.')
    expect(onChange.mock.calls.map(([value]) => value)).toEqual([2, 20])
  })

  test('a fraction is shown in percent', () => {
    render(<UnitField label="Reserve" kind="fraction" value={0.085} onChange={() => {}} />)
    expect(input('Reserve').value).toBe('8.5 %')
  })
})

test('TextField trims what it hands over and refuses what is too long', async () => {
  const onChange = jest.fn()
  render(<TextField label="Name" value="Lamp" maxLength={5} onChange={onChange} />)
  await userEvent.clear(input('Name'))
  await userEvent.type(input('Name'), ' Fan extra')
  expect(onChange.mock.calls.map(([value]) => value)).toEqual(['F', 'Fa', 'Fan', 'Fan', 'Fan e'])
  expect(screen.getByRole('alert').textContent).toMatch(/9 characters; 5 at most/)
})

test('ClockInput reads a time as people write it', async () => {
  const onChange = jest.fn()
  render(<ClockInput label="From" value="18:00" onChange={onChange} />)
  await userEvent.clear(input('From'))
  await userEvent.type(input('From'), '6:30 pm')
  expect(onChange).toHaveBeenLastCalledWith('18:30')
  await userEvent.clear(input('From'))
  await userEvent.type(input('From'), '99')
  expect(screen.getByRole('alert').textContent).toMatch(/not a time of day/)
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
  for (const day of ['mon', 'tue', 'wed', 'thu', 'fri', 'sat', 'sun'])
    await user.click(screen.getByLabelText(`On 1: ${day}`))
  expect(latest[0].days).toEqual(['sun'])
  for (const day of ['mon', 'tue', 'wed', 'thu', 'fri', 'sat'])
    await user.click(screen.getByLabelText(`On 1: ${day}`))
  expect(latest[0].days).toBeUndefined()
  await user.click(screen.getByText('add hours'))
  expect(latest).toHaveLength(2)
  await user.click(screen.getByLabelText('Remove On 1'))
  expect(latest).toEqual([{ from: '06:00', to: '08:00' }])
})
