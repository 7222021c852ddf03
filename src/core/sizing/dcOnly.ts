import type { Load } from '../plan/schema'
import type { PowerGate } from './gates'

/** Loads that are, or can be had, for 12 V. */
const FOR_DC = /network|router|fibre|modem|switch|receiver|camera/i
const MOST_DC_W = 60

/** Whether a load is usually to be had for 12 V; never a medical device, which its supplier decides on. */
export const canBeDc = ({ name, behaviour, medical }: Load) =>
  FOR_DC.test(name) && behaviour.runningW.value <= MOST_DC_W && !medical

/** Of the loads a source has the wrong voltage for: those that can be had for its direct current, and the rest. */
export function dcOnly({ source, wrongVoltage }: Pick<PowerGate, 'source' | 'wrongVoltage'>) {
  const givesDc = source.volts.includes(12)
  const forDc = wrongVoltage.filter((load) => givesDc && canBeDc(load))
  return { forDc, others: wrongVoltage.filter((load) => !forDc.includes(load)) }
}
