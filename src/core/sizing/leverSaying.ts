import type { DayWindow } from '../plan/clock'
import type { Load } from '../plan/schema'
import type { Told } from '../quantity/told'

/** What a lever does. */
export type LeverAct =
  | {
      is:
        | 'leave off'
        | 'food outdoors'
        | 'draw water'
        | 'cook with gas'
        | 'direct current'
        | 'expansion'
        | 'row'
        | 'more panels'
      name: string
    }
  | { is: 'off daily'; name: string; window: DayWindow }
  | { is: 'warmer' | 'cooler'; name: string; byK: number }
  | { is: 'smaller inverter'; watts: number }
  | { is: 'generator hours'; window: DayWindow }
  | { is: 'fuel'; litres: number }
  | { is: 'into the sun'; name: string; at: string[] }

/** What it costs, or what must be heeded. */
export type LeverNote =
  /** to what depends on the load; it makes up for it afterwards */
  | { is: 'cost'; cost: Told; catchesUp: boolean }
  | { is: 'tier'; tier: Load['tier'] }
  | {
      is:
        | 'asleep'
        | 'no calls'
        | 'house cools'
        | 'open a window'
        | 'check polarity'
        | 'fuel can'
        | 'past the battery'
    }
  | { is: 'no warmer'; celsius: number; what: 'frozen' | 'cold' }
  | { is: 'outdoors below'; celsius: number }
  | { is: 'water a day'; litres: number }
  | { is: 'price'; price: number | null; weightKg: number | null; isSameKind: boolean }
  | { is: 'own draw'; watts: number; before: number }
  | { is: 'beside the others'; watts: number }
  | { is: 'generator'; litresADay: number }
