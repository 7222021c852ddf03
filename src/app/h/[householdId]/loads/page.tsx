import type { Metadata } from 'next'
import { LoadsPage } from '@/steps/loads/LoadsPage'
import { loadsPage } from '@/words/en/pages/app'
import { wordsOf } from '@/words/translate'

const say = wordsOf(loadsPage)

export const metadata: Metadata = { title: say('loads') }

export default function Page() {
  return <LoadsPage />
}
