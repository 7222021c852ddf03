'use client'
import { type ReactNode, useState } from 'react'

/** Fields that stay out of the way until they are wanted. */
export function Foldable({ name, children }: { name: string; children: ReactNode }) {
  const [isOpen, setOpen] = useState(false)
  return (
    <>
      <button className="text-button" aria-expanded={isOpen} onClick={() => setOpen(!isOpen)}>
        {isOpen ? 'Fold' : 'Change'} {name}
      </button>
      {isOpen && children}
    </>
  )
}
