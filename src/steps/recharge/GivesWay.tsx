'use client'
import Button from '@mui/material/Button'
import { useMemo, useState } from 'react'
import { DAY_MIN, minuteOfDay } from '@/core/plan/clock'
import type { Plan } from '@/core/plan/document'
import type { LoadRule } from '@/core/plan/loadRule'
import { MOST_RULES } from '@/core/plan/limits'
import type { Load, Steering } from '@/core/plan/schema'
import { gainWords } from '@/words/levers/gainWords'
import { offCost } from '@/core/sizing/offCost'
import { givesWay } from '@/core/sizing/givesWay'
import { ClockInput } from '@/ui/field/ClockInput'
import { ruleWords } from '@/words/levers/ruleWords'
import { useTold } from '@/ui/household/useTold'
import { SelectField } from '@/ui/field/SelectField'
import { QuantityField } from '@/ui/field/QuantityField'
import { steerLoad } from '@/ui/household/edits'
import { useHouseholdStore } from '@/ui/household/HouseholdContext'
import { useAdvice } from '@/ui/household/useAdvice'
import { givesWay as givesWayWords } from '@/words/en/pages/recharge'
import { wordsOf } from '@/words/translate'
import type { SimulationClient } from '@/worker/simulationClient'
import own from './GivesWay.module.css'
import styles from './recharge.module.css'

const say = wordsOf(givesWayWords)

type Kind = LoadRule['kind'] | 'off daily'
const KINDS: { value: Kind; words: string }[] = [
  { value: 'by charge', words: say('isDroppedWhenTheBatteryIs') },
  { value: 'with supply', words: say('runsOnlyWhileEnoughComesIn') },
  { value: 'off daily', words: say('isOffAtTheseHours') },
  { value: 'not with', words: say('neverRunsTogetherWith') },
]
const ask = (client: SimulationClient, plan: Plan) => client.ruleGains(plan)

/** Load shedding and rotation: which loads give way, to what, and the hours that buys. */
export function GivesWay({ plan }: { plan: Plan }) {
  const store = useHouseholdStore()
  const gains = useAdvice(ask)
  const inForce = useMemo(() => givesWay(plan), [plan])
  const loads = plan.loads.filter(({ on, tier, medical }) => on && tier !== 'notOnBattery' && !medical)
  const tell = useTold()
  const costOf = (load: Load) => {
    const cost = offCost(load, plan, null)
    return cost && tell(cost)
  }
  return (
    <section aria-label={say('loadSheddingRules')}>
      <div className={styles.panelsHead}>
        <h2>{say('loadSheddingRules')}</h2>
      </div>
      {inForce.length > 0 && (
        <ul className={`lines ${own.rules}`}>
          {inForce.map(({ id, load, by, without }) => {
            const words = ruleWords(by, plan)
            const gain = gains?.find((one) => one.id === id)?.gain
            return (
              <li key={id}>
                <span>
                  <b dir="auto">{load.name}</b> {words}
                  {costOf(load) && <small className="fault">{costOf(load)}</small>}
                </span>
                <span className="figures">
                  {gain === undefined
                    ? '…'
                    : gain.hours < 0.05
                      ? say('buysNoHours')
                      : say('buys', { replace: gainWords(gain).replace('+', '') })}
                </span>
                <Button
                  variant="text"
                  aria-label={say('noLonger2', { load: load.name, words })}
                  onClick={() => store.getState().edit(steerLoad(load.id, without))}
                >
                  {say('noLonger')}
                </Button>
              </li>
            )
          })}
        </ul>
      )}
      {loads.length > 0 && <Editor plan={plan} loads={loads} />}
      <p className="hint">{say('lookedAtEveryQuarterHourWhat')}</p>
    </section>
  )
}

/** The load offered first: the least important by which nothing is lost. */
function harmlessFirst(loads: Plan['loads'], plan: Plan) {
  const [least, ...more] = byTier(loads)
  return [least, ...more].find((load) => offCost(load, plan, null) === null) ?? least
}

