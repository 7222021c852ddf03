import { describe, expect, jest, test } from '@jest/globals'
import { render, screen } from '@testing-library/react'
import userEvent from '@testing-library/user-event'
import { constant } from '../../../tests/support/samplePlan'
import { LabelReader } from './LabelReader'
import { TierHint } from './TierHint'
import { blankLoad } from './loadForm'

const load = { ...blankLoad('lamp', 'Desk lamp', 120), behaviour: constant(40) }

describe('the label reader', () => {
  test('asks, takes what was meant at Enter, computes, and gives it over at the next Enter', async () => {
    const change = jest.fn()
    render(<LabelReader load={load} change={change} />)
    const line = screen.getByLabelText('The plate says')
    await userEvent.type(line, '150 Wh')
    expect(screen.getByTestId('label-said').textContent).toMatch(/amount of energy/)
    await userEvent.type(line, '{Enter}')
    expect((line as HTMLInputElement).value).toBe('150 W')
    expect(change).not.toHaveBeenCalled()
    await userEvent.type(line, '{Enter}')
    expect(change).toHaveBeenCalledWith(
      {
        behaviour: { kind: 'constant', runningW: expect.objectContaining({ value: 150, evidence: 'label' }) },
      },
      'label',
    )
    expect((line as HTMLInputElement).value).toBe('')
  })
  test('the second meaning can be chosen with the pointer; Escape clears the line', async () => {
    render(<LabelReader load={load} change={() => undefined} />)
    const line = screen.getByLabelText('The plate says') as HTMLInputElement
    await userEvent.type(line, '12,000 BTU')
    await userEvent.click(screen.getByRole('button', { name: /burned from gas/ }))
    expect(line.value).toBe('550 W')
    await userEvent.type(line, '{Escape}')
    expect(line.value).toBe('')
  })
})

describe('the hint at a tier', () => {
  const heater = { ...blankLoad('h', 'Fan heater', 120), behaviour: constant(1500) }
  test('speaks of heat on Hold, with its numbers', () => {
    render(<TierHint load={heater} tier="hold" averageW={1500} />)
    expect(screen.getByText(/takes 1,500 W while it runs/).textContent).toMatch(/36.0 kWh a day.*about 1.1 h/)
  })
  test('is silent on other tiers, on small loads and on medical devices', () => {
    const { container } = render(
      <>
        <TierHint load={heater} tier="spare" averageW={1500} />
        <TierHint load={load} tier="hold" averageW={40} />
        <TierHint load={{ ...heater, medical: true }} tier="hold" averageW={1500} />
      </>,
    )
    expect(container.textContent).toBe('')
  })
})
