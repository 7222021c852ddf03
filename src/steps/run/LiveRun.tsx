'use client'
import Alert from '@mui/material/Alert'
import Button from '@mui/material/Button'
import Skeleton from '@mui/material/Skeleton'
import dynamic from 'next/dynamic'
import { part } from '@/ui/shell/part'
import { useCallback, useEffect, useState } from 'react'
import { momentOf } from '@/words/momentOf'
import { assumptionsAgainst } from '@/core/run/assumptions'
import type { Entry, EntryOf, Reading } from '@/core/run/runDocument'
import { minuteOf, standingEntries } from '@/core/run/runDocument'
import { rich } from '@/ui/rich'
import { CLOCK_OFF_MS } from '@/ui/runs/syncRun'
import { stampAt } from '@/ui/runs/stamp'
import { useStation } from '@/ui/runs/useStation'
import { useRun } from '@/ui/runs/useRun'
import { liveRun } from '@/words/en/pages/run'
import { assumptionWords, contradictionWords, endWords, endedWords } from '@/words/run/runWords'
import { wordsOf } from '@/words/translate'
import { DropNow } from './DropNow'
import type { EventKind } from './eventEntry'
import { FinishRun } from './FinishRun'
import { RunFacts } from './RunFacts'
import { RunKeys } from './RunKeys'
import { RunLog } from './RunLog'
import { SheetKeys } from './SheetKeys'
import { StationDialog } from './StationDialog'
import { StationLine } from './StationLine'
import styles from './run.module.css'
import { syncWords } from './syncWords'
import { usePrediction } from './usePrediction'

const say = wordsOf(liveRun)

const loadReading = () => import('./ReadingDialog').then((module) => module.ReadingDialog)
const loadEvent = () => import('./EventDialog').then((module) => module.EventDialog)
const ReadingDialog = part(dynamic(loadReading, { ssr: false }), loadReading, 'above it')
const EventDialog = part(dynamic(loadEvent, { ssr: false }), loadEvent, 'above it')
const RunChart = part(
  dynamic(() => import('./RunChart'), { ssr: false }),
  () => import('./RunChart'),
)

type Open = { what: 'reading'; corrected?: Reading } | { what: EventKind | 'station' } | null

