import { afterEach, beforeAll, describe, expect, jest, test } from '@jest/globals'
import { fireEvent, render, screen, within } from '@testing-library/react'
import userEvent from '@testing-library/user-event'
import { useState } from 'react'
import { NoWorker, inHousehold } from '../../../tests/support/inHousehold'
import { demoHousehold } from '@/catalog/demoHousehold'
import { bankOf, equipmentClass } from '@/catalog/equipment'
import { CARS, arrayOf, generatorOf } from '@/catalog/refill'
import type { Household } from '@/core/plan/household'
import type { ChargingTimes } from '@/core/plan/refill'
import { NO_CHARGING } from '@/core/plan/noRefill'
import { checkArray } from '@/core/refill/stringCheck'
import { useHousehold, usePlan } from '@/ui/household/HouseholdContext'
import { ArrayPanel } from './ArrayPanel'
import { CarPanel } from './CarPanel'
import { GeneratorPanel } from './GeneratorPanel'
import { GivesWay } from './GivesWay'
import { HourBars } from './HourBars'
import { MonthChart } from './MonthChart'
import { RepeatTool } from './RepeatTool'
import { StretchLane } from './StretchLane'
import { Together } from './Together'
import { UpkeepCalendar } from './UpkeepCalendar'
import { WindowDrawing } from './WindowDrawing'

// a canvas needs a browser; what the chart says stands beside it
jest.mock('./MonthBars', () => ({ __esModule: true, default: () => null }))

const STATION = equipmentClass('station-1000').source
const FRIDAY = '2027-02-05T18:00'
beforeAll(() => {
  Object.assign(globalThis, { Worker: NoWorker })
})
afterEach(() => localStorage.clear())

const retype = async (label: string, text: string) => {
  const field = screen.getByLabelText(label)
  await userEvent.clear(field)
  await userEvent.type(field, `${text}{Enter}`)
}

describe('a lane of stretches', () => {
  const lane = (stretches: { fromMin: number; toMin: number }[]) => {
    const onChange = jest.fn()
    render(
      <StretchLane
        name="Generator"
        startsAt={FRIDAY}
        shownMin={2520}
        stretches={stretches}
        barred={[[240, 780]]}
        figure="2 h"
        onChange={onChange}
      />,
    )
    return onChange
  }

  test('arrows move a stretch, with Shift its end, and Delete takes it out', () => {
    const onChange = lane([{ fromMin: 60, toMin: 180 }])
    const stretch = screen.getByRole('button', { name: /^Generator Friday 19:00 to Friday 21:00/ })
    fireEvent.keyDown(stretch, { key: 'ArrowRight' })
    const [[moved]] = onChange.mock.calls.at(-1) as [{ fromMin: number; toMin: number }[]]
    expect(moved.toMin - moved.fromMin).toBe(120)
    expect(moved.fromMin).toBeGreaterThan(60)
    fireEvent.keyDown(stretch, { key: 'ArrowRight', shiftKey: true })
    const [[longer]] = onChange.mock.calls.at(-1) as [{ fromMin: number; toMin: number }[]]
    expect(longer.fromMin).toBe(60)
    expect(longer.toMin).toBeGreaterThan(180)
    fireEvent.keyDown(stretch, { key: 'Delete' })
    expect(onChange.mock.calls.at(-1)).toEqual([[]])
    fireEvent.keyDown(stretch, { key: 'x' })
    expect(onChange).toHaveBeenCalledTimes(3)
  })

  test('two hours more, a day after the last', async () => {
    const onChange = lane([{ fromMin: 0, toMin: 120 }])
    await userEvent.click(screen.getByRole('button', { name: '+ 2 h of generator' }))
    expect(onChange).toHaveBeenCalledWith([
      { fromMin: 0, toMin: 120 },
      { fromMin: 1440, toMin: 1560 },
    ])
  })
})

