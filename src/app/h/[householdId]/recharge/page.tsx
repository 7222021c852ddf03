import type { Metadata } from 'next'
import { RechargePage } from '@/steps/recharge/RechargePage'
import { rechargePage } from '@/words/en/pages/app'
import { wordsOf } from '@/words/translate'

const say = wordsOf(rechargePage)

export const metadata: Metadata = { title: say('recharge') }

export default function Page() {
  return <RechargePage />
}
