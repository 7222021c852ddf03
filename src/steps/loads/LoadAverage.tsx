'use client'
import Button from '@mui/material/Button'
import dynamic from 'next/dynamic'
import { part } from '@/ui/shell/part'
import { useState } from 'react'
import type { HouseholdLoad } from '@/core/plan/schema'
import { interval80 } from '@/core/quantity/quantity'
import { usePlan } from '@/ui/household/HouseholdContext'
import { loadAverage } from '@/words/en/pages/loads'
import { formatEnergy, formatWatts } from '@/words/format'
import { wordsOf } from '@/words/translate'
import { averageInPlan } from './averageInPlan'
import { decidingQuantity } from './loadForm'
import styles from './LoadsPage.module.css'

const say = wordsOf(loadAverage)

const AverageWorking = part(
  dynamic(() => import('./LoadWorkings').then((module) => module.AverageWorking), {
    ssr: false,
  }),
  () => import('./LoadWorkings').then((module) => module.AverageWorking),
)

/** What a load takes on average in this outage, with what is being typed; how that comes about is a tap away. */
export function LoadAverage({ load }: { load: HouseholdLoad }) {
  const averageW = averageInPlan(usePlan(), load.id)
  const [showsWorking, setShowsWorking] = useState(false)
  const deciding = decidingQuantity(load.behaviour)
  const [low, high] = interval80(deciding)
  const share = deciding.value > 0 ? averageW / deciding.value : 0
  return (
    <p className={`hint ${styles.lead}`}>
      {say('onAverageInThisOutageLikely', {
        watts: formatWatts(averageW),
        watts2: formatWatts(low * share),
        watts3: formatWatts(high * share),
        energy: formatEnergy(averageW * 24),
      })}{' '}
      <Button variant="text" onClick={() => setShowsWorking(true)}>
        {say('theWorking')}
      </Button>
      {showsWorking && (
        <AverageWorking load={load} averageW={averageW} onClose={() => setShowsWorking(false)} />
      )}
    </p>
  )
}
