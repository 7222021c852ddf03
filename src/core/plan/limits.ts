/** The most a household may hold, and the longest a text may be. */
export const LIMITS = {
  loads: 200,
  sources: 8,
  scenarios: 24,
  powerSystems: 24,
  windows: 24,
  nameLength: 80,
  noteLength: 2000,
}

/** How important a load is in a scenario, the most important first. */
export const TIERS = ['hold', 'ration', 'spare', 'refuse'] as const
export type Tier = (typeof TIERS)[number]

export const PLAN_FORMAT = 'yotrope-plan'
export const PLAN_VERSION = 2
