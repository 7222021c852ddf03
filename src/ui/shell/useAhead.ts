import { useEffect } from 'react'
import { whenSettled } from './whenIdle'

const LATEST_MS = 1000

/**
 * Fetches what is drawn as soon as something else is worked out, so that the two come side by side.
 * @param load a constant of the caller; where it fails it is asked for again when it is to be drawn
 */
export function useAhead(load: () => Promise<unknown>): void {
  useEffect(() => whenSettled(() => void load().catch(() => {}), LATEST_MS), [load])
}
