import type { Metadata } from 'next'
import { RunPage } from '@/steps/run/RunPage'

export const metadata: Metadata = { title: 'Test run' }

export default function Page() {
  return <RunPage />
}
