'use client'
import List from '@mui/material/List'
import ListItemButton from '@mui/material/ListItemButton'
import ListItemText from '@mui/material/ListItemText'
import { useMoment } from '@/ui/field/useMoment'
import { FieldScope } from '@/ui/field/FieldScope'
import Button from '@mui/material/Button'
import { epochMinute } from '@/core/plan/clock'
import { LIMITS } from '@/core/plan/limits'
import type { Scenario } from '@/core/plan/schema'
import { formatPercent } from '@/words/format'
import { SelectField } from '@/ui/field/SelectField'
import { TextField } from '@/ui/field/TextField'
import { QuantityField } from '@/ui/field/QuantityField'
import { WindowsField } from '@/ui/field/WindowsField'
import { addScenario, changeScenario, choose, freshId, freshName, removeScenario } from '@/ui/household/edits'
import { useHousehold, useHouseholdStore, useScenario } from '@/ui/household/HouseholdContext'
import { useAddKey } from '@/ui/shell/useShortcuts'
import { outagePage } from '@/words/en/pages/outage'
import { wordsOf } from '@/words/translate'
import { OutageLine } from './OutageLine'
import { PlaceFields } from './PlaceFields'
import { SkyRow } from '@/ui/weather/SkyRow'
import fields from '@/ui/field/field.module.css'
import { WeatherPreset } from './WeatherPreset'
import { focusSoon } from '@/ui/shell/focusSoon'
import { notify } from '@/ui/shell/notify'
import styles from './OutagePage.module.css'
import { StartField } from './StartField'

const say = wordsOf(outagePage)

const CONFIDENCES = ['0.5', '0.7', '0.8', '0.9', '0.95', '0.99'] as const

/** Which outage: its start and length, who is home and awake, what must be carried and how surely. */
export function OutagePage() {
  const moment = useMoment()
  const store = useHouseholdStore()
  const scenarios = useHousehold((state) => state.household.scenarios)
  const scenario = useScenario()
  const { edit } = store.getState()
  const change = (part: Partial<Scenario>) => edit(changeScenario(scenario.id, part))
  const add = () => {
    if (scenarios.length >= LIMITS.scenarios) return
    const name = freshName(scenario.name, scenarios)
    const id = freshId(name, scenarios)
    edit(addScenario({ ...structuredClone(scenario), name, id }, scenario.id))
    focusSoon(`outage-${id}`)
  }
  useAddKey(add)
  const remove = () => {
    edit(removeScenario(scenario.id))
    const { household } = store.getState()
    notify(say('removed', { scenario: scenario.name }), household)
    focusSoon(`outage-${household.chosen.scenarioId}`)
  }
  const minutes = scenario.durationH * 60
  return (
    <div className={styles.columns}>
      <nav className={styles.list} aria-label={say('outages')}>
        <h2>{say('outagesPlannedFor')}</h2>
        <List component="div" disablePadding className={styles.choices}>
          {scenarios.map(({ id, name, startsAt, durationH }) => (
            <ListItemButton
              key={id}
              id={`outage-${id}`}
              divider
              selected={id === scenario.id}
              aria-current={id === scenario.id ? 'true' : undefined}
              onClick={() => edit(choose({ scenarioId: id }))}
            >
              <ListItemText
                primary={<span dir="auto">{name}</span>}
                secondary={`${moment(startsAt, 0)}, ${durationH} h`}
              />
            </ListItemButton>
          ))}
        </List>
        <Button onClick={add} disabled={scenarios.length >= LIMITS.scenarios}>
          {say('addAnOutageLikeThis')}
        </Button>
      </nav>
      <FieldScope key={scenario.id} id={`outage ${scenario.id}`} name={scenario.name}>
        <div className={styles.form}>
          <OutageLine scenario={scenario} />
          <TextField
            label={say('name')}
            value={scenario.name}
            maxLength={LIMITS.nameLength}
            onChange={(name) => change({ name })}
          />
          <StartField value={scenario.startsAt} onChange={(startsAt) => change({ startsAt })} />
          <QuantityField
            label={say('outageLength')}
            path="scenario.durationH"
            value={scenario.durationH}
            onChange={(durationH) => change({ durationH })}
          />
          <p className="ruled soft">
            {say('until', {
              moment: moment(scenario.startsAt, minutes),
              isNaN: Number.isNaN(epochMinute(scenario.startsAt)) ? 'yes' : 'no',
            })}
          </p>
          <SelectField
            label={say('loadsToCarry')}
            value={scenario.carriedTiers}
            options={[
              { value: 'critical', words: say('criticalLoadsOnly') },
              { value: 'flexible', words: say('criticalAndFlexibleLoads') },
              { value: 'optional', words: say('allLoadsOnBattery') },
            ]}
            onChange={(carriedTiers) => change({ carriedTiers })}
          />
          <SelectField
            label={say('confidence')}
            value={String(scenario.confidence) as (typeof CONFIDENCES)[number]}
            options={[...new Set([...CONFIDENCES, String(scenario.confidence)])].map((value) => ({
              value: value as (typeof CONFIDENCES)[number],
              words: say('sure', { percent: formatPercent(Number(value)) }),
            }))}
            onChange={(confidence) => change({ confidence: Number(confidence) })}
          />
          <WindowsField
            label={say('nobodyHome')}
            windows={scenario.away}
            optional
            fresh={{ from: '08:00', to: '17:00' }}
            onChange={(away) => change({ away })}
          />
          <WindowsField
            label={say('asleep')}
            windows={scenario.asleep}
            optional
            fresh={{ from: '23:00', to: '06:30' }}
            onChange={(asleep) => change({ asleep })}
          />
          <PlaceFields scenario={scenario} change={change} />
          <WeatherPreset scenario={scenario} change={(part) => change(part)} />
          <QuantityField
            label={say('coldestOutdoors')}
            pairedWith={say('warmestOutdoors')}
            path="scenario.outdoorC"
            value={scenario.outdoor.lowC}
            check={(lowC) => (lowC > scenario.outdoor.highC ? say('theColdestHourCannotBeWarmer') : null)}
            onChange={(lowC) => change({ outdoor: { ...scenario.outdoor, lowC } })}
          />
          <QuantityField
            label={say('warmestOutdoors')}
            pairedWith={say('coldestOutdoors')}
            path="scenario.outdoorC"
            value={scenario.outdoor.highC}
            check={(highC) => (highC < scenario.outdoor.lowC ? say('theWarmestHourCannotBeColder') : null)}
            onChange={(highC) => change({ outdoor: { ...scenario.outdoor, highC } })}
          />
          <QuantityField
            label={say('indoors')}
            path="scenario.indoorC"
            value={scenario.indoorC}
            onChange={(indoorC) => change({ indoorC })}
          />
          <SelectField
            label={say('rain')}
            value={scenario.rain}
            options={[
              { value: 'dry', words: say('dry') },
              { value: 'rain', words: say('rainPitsFillFaster') },
              { value: 'downpour', words: say('downpourPitsFillFastest') },
            ]}
            onChange={(rain) => change({ rain })}
          />
          <div className={fields.row}>
            <span className={fields.label}>{say('sky')}</span>
            <SkyRow scenario={scenario} change={(part) => change(part)} />
          </div>
          <TextField
            label={say('note')}
            value={scenario.note}
            maxLength={LIMITS.noteLength}
            multiline
            optional
            onChange={(note) => change({ note })}
          />
          {scenarios.length > 1 && (
            <p className="ruled soft">
              <Button variant="text" onClick={remove}>
                {say('removeThisOutage')}
              </Button>
            </p>
          )}
        </div>
      </FieldScope>
    </div>
  )
}
