import { headers } from 'next/headers'
import { notFound } from 'next/navigation'
import type { ReactNode } from 'react'
import { database } from '@/db/client'
import { findHousehold, listHouseholds } from '@/db/households'
import { firstAnswer } from '@/server/firstAnswer'
import { visitorOf } from '@/server/visitor'
import { HouseholdLoader } from '@/ui/household/HouseholdLoader'
import { Shell } from '@/ui/shell/Shell'

/** Households larger than this are fetched by the page, not written into it, so that no page grows without bound; letters of JSON. */
const EMBEDDED_LIMIT = 60_000

/** A household's pages: its state, its first answer so that it stands in the page, and the frame. */
export default async function HouseholdLayout(props: {
  params: Promise<{ householdId: string }>
  children: ReactNode
}) {
  const { householdId } = await props.params
  const userId = await visitorOf(await headers())
  const stored = userId && (await findHousehold(database(), userId, householdId))
  if (!stored) notFound()
  const isEmbedded = JSON.stringify(stored.household).length <= EMBEDDED_LIMIT
  const [households, evaluation] = await Promise.all([
    listHouseholds(database(), userId),
    isEmbedded ? firstAnswer(stored.household) : null,
  ])
  return (
    <HouseholdLoader
      key={stored.id}
      householdId={stored.id}
      stored={isEmbedded ? stored : null}
      evaluation={evaluation}
    >
      <Shell households={households}>{props.children}</Shell>
    </HouseholdLoader>
  )
}
