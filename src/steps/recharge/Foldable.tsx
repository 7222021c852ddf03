'use client'
import Button from '@mui/material/Button'
import { type ReactNode, useState } from 'react'
import { foldable } from '@/words/en/pages/recharge'
import { wordsOf } from '@/words/translate'

const say = wordsOf(foldable)

/** Fields that stay out of the way until they are wanted. */
export function Foldable({ name, children }: { name: string; children: ReactNode }) {
  const [isOpen, setOpen] = useState(false)
  return (
    <>
      <Button variant="text" aria-expanded={isOpen} onClick={() => setOpen(!isOpen)}>
        {isOpen ? say('hideFields', { name }) : say('change', { name })}
      </Button>
      {isOpen && children}
    </>
  )
}