describe('what comes back by itself', () => {
  function Tool({ told }: { told: (part: Partial<ChargingTimes>) => void }) {
    const [charging, setCharging] = useState(NO_CHARGING)
    return (
      <RepeatTool
        startsAt={FRIDAY}
        outageMin={2520}
        charging={charging}
        has={{ generator: true, car: false }}
        onChange={(part) => {
          told(part)
          setCharging({ ...charging, ...part })
        }}
      />
    )
  }

  test('an hour of grid at the end of every six, unless said otherwise', async () => {
    const told = jest.fn()
    render(<Tool told={told} />)
    await userEvent.click(screen.getByRole('button', { name: 'Add to plan' }))
    const [[{ grid }]] = told.mock.calls as [[Required<ChargingTimes>]]
    expect(grid).toHaveLength(7)
    expect(grid[0]).toEqual({ fromMin: 300, toMin: 360 })
    await userEvent.click(screen.getByRole('button', { name: 'clear' }))
    expect(told).toHaveBeenLastCalledWith({ grid: [] })
  })

  test('the generator every evening; a first hour of the clock counts from the start', async () => {
    const told = jest.fn()
    render(<Tool told={told} />)
    await userEvent.selectOptions(screen.getByRole('combobox', { name: 'What comes back' }), 'generator')
    await retype('First at', '20:00')
    await userEvent.click(screen.getByRole('button', { name: 'Add to plan' }))
    expect(told).toHaveBeenCalledWith({
      generator: [
        { fromMin: 120, toMin: 240 },
        { fromMin: 1560, toMin: 1680 },
      ],
    })
  })

  test('only what there is can be planned', () => {
    render(<Tool told={jest.fn()} />)
    const words = within(screen.getByRole('combobox', { name: 'What comes back' })).getAllByRole('option')
    expect(words.map(({ textContent }) => textContent)).toEqual(['the grid is back', 'the generator runs'])
  })

  test('what would never stop is told and cannot be planned', async () => {
    render(<Tool told={jest.fn()} />)
    await retype('For how long', '6 h')
    expect(screen.getByRole('alert').textContent).toMatch(/never stop/)
    expect(screen.getByRole('button', { name: 'Add to plan' })).toHaveProperty('disabled', true)
  })
})

describe('the sky by the hour', () => {
  test('arrows choose the hour and change it; a share can be typed', async () => {
    const onChange = jest.fn()
    render(<HourBars startsAt={FRIDAY} shownMin={240} sunShare={[0.5, 0.6, 0.7]} onChange={onChange} />)
    const bars = screen.getByRole('slider')
    fireEvent.keyDown(bars, { key: 'ArrowRight' })
    expect(bars.getAttribute('aria-valuetext')).toBe('Friday 19:00: 60 %')
    fireEvent.keyDown(bars, { key: 'ArrowUp' })
    expect(onChange).toHaveBeenLastCalledWith([0.5, 0.65, 0.7, 0.7])
    fireEvent.keyDown(bars, { key: 'ArrowRight' })
    fireEvent.keyDown(bars, { key: 'ArrowRight' })
    fireEvent.keyDown(bars, { key: 'ArrowRight' })
    expect(bars.getAttribute('aria-valuetext')).toBe('Friday 21:00: 70 %')
    await retype('Sun from Friday 21:00, share of clear', '20')
    expect(onChange).toHaveBeenLastCalledWith([0.5, 0.6, 0.7, 0.2])
  })
})

