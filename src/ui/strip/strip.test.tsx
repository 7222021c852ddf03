import { describe, expect, jest, test } from '@jest/globals'
import { render, screen } from '@testing-library/react'
import userEvent from '@testing-library/user-event'
import { demoHousehold } from '@/catalog/demoHousehold'
import { planOf } from '@/core/plan/planOf'
import { evaluate } from '../../../tests/support/saidEvaluation'
import { PickDialog } from '../shell/PickDialog'
import { GateView } from './GateView'
import { gateFigures } from './gateFigures'
import { WorkingDialog } from './WorkingDialog'

const evaluationOf = (scenarioId: string, systemId: string) =>
  evaluate(planOf(demoHousehold(), scenarioId, systemId), { runs: 60 })
const figures = (scenarioId: string, systemId: string) =>
  Object.fromEntries(gateFigures(evaluationOf(scenarioId, systemId)).map((gate) => [gate.id, gate]))

describe('the four gates', () => {
  test('each with its margin in figures', () => {
    const { carries, starts, lasts, refills } = figures('february-ice', 'station-2000')
    expect(carries).toMatchObject({
      verdict: 'holds',
      need: '1,032 W',
      of: 'of 2,400',
      detail: '1,368 W to spare',
    })
    expect(starts).toMatchObject({ verdict: 'holds', need: '2,012 W', detail: 'Sump pump starting' })
    expect(lasts).toMatchObject({
      verdict: 'short',
      of: 'of 42',
      detail: expect.stringMatching(/^2\d h.* short with 90 % confidence$/),
    })
    expect(refills).toMatchObject({
      verdict: 'short',
      of: 'of 24',
      detail: expect.stringMatching(/Wh of .* kWh a day, with 90 % confidence$/),
    })
  })

  test('a wrong voltage is named before any watts', () => {
    expect(figures('august-line-work', 'station-2000').carries).toMatchObject({
      verdict: 'short',
      detail: 'Well pump needs 240 V',
    })
  })

  test('bars show need and limit within their width, whichever is larger', () => {
    for (const gate of gateFigures(evaluationOf('november-flood', 'station-1000'))) {
      if (!gate.bar) continue
      expect(gate.bar.fill).toBeGreaterThanOrEqual(0)
      expect(Math.max(gate.bar.fill, gate.bar.mark)).toBeLessThanOrEqual(1)
    }
  })

  test('a gate is a button that says its verdict and opens its working', async () => {
    const open = jest.fn()
    render(<GateView gate={figures('february-ice', 'station-2000').lasts} open={open} />)
    const button = screen.getByRole('button')
    expect(button.textContent).toMatch(/^Runtimeshort/)
    await userEvent.click(button)
    expect(open.mock.calls).toEqual([['margin']])
  })
})

test('the working shows every step, its formula, its values with their evidence, and its result', async () => {
  const onClose = jest.fn()
  render(
    <WorkingDialog working={evaluationOf('february-ice', 'station-2000').workings.lasts} onClose={onClose} />,
  )
  expect(screen.getByText('capacity × (charge at the start − reserve)')).not.toBeNull()
  expect(screen.getByText('1.88 kWh')).not.toBeNull()
  expect(screen.getAllByRole('img', { name: 'Evidence: measured' }).length).toBeGreaterThan(0)
  await userEvent.click(screen.getByRole('button', { name: 'Close' }))
  expect(onClose).toHaveBeenCalled()
})

describe('PickDialog', () => {
  const all = ['Boiler', 'Freezer', 'Refrigerator']
  const show = (trouble: string | null = null) => {
    const pick = jest.fn()
    render(
      <PickDialog
        title="Find"
        label="What?"
        placeholder=""
        trouble={trouble}
        itemsFor={(text) =>
          all
            .filter((name) => name.toLowerCase().includes(text))
            .map((name) => ({ key: name, name, words: 'load', pick: () => pick(name) }))
        }
        onClose={() => {}}
      />,
    )
    return pick
  }

  test('typing narrows, arrows move within the list, Enter picks', async () => {
    const pick = show()
    await userEvent.type(screen.getByRole('combobox'), 'freez{ArrowDown}{ArrowDown}{Enter}')
    expect(pick).toHaveBeenCalledWith('Freezer')
    await userEvent.clear(screen.getByRole('combobox'))
    await userEvent.type(screen.getByRole('combobox'), '{ArrowDown}{ArrowDown}{ArrowUp}{Enter}')
    expect(pick).toHaveBeenLastCalledWith('Freezer')
  })

  test('a pointer picks too; nothing found picks nothing; trouble is said', async () => {
    const pick = show('It is full.')
    expect(screen.getByRole('alert').textContent).toBe('It is full.')
    await userEvent.click(screen.getByText('Refrigerator'))
    expect(pick).toHaveBeenCalledWith('Refrigerator')
    await userEvent.type(screen.getByRole('combobox'), 'zzz{Enter}')
    expect(pick).toHaveBeenCalledTimes(1)
    expect(screen.queryAllByRole('option')).toHaveLength(0)
  })
})
