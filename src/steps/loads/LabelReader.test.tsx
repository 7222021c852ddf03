import { describe, expect, jest, test } from '@jest/globals'
import { render, screen } from '@testing-library/react'
import userEvent from '@testing-library/user-event'
import { constant } from '../../../tests/support/samplePlan'
import { LabelReader } from './LabelReader'
import { TierHint } from './TierHint'
import { blankLoad } from '@/catalog/appliances/loadFrom'

const load = { ...blankLoad('lamp', 'Desk lamp', 120), behaviour: constant(40) }
const line = () => screen.getByLabelText<HTMLInputElement>('Label (nameplate)')
const typed = (text: string) => userEvent.type(line(), text)

describe('the label reader', () => {
  test('asks, takes what was meant at Enter, shows before and after, and gives it over at the next Enter', async () => {
    const change = jest.fn()
    render(<LabelReader load={load} change={change} />)
    await typed('150 Wh')
    expect(await screen.findByText(/amount of energy/)).toBeTruthy()
    await userEvent.type(line(), '{Enter}')
    expect(line().value).toBe('150 W')
    expect(change).not.toHaveBeenCalled()
    expect((await screen.findByRole('row')).textContent).toBe('Running watts40 W→150 W')
    await userEvent.type(line(), '{Enter}')
    expect(change).toHaveBeenCalledWith({
      behaviour: { kind: 'constant', runningW: expect.objectContaining({ value: 150, evidence: 'label' }) },
      label: { text: '150 W', on: 'heat' },
    })
  })

  test('the second meaning can be chosen with the pointer; Escape brings back what was kept', async () => {
    render(
      <LabelReader load={{ ...load, label: { text: '40 W', on: 'electronics' } }} change={() => undefined} />,
    )
    await userEvent.clear(line())
    await typed('12,000 BTU')
    await userEvent.click(await screen.findByRole('button', { name: /burnt from gas/ }))
    expect(line().value).toBe('550 W')
    await userEvent.type(line(), '{Escape}')
    expect(line().value).toBe('40 W')
  })

  test('what is not understood stands beside what is', async () => {
    render(<LabelReader load={load} change={() => undefined} />)
    await typed('Model blue 60 W')
    expect(await screen.findByText(/Not understood: “Model blue”/)).toBeTruthy()
  })
})

describe('the hint at a tier', () => {
  const heater = { ...blankLoad('h', 'Fan heater', 120), behaviour: constant(1500) }
  test('speaks of heat on Hold, with its numbers', () => {
    render(<TierHint load={heater} tier="critical" averageW={1500} />)
    expect(screen.getByText(/takes 1,500 W while it runs/).textContent).toMatch(/36.0 kWh a day.*about 1.1 h/)
  })
  test('is silent on other tiers, on small loads and on medical devices', () => {
    const { container } = render(
      <>
        <TierHint load={heater} tier="optional" averageW={1500} />
        <TierHint load={load} tier="critical" averageW={40} />
        <TierHint load={{ ...heater, medical: true }} tier="critical" averageW={1500} />
      </>,
    )
    expect(container.textContent).toBe('')
  })
})
