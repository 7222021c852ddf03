import type { Bank } from '../plan/power'
import { bankVolts } from '../storage/bank'

/** Volts of a battery while it charges, per nominal volt. Common practice, no source. */
const CHARGING_SHARE = 1.08

/** Volts a battery is charged at: what a PWM controller leaves of the panels'. */
export const pwmVolts = (bank: Bank) => bankVolts(bank) * CHARGING_SHARE
