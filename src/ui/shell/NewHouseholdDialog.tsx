'use client'
import Button from '@mui/material/Button'
import Dialog from '@mui/material/Dialog'
import { useRouter } from 'next/navigation'
import { type FormEvent, useState } from 'react'
import type { Profile } from '@/core/plan/schema'
import styles from './dialog.module.css'

const MAINS: { value: Profile['mains']; words: string }[] = [
  { value: '120/240 V split phase', words: '120/240 V split phase (North America)' },
  { value: '120 V', words: '120 V only' },
  { value: '230 V', words: '230 V (Europe and most elsewhere)' },
]

/** Starts a household of one's own, with nothing in it, beside those there are. */
export function NewHouseholdDialog({ onClose }: { onClose: () => void }) {
  const router = useRouter()
  const [name, setName] = useState('')
  const [mains, setMains] = useState<Profile['mains']>('120/240 V split phase')
  const [trouble, setTrouble] = useState<string | null>(null)
  const [working, setWorking] = useState(false)

  const submit = async (event: FormEvent) => {
    event.preventDefault()
    if (name.trim() === '') return setTrouble('Give the household a name, such as “Our house”.')
    setWorking(true)
    try {
      const response = await fetch('/api/households', {
        method: 'POST',
        headers: { 'Content-Type': 'application/json' },
        body: JSON.stringify({ from: 'nothing', name: name.trim(), mains }),
      })
      const body = await response.json()
      if (response.ok) return router.push(`/h/${body.id}/loads`)
      const [fault] = body.error?.faults ?? []
      setTrouble(
        fault ? `The ${fault.path} ${fault.message}.` : (body.error?.message ?? 'It could not be made.'),
      )
    } catch {
      setTrouble('Yotrope is not answering. Nothing was made; try again.')
    }
    setWorking(false)
  }

  return (
    <Dialog open onClose={onClose} aria-labelledby="new-household">
      <form className={styles.dialog} onSubmit={submit} noValidate>
        <h2 id="new-household" className={styles.title}>
          Start your own household
        </h2>
        <p className={styles.lead}>
          It begins with no loads and one 1 kWh station. The sample stays beside it.
        </p>
        <label className={styles.field}>
          Name
          <input
            value={name}
            onChange={(event) => setName(event.target.value)}
            autoFocus
            autoComplete="off"
            aria-describedby="new-household-trouble"
          />
        </label>
        <label className={styles.field}>
          Mains
          <select value={mains} onChange={(event) => setMains(event.target.value as Profile['mains'])}>
            {MAINS.map(({ value, words }) => (
              <option key={value} value={value}>
                {words}
              </option>
            ))}
          </select>
        </label>
        <p id="new-household-trouble" className={styles.trouble} role="alert">
          {trouble}
        </p>
        <div className={styles.actions}>
          <Button onClick={onClose}>Cancel</Button>
          <Button type="submit" disabled={working} variant="contained" color="primary">
            Start it
          </Button>
        </div>
      </form>
    </Dialog>
  )
}
