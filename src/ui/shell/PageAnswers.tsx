'use client'
import { useEffect } from 'react'
import { PAGE_ANSWERS } from './pageAnswering'

/** Says when the page's scripts answer; until then taps are kept (earlyTaps). */
export function PageAnswers() {
  useEffect(() => {
    document.dispatchEvent(new Event(PAGE_ANSWERS))
  }, [])
  return null
}
