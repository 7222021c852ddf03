import type { Metadata } from 'next'
import { PowerPage } from '@/steps/power/PowerPage'

export const metadata: Metadata = { title: 'Power' }

export default function Page() {
  return <PowerPage />
}
