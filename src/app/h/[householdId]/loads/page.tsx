import type { Metadata } from 'next'
import { LoadsPage } from '@/steps/loads/LoadsPage'

export const metadata: Metadata = { title: 'Loads' }

export default function Page() {
  return <LoadsPage />
}
