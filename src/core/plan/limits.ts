/** The most a household may hold, and the longest a text may be. */
export const LIMITS = {
  loads: 200,
  sources: 8,
  scenarios: 24,
  powerSystems: 24,
  equipment: 200,
  windows: 24,
  /** times one thing refills in an outage: an hour of grid in every six for a fortnight is 56 */
  chargingTimes: 120,
  nameLength: 80,
  noteLength: 2000,
}

/** How important a load is in a scenario, the most important first. */
export const TIERS = ['critical', 'flexible', 'optional', 'notOnBattery'] as const
export type Tier = (typeof TIERS)[number]

/** How wet the outage is; it moves what pumps have to lift. */
export const RAINS = ['dry', 'rain', 'downpour'] as const
export type Rain = (typeof RAINS)[number]

/** Where a load stands: whose temperature it feels. */
export const SURROUNDINGS = ['indoors', 'unheated', 'outdoors'] as const
export type Surroundings = (typeof SURROUNDINGS)[number]

/** What a battery is made of, where its voltage, depth and weather behaviour differ. */
export const CHEMISTRIES = ['lifepo4', 'agm', 'flooded'] as const
export type Chemistry = (typeof CHEMISTRIES)[number]

/** What a source is, as people tell them apart. */
export const SOURCE_KINDS = ['station', 'bank', 'ups', 'hybrid', 'vehicle'] as const
export type SourceKind = (typeof SOURCE_KINDS)[number]

/** The most batteries in a row and the most rows beside each other. More rows share their current unevenly. */
export const BANK_LIMITS = { series: 16, parallel: 8, usualParallel: 4 }

/** Indoor temperature of a scenario that says nothing of it. */
export const USUAL_INDOOR_C = 20

export const PLAN_FORMAT = 'yotrope-plan'
export const PLAN_VERSION = 11

/** What a scenario says of the sky. */
export const SKY_CLASSES = ['clear', 'mixed', 'overcast', 'dark'] as const
export type SkyClass = (typeof SKY_CLASSES)[number]

/** Rules by which one load is shed. */
export const MOST_RULES = 6

/** What kind of thing a label is on: it decides the power factor and what its limit says. */
export const PLATE_KINDS = ['motor', 'heat', 'electronics', 'cold box'] as const
export type PlateKind = (typeof PLATE_KINDS)[number]

/** Letters kept of what a label says. */
export const LABEL_LENGTH = 200
