import type { Metadata } from 'next'
import { OpenByCode } from '@/ui/keep/OpenByCode'

export const metadata: Metadata = { title: 'Open a household' }

export default function Page() {
  return <OpenByCode />
}
