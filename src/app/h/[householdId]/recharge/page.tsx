import type { Metadata } from 'next'
import { RechargePage } from '@/steps/recharge/RechargePage'

export const metadata: Metadata = { title: 'Recharge' }

export default function Page() {
  return <RechargePage />
}
