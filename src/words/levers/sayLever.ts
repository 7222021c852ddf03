import { formatClock, formatWindow } from '@/words/clock'
import type { Plan } from '@/core/plan/document'
import { formatNumber, formatWatts } from '@/words/format'
import { formatDegrees, formatMass, formatTemperature, formatVolume } from '@/words/inUnits'
import type { SparingLever } from '@/core/sizing/byLosses'
import type { Lever } from '@/core/sizing/levers'
import type { LeverAct, LeverNote } from '@/core/sizing/leverSaying'
import { levers } from '../en/levers'
import { NONE } from '../factWords'
import { sayTold } from '../sayTold'
import { type Say, sayFrom } from '../translate'

const say: Say = sayFrom(levers)

export interface LeverWords {
  /** what to do */
  words: string
  /** what it costs or asks; empty where that is nothing */
  aside: string
}

/** A lever as a page shows it. */
export type SaidLever = SparingLever & LeverWords

type Household = Pick<Plan['household'], 'units' | 'currency'>
/** Messages are kept under what a lever is, without blanks. */
const keyOf = ({ is }: LeverAct | LeverNote) => is.replaceAll(' ', '-')

/** A lever with its words. */
export const sayLever = <L extends Lever>(lever: L, household: Household): L & LeverWords => ({
  ...lever,
  words: say(`act.${keyOf(lever.act)}`, actValues(lever.act, household)),
  aside: lever.note ? say(`note.${keyOf(lever.note)}`, noteValues(lever.note, household)) : '',
})

function actValues(act: LeverAct, { units }: Household): Record<string, string> {
  switch (act.is) {
    case 'off daily':
      return { name: act.name, window: formatWindow(act.window, units.clock) }
    case 'warmer':
    case 'cooler':
      return { name: act.name, by: formatDegrees(act.byK, units) }
    case 'smaller inverter':
      return { watts: formatWatts(act.watts) }
    case 'generator hours':
      return { window: formatWindow(act.window, units.clock) }
    case 'fuel':
      return { volume: formatVolume(act.litres, units, 1) }
    case 'into the sun':
      return { name: act.name, at: act.at.map((clock) => formatClock(clock, units.clock)).join(', ') }
    default:
      return { name: act.name }
  }
}

function noteValues(note: LeverNote, { units, currency }: Household): Record<string, string> {
  switch (note.is) {
    case 'cost':
      return { text: sayTold(note.cost, { units, startsAt: '' }), catchesUp: note.catchesUp ? 'yes' : 'no' }
    case 'tier':
      return { tier: note.tier }
    case 'no warmer':
      return { what: note.what, celsius: formatTemperature(note.celsius, units) }
    case 'outdoors below':
      return { celsius: formatTemperature(note.celsius, units) }
    case 'water a day':
      return { volume: formatVolume(note.litres, units) }
    case 'price':
      return {
        price: note.price === null ? NONE : `${formatNumber(note.price, 0)} ${currency}`,
        weight: note.weightKg === null ? NONE : formatMass(note.weightKg, units),
        isSameKind: note.isSameKind ? 'yes' : 'no',
      }
    case 'own draw':
      return { watts: formatWatts(note.watts), before: formatWatts(note.before) }
    case 'beside the others':
      return { watts: formatWatts(note.watts) }
    case 'generator':
      return { volume: formatVolume(note.litresADay, units, 1) }
    default:
      return {}
  }
}
