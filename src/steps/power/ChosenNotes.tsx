'use client'
import Button from '@mui/material/Button'
import Skeleton from '@mui/material/Skeleton'
import { useMemo } from 'react'
import { searchStock } from '@/catalog/searchStock'
import type { Plan } from '@/core/plan/document'
import { sourceWarnings } from '@/core/sizing/sourceWarnings'
import { dcOnly } from '@/core/sizing/dcOnly'
import { formatHours } from '@/words/format'
import type { Opener, Turns } from '@/core/sizing/openers'
import { useUnits } from '@/ui/field/units'
import { useTold } from '@/ui/household/useTold'
import { changeLoad, steerLoad } from '@/ui/household/edits'
import { useHousehold, useHouseholdStore, usePlan } from '@/ui/household/HouseholdContext'
import { useAdvice } from '@/ui/household/useAdvice'
import { chosenNotes } from '@/words/en/pages/power'
import { wordsOf } from '@/words/translate'
import type { SimulationClient } from '@/worker/simulationClient'
import styles from './PowerPage.module.css'

const say = wordsOf(chosenNotes)

const OPENED = ['carries', 'starts', 'lasts'] as const
const GATE_WORDS = { carries: say('toCarryIt'), starts: say('toStartIt'), lasts: say('toLast') }

/** What would open the selected option's shut gates for the least money, and what no gate measures. */
export function ChosenNotes() {
  const plan = usePlan()
  const store = useHouseholdStore()
  const gates = useHousehold(({ evaluation }) => evaluation?.gates)
  const carries = gates?.carries
  const forDc = carries ? dcOnly(carries).forDc : []
  const mains = useHousehold(({ household }) => household.profile.mains)
  const own = useHousehold(({ household }) => household.equipment)
  const units = useUnits()
  const prices = useHousehold(({ household }) => household.wiring?.prices)
  const ask = useMemo(() => {
    const stock = searchStock(mains === '230 V' ? 230 : 120, own, { units, own: prices })
    // one that could not be computed opens nothing, and is not waited for
    return (client: SimulationClient, asked: Plan) => client.openers(asked, stock).catch((): Opener[] => [])
  }, [mains, own, units, prices])
  const openers = useAdvice(ask)
  const takeTurns = ({ waits, first }: Turns) => {
    const load = plan.loads.find(({ id }) => id === waits.id)
    const rules = [...(load?.steering?.rules ?? []), { kind: 'not with' as const, loadId: first.id }]
    store.getState().edit(steerLoad(waits.id, { rules }))
  }
  const tell = useTold()
  const warnings = plan.powerSystem.sources.flatMap((source) =>
    source.isAway ? [] : sourceWarnings(source, plan).map(tell),
  )
  return (
    <ul className="points" data-testid="chosen-notes">
      {openers === null &&
        gates &&
        // their place, until it is known what would do
        OPENED.filter((gate) => gates[gate].verdict === 'short').map((gate) => (
          <li key={gate} className={styles.coming}>
            {GATE_WORDS[gate]}: <Skeleton className={styles.comingWords} />
          </li>
        ))}
      {(openers ?? []).map(({ gate, free, turns, bought }) => (
        <li key={gate}>
          {GATE_WORDS[gate]}: {free ? say('costsNothingOr', { free: tell(free) }) : ''}
          {turns && (
            <>
              <Button variant="text" onClick={() => takeTurns(turns)}>
                {say('letAndTakeTurns', { waits: turns.waits.name, first: turns.first.name })}
              </Button>
              {say('waitingWhileTheOtherRunsTogether', {
                waits: turns.waits.name,
                hours: formatHours(turns.hoursADay * 60),
              })}{' '}
            </>
          )}
          {bought ? say('theCheapestIs', { bought: tell(bought) }) : say('nothingInTheCatalogueDoes')}.
        </li>
      ))}
      {forDc.map(({ id, name }) => (
        <li key={id}>
          <Button variant="text" onClick={() => store.getState().edit(changeLoad(id, { volts: 12 }))}>
            {say('runsOn12V', { name })}
          </Button>
          {say('pastAnyInverterCheckTheVolts')}
        </li>
      ))}
      {warnings.map((words) => (
        <li key={words} className={styles.warns}>
          {words}
        </li>
      ))}
    </ul>
  )
}
