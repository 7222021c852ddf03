import type { Behaviour } from '../plan/schema'

/** The most a load draws while it runs, W: its defrost heater where that is more than its compressor. */
export function peakRunningW(behaviour: Behaviour): number {
  const running = behaviour.runningW.value
  return behaviour.kind === 'cycling' && behaviour.defrost
    ? Math.max(running, behaviour.defrost.watts.value)
    : running
}
