import { headers } from 'next/headers'
import { notFound } from 'next/navigation'
import type { ReactNode } from 'react'
import { cookiesOf } from '@/server/cookies'
import { firstAnswer } from '@/server/firstAnswer'
import { leftOf } from '@/server/leaving'
import { promisedSample } from '@/server/newcomer'
import { promisedTo } from '@/server/promise'
import { storedHousehold } from '@/server/storedHousehold'
import { visitorOf } from '@/server/visitor'
import { HouseholdLoader } from '@/ui/household/HouseholdLoader'
import { READ_COOKIE, readPages } from '@/ui/shell/readPages'
import { Shell } from '@/ui/shell/Shell'

/** Households larger than this are fetched by the page, not written into it, so that no page grows without bound; letters of JSON. */
const EMBEDDED_LIMIT = 60_000

/** A household's pages: its state, its first answer so that it stands in the page, and the frame. */
export default async function HouseholdLayout(props: {
  params: Promise<{ householdId: string }>
  children: ReactNode
}) {
  const { householdId } = await props.params
  const asked = await headers()
  const visitor = await visitorOf(asked)
  const kept = visitor
    ? await storedHousehold(visitor, householdId)
    : householdId === promisedTo(asked, new Date())
      ? promisedSample(householdId, new Date())
      : null
  if (!kept) notFound()
  const { stored, text } = kept
  const isEmbedded = text.length <= EMBEDDED_LIMIT
  const evaluation = isEmbedded ? await firstAnswer(stored.household, leftOf(asked)) : null
  const { name, sample } = stored.household.profile
  const households = visitor?.households ?? [{ id: householdId, version: stored.version, name, sample }]
  return (
    <HouseholdLoader
      key={stored.id}
      householdId={stored.id}
      version={stored.version}
      savedAt={stored.savedAt}
      embedded={isEmbedded ? text : null}
      evaluation={evaluation}
    >
      <Shell households={households} read={readPages(cookiesOf(asked).get(READ_COOKIE))}>
        {props.children}
      </Shell>
    </HouseholdLoader>
  )
}
