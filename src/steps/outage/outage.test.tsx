import { describe, expect, jest, test } from '@jest/globals'
import { render, screen } from '@testing-library/react'
import userEvent from '@testing-library/user-event'
import { demoHousehold } from '@/catalog/demoHousehold'
import { SkyRow } from '@/ui/weather/SkyRow'
import { WeatherPreset } from './WeatherPreset'

const [ice, august] = demoHousehold().scenarios

describe('weather by climate and kind of storm', () => {
  test('is shown before it is taken over', async () => {
    const change = jest.fn()
    render(<WeatherPreset scenario={ice} change={change} />)
    await userEvent.selectOptions(screen.getByLabelText('Climate'), 'mountains')
    await userEvent.selectOptions(screen.getByLabelText('Kind of weather'), 'snow')
    // February: −10 to 2 °C, snow 1 K colder by night and 4 by day
    expect(screen.getByTestId('preset').textContent).toBe(
      '−11 to −2 °C, dry; the sky dark storm, then dark storm, then overcast, then clear',
    )
    expect(change).not.toHaveBeenCalled()
    await userEvent.click(screen.getByRole('button', { name: 'Use this weather' }))
    expect(change).toHaveBeenCalledWith({
      outdoor: { lowC: -11, highC: -2 },
      rain: 'dry',
      sky: { kind: 'days', days: ['dark', 'dark', 'overcast', 'clear'] },
    })
  })

  test('follows the month the outage starts, and refuses what does not come in it', async () => {
    render(<WeatherPreset scenario={august} change={jest.fn()} />)
    await userEvent.selectOptions(screen.getByLabelText('Kind of weather'), 'ice')
    expect(screen.getByRole('status').textContent).toMatch(/With days of 25 °C there is no such weather/)
    expect(screen.getByRole('button', { name: 'Use this weather' })).toHaveProperty('disabled', true)
  })
})

describe('the sky day by day', () => {
  test('each calendar day has its word; changing one leaves the others', async () => {
    const change = jest.fn()
    render(<SkyRow scenario={ice} change={change} />)
    expect(screen.getAllByRole('combobox')).toHaveLength(3)
    await userEvent.selectOptions(screen.getByLabelText('Sky of Saturday, day 2'), 'mixed')
    expect(change).toHaveBeenCalledWith({ sky: { kind: 'days', days: ['overcast', 'mixed', 'clear'] } })
  })

  test('hours of one’s own are told, with the way back', async () => {
    const change = jest.fn()
    render(
      <SkyRow
        scenario={{ ...ice, sky: { kind: 'hours', name: 'your own hours', sunShare: [1] } }}
        change={change}
      />,
    )
    expect(screen.getByText(/Hour by hour: your own hours/)).toBeTruthy()
    await userEvent.click(screen.getByRole('button', { name: 'One word a day instead' }))
    expect(change).toHaveBeenCalledWith({ sky: { kind: 'days', days: ['clear', 'clear', 'clear'] } })
  })
})
