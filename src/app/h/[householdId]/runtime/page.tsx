import type { Metadata } from 'next'
import { RuntimePage } from '@/steps/runtime/RuntimePage'

export const metadata: Metadata = { title: 'Runtime' }

export default function Page() {
  return <RuntimePage />
}
