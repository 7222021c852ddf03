import type { Load } from '../plan/schema'
import type { LoadWiring } from '../plan/wiring'

/** A small step-up or step-down converter passes on so much. Common practice, no source. */
const USUAL_CONVERTER = 0.9
/** Devices for 12 V take what a 12 V battery gives, charged or not. Common practice, no source. */
const AS_IT_IS_V = [11, 14.5] as const
/** Ω · mm²/m of copper at 75 °C, as the wire tables have it. Source: NEC chapter 9 Table 8, stranded. */
const COPPER_OHM = 0.0209

/** Share of its watts a converter before a device on direct current passes on; 1 where none is needed. */
export function converterOf({ deviceV, converterFraction }: Partial<LoadWiring>): number {
  if (converterFraction !== undefined) return converterFraction
  const needsOne = deviceV !== undefined && (deviceV < AS_IT_IS_V[0] || deviceV > AS_IT_IS_V[1])
  return needsOne ? USUAL_CONVERTER : 1
}

/**
 * Watts that a load on direct current asks of its source for each watt it needs: its converter's loss, and what its lead turns
 * into heat at the running current, which grows with the square of it.
 *
 * @returns 1 for household current
 * Source: I = P ÷ (η · V), loss = 2 · L · ρ ÷ A · I².
 */
export function dcFactor({ volts, behaviour }: Load, wiring: LoadWiring | undefined): number {
  if (volts !== 12 || !wiring) return 1
  const passed = converterOf(wiring)
  const { lead } = wiring
  if (!lead || lead.areaMm2 === null) return 1 / passed
  const amps = behaviour.runningW.value / (passed * volts)
  const dropFraction = (2 * lead.lengthM * (COPPER_OHM / lead.areaMm2) * amps) / volts
  return (1 + dropFraction) / passed
}
