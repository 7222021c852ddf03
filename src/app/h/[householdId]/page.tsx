import { redirect } from 'next/navigation'

export default async function HouseholdPage({ params }: { params: Promise<{ householdId: string }> }) {
  redirect(`/h/${(await params).householdId}/runtime`)
}
