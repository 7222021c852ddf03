import type { Plan } from '../plan/document'
import { formatEnergy, formatNumber, formatPercent } from '../quantity/format'
import type { Working, WorkingStep } from '../quantity/working'
import type { RefillsGate } from './gates'
import { runsText } from './runsAndBands'

/** What comes in, from where, and what it is worth in hours of every day. */
export function refillsWorking(
  plan: Plan,
  { refill, coverage, broughtPerDayWh, neededPerDayWh }: RefillsGate,
): Working {
  if (!refill)
    return {
      title: 'Recharge: not planned yet',
      steps: [],
      note: 'No sun, generator or car is counted. The hours shown are from a single charge. The Recharge page plans it.',
    }
  const { mean } = refill
  const mostLikelyWh = refill.broughtPerDayWh.p50
  const part = (name: string, wh: number) => ({ name, value: formatEnergy(wh) })
  const steps: WorkingStep[] = [
    {
      label: 'Charging over the outage',
      formula: 'sun + 12 V + AC through the charger + AC straight to the loads; means of the runs',
      values: [
        part('sun', mean.sunWh),
        part('car, 12 V', mean.dcWh),
        part('AC through the charger, its loss taken off', mean.acWh),
        part('AC straight to the loads', mean.directWh),
      ],
      result: formatEnergy(mean.sunWh + mean.dcWh + mean.acWh + mean.directWh),
    },
    {
      label: 'Where it goes',
      formula: 'in = drain + lost in charging + stored',
      values: [
        part('drained by the loads, losses counted', mean.drainWh),
        part('straight to the loads', mean.directWh),
        part('lost in charging', mean.chargeLossWh),
        part('stored, end less beginning', mean.storedWh),
        part('offered, not taken (full, too cold, clipped)', mean.unusedWh),
      ],
      result: formatEnergy(mean.drainWh + mean.directWh + mean.chargeLossWh + mean.storedWh),
    },
    {
      label: 'A day',
      formula: 'what comes in or could ÷ what feeding everything takes, mean of all whole days in the outage',
      values: [part('comes in, most likely', mostLikelyWh), part('is needed', neededPerDayWh)],
      result: formatPercent(neededPerDayWh > 0 ? mostLikelyWh / neededPerDayWh : 0),
    },
    {
      label: 'With your confidence',
      formula: `the share that ${runsText(plan.scenario.confidence)} reach, in hours of 24`,
      values: [{ name: 'share', value: formatPercent(coverage) }, part('comes in a day', broughtPerDayWh)],
      result: coverage >= 1 ? 'goes on' : `${formatNumber(Math.max(0, coverage) * 24, 1)} h of every 24`,
    },
  ]
  return {
    title: 'Recharge: a day in, a day out',
    steps,
    note: 'Each day’s light is drawn anew in every run, ×/÷ what its kind of sky is uncertain by. Charge and discharge are weighed by quarter hours.',
  }
}
