import type { Metadata } from 'next'
import { PowerPage } from '@/steps/power/PowerPage'
import { powerPage } from '@/words/en/pages/app'
import { wordsOf } from '@/words/translate'

const say = wordsOf(powerPage)

export const metadata: Metadata = { title: say('power') }

export default function Page() {
  return <PowerPage />
}
