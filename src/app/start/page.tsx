import type { Metadata } from 'next'
import { headers } from 'next/headers'
import { countryOf } from '@/catalog/countries'
import { StartSheet } from '@/steps/start/StartSheet'
import { startPage } from '@/words/en/pages/app'
import { wordsOf } from '@/words/translate'

const say = wordsOf(startPage)

export const metadata: Metadata = {
  title: say('startYours'),
  description: say('whereYouAreWhatMustNot'),
}

/** The start sheet; mains, units and money are guessed by the browser's language until a town is chosen. */
export default async function Page() {
  const language = (await headers()).get('accept-language') ?? ''
  return <StartSheet today={new Date().toISOString().slice(0, 10)} country={countryOf(language)} />
}
