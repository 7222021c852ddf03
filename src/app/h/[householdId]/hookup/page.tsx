import type { Metadata } from 'next'
import { HookupPage } from '@/steps/hookup/HookupPage'
import { hookupPage } from '@/words/en/pages/app'
import { wordsOf } from '@/words/translate'

const say = wordsOf(hookupPage)

export const metadata: Metadata = { title: say('hookup') }

export default function Page() {
  return <HookupPage />
}
