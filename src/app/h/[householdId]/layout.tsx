import { headers } from 'next/headers'
import { notFound } from 'next/navigation'
import type { ReactNode } from 'react'
import { planOf } from '@/core/plan/planOf'
import { evaluate } from '@/core/sizing/evaluate'
import { database } from '@/db/client'
import { findHousehold, listHouseholds } from '@/db/households'
import { visitorOf } from '@/server/visitor'
import { HouseholdProvider } from '@/ui/household/HouseholdContext'
import { Shell } from '@/ui/shell/Shell'

/** A household's pages: its state, its first evaluation so that the answer stands in the page, and the frame. */
export default async function HouseholdLayout(props: {
  params: Promise<{ householdId: string }>
  children: ReactNode
}) {
  const { householdId } = await props.params
  const userId = await visitorOf(await headers())
  const stored = userId && (await findHousehold(database(), userId, householdId))
  if (!stored) notFound()
  return (
    <HouseholdProvider key={stored.id} stored={stored} evaluation={evaluate(planOf(stored.household))}>
      <Shell households={await listHouseholds(database(), userId)}>{props.children}</Shell>
    </HouseholdProvider>
  )
}
