/** The steps of the work in their order; each has a page and a number key. */
export const STEPS = [
  { key: '1', path: 'outage', name: 'Outage' },
  { key: '2', path: 'loads', name: 'Loads' },
  { key: '3', path: 'power', name: 'Power' },
  { key: '4', path: 'runtime', name: 'Runtime' },
  { key: '5', path: 'recharge', name: 'Recharge' },
] as const
