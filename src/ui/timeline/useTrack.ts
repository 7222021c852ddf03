import { type PointerEvent, useRef } from 'react'

/** The track of a lane: where on it a pointer is, what it holds, and where a stretch stands on it. */
export function useTrack(shownMin: number) {
  const track = useRef<HTMLDivElement>(null)
  /** what was taken hold of last */
  const held = useRef<HTMLElement | null>(null)
  const x = (minute: number) => `${(Math.min(shownMin, Math.max(0, minute)) / shownMin) * 100}%`
  return {
    track,
    held,
    /** minutes since the start */
    minuteAt: (event: PointerEvent) => {
      const box = track.current!.getBoundingClientRect()
      return Math.min(shownMin, Math.max(0, ((event.clientX - box.left) / box.width) * shownMin))
    },
    /** Takes hold: the track follows the pointer until it is let go. @returns false for other buttons than the first */
    hold: (event: PointerEvent): boolean => {
      if (event.button !== 0) return false
      event.preventDefault()
      event.stopPropagation()
      track.current!.setPointerCapture(event.pointerId)
      held.current = event.currentTarget as HTMLElement
      return true
    },
    span: (from: number, to: number) => ({ left: x(from), width: `calc(${x(to)} - ${x(from)})` }),
  }
}
