import type { Metadata } from 'next'
import { headers } from 'next/headers'
import { countryOf } from '@/catalog/countries'
import { StartSheet } from '@/steps/start/StartSheet'

export const metadata: Metadata = {
  title: 'Start yours',
  description: 'Where you are, what must not stop, what you have: how long it lasts, in a minute.',
}

/** The start sheet; mains, units and money are guessed by the browser's language until a town is chosen. */
export default async function Page() {
  const language = (await headers()).get('accept-language') ?? ''
  return <StartSheet today={new Date().toISOString().slice(0, 10)} country={countryOf(language)} />
}
