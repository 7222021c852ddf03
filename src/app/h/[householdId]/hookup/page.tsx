import type { Metadata } from 'next'
import { HookupPage } from '@/steps/hookup/HookupPage'

export const metadata: Metadata = { title: 'Hookup' }

export default function Page() {
  return <HookupPage />
}
