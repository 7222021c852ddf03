import { NO_CHARGING } from '../plan/noRefill'
import { finding } from './finding'
import type { Hazard } from './hazardInput'
import { commonMinutes } from './hours'

/** Something with an engine charges while nobody is awake or at home. */
export const unattended: Hazard = ({ plan, asleep, away }) => {
  const charging = plan.scenario.charging ?? NO_CHARGING
  return (['generator', 'car'] as const).flatMap((from) => {
    if (!plan.refill[from]?.on) return []
    const asleepMin = commonMinutes(charging[from], asleep)
    const minutes = asleepMin + commonMinutes(charging[from], away)
    return minutes === 0
      ? []
      : [
          finding('unattended', from, { page: 'recharge', part: from, id: null }, 'you', {
            from,
            asleep: asleepMin > 0,
            minutes,
          }),
        ]
  })
}

/** Batteries are charged and used for hours, and no smoke alarm that works without the grid is named. */
export const smokeAlarms: Hazard = ({ plan, sources }) => {
  const count = plan.wiring?.house?.smokeAlarms ?? null
  if (sources.length === 0 || (count ?? 0) > 0) return []
  return [
    finding('smoke-alarms', 'house', { page: 'hookup', part: 'house', id: null }, 'you', {
      count,
    }),
  ]
}
