'use client'
import Menu from '@mui/material/Menu'
import MenuItem from '@mui/material/MenuItem'

export interface Choice {
  key: string
  words: string
  isChosen?: boolean
  /** what choosing it does, or where it leads */
  pick?: () => void
  href?: string
  /** a line above it sets it apart */
  apart?: boolean
}

interface ChoiceMenuProps {
  anchor: HTMLElement
  choices: Choice[]
  onClose: () => void
}

/** A few choices hung on the button that opened them. */
export function ChoiceMenu({ anchor, choices, onClose }: ChoiceMenuProps) {
  return (
    <Menu anchorEl={anchor} open onClose={onClose}>
      {choices.map(({ key, words, isChosen, pick, href, apart }) => (
        <MenuItem
          key={key}
          selected={isChosen}
          sx={apart ? { borderTop: '1px solid var(--hairline)' } : undefined}
          {...(href && { component: 'a', href })}
          onClick={() => {
            onClose()
            pick?.()
          }}
        >
          {words}
        </MenuItem>
      ))}
    </Menu>
  )
}
