import { ownEntry } from '../plan/builtInIds'
import type { Load, Start } from '../plan/schema'
import { peakRunningW } from './peak'

export { fullLoadAmps } from '../reading/motor'

/** Watts at the moment the load starts: its starting watts, never less than the most it draws running. */
export function startingW(load: Pick<Load, 'start' | 'behaviour'>): number {
  return Math.max(load.start?.watts.value ?? 0, peakRunningW(load.behaviour))
}

/**
 * Locked-rotor kVA per horsepower by code letter, the top of each range ("V and above" taken at 25).
 * Source: NEC Table 430.7(B).
 */
export const LOCKED_ROTOR_KVA_PER_HP: Readonly<Record<string, number>> = {
  A: 3.15,
  B: 3.55,
  C: 4,
  D: 4.5,
  E: 5,
  F: 5.6,
  G: 6.3,
  H: 7.1,
  J: 8,
  K: 9,
  L: 10,
  M: 11.2,
  N: 12.5,
  P: 14,
  R: 16,
  S: 18,
  T: 20,
  U: 22.4,
  V: 25,
}

/**
 * Starting volt-amps of a motor from its plate's code letter. An inverter's surge limit is a limit of
 * current, so volt-amps are held against it as they stand.
 *
 * @param hp rated horsepower
 * @param letter A to V without I, O and Q
 * @returns VA
 * @throws RangeError for a letter the table does not have
 * Source: NEC Table 430.7(B), top of the letter's range.
 * @example startingVaByLetter(0.5, 'K') // 4500
 */
export function startingVaByLetter(hp: number, letter: string): number {
  const perHp = ownEntry(LOCKED_ROTOR_KVA_PER_HP, letter)
  if (perHp === undefined) throw new RangeError(`no code letter ${letter}`)
  return hp * perHp * 1000
}

/** Motors without a code letter: six times full-load amps. Common practice, no source. */
export const START_TIMES = 6

/** Starting volt-amps from full-load amps: a motor takes about five to eight times them. Common practice, no source. */
export function startingVaByAmps(amps: number, volts: number, times: number): number {
  return amps * volts * times
}

/** Starting volt-amps behind a start's basis, or null where the watts were given as such. */
export function startByBasis(basis: Start['basis'], volts: number): number | null {
  if (!basis) return null
  return basis.kind === 'code letter'
    ? startingVaByLetter(basis.hp, basis.letter)
    : startingVaByAmps(basis.amps, volts, basis.times)
}
