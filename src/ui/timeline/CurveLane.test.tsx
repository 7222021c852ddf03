import { expect, test } from '@jest/globals'
import { render, screen } from '@testing-library/react'
import { CurveLane } from './CurveLane'

const points = (element: Element | null) =>
  element!
    .getAttribute('points')!
    .split(' ')
    .map((point) => point.split(',').map(Number))

test('a curve over its own ground, cut at what is shown', () => {
  const { container } = render(
    <CurveLane
      name="Charging"
      figure="1 kWh"
      label="Charging"
      hue="refill"
      stepMin={15}
      shownMin={30}
      middle={[0, 50, 100, 400]}
    />,
  )
  expect(screen.getByRole('img').getAttribute('aria-label')).toBe('Charging')
  // three points fit into half an hour; the largest of them is the lane's height
  expect(points(container.querySelector('polyline'))).toEqual([
    [0, 100],
    [15, 50],
    [30, 0],
  ])
  const area = points(container.querySelector('polygon'))
  expect([area[0], area.at(-1)]).toEqual([
    [0, 100],
    [30, 100],
  ])
})

test('a band there and back, what is kept from the bottom, nothing above the lane', () => {
  const { container } = render(
    <CurveLane
      name="Charge"
      figure="least 10 %"
      label="Charge"
      hue="store"
      stepMin={15}
      shownMin={15}
      middle={[1, 0.5]}
      low={[0.9, 0.4]}
      high={[1.2, 0.6]}
      most={1}
      kept={0.1}
    />,
  )
  expect(points(container.querySelector('polygon'))).toEqual([
    [0, 0],
    [15, 40],
    [15, 60],
    [0, 10],
  ])
  const kept = container.querySelector('rect')!
  expect(Number(kept.getAttribute('y'))).toBeCloseTo(90, 9)
  expect(Number(kept.getAttribute('height'))).toBeCloseTo(10, 9)
})
