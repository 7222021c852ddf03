import type { Metadata } from 'next'
import { OutagePage } from '@/steps/outage/OutagePage'

export const metadata: Metadata = { title: 'Outage' }

export default function Page() {
  return <OutagePage />
}
