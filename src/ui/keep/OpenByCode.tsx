'use client'
import Alert from '@mui/material/Alert'
import Button from '@mui/material/Button'
import Paper from '@mui/material/Paper'
import TextField from '@mui/material/TextField'
import Typography from '@mui/material/Typography'
import { useRouter } from 'next/navigation'
import { type FormEvent, useEffect, useState } from 'react'
import { openByCode } from '@/words/en/ui/keep'
import { wordsOf } from '@/words/translate'
import { call } from './call'

const say = wordsOf(openByCode)

/** Opens a household on this device by its code, typed or from a link. */
export function OpenByCode() {
  const router = useRouter()
  const [code, setCode] = useState('')
  const [trouble, setTrouble] = useState<string | null>(null)
  const [isBusy, setIsBusy] = useState(false)
  useEffect(() => {
    const take = () => {
      const { hash, pathname } = window.location
      if (hash.length < 2) return
      // the address bar is seen by others, and kept in the browser's history
      window.history.replaceState(null, '', pathname)
      setCode(decodeURIComponent(hash.slice(1)))
      setTrouble(null)
    }

    take()
    window.addEventListener('hashchange', take)
    return () => window.removeEventListener('hashchange', take)
  }, [])
  const open = async (event: FormEvent) => {
    event.preventDefault()
    setIsBusy(true)
    const answer = await call<{ householdId: string }>('POST', '/api/open', { code })
    if (answer.ok) router.push(`/h/${answer.body.householdId}/runtime`)
    else {
      setTrouble(answer.message)
      setIsBusy(false)
    }
  }
  return (
    <Paper
      component="main"
      variant="outlined"
      sx={{ maxWidth: 460, m: '8vh auto', p: 4, '@media (max-width: 500px)': { m: 2, p: 2 } }}
    >
      <form onSubmit={open} noValidate>
        <Typography component="h1" variant="h5" sx={{ mb: 1 }}>
          {say('openAHousehold')}
        </Typography>
        <Typography sx={{ mb: 2 }}>{say('withTheCodeThatWasShown')}</Typography>
        <TextField
          fullWidth
          autoFocus
          label={say('code')}
          placeholder={say('text7k2m09pqRs4tWxyz1234')}
          value={code}
          error={trouble !== null}
          helperText={trouble ?? say('capitalsAndDashesDoNotMatter')}
          onChange={(event) => setCode(event.target.value)}
          slotProps={{ htmlInput: { autoComplete: 'off', spellCheck: false } }}
        />
        <Alert severity="info" icon={false} sx={{ my: 2 }}>
          {say('whoeverOpensItCanChangeIt')}
        </Alert>
        <Button type="submit" variant="contained" color="primary" disabled={isBusy}>
          {say('openIt')}
        </Button>
      </form>
    </Paper>
  )
}
