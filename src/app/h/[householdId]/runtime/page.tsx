import type { Metadata } from 'next'
import { RuntimePage } from '@/steps/runtime/RuntimePage'
import { runtimePage } from '@/words/en/pages/app'
import { wordsOf } from '@/words/translate'

const say = wordsOf(runtimePage)

export const metadata: Metadata = { title: say('runtime') }

export default function Page() {
  return <RuntimePage />
}
