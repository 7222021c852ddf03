'use client'
import Alert from '@mui/material/Alert'
import Button from '@mui/material/Button'
import MenuItem from '@mui/material/MenuItem'
import TextField from '@mui/material/TextField'
import { useEffect, useMemo, useState } from 'react'
import type { Household } from '@/core/plan/household'
import { planFor } from '@/ui/household/planFor'
import { formatPercent } from '@/words/format'
import { plainNumber } from '@/core/reading/plainNumber'
import { runCautions } from '@/core/run/cautions'
import { planOfRun } from '@/core/run/planOfRun'
import type { RunOutlook } from '@/core/run/runOutlook'
import type { Entry, RunHead } from '@/core/run/runDocument'
import { useHousehold } from '@/ui/household/HouseholdContext'
import { localNow, stampAt } from '@/ui/runs/stamp'
import { beginRun } from '@/words/en/pages/runDialogs'
import { cautionWords } from '@/words/run/runWords'
import { watchWords } from '@/words/run/watchWords'
import { outlookWords } from '@/words/run/outlookWords'
import { wordsOf } from '@/words/translate'
import { RunClient } from '@/worker/runClient'
import styles from './run.module.css'

const say = wordsOf(beginRun)

interface BeginRunProps {
  kind: RunHead['kind']
  begin: (head: RunHead, first: Entry[]) => void
}

/** What is to be tried, with which battery and from which charge; what must be heeded, and how long it has to run. */
export function BeginRun({ kind, begin }: BeginRunProps) {
  const household = useHousehold((state) => state.household)
  const plan = useMemo(() => planFor(household), [household])
  const sources = plan.powerSystem.sources.filter(({ isAway }) => !isAway)
  const [chosen, setChosen] = useState(sources.find(({ afterSourceId }) => afterSourceId === null)?.id ?? '')
  const source = sources.find(({ id }) => id === chosen) ?? sources[0]
  const [text, setText] = useState<string | null>(null)
  const [atHome, setAtHome] = useState('')
  const charge = text ?? String(Math.round(source.chargedFraction * 100))
  const value = plainNumber(charge.replace(/\s*%$/, ''))
  const isWrong = value === null || value < 0 || value > 100
  const outlook = useOutlook(kind, household, source.id)
  const units = plan.household.units
  const start = () => {
    if (isWrong) return
    const now = new Date()
    const stamp = stampAt(now, now)
    const startsLocal = localNow(now)
    const head: RunHead = {
      id: crypto.randomUUID(),
      kind,
      name: kind === 'test' ? say('testOf', { source: source.name }).slice(0, 80) : say('outage'),
      startedAt: stamp.at,
      startsLocal,
      plan: planOfRun(household, startsLocal),
      sourceId: source.id,
    }
    begin(head, [
      { ...stamp, kind: 'reading', sourceId: source.id, chargeFraction: value / 100 },
      ...(atHome.trim()
        ? [{ ...stampAt(now, now), kind: 'note' as const, text: say('atHome', { atHome: atHome.trim() }) }]
        : []),
    ])
  }
  return (
    <section
      className={styles.begin}
      aria-label={kind === 'test' ? say('beginATestRun') : say('thePowerIsOut')}
    >
      <h2>{kind === 'test' ? say('tryItCutThePowerOn') : say('thePowerIsOut')}</h2>
      <p>{kind === 'test' ? say('runTheLoadsOfThisPlan') : say('writeDownWhatTheDisplaySays')}</p>
      <div className="in-line">
        {sources.length > 1 && (
          <TextField
            select
            label={say('batteryWatched')}
            value={source.id}
            onChange={(event) => setChosen(event.target.value)}
          >
            {sources.map(({ id, name }) => (
              <MenuItem key={id} value={id}>
                {name}
              </MenuItem>
            ))}
          </TextField>
        )}
        <TextField
          label={say('itsChargeNow')}
          value={charge}
          onChange={(event) => setText(event.target.value)}
          error={isWrong}
          helperText={isWrong ? say('aPercentageFrom0To100') : undefined}
          slotProps={{ htmlInput: { inputMode: 'decimal', autoComplete: 'off' } }}
        />
        {kind === 'outage' && (
          <TextField
            label={say('whoIsAtHome')}
            placeholder={say('ifItMattersLater')}
            value={atHome}
            onChange={(event) => setAtHome(event.target.value)}
            slotProps={{ htmlInput: { maxLength: 200, autoComplete: 'off' } }}
          />
        )}
        <Button variant="contained" color="primary" size="large" onClick={start} disabled={isWrong}>
          {kind === 'test' ? say('beginTheTestRun') : say('beginThePowerIsOut')}
        </Button>
      </div>
      {kind === 'test' && (
        <p className="hint" data-testid="outlook">
          {outlook ? outlookWords(outlook.head, outlook.outlook) : say('workingOutHowLongItMust')}
        </p>
      )}
      <p className="hint">{watchWords(plan, source.id)}</p>
      {runCautions(plan, kind).map((caution) => (
        <Alert key={caution.kind} severity={caution.kind.startsWith('medical') ? 'error' : 'warning'}>
          {cautionWords(caution, units)}
        </Alert>
      ))}
      {kind === 'test' && (
        <p className="hint">
          {say('toMeasureAStartPullThe', {
            percent: formatPercent(source.chargedFraction),
            scenario: plan.scenario.name,
          })}
        </p>
      )}
    </section>
  )
}

/** The run as it would be if it began now, and what it promises. */
function useOutlook(kind: RunHead['kind'], household: Household, sourceId: string) {
  const [known, setKnown] = useState<{ head: RunHead; outlook: RunOutlook } | null>(null)
  useEffect(() => {
    if (kind !== 'test') return
    const client = new RunClient()
    const now = new Date()
    const startsLocal = localNow(now)
    const head: RunHead = {
      id: 'planned',
      kind,
      name: 'planned',
      startedAt: now.toISOString(),
      startsLocal,
      plan: planOfRun(household, startsLocal),
      sourceId,
    }
    void client
      .outlook(head)
      .then((outlook) => setKnown({ head, outlook }))
      // without it a run can begin all the same
      .catch(() => setKnown(null))
    return () => client.dispose()
  }, [kind, household, sourceId])
  return known
}
