'use client'
import Button from '@mui/material/Button'
import Skeleton from '@mui/material/Skeleton'
import { useState } from 'react'
import { averageWorking } from '@/core/load/average'
import { LIMITS, TIERS } from '@/core/plan/limits'
import type { BehaviourKind, HouseholdLoad } from '@/core/plan/schema'
import { formatEnergy, formatWatts } from '@/core/quantity/format'
import { interval80 } from '@/core/quantity/quantity'
import { SelectField } from '@/ui/field/SelectField'
import { TextField } from '@/ui/field/TextField'
import { FieldScope } from '@/ui/field/FieldScope'
import { FindingMarks } from '@/ui/hazard/FindingMarks'
import { QuantityField } from '@/ui/field/QuantityField'
import {
  addLoad,
  changeLoad,
  changeStanding,
  freshId,
  freshName,
  removeLoad,
  standingOf,
} from '@/ui/household/edits'
import { useHousehold, useHouseholdStore, usePlan } from '@/ui/household/HouseholdContext'
import dynamic from 'next/dynamic'
import { focusSoon } from '@/ui/shell/focusSoon'
import { WorkingDialog } from '@/ui/shell/lazy'
import { notify } from '@/ui/shell/notify'
import { More } from '@/ui/field/More'
import { expectedW } from '@/core/simulation/expected'
import { BehaviourFields } from './BehaviourFields'
import { EvidencePicker } from './EvidencePicker'
import { LabelReader } from './LabelReader'
import styles from './LoadsPage.module.css'
import { isPlaceholder } from '@/catalog/appliances/loadFrom'
import { asKind, decidingQuantity, withCount, withEvidence } from './loadForm'
import { RunningWatts } from './RunningWatts'
import { TierHint } from './TierHint'
import { TIER_MEANINGS } from './tierWords'

const KINDS: { value: BehaviourKind; words: string }[] = [
  { value: 'constant', words: 'Constant: on all the time' },
  { value: 'cycling', words: 'Cycling: a thermostat' },
  { value: 'pump', words: 'Pump: float or pressure switch' },
  { value: 'charging', words: 'Charging: so much, then nothing' },
  { value: 'scheduled', words: 'Scheduled: by the clock' },
  { value: 'session', words: 'Session: minutes at a time' },
]
const loadMeter = () => import('./meter/MeterLog').then((module) => module.MeterLog)
const MeterLog = dynamic(loadMeter, { ssr: false })

const StartFields = dynamic(() => import('./StartFields').then((module) => module.StartFields), {
  loading: () => <Skeleton variant="rectangular" height={72} />,
})

const LEGS = [
  { value: 'A', words: 'Leg A' },
  { value: 'B', words: 'Leg B' },
] as const
const VOLTS = [
  { value: '120', words: '120 V' },
  { value: '240', words: '240 V, both legs' },
  { value: '230', words: '230 V' },
  { value: '12', words: '12 V DC' },
] as const

