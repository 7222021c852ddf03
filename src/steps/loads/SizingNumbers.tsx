'use client'
import Button from '@mui/material/Button'
import { formatEnergy, formatWatts } from '@/core/quantity/format'
import { expectedW } from '@/core/simulation/expected'
import { requirementOf } from '@/core/sizing/requirement'
import { changeProfile } from '@/ui/household/edits'
import { useHouseholdStore, usePlan } from '@/ui/household/HouseholdContext'
import { leftOutWhy } from '@/core/simulation/compile'
import styles from './LoadsPage.module.css'

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
  const dailyWh = carried.reduce((sum, load) => sum + expectedW(load, scenario) * 24, 0)
  const isUsual = household.surgeSchool === 'largest-start'
  return (
    <>
      <dl className={styles.sizing}>
        <dt>running watts together</dt>
        <dd>{formatWatts(requirement.runningW)}</dd>
        <dt>{isUsual ? 'peak with the largest motor start' : 'all starts at once'}</dt>
        <dd>{formatWatts(requirement.startW)}</dd>
        <dt>a day</dt>
        <dd>{formatEnergy(dailyWh)}</dd>
      </dl>
      <p className={styles.school}>
        Starts counted{' '}
        {isUsual ? 'as the largest on top of all running' : 'all at once, the conservative way'}.{' '}
        <Button
          variant="text"
          onClick={() =>
            store.getState().edit(changeProfile({ surgeSchool: isUsual ? 'sum-of-starts' : 'largest-start' }))
          }
        >
          {isUsual ? 'Count all starts at once' : 'Count the largest on top'}
        </Button>
      </p>
    </>
  )
}
