import type { Load } from '../plan/schema'

/** Watts at the moment the load starts: its starting watts, never less than its running watts. */
export function startingW(load: Pick<Load, 'start' | 'behaviour'>): number {
  return Math.max(load.start?.watts.value ?? 0, load.behaviour.runningW.value)
}
