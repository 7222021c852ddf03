import type { Plan } from '@/core/plan/document'
import { formatEnergy, formatNumber, formatPercent } from '@/words/format'
import type { Working, WorkingStep } from './working'
import type { RefillsGate } from '@/core/sizing/gates'
import { runsText } from './runsAndBands'
import { refillsWorking as refillsWorkingWords } from '../en/workings/answer'
import { wordsOf } from '../translate'

const say = wordsOf(refillsWorkingWords)

/** What comes in, from where, and what it is worth in hours of every day. */
export function refillsWorking(
  plan: Plan,
  { refill, coverage, broughtPerDayWh, neededPerDayWh }: RefillsGate,
): Working {
  if (!refill)
    return {
      title: say('rechargeNotPlannedYet'),
      steps: [],
      note: say('noSunGeneratorOrCarIs'),
    }
  const { mean } = refill
  const mostLikelyWh = refill.broughtPerDayWh.p50
  const part = (name: string, wh: number) => ({ name, value: formatEnergy(wh) })
  const steps: WorkingStep[] = [
    {
      label: say('chargingOverTheOutage'),
      formula: say('sun12VAcThroughThe'),
      values: [
        part(say('sun'), mean.sunWh),
        part(say('car12V'), mean.dcWh),
        part(say('acThroughTheChargerItsLoss'), mean.acWh),
        part(say('acStraightToTheLoads'), mean.directWh),
      ],
      result: formatEnergy(mean.sunWh + mean.dcWh + mean.acWh + mean.directWh),
    },
    {
      label: say('whereItGoes'),
      formula: say('inDrainLostInChargingStored'),
      values: [
        part(say('drainedByTheLoadsLossesCounted'), mean.drainWh),
        part(say('straightToTheLoads'), mean.directWh),
        part(say('lostInCharging'), mean.chargeLossWh),
        part(say('storedEndLessBeginning'), mean.storedWh),
        part(say('offeredNotTakenFullTooCold'), mean.unusedWh),
      ],
      result: formatEnergy(mean.drainWh + mean.directWh + mean.chargeLossWh + mean.storedWh),
    },
    {
      label: say('aDay'),
      formula: say('whatComesInOrCouldWhat'),
      values: [part(say('comesInMostLikely'), mostLikelyWh), part(say('isNeeded'), neededPerDayWh)],
      result: formatPercent(neededPerDayWh > 0 ? mostLikelyWh / neededPerDayWh : 0),
    },
    {
      label: say('withYourConfidence'),
      formula: say('theShareThatReachInHours', { runsText: runsText(plan.scenario.confidence) }),
      values: [
        { name: say('share'), value: formatPercent(coverage) },
        part(say('comesInADay'), broughtPerDayWh),
      ],
      result:
        coverage >= 1
          ? say('keepsGoing')
          : say('hOfEvery24', { number: formatNumber(Math.max(0, coverage) * 24, 1) }),
    },
  ]
  return {
    title: say('rechargeADayInADay'),
    steps,
    note: say('eachDaysLightIsDrawnAnew'),
  }
}
