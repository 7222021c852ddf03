import type { Tier } from '@/core/plan/limits'
import type { HouseholdLoad } from '@/core/plan/schema'
import { usePlan } from '@/ui/household/HouseholdContext'
import { formatEnergy, formatWatts } from '@/words/format'
import { tierHint } from '@/words/en/pages/loads'
import { wordsOf } from '@/words/translate'
import { averageInPlan } from './averageInPlan'

const say = wordsOf(tierHint)

const HEAT = /heater|heat lamp|kettle|toaster|oven|dryer|iron\b|range|induction|blanket|water heat/i
const COOLING = /air condition/i
/** Around the clock this empties a 2 kWh station within a working day. */
const MUCH_W = 250

/** What speaks against a load’s tier: heat and cooling by electricity as critical. Told with the numbers; nothing is forbidden. */
export function TierHint({ load, tier, averageW }: { load: HouseholdLoad; tier: Tier; averageW: number }) {
  if (tier !== 'critical' || load.medical) return null
  const running = load.behaviour.runningW.value
  const isHeat = HEAT.test(load.name) && running >= 300
  if (!isHeat && !COOLING.test(load.name) && averageW < MUCH_W) return null
  return (
    <p className="caution">
      {say('takesWhileItRuns', {
        isHeat: isHeat ? say('heat') : COOLING.test(load.name) ? say('cooling') : say('thisWord'),
        watts: formatWatts(running),
      })}
      {averageW >= 1 && say('aDay', { energy: formatEnergy(averageW * 24) })}
      {say('a2KwhStationCarriesIt', { value: Math.max(0.1, Math.round(17000 / running) / 10) })}
    </p>
  )
}

/** The same of a load of the household, with what is being typed. */
export function LoadTierHint({ load, tier }: { load: HouseholdLoad; tier: Tier }) {
  return <TierHint load={load} tier={tier} averageW={averageInPlan(usePlan(), load.id)} />
}