/** Everything about one load, changed in place; the answer follows every keystroke. */
export function LoadInspector({ load, select }: { load: HouseholdLoad; select: (id: string) => void }) {
  const store = useHouseholdStore()
  const standing = useHousehold(({ household }) => standingOf(household, load))
  const plan = usePlan()
  const [showsWorking, setShowsWorking] = useState(false)
  const [isLogging, setIsLogging] = useState(false)
  const { edit } = store.getState()
  const change = (part: Partial<HouseholdLoad>) => edit(changeLoad(load.id, part))
  const { behaviour } = load
  const average = expectedW(
    plan.loads.find(({ id }) => id === load.id)!,
    plan.scenario,
  )
  const deciding = decidingQuantity(behaviour)
  const [low, high] = interval80(deciding)
  const share = deciding.value > 0 ? average / deciding.value : 0

  const duplicate = () => {
    const { loads } = store.getState().household
    const name = freshName(load.name, loads)
    const copy = { ...structuredClone(load), name, id: freshId(name, loads) }
    edit(addLoad(copy, load.id))
    select(copy.id)
  }
  const remove = () => {
    const { loads } = store.getState().household
    const at = loads.findIndex(({ id }) => id === load.id)
    const next = loads[at + 1] ?? loads[at - 1]
    edit(removeLoad(load.id))
    notify(`Removed ${load.name}.`, store.getState().household)
    if (next) select(next.id)
    focusSoon(next ? `load-${next.id}` : 'add-load')
  }
  return (
    <FieldScope id={`load ${load.id}`} name={load.name}>
      <h2 className={styles.title}>
        <span className={styles.titleName} dir="auto">
          {load.name}
        </span>
      </h2>
      <p className={styles.lead}>
        {formatWatts(average)} on average in this outage, likely {formatWatts(low * share)} to{' '}
        {formatWatts(high * share)}; {formatEnergy(average * 24)} a day.{' '}
        <Button variant="text" onClick={() => setShowsWorking(true)}>
          The working
        </Button>
      </p>
      <EvidencePicker
        evidence={deciding.evidence}
        onChange={(evidence) => change({ behaviour: withEvidence(behaviour, evidence) })}
      />
      {load.medical && (
        <p className="caution">
          A medical device. This plan counts hours; it does not replace your supplier’s or doctor’s emergency
          plan. Ask them for a second source and whom to call, and register with your utility if it keeps a
          list.
        </p>
      )}
      {isPlaceholder(load) && (
        <p className={styles.asks} role="note">
          Nothing is known of it yet: {formatWatts(behaviour.runningW.value)} day and night stand in for it.
          Say what it draws, and under Behaviour when it runs.
        </p>
      )}
      <TierHint load={load} tier={standing.tier} averageW={average} />
      <TextField
        label="Name"
        value={load.name}
        maxLength={LIMITS.nameLength}
        onChange={(name) => change({ name })}
      />
      <SelectField
        label="In this outage"
        value={standing.tier}
        options={TIERS.map((value) => ({ value, words: TIER_MEANINGS[value] }))}
        onChange={(tier) => edit(changeStanding(load.id, { tier }))}
      />
      <SelectField
        label="Behaviour"
        value={behaviour.kind}
        options={KINDS}
        onChange={(kind) => change({ behaviour: asKind(behaviour, kind) })}
      />
      <RunningWatts load={load} change={change} />
      <QuantityField
        label="How many"
        path="load.count"
        value={load.count ?? 1}
        onChange={(count) => change(withCount(load, count))}
      />
      {(load.count ?? 1) > 1 && (
        <p className={styles.derived}>
          Watts and watt-hours are those of all {load.count} together:{' '}
          {formatWatts(behaviour.runningW.value / load.count!)} each.
        </p>
      )}
      <LabelReader load={load} change={change} />
      <p className={styles.derived}>
        <Button variant="text" onClick={() => setIsLogging(true)}>
          Readings from a plug-in meter
        </Button>{' '}
        beat any label: a day narrows its energy to ±8 %.
      </p>
      <BehaviourFields
        name={load.name}
        behaviour={behaviour}
        volts={load.volts}
        change={(next) => change({ behaviour: next })}
      />
      <More
        words="motor start, voltage, note"
        isUnusual={load.start !== null || load.volts === 12 || load.note !== ''}
      >
        <StartFields load={load} change={change} />
        <SelectField
          label="Voltage"
          value={String(load.volts) as (typeof VOLTS)[number]['value']}
          options={VOLTS}
          onChange={(volts) =>
            change({ volts: Number(volts) as HouseholdLoad['volts'], leg: volts === '240' ? 'both' : 'A' })
          }
        />
        {load.volts === 120 && plan.household.mains === '120/240 V split phase' && (
          <SelectField
            label="On leg"
            value={load.leg === 'B' ? 'B' : 'A'}
            options={LEGS}
            onChange={(leg) => change({ leg })}
          />
        )}
        <TextField
          label="Note"
          value={load.note}
          maxLength={LIMITS.noteLength}
          multiline
          optional
          onChange={(note) => change({ note })}
        />
      </More>
      <FindingMarks part="load" id={load.id} />
      <div className={styles.actions}>
        <Button variant="text" onClick={duplicate}>
          Duplicate
        </Button>
        <Button variant="text" onClick={() => change({ medical: !load.medical })}>
          {load.medical ? 'Not a medical device' : 'This is a medical device'}
        </Button>
        <Button variant="text" onClick={remove}>
          Remove
        </Button>
      </div>
      {isLogging && <MeterLog load={load} change={change} onClose={() => setIsLogging(false)} />}
      {showsWorking && (
        <WorkingDialog
          working={averageWorking(load.name, behaviour, average)}
          onClose={() => setShowsWorking(false)}
        />
      )}
    </FieldScope>
  )
}
