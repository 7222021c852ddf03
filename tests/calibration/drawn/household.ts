import { readFileSync } from 'node:fs'
import { join } from 'node:path'
import type { DayWindow } from '@/core/plan/clock'
import type { PowerSystem, Scenario } from '@/core/plan/schema'
import type { Quantity } from '@/core/quantity/quantity'

/** What a careful homeowner knew of one load before the outage. */
export interface KnownLoad {
  evidence:
    | 'type'
    | 'type, size, year'
    | 'plate'
    | 'V/A plate'
    | 'kWh label'
    | 'metered'
    | 'metered log'
    | 'metered total'
    | 'counted'
  catalogue: string
  label?: string
  at?: string[]
  hours?: DayWindow[]
  where?: 'indoors' | 'unheated' | 'a place of its own'
  contents?: 'full' | 'half full' | 'nearly empty'
  offBeforeH?: number
  type?: 'top-freezer' | 'side-by-side' | 'bottom-freezer' | 'upright-freezer' | 'chest-freezer'
  litres?: number
  isInverter?: boolean
  year?: number | null
  meter?: { knownAtC: number; minuteW?: number[]; hours?: number; kWhTotal?: number }
  meteredW?: number
  countedInRain?: { onS: number; everyMin: number }
}

/** A household drawn from first principles, what was known of it, and how long it then lasted; null past 72 h. */
export interface DrawnHousehold {
  id: string
  kind: 'cold' | 'furnace' | 'storm' | 'network' | 'family' | 'small'
  lastedH: number | null
  scenario: Scenario
  powerSystem: PowerSystem
  /** °C about which a place of its own stands, by load */
  ownPlaces: Record<string, Quantity<'°C'>>
  known: Record<string, KnownLoad>
}

/** The 120 drawn households. */
export const drawnHouseholds = (): DrawnHousehold[] =>
  readFileSync(join(import.meta.dirname, 'households.jsonl'), 'utf8')
    .trim()
    .split('\n')
    .map((line) => JSON.parse(line) as DrawnHousehold)
