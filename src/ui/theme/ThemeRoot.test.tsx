import { expect, test } from '@jest/globals'
import { styled } from '@mui/material/styles'
import { render } from '@testing-library/react'
import { ThemeRoot } from './ThemeRoot'
import { theme } from './theme'

test('every page draws with the one theme, so that rules made from it are made once', () => {
  const seen = new Set<unknown>()
  const Part = styled('p')((props) => {
    seen.add(props.theme)
    return {}
  })
  for (const _page of ['first', 'second'])
    render(
      <ThemeRoot nonce="">
        <Part />
      </ThemeRoot>,
    ).unmount()
  expect([...seen]).toEqual([theme])
  expect(seen.has(theme)).toBe(true)
})
