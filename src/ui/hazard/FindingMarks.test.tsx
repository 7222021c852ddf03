import { describe, expect, test } from '@jest/globals'
import { screen } from '@testing-library/react'
import { demoHousehold } from '@/catalog/demoHousehold'
import { inHousehold, NoWorker } from '../../../tests/support/inHousehold'
import { FindingMarks } from './FindingMarks'

Object.assign(globalThis, { Worker: NoWorker })

describe('a mark where something can hurt', () => {
  test('says what it is and leads to its text', async () => {
    const household = demoHousehold()
    household.wiring = { ...household.wiring, house: { generatorPlace: 'garage' } }
    inHousehold(household, <FindingMarks part="generator" />)
    const link = await screen.findByRole('link', { name: 'Generator: carbon monoxide in the garage.' })
    expect(link.getAttribute('href')).toBe('/h/h/hookup#carbon-monoxide%3Agenerator')
  })
  test('says nothing where nothing was found', async () => {
    const { container } = inHousehold(demoHousehold(), <FindingMarks part="load" id="coffee" />)
    await new Promise((resolve) => setTimeout(resolve))
    expect(container.textContent).toBe('')
  })
})
