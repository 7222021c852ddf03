'use client'
import Button from '@mui/material/Button'
import { formatEnergy, formatWatts } from '@/words/format'
import { requirementOf } from '@/core/sizing/requirement'
import { changeProfile } from '@/ui/household/edits'
import { useHouseholdStore, usePlan } from '@/ui/household/HouseholdContext'
import { leftOutWhy } from '@/core/simulation/compile'
import { sizingNumbers } from '@/words/en/pages/loads'
import { wordsOf } from '@/words/translate'
import { averageInPlan } from './averageInPlan'
import styles from './LoadsPage.module.css'

const say = wordsOf(sizingNumbers)

/** The three numbers that size the power: running watts together, the worst start, energy a day. */
export function SizingNumbers() {
  const store = useHouseholdStore()
  const plan = usePlan()
  const { household, scenario } = plan
  const carried = plan.loads.filter((load) => ['voltage', null].includes(leftOutWhy(load, plan)))
  const requirement = requirementOf(
    carried,
    scenario.startsAt,
    scenario.durationH * 60,
    household.surgeSchool,
  )
  const dailyWh = carried.reduce((sum, load) => sum + averageInPlan(plan, load.id) * 24, 0)
  const isUsual = household.surgeSchool === 'largest-start'
  return (
    <>
      <dl className={styles.sizing}>
        <dt>{say('runningWattsTogether')}</dt>
        <dd>{formatWatts(requirement.runningW)}</dd>
        <dt>{isUsual ? say('peakWithTheLargestMotorStart') : say('allStartsAtOnce')}</dt>
        <dd>{formatWatts(requirement.startW)}</dd>
        <dt>{say('aDay')}</dt>
        <dd>{formatEnergy(dailyWh)}</dd>
      </dl>
      <p className="hint">
        {say('startsCounted', { isUsual: isUsual ? 'yes' : 'no' })}{' '}
        <Button
          variant="text"
          onClick={() =>
            store.getState().edit(changeProfile({ surgeSchool: isUsual ? 'sum-of-starts' : 'largest-start' }))
          }
        >
          {isUsual ? say('countAllStartsAtOnce') : say('countTheLargestOnTop')}
        </Button>
      </p>
    </>
  )
}