/** A run that goes on, or one that is over: its end as the readings have it, the keys to write down, and the log. */
export function LiveRun({
  householdId,
  runId,
  onBack,
}: {
  householdId: string
  runId: string
  onBack: () => void
}) {
  const { head, entries, unsent, sync, clockAheadMs, exchange, add, addAll, addPhoto } = useRun(
    householdId,
    runId,
  )
  const { found, isOfAll, failure } = usePrediction(head, entries)
  // fetched at once: they must open where the server no longer answers
  useEffect(() => {
    void Promise.allSettled([loadReading(), loadEvent()])
  }, [])
  const station = useStation(householdId, head, addAll, exchange)
  const [open, setOpen] = useState<Open>(null)
  const [photoTrouble, setPhotoTrouble] = useState<string | null>(null)
  const correct = useCallback((corrected: Reading) => setOpen({ what: 'reading', corrected }), [])
  if (!head)
    return sync?.kind === 'gone' ? (
      <Alert severity="info" action={<Button onClick={onBack}>{say('allRuns')}</Button>}>
        {say('thisRunIsNotHereIt')}
      </Alert>
    ) : sync?.kind === 'refused' ? (
      <Alert severity="error">{sync.message}</Alert>
    ) : (
      <Skeleton variant="rectangular" height={320} />
    )
  const { plan } = head
  const standing = standingEntries(entries)
  const ended = standing.findLast((entry): entry is EntryOf<'end'> => entry.kind === 'end')
  const lastPause = standing.findLast(({ kind }) => kind === 'pause' || kind === 'resume' || kind === 'end')
  const sourceId = found?.segment.sourceId ?? head.sourceId
  const against = found ? assumptionsAgainst(found.moments) : []
  const contradiction = found && contradictionWords(plan, found, against)
  const close = () => setOpen(null)
  const now = () => stampAt(new Date(), new Date())
  return (
    <div className={styles.live}>
      <div className="in-line apart">
        <div>
          <h2>{head.name}</h2>
          <p className="hint">
            {rich(say, 'since', {
              momentOf: momentOf(plan, 0),
              syncWords: syncWords(sync, unsent),
              span: (text) => <span role="status">{text}</span>,
            })}
          </p>
        </div>
        <SheetKeys onBack={onBack} />
      </div>
      {clockAheadMs !== null && Math.abs(clockAheadMs) > CLOCK_OFF_MS && (
        <Alert severity="warning">
          {say('thisDevicesClockIsMinThe', {
            clockAheadMs: Math.round(Math.abs(clockAheadMs) / 60_000),
            clockAheadMs2: clockAheadMs > 0 ? 'yes' : 'no',
          })}
        </Alert>
      )}
      {sync?.kind === 'refused' && (
        <Alert severity="error">{say('notSentItIsKeptOn', { message: sync.message })}</Alert>
      )}
      {failure && <Alert severity="error">{failure}</Alert>}
      {contradiction && (
        <Alert severity="warning" data-testid="contradiction">
          {contradiction}
        </Alert>
      )}
      {found ? (
        <p className={styles.sentence} data-testid="run-sentence">
          {ended ? endedWords(head, found, ended) : endWords(plan, found)}
        </p>
      ) : (
        <Skeleton height={56} />
      )}
      {!ended && (
        <RunKeys
          isPaused={lastPause?.kind === 'pause'}
          open={(what) => setOpen({ what })}
          addPhoto={(file) => void addPhoto(file).then(setPhotoTrouble)}
          turn={(kind) => void add({ ...now(), kind } as Entry)}
        />
      )}
      {!ended && <StationLine station={station} open={() => setOpen({ what: 'station' })} />}
      {station.trouble && <Alert severity="warning">{station.trouble}</Alert>}
      {photoTrouble && <Alert severity="error">{photoTrouble}</Alert>}
      {found && <RunFacts head={head} found={found} ended={ended?.how ?? null} />}
      <div className={styles.chart}>
        {found && (
          <RunChart
            head={head}
            found={found}
            label={say('chargeReadingsOverTheLikelyRange', { endWords: endWords(plan, found) })}
          />
        )}
      </div>
      {against.length > 0 && (
        <section aria-label={say('whatDoesNotFitTheReadings')}>
          <h3>{say('whatDoesNotFitTheReadings')}</h3>
          <ol className="points">
            {against.slice(0, 5).map((one) => (
              <li key={`${one.unknown.id} ${one.unknown.place}`}>{assumptionWords(plan, one)}</li>
            ))}
          </ol>
        </section>
      )}
      {!ended && found && <DropNow key={found.nowMin} head={head} found={found} />}
      {ended &&
        found &&
        (isOfAll ? (
          <FinishRun head={head} entries={entries} found={found} />
        ) : (
          <Skeleton variant="rectangular" height={160} />
        ))}
      <RunLog head={head} householdId={householdId} entries={entries} correct={correct} addAll={addAll} />
      {open?.what === 'reading' && (
        <ReadingDialog
          head={head}
          entries={entries}
          sourceId={open.corrected?.sourceId ?? sourceId}
          corrected={open.corrected}
          onClose={close}
          onAdd={(entry) => void add(entry)}
        />
      )}
      {open?.what === 'station' && (
        <StationDialog
          fromMin={Math.max(
            0,
            minuteOf(head, standing.at(-1)?.at ?? head.startedAt),
            minuteOf(head, now().at),
          )}
          onStart={(wish) => void station.start(wish)}
          onClose={close}
        />
      )}
      {open && open.what !== 'reading' && open.what !== 'station' && (
        <EventDialog
          head={head}
          kind={open.what}
          sourceId={sourceId}
          onClose={close}
          onAdd={(entry) => void add(entry)}
        />
      )}
    </div>
  )
}
