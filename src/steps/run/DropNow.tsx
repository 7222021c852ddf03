'use client'
import Button from '@mui/material/Button'
import { useEffect, useRef, useState } from 'react'
import { gainWords } from '@/words/levers/gainWords'
import { byHours } from '@/core/sizing/byHours'
import { dropNow } from '@/words/en/pages/runDialogs'
import type { SaidLever } from '@/words/levers/sayLever'
import { planFromNow } from '@/core/run/planFromNow'
import type { RunPrediction } from '@/core/run/predictRun'
import type { RunHead } from '@/core/run/runDocument'
import { wordsOf } from '@/words/translate'
import { SimulationClient } from '@/worker/simulationClient'

const say = wordsOf(dropNow)

const SHOWN = 6

/** What could be dropped now, and what each gains from this charge and this hour on; worked out when it is asked for. */
export function DropNow({ head, found }: { head: RunHead; found: RunPrediction }) {
  const [levers, setLevers] = useState<SaidLever[] | null>(null)
  const [isBusy, setBusy] = useState(false)
  const client = useRef<SimulationClient | null>(null)
  useEffect(() => () => client.current?.dispose(), [])
  const ask = async () => {
    setBusy(true)
    client.current ??= new SimulationClient()
    const ranked = await client.current.rankLevers(planFromNow(head, found), () => {}).catch(() => [])
    // nothing is bought in the middle of an outage
    setLevers(byHours(ranked).filter(({ isBought }) => !isBought))
    setBusy(false)
  }
  return (
    <section aria-label={say('whatToDropNow')}>
      <Button variant="text" onClick={() => void ask()} disabled={isBusy} className="no-print">
        {isBusy ? say('tryingWhatCouldBeDropped') : say('whatAddsHoursFromHere')}
      </Button>
      {levers !== null && !isBusy && (
        <ol className="points">
          {levers.length === 0 && <li>{say('nothingThatCouldBeDroppedWould')}</li>}
          {levers.slice(0, SHOWN).map(({ id, words, aside, gain }) => (
            <li key={id} data-testid="drop">
              <b>{gainWords(gain)}</b> {words} <small>{aside}</small>
            </li>
          ))}
        </ol>
      )}
    </section>
  )
}
