'use client'
import type { Plan } from '@/core/plan/document'
import { useAdvice } from '@/ui/household/useAdvice'
import { MeasureList } from '@/ui/strip/MeasureList'
import type { SimulationClient } from '@/worker/simulationClient'
import styles from './RuntimePage.module.css'

const ask = (client: SimulationClient, plan: Plan) => client.measureNext(plan)

/** Which measurement narrows the band most. */
export function MeasureNext() {
  const measures = useAdvice(ask)
  return (
    <section aria-label="Measure next">
      <h2>Measure next</h2>
      <MeasureList measures={measures} className={styles.note} />
    </section>
  )
}
