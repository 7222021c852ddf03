import type { Metadata } from 'next'
import { RunPage } from '@/steps/run/RunPage'
import { runPage } from '@/words/en/pages/app'
import { wordsOf } from '@/words/translate'

const say = wordsOf(runPage)

export const metadata: Metadata = { title: say('testRun') }

export default function Page() {
  return <RunPage />
}
