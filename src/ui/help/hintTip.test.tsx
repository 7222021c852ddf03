import { expect, test } from '@jest/globals'
import { render, screen } from '@testing-library/react'
import { HintTip } from './HintTip'

function control(name: string): HTMLElement {
  const button = document.createElement('button')
  button.setAttribute('aria-label', name)
  document.body.append(button)
  return button
}

test('a control is described by its hint for as long as it is seen', async () => {
  const element = control('Find')
  const { unmount } = render(<HintTip hint={{ element, words: 'Find (/)' }} onClose={() => {}} />)
  expect((await screen.findByRole('tooltip')).textContent).toBe('Find (/)')
  expect(element.getAttribute('aria-describedby')).toBe(screen.getByRole('tooltip').id)
  unmount()
  expect(element.hasAttribute('aria-describedby')).toBe(false)
})

test('what is its name already is not read twice', async () => {
  const element = control('Night theme')
  render(<HintTip hint={{ element, words: 'Night theme' }} onClose={() => {}} />)
  await screen.findByRole('tooltip')
  expect(element.hasAttribute('aria-describedby')).toBe(false)
})
