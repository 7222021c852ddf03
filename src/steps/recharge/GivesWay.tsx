'use client'
import ButtonBase from '@mui/material/ButtonBase'
import Button from '@mui/material/Button'
import { useMemo, useState } from 'react'
import { DAY_MIN, minuteOfDay } from '@/core/plan/clock'
import type { Plan } from '@/core/plan/document'
import type { LoadRule } from '@/core/plan/loadRule'
import { MOST_RULES } from '@/core/plan/limits'
import type { Load, Steering } from '@/core/plan/schema'
import { gainWords } from '@/core/sizing/gain'
import { offCost } from '@/core/sizing/offCost'
import { givesWay } from '@/core/sizing/ruleWords'
import { ClockInput } from '@/ui/field/ClockInput'
import { SelectField } from '@/ui/field/SelectField'
import { QuantityField } from '@/ui/field/QuantityField'
import { steerLoad } from '@/ui/household/edits'
import { useHouseholdStore } from '@/ui/household/HouseholdContext'
import { useAdvice } from '@/ui/household/useAdvice'
import type { SimulationClient } from '@/worker/simulationClient'
import own from './GivesWay.module.css'
import styles from './recharge.module.css'

type Kind = LoadRule['kind'] | 'off daily'
const KINDS: { value: Kind; words: string }[] = [
  { value: 'by charge', words: 'is dropped when the battery is low' },
  { value: 'with supply', words: 'runs only while enough comes in' },
  { value: 'off daily', words: 'is off at these hours' },
  { value: 'not with', words: 'never runs together with' },
]
const ask = (client: SimulationClient, plan: Plan) => client.ruleGains(plan)

/** Load shedding and rotation: which loads give way, to what, and the hours that buys. */
export function GivesWay({ plan }: { plan: Plan }) {
  const store = useHouseholdStore()
  const gains = useAdvice(ask)
  const inForce = useMemo(() => givesWay(plan), [plan])
  const loads = plan.loads.filter(({ on, tier, medical }) => on && tier !== 'notOnBattery' && !medical)
  const costOf = (load: Load) => offCost(load, plan, null)
  const gainOf = (loadId: string, words: string) =>
    gains?.find((one) => one.loadId === loadId && one.words === words)?.gain
  return (
    <section aria-label="Load-shedding rules">
      <div className={styles.panelsHead}>
        <h2>Load-shedding rules</h2>
      </div>
      {inForce.length > 0 && (
        <ul className={own.rules}>
          {inForce.map(({ load, words, without }) => {
            const gain = gainOf(load.id, words)
            return (
              <li key={`${load.id} ${words}`}>
                <span>
                  <b dir="auto">{load.name}</b> {words}
                  {costOf(load) && <small className={own.cost}>{costOf(load)}</small>}
                </span>
                <span className={own.gain}>
                  {gain === undefined
                    ? '…'
                    : gain.hours < 0.05
                      ? 'buys no hours'
                      : `buys ${gainWords(gain).replace('+', '')}`}
                </span>
                <Button
                  variant="text"
                  aria-label={`No longer: ${load.name} ${words}`}
                  onClick={() => store.getState().edit(steerLoad(load.id, without))}
                >
                  no longer
                </Button>
              </li>
            )
          })}
        </ul>
      )}
      {loads.length > 0 && <Editor plan={plan} loads={loads} />}
      <p className={styles.small}>
        Looked at every quarter hour; what a load catches up afterwards is counted. Medical devices are not
        offered: their supplier’s plan comes first.
      </p>
    </section>
  )
}

function Editor({ plan, loads }: { plan: Plan; loads: Plan['loads'] }) {
  const store = useHouseholdStore()
  const [loadId, setLoadId] = useState(() => byTier(loads)[0].id)
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
    <div className={own.editor} role="group" aria-label="A new rule">
      <SelectField
        cell
        label="Load to shed"
        value={load.id}
        options={loads.map(({ id, name }) => ({ value: id, words: name }))}
        onChange={setLoadId}
      />
      <SelectField cell label="When it is shed" value={kind} options={KINDS} onChange={setKind} />
      {kind === 'with supply' && (
        <QuantityField
          local
          cell
          label="More than so many watts"
          path="rule.aboveW"
          value={aboveW}
          onChange={setAboveW}
        />
      )}
      {kind === 'by charge' && (
        <>
          <span>below</span>
          <QuantityField
            local
            cell
            label="Dropped below"
            path="rule.charge"
            value={dropBelow}
            onChange={setDrop}
          />
          <span>back above</span>
          <QuantityField
            local
            cell
            label="Back above"
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
            label="Off from"
            value={hours.from}
            onChange={(from) => setHours({ ...hours, from })}
          />
          <span>to</span>
          <ClockInput
            local
            label="Off until"
            value={hours.to}
            endOfDay
            onChange={(to) => setHours({ ...hours, to })}
          />
        </>
      )}
      {kind === 'not with' && other && (
        <SelectField
          cell
          label="The one that goes first"
          value={other.id}
          options={others.map(({ id, name }) => ({ value: id, words: name }))}
          onChange={setOther}
        />
      )}
      {offCost(load, plan, offMin) && (
        <p className={own.cost} data-testid="rule-cost">
          While it is off: {offCost(load, plan, offMin)}.
        </p>
      )}
      <ButtonBase
        className={own.addRule}
        disabled={isWrong || isFull || isThere || (kind === 'not with' && !other)}
        onClick={add}
      >
        Add the rule
      </ButtonBase>
      {isThere && (
        <p className={styles.small} role="status">
          This rule is there already.
        </p>
      )}
      {isWrong && (
        <p className={styles.refused} role="alert">
          It must come back above the charge it is dropped at, such as 40 % and 60 %.
        </p>
      )}
    </div>
  )
}

const TIER_ORDER = { optional: 0, flexible: 1, critical: 2, notOnBattery: 3 }
const byTier = (loads: Plan['loads']) => [...loads].sort((a, b) => TIER_ORDER[a.tier] - TIER_ORDER[b.tier])