function Editor({ plan, loads }: { plan: Plan; loads: Plan['loads'] }) {
  const store = useHouseholdStore()
  const [loadId, setLoadId] = useState(() => harmlessFirst(loads, plan).id)
  const [kind, setKind] = useState<Kind>('by charge')
  const [aboveW, setAboveW] = useState(100)
  const [dropBelow, setDrop] = useState(0.4)
  const [backAbove, setBack] = useState(0.6)
  const [hours, setHours] = useState({ from: '12:00', to: '20:00' })
  const [otherId, setOther] = useState('')
  const load = loads.find(({ id }) => id === loadId) ?? loads[0]
  const others = plan.loads.filter(({ id, on, tier }) => id !== load.id && on && tier !== 'notOnBattery')
  const other = others.find(({ id }) => id === otherId) ?? others[0]
  const { rules = [], offDaily = [] } = load.steering ?? {}
  const offMin =
    kind === 'off daily'
      ? (minuteOfDay(hours.to) - minuteOfDay(hours.from) + DAY_MIN) % DAY_MIN || DAY_MIN
      : null
  const tell = useTold()
  const cost = offCost(load, plan, offMin)
  const isWrong = kind === 'by charge' && backAbove <= dropBelow
  const isFull = kind === 'off daily' ? offDaily.length >= MOST_RULES : rules.length >= MOST_RULES
  const ruleOf = (of: LoadRule['kind']): LoadRule =>
    of === 'with supply'
      ? { kind: of, aboveW }
      : of === 'by charge'
        ? { kind: of, dropBelow, backAbove }
        : { kind: of, loadId: other.id }
  const isThere =
    kind !== 'off daily' &&
    (kind !== 'not with' || other !== undefined) &&
    rules.some((rule) => JSON.stringify(rule) === JSON.stringify(ruleOf(kind)))
  const add = () => {
    const change: Steering =
      kind === 'off daily' ? { offDaily: [...offDaily, hours] } : { rules: [...rules, ruleOf(kind)] }
    store.getState().edit(steerLoad(load.id, change))
  }
  return (
    <div className={own.editor} role="group" aria-label={say('aNewRule')}>
      <SelectField
        cell
        label={say('loadToShed')}
        value={load.id}
        options={loads.map(({ id, name }) => ({ value: id, words: name }))}
        onChange={setLoadId}
      />
      <SelectField cell label={say('whenItIsShed')} value={kind} options={KINDS} onChange={setKind} />
      {kind === 'with supply' && (
        <QuantityField
          local
          cell
          label={say('moreThanThisManyWatts')}
          path="rule.aboveW"
          value={aboveW}
          onChange={setAboveW}
        />
      )}
      {kind === 'by charge' && (
        <>
          <span>{say('below')}</span>
          <QuantityField
            local
            cell
            label={say('droppedBelow')}
            path="rule.charge"
            value={dropBelow}
            onChange={setDrop}
          />
          <span>{say('backAbove')}</span>
          <QuantityField
            local
            cell
            label={say('backAbove2')}
            path="rule.charge"
            value={backAbove}
            onChange={setBack}
          />
        </>
      )}
      {kind === 'off daily' && (
        <>
          <ClockInput
            local
            label={say('offFrom')}
            value={hours.from}
            onChange={(from) => setHours({ ...hours, from })}
          />
          <span>{say('to')}</span>
          <ClockInput
            local
            label={say('offUntil')}
            value={hours.to}
            endOfDay
            onChange={(to) => setHours({ ...hours, to })}
          />
        </>
      )}
      {kind === 'not with' && other && (
        <SelectField
          cell
          label={say('theOneThatGoesFirst')}
          value={other.id}
          options={others.map(({ id, name }) => ({ value: id, words: name }))}
          onChange={setOther}
        />
      )}
      {cost && (
        <p className="fault" data-testid="rule-cost">
          {say('whileItIsOff')} {tell(cost)}.
        </p>
      )}
      <Button disabled={isWrong || isFull || isThere || (kind === 'not with' && !other)} onClick={add}>
        {say('addTheRule')}
      </Button>
      {isThere && (
        <p className="hint" role="status">
          {say('thisRuleIsThereAlready')}
        </p>
      )}
      {isWrong && (
        <p className="fault" role="alert">
          {say('itMustComeBackAboveThe')}
        </p>
      )}
    </div>
  )
}

const TIER_ORDER = { optional: 0, flexible: 1, critical: 2, notOnBattery: 3 }
const byTier = (loads: Plan['loads']) => [...loads].sort((a, b) => TIER_ORDER[a.tier] - TIER_ORDER[b.tier])
