import type { Metadata } from 'next'
import { OutagePage } from '@/steps/outage/OutagePage'
import { outagePage } from '@/words/en/pages/app'
import { wordsOf } from '@/words/translate'

const say = wordsOf(outagePage)

export const metadata: Metadata = { title: say('outage') }

export default function Page() {
  return <OutagePage />
}
