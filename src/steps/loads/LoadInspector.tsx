'use client'
import Button from '@mui/material/Button'
import Skeleton from '@mui/material/Skeleton'
import { useState } from 'react'
import { LIMITS, TIERS } from '@/core/plan/limits'
import type { BehaviourKind, HouseholdLoad } from '@/core/plan/schema'
import { formatWatts } from '@/words/format'
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
import { useHousehold, useHouseholdStore } from '@/ui/household/HouseholdContext'
import dynamic from 'next/dynamic'
import { part } from '@/ui/shell/part'
import { focusSoon } from '@/ui/shell/focusSoon'
import { notify } from '@/ui/shell/notify'
import { More } from '@/ui/field/More'
import { loadInspector } from '@/words/en/pages/loads'
import { wordsOf } from '@/words/translate'
import { BehaviourFields } from './BehaviourFields'
import { EvidencePicker } from './EvidencePicker'
import { LabelReader } from './LabelReader'
import { LoadAverage } from './LoadAverage'
import styles from './LoadsPage.module.css'
import { isPlaceholder } from '@/catalog/appliances/loadFrom'
import { asKind, decidingQuantity, withCount, withEvidence } from './loadForm'
import { RunningWatts } from './RunningWatts'
import { LoadTierHint } from './TierHint'
import { TIER_MEANINGS } from './tierWords'

const say = wordsOf(loadInspector)

const KINDS: { value: BehaviourKind; words: string }[] = [
  { value: 'constant', words: say('constantOnAllTheTime') },
  { value: 'cycling', words: say('cyclingAThermostat') },
  { value: 'pump', words: say('pumpFloatOrPressureSwitch') },
  { value: 'charging', words: say('chargingAFixedAmountThenNothing') },
  { value: 'scheduled', words: say('scheduledByTheClock') },
  { value: 'session', words: say('sessionMinutesAtATime') },
]
const loadMeter = () => import('./meter/MeterLog').then((module) => module.MeterLog)
const MeterLog = part(dynamic(loadMeter, { ssr: false }), loadMeter)
const StartFields = part(
  dynamic(() => import('./StartFields').then((module) => module.StartFields), {
    loading: () => <Skeleton variant="rectangular" height={72} />,
  }),
  () => import('./StartFields').then((module) => module.StartFields),
)

const LEGS = [
  { value: 'A', words: say('legA') },
  { value: 'B', words: say('legB') },
] as const
const VOLTS = [
  { value: '120', words: '120 V' },
  { value: '240', words: say('text240VBothLegs') },
  { value: '230', words: '230 V' },
  { value: '12', words: say('text12VDc') },
] as const

/** Everything about one load, changed in place; the answer follows every keystroke. */
export function LoadInspector({ load, select }: { load: HouseholdLoad; select: (id: string) => void }) {
  const store = useHouseholdStore()
  const standing = useHousehold(({ household }) => standingOf(household, load))
  const mains = useHousehold(({ household }) => household.profile.mains)
  const [isLogging, setIsLogging] = useState(false)
  const { edit } = store.getState()
  const change = (part: Partial<HouseholdLoad>) => edit(changeLoad(load.id, part))
  const { behaviour } = load
  const deciding = decidingQuantity(behaviour)

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
    notify(say('removed', { load: load.name }), store.getState().household)
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
      <LoadAverage load={load} />
      <EvidencePicker
        evidence={deciding.evidence}
        onChange={(evidence) => change({ behaviour: withEvidence(behaviour, evidence) })}
      />
      {load.medical && <p className="caution">{say('aMedicalDeviceThisPlanCounts')}</p>}
      {isPlaceholder(load) && (
        <p className="box" role="note">
          {say('nothingIsKnownOfItYet', { watts: formatWatts(behaviour.runningW.value) })}
        </p>
      )}
      <LoadTierHint load={load} tier={standing.tier} />
      <TextField
        label={say('name')}
        value={load.name}
        maxLength={LIMITS.nameLength}
        onChange={(name) => change({ name })}
      />
      <SelectField
        label={say('inThisOutage')}
        value={standing.tier}
        options={TIERS.map((value) => ({ value, words: TIER_MEANINGS[value] }))}
        onChange={(tier) => edit(changeStanding(load.id, { tier }))}
      />
      <SelectField
        label={say('behaviour')}
        value={behaviour.kind}
        options={KINDS}
        onChange={(kind) => change({ behaviour: asKind(behaviour, kind) })}
      />
      <RunningWatts load={load} change={change} />
      <QuantityField
        label={say('howMany')}
        path="load.count"
        value={load.count ?? 1}
        onChange={(count) => change(withCount(load, count))}
      />
      {(load.count ?? 1) > 1 && (
        <p className="ruled soft">
          {say('wattsAndWattHoursAreThose')} {load.count}{' '}
          {say('togetherEach', { watts: formatWatts(behaviour.runningW.value / load.count!) })}
        </p>
      )}
      <LabelReader load={load} change={change} />
      <p className="ruled soft">
        <Button variant="text" onClick={() => setIsLogging(true)}>
          {say('readingsFromAPlugInMeter')}
        </Button>{' '}
        {say('beatAnyLabelADayNarrows')}
      </p>
      <BehaviourFields
        name={load.name}
        behaviour={behaviour}
        volts={load.volts}
        change={(next) => change({ behaviour: next })}
      />
      <More
        words={say('motorStartVoltageNote')}
        isUnusual={load.start !== null || load.volts === 12 || load.note !== ''}
      >
        <StartFields load={load} change={change} />
        <SelectField
          label={say('voltage')}
          value={String(load.volts) as (typeof VOLTS)[number]['value']}
          options={VOLTS}
          onChange={(volts) =>
            change({ volts: Number(volts) as HouseholdLoad['volts'], leg: volts === '240' ? 'both' : 'A' })
          }
        />
        {load.volts === 120 && mains === '120/240 V split phase' && (
          <SelectField
            label={say('onLeg')}
            value={load.leg === 'B' ? 'B' : 'A'}
            options={LEGS}
            onChange={(leg) => change({ leg })}
          />
        )}
        <TextField
          label={say('note')}
          value={load.note}
          maxLength={LIMITS.noteLength}
          multiline
          optional
          onChange={(note) => change({ note })}
        />
      </More>
      <FindingMarks part="load" id={load.id} />
      <div className="ruled in-line">
        <Button variant="text" onClick={duplicate}>
          {say('duplicate')}
        </Button>
        <Button variant="text" onClick={() => change({ medical: !load.medical })}>
          {load.medical ? say('notAMedicalDevice') : say('thisIsAMedicalDevice')}
        </Button>
        <Button variant="text" onClick={remove}>
          {say('remove')}
        </Button>
      </div>
      {isLogging && <MeterLog load={load} change={change} onClose={() => setIsLogging(false)} />}
    </FieldScope>
  )
}
