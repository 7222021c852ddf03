import { afterEach, expect, test } from '@jest/globals'
import { act, render, screen, waitFor } from '@testing-library/react'
import { useState } from 'react'
import { keepEarlyTaps } from './earlyTaps'
import { PageAnswers } from './PageAnswers'

const ANSWERS = 'yotrope:answers'
const KEPT = 'Kept until the page answers.'

/** A page as the server wrote it, its notice included. */
const written = (body: string) => {
  document.body.innerHTML = `<div id="page">${body}</div><p role="status" data-tap-kept="${KEPT}"></p>`
  keepEarlyTaps(ANSWERS)
  return document.getElementById('page')!
}
const pageAnswers = () => act(() => document.dispatchEvent(new Event(ANSWERS)))
const allIsDone = () => waitFor(() => expect(screen.getByRole('status').textContent).toBe(''))

afterEach(() => {
  pageAnswers()
  document.body.innerHTML = ''
})

test('what is tapped before the scripts have come is done once, in the order it came', async () => {
  const done: string[] = []
  const page = written('<button>First</button><button>Second</button>')
  screen.getByRole('button', { name: 'Second' }).click()
  screen.getByRole('button', { name: 'First' }).click()
  expect(screen.getByRole('status').textContent).toBe(KEPT)
  expect(screen.getByRole('button', { name: 'First' }).hasAttribute('data-tapped')).toBe(true)

  render(
    <>
      <button onClick={() => done.push('first')}>First</button>
      <button onClick={() => done.push('second')}>Second</button>
      <PageAnswers />
    </>,
    { container: page, hydrate: true },
  )
  await allIsDone()
  expect(done).toEqual(['second', 'first'])
  expect(document.querySelector('[data-tapped]')).toBeNull()

  screen.getByRole('button', { name: 'First' }).click()
  expect(done).toEqual(['second', 'first', 'first'])
})

test('a list that opens at the press opens, and a box tapped twice is as it was', async () => {
  const heard: string[] = []
  const page = written(
    '<div role="combobox" aria-expanded="false" aria-controls="seasons">Season</div><input type="checkbox">',
  )
  const box = screen.getByRole<HTMLInputElement>('checkbox')
  box.click()
  box.click()
  screen.getByRole('combobox').click()
  expect(box.checked).toBe(false)
  render(
    <>
      <div
        role="combobox"
        aria-expanded="false"
        aria-controls="seasons"
        onMouseDown={({ button }) => heard.push(`list ${button}`)}
      >
        Season
      </div>
      <input type="checkbox" onChange={({ target }) => heard.push(`box ${target.checked}`)} />
      <PageAnswers />
    </>,
    { container: page, hydrate: true },
  )
  await allIsDone()
  expect(heard).toEqual(['box true', 'box false', 'list 0'])
})

test.each([1, 2])(
  'what only folds opens at once, and %d early taps leave it as they would have',
  async (taps) => {
    const page = written(
      '<section data-open="false"><button data-unfolds="true" aria-expanded="false">Answer</button></section>',
    )
    const button = screen.getByRole('button')
    const isOpen = () => [
      document.querySelector<HTMLElement>('section')!.dataset.open,
      button.getAttribute('aria-expanded'),
    ]
    const wanted = String(taps === 1)
    for (let i = 0; i < taps; i++) button.click()
    expect(isOpen()).toEqual([wanted, wanted])
    function Fold() {
      const [open, setOpen] = useState(false)
      return (
        <section data-open={open} suppressHydrationWarning>
          <button data-unfolds aria-expanded={open} suppressHydrationWarning onClick={() => setOpen(!open)}>
            Answer
          </button>
        </section>
      )
    }
    render(
      <>
        <Fold />
        <PageAnswers />
      </>,
      { container: page, hydrate: true },
    )
    await allIsDone()
    expect(isOpen()).toEqual([wanted, wanted])
    act(() => button.click())
    expect(isOpen()).toEqual([String(taps === 2), String(taps === 2)])
  },
)

test('a control whose script comes later than the others is waited for', async () => {
  let opened = 0
  const page = written('<button>Open</button>')
  screen.getByRole('button').click()
  pageAnswers()
  expect(screen.getByRole('button').hasAttribute('data-tapped')).toBe(true)
  render(<button onClick={() => opened++}>Open</button>, { container: page, hydrate: true })
  await waitFor(() => expect(opened).toBe(1))
})

test('a control that is gone holds up no other', async () => {
  let opened = 0
  const page = written('<button>Gone</button><button>Open</button>')
  screen.getByRole('button', { name: 'Gone' }).click()
  screen.getByRole('button', { name: 'Open' }).click()
  screen.getByRole('button', { name: 'Gone' }).remove()
  render(<button onClick={() => opened++}>Open</button>, { container: page, hydrate: true })
  pageAnswers()
  await allIsDone()
  expect(opened).toBe(1)
})

test('a link and a field that is typed in work by themselves', () => {
  const passed: string[] = []
  const page = written('<a href="#answer"><span>Answer</span></a><input aria-label="Watts"><p>Text</p>')
  page.addEventListener('click', ({ target }) => passed.push((target as Element).tagName))
  for (const one of [screen.getByText('Answer'), screen.getByLabelText('Watts'), screen.getByText('Text')])
    one.click()
  expect(passed).toEqual(['SPAN', 'INPUT', 'P'])
  expect(screen.getByRole('status').textContent).toBe('')
})

test('what is typed and picked early is told to the page, the last of each once', async () => {
  const heard: string[] = []
  const list = '<option value="critical">Critical</option><option value="flexible">Flexible</option>'
  const page = written(`<input aria-label="Watts" value="150 W"><select>${list}</select>`)
  const type = (field: HTMLInputElement | HTMLSelectElement, value: string) => {
    field.value = value
    field.dispatchEvent(new Event('input', { bubbles: true }))
  }
  const watts = screen.getByLabelText<HTMLInputElement>('Watts')
  type(watts, '3')
  type(watts, '300 W')
  type(screen.getByRole<HTMLSelectElement>('combobox'), 'flexible')
  function Page() {
    const [typed, setTyped] = useState('150 W')
    const [picked, setPicked] = useState('critical')
    return (
      <>
        <input
          aria-label="Watts"
          value={typed}
          onChange={({ target }) => {
            heard.push(target.value)
            setTyped(target.value)
          }}
          onBlur={() => heard.push('left')}
        />
        <select
          value={picked}
          onChange={({ target }) => {
            heard.push(target.value)
            setPicked(target.value)
          }}
        >
          <option value="critical">Critical</option>
          <option value="flexible">Flexible</option>
        </select>
        <PageAnswers />
      </>
    )
  }
  render(<Page />, { container: page, hydrate: true })
  await allIsDone()
  expect(heard).toEqual(['300 W', 'left', 'flexible'])
  expect(watts.value).toBe('300 W')
  expect(screen.getByRole<HTMLSelectElement>('combobox').value).toBe('flexible')
})