describe('drawings', () => {
  const window = { lowV: 11, highV: 60, amps: 15, watts: 500 }

  test('a string that fits, one over the volts: told to whoever cannot see it', () => {
    const fits = checkArray(arrayOf('panel-220', 'x'), window, { celsius: -20, isGuess: false })
    const { rerender } = render(<WindowDrawing window={window} check={fits} />)
    const drawing = screen.getByRole('img')
    expect(drawing.getAttribute('aria-label')).toMatch(
      /^Input 11 V to 60 V, 15 A; string .* cold and open, 11.4 A: fits$/,
    )
    const over = checkArray(arrayOf('panel-220', 'x', { series: 3 }), window, {
      celsius: -20,
      isGuess: false,
    })
    rerender(<WindowDrawing window={window} check={over} />)
    expect(drawing.getAttribute('data-verdict')).toBe('refused')
  })

  test('the line of its watts falls below its amps where volts × amps would be more', () => {
    const fits = checkArray(arrayOf('panel-220', 'x'), window, { celsius: -20, isGuess: false })
    const { container } = render(<WindowDrawing window={window} check={fits} />)
    const heights = container
      .querySelector('polyline')!
      .getAttribute('points')!
      .split(' ')
      .map((point) => Number(point.split(',')[1]))
    // 500 W ÷ 15 A = 33 V: level until there, then lower and lower (svg counts down)
    expect(heights[0]).toBe(heights[15])
    expect(heights[40]).toBeGreaterThan(heights[30])
    expect(heights[30]).toBeGreaterThan(heights[15])
  })

  test('months: all twelve in words, the need as a line', () => {
    const months = (wh: number) => Array.from({ length: 12 }, (_, i) => wh + i)
    render(
      <MonthChart clear={months(900)} mixed={months(600)} dull={months(200)} neededWh={1500} month={2} />,
    )
    const label = screen.getByTestId('months').getAttribute('aria-label')!
    expect(label).toMatch(/^Energy a day: January 900 Wh clear, 600 Wh mixed, 200 Wh dull; February/)
    expect(label.split(';')).toHaveLength(13)
    expect(label).toMatch(/a day needs 1\.50 kWh$/)
  })
})

const withRefill = (part: Partial<NonNullable<Household['refill']>>): Household => {
  const household = demoHousehold()
  return { ...household, refill: { ...household.refill!, ...part } }
}

describe('panels of a household', () => {
  function Arrays() {
    const plan = usePlan()
    return plan.refill.panels.map((array) => (
      <ArrayPanel key={array.id} array={array} plan={plan} neededWh={2000} />
    ))
  }

  test('more in series are refused at the keystroke, with how many would do', async () => {
    inHousehold(demoHousehold(), <Arrays />)
    await userEvent.click(screen.getByRole('button', { name: 'Change it' }))
    await retype('In series', '3')
    expect(screen.getByTestId('string-verdict').textContent).toMatch(
      /^Does not fit: .*60 V.*destroy it.*1 in series at most/,
    )
  })

  test('two arrays of unlike volts on one input are warned of', () => {
    const [first] = demoHousehold().refill!.panels
    inHousehold(
      withRefill({
        panels: [
          first,
          { ...arrayOf('panel-100', 'fence'), name: 'Fence', panel: { ...first.panel, vmpV: 17 } },
        ],
      }),
      <Arrays />,
    )
    expect(screen.getAllByText(/on one input: .* the lower pulls the higher down/)).toHaveLength(2)
  })
})

describe('together', () => {
  function All() {
    const plan = usePlan()
    const evaluation = useHousehold((state) => state.evaluation)
    return <Together plan={plan} evaluation={evaluation!} />
  }

  test('what comes in against what goes out, and the wall beforehand', async () => {
    inHousehold(demoHousehold(), <All />)
    expect(screen.getByTestId('together').textContent).toMatch(
      /^It brings back [\d.]+ of the 24 h a day needs\.$/,
    )
    expect(screen.getByRole('row', { name: /^Sun/ }).textContent).toMatch(/kWh$/)
    // 2,048 Wh · 0.92 · 1.1 ÷ (0.9 · 1,229 W) = 1.87 h
    expect(
      screen.getByText(/^Before the storm, at a wall outlet: 1 h 50 min from its reserve to full/),
    ).toBeTruthy()
    await retype('Charge at the start', '60')
    expect(screen.getByText(/reserve to full, 49 min from there/)).toBeTruthy()
  })

  test('nothing planned: one charge is all there is', () => {
    const household = demoHousehold()
    delete household.refill
    inHousehold(household, <All />)
    expect(screen.getByTestId('together').textContent).toBe(
      'Nothing refills it yet: one charge is all there is.',
    )
    expect(screen.queryByRole('table')).toBeNull()
  })
})

