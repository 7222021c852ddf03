import type { PowerSystem } from '../plan/power'
import { formatDuration, formatNumber, formatPercent } from '../quantity/format'
import type { Refill } from '../plan/refill'
import { chemistryOf } from '../storage/bank'
import { monthlyLossFraction } from '../storage/selfDischarge'
import { wallHours } from '../storage/wallHours'
import { formatTemperature, formatVolume } from '../reading/inUnits'
import type { Units } from '../quantity/units'

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
        title: `Top up the ${source.name}`,
        notes: [
          `Read its charge first: lying for ${months(topUpMonths)} costs about ${formatPercent(lost)}. Much less than ${formatPercent(1 - lost)} means that something draws from it, or that it has aged.`,
          hours === null || hours === Infinity
            ? 'Then charge it full.'
            : `Then charge it full: about ${formatDuration(Math.max(5, hours * 60))} at the wall.`,
          `Never charge lithium batteries below ${formatTemperature(0, units)}.`,
        ].join('\n'),
        everyMonths: topUpMonths,
      }
    })
  if (generator?.on)
    tasks.push(
      {
        id: 'generator-run',
        title: `Run the ${generator.name} for 15 minutes`,
        notes:
          'Under load, outdoors, 6 m (20 ft) from the house, exhaust away from windows and doors: carbon monoxide kills. Look at its oil.',
        everyMonths: GENERATOR_MONTHS,
      },
      {
        id: 'generator-fuel',
        title: 'Renew the stored fuel',
        notes: `Use up the ${formatVolume(generator.onHandL, units)} on hand and store fresh fuel, stabilised, in cans made for it, away from house and flame.`,
        everyMonths: FUEL_MONTHS,
      },
    )
  // whatever burns fuel near a house
  if (generator?.on || (car?.on && car.way !== 'electric'))
    tasks.push({
      id: 'co-alarms',
      title: 'Test the carbon monoxide alarms',
      notes: 'On every floor. New batteries where they want some; replace those past their date.',
      everyMonths: CO_MONTHS,
    })
  return tasks
}

const months = (count: number) => (count === 1 ? 'a month' : `${count} months`)
