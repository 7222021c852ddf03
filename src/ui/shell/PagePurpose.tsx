'use client'
import Alert from '@mui/material/Alert'
import { usePathname } from 'next/navigation'
import { useState } from 'react'
import { READ_COOKIE, READ_FOR_S } from './readPages'
import { STEPS } from './steps'
import { pagePurpose } from '@/words/en/ui/shell'
import { wordsOf } from '@/words/translate'

const say = wordsOf(pagePurpose)

/** What the page is for, in a line; gone for good once it was read. @param read the pages whose line was read, by path */
export function PagePurpose({ read }: { read: readonly string[] }) {
  const here = usePathname().split('/').pop()
  const [now, setNow] = useState(read)
  const step = STEPS.find(({ path }) => path === here)
  if (!step || now.includes(step.path)) return null
  const close = () => {
    const next = [...now, step.path]
    setNow(next)
    document.cookie = `${READ_COOKIE}=${next.join('.')}; Path=/; Max-Age=${READ_FOR_S}; SameSite=Lax`
    document.getElementById('page')?.focus()
  }
  return (
    <Alert
      role="note"
      severity="info"
      icon={false}
      onClose={close}
      closeText={say('readDoNotShowItAgain')}
      sx={{ border: 0, borderBottom: '1px solid var(--hairline)', px: 2.5, background: 'none' }}
    >
      {step.purpose}
    </Alert>
  )
}
