import type { PowerSystem } from '@/core/plan/power'
import { formatDuration, formatPercent } from '@/words/format'
import type { Refill } from '@/core/plan/refill'
import { chemistryOf } from '@/core/storage/bank'
import { monthlyLossFraction } from '@/core/storage/selfDischarge'
import { wallHours } from '@/core/storage/wallHours'
import { formatTemperature, formatVolume } from '@/words/inUnits'
import type { Units } from '@/core/quantity/units'
import { upkeep } from './en/upkeep'
import { wordsOf } from './translate'

const say = wordsOf(upkeep)

/** Something to be done every so many months, so that all of it works on the day. */
export interface Upkeep {
  id: string
  title: string
  notes: string
  everyMonths: number
}

const GENERATOR_MONTHS = 1
const FUEL_MONTHS = 6
const CO_MONTHS = 1

/**
 * What keeps a power system ready: topping up, running the generator, renewing its fuel, testing alarms.
 *
 * @param topUpMonths months between two top-ups
 */
export function upkeepOf(
  system: PowerSystem,
  { generator, car }: Refill,
  topUpMonths: number,
  units: Units,
): Upkeep[] {
  const tasks = system.sources
    .filter(({ kind }) => kind !== 'vehicle')
    .map((source): Upkeep => {
      const lost = 1 - (1 - monthlyLossFraction(chemistryOf(source))) ** topUpMonths
      const hours = wallHours(source, lost)
      return {
        id: `top-up-${source.id}`,
        title: say('topUpThe', { source: source.name }),
        notes: [
          say('readItsChargeFirstLyingFor', {
            months: months(topUpMonths),
            percent: formatPercent(lost),
            percent2: formatPercent(1 - lost),
          }),
          hours === null || hours === Infinity
            ? say('thenChargeItFull')
            : say('thenChargeItFullAboutAt', { duration: formatDuration(Math.max(5, hours * 60)) }),
          say('neverChargeLithiumBatteriesBelow', { temperature: formatTemperature(0, units) }),
        ].join('\n'),
        everyMonths: topUpMonths,
      }
    })
  if (generator?.on)
    tasks.push(
      {
        id: 'generator-run',
        title: say('runTheFor15Minutes', { generator: generator.name }),
        notes: say('underLoadOutdoors6M20'),
        everyMonths: GENERATOR_MONTHS,
      },
      {
        id: 'generator-fuel',
        title: say('renewTheStoredFuel'),
        notes: say('useUpTheOnHandAnd', { volume: formatVolume(generator.onHandL, units) }),
        everyMonths: FUEL_MONTHS,
      },
    )
  // whatever burns fuel near a house
  if (generator?.on || (car?.on && car.way !== 'electric'))
    tasks.push({
      id: 'co-alarms',
      title: say('testTheCarbonMonoxideAlarms'),
      notes: say('onEveryFloorNewBatteriesWhere'),
      everyMonths: CO_MONTHS,
    })
  return tasks
}

const months = (count: number) => (count === 1 ? say('aMonth') : say('months', { count }))
