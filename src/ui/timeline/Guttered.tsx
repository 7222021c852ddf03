'use client'
import { type ReactNode, useEffect, useRef, useState } from 'react'

/** Pixels beside the time axis: names to the left of it, energies to the right. */
export interface Gutters {
  left: number
  right: number
}

const WIDE: Gutters = { left: 148, right: 96 }
/** On a phone names stand above their lanes. */
const NARROW: Gutters = { left: 44, right: 12 }
const NARROW_BELOW_PX = 620

/** Place for a chart: what is drawn in it is told the gutters that fit, which are those of the lanes below it. */
export function Guttered(props: { className: string; children: (gutters: Gutters) => ReactNode }) {
  const frame = useRef<HTMLDivElement>(null)
  const [gutters, setGutters] = useState<Gutters>(WIDE)
  useEffect(() => {
    if (!frame.current) return
    const observer = new ResizeObserver(([entry]) =>
      setGutters(entry.contentRect.width < NARROW_BELOW_PX ? NARROW : WIDE),
    )
    observer.observe(frame.current)
    return () => observer.disconnect()
  }, [])
  return (
    <div ref={frame} className={props.className}>
      {props.children(gutters)}
    </div>
  )
}
