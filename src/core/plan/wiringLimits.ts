/** Words and limits of how things are connected. */

/** How a load is connected: into an outlet of the source, by an extension cord, by fixed wires, by a lead for direct current. */
export const CONNECTIONS = ['straight', 'cord', 'hard-wired'] as const
export type Connection = (typeof CONNECTIONS)[number]

/** Where a cord lies. */
export const ROUTES = ['open', 'doorway', 'covered', 'wet'] as const

/** How fixed wires are fed: not at all, or by what a licensed electrician fits. */
export const TRANSFERS = ['none', 'transfer-switch', 'interlock', 'plug-at-appliance'] as const

/** What the lead of a load on direct current ends in. */
export const PLUGS = ['barrel-plus-inside', 'barrel-plus-outside', 'usb', 'socket', 'terminals'] as const

/** Whether a source ties its neutral to ground. */
export const NEUTRALS = ['floating', 'bonded'] as const

/** How a source stands: free, shut in, in the sun. */
export const STANDS = ['free', 'shut-in', 'sun'] as const

export const GENERATOR_PLACES = ['outdoors', 'garage', 'carport', 'porch'] as const

/** Whether the batteries of a bank are alike, or what they differ in. */
export const ALIKE = ['alike', 'kind', 'size'] as const

/** What suffers without power beside what the loads say of themselves. */
export const NEEDS = ['aquarium', 'roots', 'animals', 'medicine', 'phone'] as const
export type NeedKind = (typeof NEEDS)[number]

/** What the parts list can hold, by the word its price is kept under. */
export const MOST_WIRING = { cords: 60, parts: 200, acknowledged: 200, needs: 24 }
