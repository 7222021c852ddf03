import type { Metadata } from 'next'
import { OpenByCode } from '@/ui/keep/OpenByCode'
import { openPage } from '@/words/en/pages/app'
import { wordsOf } from '@/words/translate'

const say = wordsOf(openPage)

export const metadata: Metadata = { title: say('openAHousehold') }

export default function Page() {
  return <OpenByCode />
}
