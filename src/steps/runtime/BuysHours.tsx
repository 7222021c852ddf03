'use client'
import ButtonBase from '@mui/material/ButtonBase'
import Button from '@mui/material/Button'
import Skeleton from '@mui/material/Skeleton'
import { memo, useMemo, useState } from 'react'
import ToggleButton from '@mui/material/ToggleButton'
import ToggleButtonGroup from '@mui/material/ToggleButtonGroup'
import dynamic from 'next/dynamic'
import { part } from '@/ui/shell/part'
import type { Plan } from '@/core/plan/document'
import { byLosses } from '@/core/sizing/byLosses'
import { buysHours } from '@/words/en/pages/runtime'
import type { SaidLever } from '@/words/levers/sayLever'
import { byHours } from '@/core/sizing/byHours'
import { gainWords } from '@/words/levers/gainWords'
import { withChange } from '@/core/sizing/levers'
import {
  changeCharging,
  changeLoad,
  changeRefill,
  changeSource,
  changeStanding,
  tidySteering,
} from '@/ui/household/edits'
import { useHouseholdStore } from '@/ui/household/HouseholdContext'
import { useAdvice } from '@/ui/household/useAdvice'
import { useSeen } from '@/ui/household/useSeen'
import { usePageKeys } from '@/ui/shell/useShortcuts'
import { wordsOf } from '@/words/translate'
import type { SimulationClient } from '@/worker/simulationClient'
import styles from './RuntimePage.module.css'

const say = wordsOf(buysHours)

const ask = (client: SimulationClient, plan: Plan, show: (levers: SaidLever[]) => void) =>
  client.rankLevers(plan, show)
const SHOWN = 6

// its words come with what is lost
const Spares = part(
  dynamic(() => import('./Spares').then((module) => module.Spares), { ssr: false }),
  () => import('./Spares').then((module) => module.Spares),
)

type Aim = 'hours' | 'losses'
const ORDERS = { hours: byHours<SaidLever>, losses: byLosses<SaidLever> }

/**
 * What would make the supply last longer, the most hours first, or what spares most of what would be lost; each done with one
 * key and undone with another.
 */
export const BuysHours = memo(function BuysHours({ plan }: { plan: Plan }) {
  const store = useHouseholdStore()
  const { element, isSeen } = useSeen<HTMLElement>()
  const tried = useAdvice(ask, isSeen)
  const [wanted, setWanted] = useState<Aim>('hours')
  const losesNothing = !tried?.some(({ loss }) => loss !== null)
  const aim = losesNothing ? 'hours' : wanted
  const levers = useMemo(() => tried && ORDERS[aim](tried), [tried, aim])
  const [done, setDone] = useState<{ words: string; after: unknown } | null>(null)
  const [all, setAll] = useState(false)
  const apply = ({ change, words }: SaidLever) => {
    const { edit } = store.getState()
    if ('sourceId' in change) edit(changeSource(plan.powerSystem.id, change.sourceId, change.source))
    else if ('refill' in change) edit(changeRefill(change.refill))
    else if ('charging' in change) edit(changeCharging(change.charging))
    else if (change.volts) edit(changeLoad(change.loadId, { volts: change.volts }))
    else {
      const { on, steering } = withChange(plan, change).loads.find(({ id }) => id === change.loadId)!
      edit(changeStanding(change.loadId, { on, ...(steering ? { steering: tidySteering(steering) } : {}) }))
    }
    setDone({ words, after: store.getState().household })
  }
  const undo = () => {
    if (!done || store.getState().household !== done.after) return
    store.getState().undo()
    setDone(null)
  }
  const known = new Set(plan.loads.filter(({ on }) => on).map(({ id }) => id))
  const shown = (levers ?? []).filter(({ change }) =>
    'sourceId' in change
      ? plan.powerSystem.sources.some(({ id }) => id === change.sourceId)
      : !('loadId' in change) || known.has(change.loadId),
  )
  // the first on show: what was tried may be of a plan before
  usePageKeys({ bestLever: () => shown[0] && apply(shown[0]), undoLever: undo })
  return (
    <section ref={element} aria-label={say('whatAddsHours')}>
      <h2>{say('whatAddsHours')}</h2>
      {!losesNothing && (
        <ToggleButtonGroup
          exclusive
          fullWidth
          size="small"
          aria-label={say('aim')}
          value={aim}
          onChange={(_, next: Aim | null) => next && setWanted(next)}
        >
          <ToggleButton value="hours">{say('mostHours')}</ToggleButton>
          <ToggleButton value="losses">{say('leastLost')}</ToggleButton>
        </ToggleButtonGroup>
      )}
      {done && (
        <p className="box" role="note">
          {say('done', { words: done.words })}{' '}
          <Button variant="text" onClick={undo}>
            {say('undo')}
          </Button>{' '}
          <kbd>u</kbd>
        </p>
      )}
      {levers === null && (
        <div className={styles.trying} role="status">
          <p className="hint">{say('tryingWhatCouldBeLeftOff')}</p>
          {Array.from({ length: SHOWN }, (_, i) => (
            <Skeleton key={i} height={58} />
          ))}
        </div>
      )}
      {levers !== null && shown.length === 0 && (
        <p className="hint">
          {aim === 'losses' ? say('nothingThatCanBeLeftOff') : say('nothingThatCanBeLeftOff2')}
        </p>
      )}
      <ol className={`lines ${styles.levers}`}>
        {shown.slice(0, all ? undefined : SHOWN).map((lever, i) => (
          <li key={lever.id}>
            <ButtonBase className={styles.lever} onClick={() => apply(lever)}>
              <span className={styles.gain}>
                {aim === 'losses' ? (
                  <Spares plan={plan} loss={lever.loss!} as="gain" />
                ) : (
                  gainWords(lever.gain)
                )}
              </span>
              <span>
                {lever.words}
                {i === 0 && (
                  <>
                    {' '}
                    <kbd>b</kbd>
                  </>
                )}
                <small>
                  {lever.isBought && say('toBuy')}
                  {lever.aside}
                </small>
                {aim === 'losses' && (
                  <small>
                    <Spares plan={plan} loss={lever.loss!} as="line" />
                  </small>
                )}
              </span>
            </ButtonBase>
          </li>
        ))}
      </ol>
      {shown.length > SHOWN && (
        <Button variant="text" onClick={() => setAll(!all)}>
          {all ? say('fewer') : say('more', { nShown: shown.length - SHOWN })}
        </Button>
      )}
    </section>
  )
})
