'use client'
import type { Plan } from '@/core/plan/document'
import { useAdvice } from '@/ui/household/useAdvice'
import { MeasureList } from '@/ui/strip/MeasureList'
import type { SimulationClient } from '@/worker/simulationClient'
import styles from './LoadsPage.module.css'

const ask = (client: SimulationClient, plan: Plan) => client.measureNext(plan)

/** Which measurement narrows the band most; its name leads to the load. */
export function MeasureNext({ select }: { select: (id: string) => void }) {
  const measures = useAdvice(ask)
  return (
    <section className={styles.measure} aria-label="Measure next">
      <h2>Measure next</h2>
      <MeasureList measures={measures} className={styles.school} select={select} />
    </section>
  )
}