describe('generator and car', () => {
  test('what starts harder than its surge is told, beside what runs at once', () => {
    inHousehold(
      demoHousehold(),
      <GeneratorPanel
        generator={generatorOf(1000)}
        mean={null}
        peakW={1300}
        startW={2100}
        days={2}
        fuelEndMin={Infinity}
        startsAt={FRIDAY}
      />,
    )
    expect(screen.getByText(/It gives 1,000 W; 1,300 W may run at once/)).toBeTruthy()
    expect(screen.getByText(/Starts come to 2,100 W, its surge is 1,150 W/)).toBeTruthy()
    expect(screen.getByText(/6 m \(20 ft\) from the house/)).toBeTruthy()
  })

  test('a day’s energy through a 12 V socket in hours of engine and litres', () => {
    inHousehold(
      demoHousehold(),
      <CarPanel car={CARS['12 V socket']} source={STATION} mean={null} neededWh={1000} />,
    )
    expect(screen.getByTestId('car-sum').textContent).toMatch(/1.00 kWh take 10 h of engine and 9 L/)
  })

  test('an electric car gives what is above its floor', () => {
    inHousehold(
      demoHousehold(),
      <CarPanel car={CARS.electric} source={STATION} mean={null} neededWh={3240} />,
    )
    expect(screen.getByTestId('car-sum').textContent).toBe(
      'From 100 % down to its floor it gives 32.4 kWh, 10 days’ worth. ',
    )
  })

  test('cables to the alternator bring what the station’s 12 V input takes, not what the alternator could', () => {
    inHousehold(
      demoHousehold(),
      <CarPanel car={CARS.alternator} source={STATION} mean={null} neededWh={2980} />,
    )
    expect(screen.getByTestId('car-sum').textContent).toMatch(/2.98 kWh take 30 h of engine/)
    expect(screen.getByTestId('car-why').textContent).toMatch(/takes 100 W at its 12 V input/)
  })

  test('a bank of 24 V gets nothing from 12 V, and a step-up charger is asked for', () => {
    const bank = bankOf('lfp-12-100', 2, 1, 'inverter-1500-24', 'main')
    inHousehold(demoHousehold(), <CarPanel car={CARS.alternator} source={bank} mean={null} neededWh={2980} />)
    expect(screen.getByTestId('car-sum').textContent).toMatch(/^It brings nothing/)
    expect(screen.getByTestId('car-why').textContent).toMatch(/needs a step-up \(DC to DC\) charger/)
    fireEvent.click(screen.getByRole('button', { name: /the car/ }))
    expect(screen.getByLabelText(/^Step-up charger/)).toBeTruthy()
  })
})

describe('who gives way, and what keeps it ready', () => {
  function Rules() {
    return <GivesWay plan={usePlan()} />
  }
  function Upkeep() {
    return <UpkeepCalendar plan={usePlan()} />
  }

  test('a rule is added as it reads and taken back; medical devices are not offered', async () => {
    inHousehold(demoHousehold(), <Rules />)
    const load = screen.getByLabelText('Load to shed')
    expect(within(load).queryByText(/Breathing aid/)).toBeNull()
    await userEvent.selectOptions(load, 'network')
    await userEvent.selectOptions(screen.getByLabelText('When it is shed'), 'with supply')
    await retype('More than this many watts', '150')
    await userEvent.click(screen.getByRole('button', { name: 'Add the rule' }))
    expect(screen.getByRole('listitem').textContent).toMatch(/^Fibre, router, switch .*150 W/)
    await userEvent.click(screen.getByRole('button', { name: /^No longer/ }))
    expect(screen.queryByRole('listitem')).toBeNull()
  })

  test('the calendar asks for the months chosen', async () => {
    inHousehold(demoHousehold(), <Upkeep />)
    await userEvent.selectOptions(screen.getByLabelText('Top it up'), '6')
    const link = screen.getByRole('link', { name: /calendar file/ })
    expect(link.getAttribute('href')).toMatch(
      /^\/api\/households\/h\/calendar\?from=\d{4}-\d\d-\d\d&months=6$/,
    )
    expect(screen.getByText('Top up the 2 kWh station').nextElementSibling?.textContent).toBe(
      'every 6 months',
    )
  })
})
