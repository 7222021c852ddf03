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
import { formatPercent } from '@/core/quantity/format'
import { SelectField } from '@/ui/field/SelectField'
import { TextField } from '@/ui/field/TextField'
import { QuantityField } from '@/ui/field/QuantityField'
import { WindowsField } from '@/ui/field/WindowsField'
import { addScenario, changeScenario, choose, freshId, freshName, removeScenario } from '@/ui/household/edits'
import { useHousehold, useHouseholdStore, useScenario } from '@/ui/household/HouseholdContext'
import { useAddKey } from '@/ui/shell/useShortcuts'
import { OutageLine } from './OutageLine'
import { PlaceFields } from './PlaceFields'
import { SkyRow } from '@/ui/weather/SkyRow'
import fields from '@/ui/field/field.module.css'
import { WeatherPreset } from './WeatherPreset'
import { focusSoon } from '@/ui/shell/focusSoon'
import { notify } from '@/ui/shell/notify'
import styles from './OutagePage.module.css'
import { StartField } from './StartField'

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
    notify(`Removed ${scenario.name}.`, household)
    focusSoon(`outage-${household.chosen.scenarioId}`)
  }
  const minutes = scenario.durationH * 60
  return (
    <div className={styles.columns}>
      <nav className={styles.list} aria-label="Outages">
        <h2>Outages planned for</h2>
        <List component="div" disablePadding>
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
          Add an outage like this
        </Button>
      </nav>
      <FieldScope key={scenario.id} id={`outage ${scenario.id}`} name={scenario.name}>
        <div className={styles.form}>
          <OutageLine scenario={scenario} />
          <TextField
            label="Name"
            value={scenario.name}
            maxLength={LIMITS.nameLength}
            onChange={(name) => change({ name })}
          />
          <StartField value={scenario.startsAt} onChange={(startsAt) => change({ startsAt })} />
          <QuantityField
            label="Outage length"
            path="scenario.durationH"
            value={scenario.durationH}
            onChange={(durationH) => change({ durationH })}
          />
          <p className={styles.derived}>
            Until {moment(scenario.startsAt, minutes)}
            {Number.isNaN(epochMinute(scenario.startsAt)) ? '' : '.'}
          </p>
          <SelectField
            label="Loads to carry"
            value={scenario.carriedTiers}
            options={[
              { value: 'critical', words: 'Critical loads only' },
              { value: 'flexible', words: 'Critical and flexible loads' },
              { value: 'optional', words: 'All loads on battery' },
            ]}
            onChange={(carriedTiers) => change({ carriedTiers })}
          />
          <SelectField
            label="Confidence"
            value={String(scenario.confidence) as (typeof CONFIDENCES)[number]}
            options={[...new Set([...CONFIDENCES, String(scenario.confidence)])].map((value) => ({
              value: value as (typeof CONFIDENCES)[number],
              words: `${formatPercent(Number(value))} sure`,
            }))}
            onChange={(confidence) => change({ confidence: Number(confidence) })}
          />
          <WindowsField
            label="Nobody home"
            windows={scenario.away}
            optional
            fresh={{ from: '08:00', to: '17:00' }}
            onChange={(away) => change({ away })}
          />
          <WindowsField
            label="Asleep"
            windows={scenario.asleep}
            optional
            fresh={{ from: '23:00', to: '06:30' }}
            onChange={(asleep) => change({ asleep })}
          />
          <PlaceFields scenario={scenario} change={change} />
          <WeatherPreset scenario={scenario} change={(part) => change(part)} />
          <QuantityField
            label="Coldest outdoors"
            pairedWith="Warmest outdoors"
            path="scenario.outdoorC"
            value={scenario.outdoor.lowC}
            check={(lowC) =>
              lowC > scenario.outdoor.highC ? 'The coldest hour cannot be warmer than the warmest.' : null
            }
            onChange={(lowC) => change({ outdoor: { ...scenario.outdoor, lowC } })}
          />
          <QuantityField
            label="Warmest outdoors"
            pairedWith="Coldest outdoors"
            path="scenario.outdoorC"
            value={scenario.outdoor.highC}
            check={(highC) =>
              highC < scenario.outdoor.lowC ? 'The warmest hour cannot be colder than the coldest.' : null
            }
            onChange={(highC) => change({ outdoor: { ...scenario.outdoor, highC } })}
          />
          <QuantityField
            label="Indoors"
            path="scenario.indoorC"
            value={scenario.indoorC}
            onChange={(indoorC) => change({ indoorC })}
          />
          <SelectField
            label="Rain"
            value={scenario.rain}
            options={[
              { value: 'dry', words: 'Dry' },
              { value: 'rain', words: 'Rain: pits fill faster' },
              { value: 'downpour', words: 'Downpour: pits fill fastest' },
            ]}
            onChange={(rain) => change({ rain })}
          />
          <div className={fields.row}>
            <span className={fields.label}>Sky</span>
            <SkyRow scenario={scenario} change={(part) => change(part)} />
          </div>
          <TextField
            label="Note"
            value={scenario.note}
            maxLength={LIMITS.noteLength}
            multiline
            optional
            onChange={(note) => change({ note })}
          />
          {scenarios.length > 1 && (
            <p className={styles.derived}>
              <Button variant="text" onClick={remove}>
                Remove this outage
              </Button>
            </p>
          )}
        </div>
      </FieldScope>
    </div>
  )
}
