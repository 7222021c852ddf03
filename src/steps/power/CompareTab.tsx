'use client'
import Button from '@mui/material/Button'
import dynamic from 'next/dynamic'
import { part } from '@/ui/shell/part'
import { useState } from 'react'
import { systemOf } from '@/catalog/equipment'
import type { Equipment } from '@/core/plan/equipment'
import { LIMITS } from '@/core/plan/limits'
import { FindingMarks } from '@/ui/hazard/FindingMarks'
import { FieldScope } from '@/ui/field/FieldScope'
import { QuantityField } from '@/ui/field/QuantityField'
import { SelectField } from '@/ui/field/SelectField'
import { TextField } from '@/ui/field/TextField'
import {
  addPowerSystem,
  changePowerSystem,
  changeProfile,
  choose,
  freshId,
  freshName,
} from '@/ui/household/edits'
import { useHousehold, useHouseholdStore, usePowerSystem } from '@/ui/household/HouseholdContext'
import { focusSoon } from '@/ui/shell/focusSoon'
import { useAddKey } from '@/ui/shell/useShortcuts'
import { compareTab } from '@/words/en/pages/power'
import { wordsOf } from '@/words/translate'
import { OptionTable } from './OptionTable'
import { ORDERS } from './optionOrder'
import { ChosenActs } from './ChosenActs'
import { ClassMenu } from './ClassMenu'
import type { PowerTab } from './PowerPage'
import styles from './PowerPage.module.css'

const say = wordsOf(compareTab)

const Fittings = part(
  dynamic(() => import('./fittings/Fittings').then((module) => module.Fittings), {
    ssr: false,
  }),
  () => import('./fittings/Fittings').then((module) => module.Fittings),
)
const SourcesPanel = part(
  dynamic(() => import('./SourcesPanel').then((module) => module.SourcesPanel), {
    ssr: false,
  }),
  () => import('./SourcesPanel').then((module) => module.SourcesPanel),
)

/** The options side by side against what the loads ask; the selected one's figures are fields. */
export function CompareTab({ openTab }: { openTab: (tab: PowerTab) => void }) {
  const store = useHouseholdStore()
  const systems = useHousehold((state) => state.household.powerSystems)
  const mains = useHousehold((state) => state.household.profile.mains)
  const foodValue = useHousehold((state) => state.household.profile.foodValue)
  const chosen = usePowerSystem()
  const [anchor, setAnchor] = useState<HTMLElement | null>(null)
  const [order, setOrder] = useState('kept')
  const { edit } = store.getState()
  useAddKey(() => setAnchor(document.getElementById('add-option')))
  const addClass = (item: Equipment) => {
    const name = freshName(item.source.name, systems)
    const volts = mains === '230 V' ? 230 : 120
    const id = freshId(name, systems)
    edit(addPowerSystem({ ...systemOf(item, id, volts), name }))
    focusSoon(`option-${id}`)
  }
  return (
    <>
      <div className="in-line">
        <Button
          id="add-option"
          onClick={(event) => setAnchor(event.currentTarget)}
          disabled={systems.length >= LIMITS.powerSystems}
          aria-haspopup="menu"
        >
          {say('addAPowerStationOrBank')}
        </Button>
        <ChosenActs />
        <span className={styles.order}>
          <SelectField
            label={say('inOrder')}
            value={order}
            options={Object.entries(ORDERS).map(([value, { words }]) => ({ value, words }))}
            onChange={setOrder}
          />
        </span>
      </div>
      {anchor && <ClassMenu anchor={anchor} onClose={() => setAnchor(null)} pick={addClass} />}
      <div className={styles.pick}>
        <SelectField
          label={say('option')}
          value={chosen.id}
          options={systems.map(({ id, name }) => ({ value: id, words: name }))}
          onChange={(powerSystemId) => edit(choose({ powerSystemId }))}
        />
      </div>
      <OptionTable order={order} />

      {/* they come a moment later: below the table nothing that is read moves */}
      <div className="later">
        <FindingMarks part="source" />
      </div>
      <FieldScope key={chosen.id} id={`system ${chosen.id}`} name={chosen.name}>
        <div className="later">
          <TextField
            label={say('nameOfTheSelectedOption')}
            value={chosen.name}
            maxLength={LIMITS.nameLength}
            onChange={(name) => edit(changePowerSystem(chosen.id, { name }))}
          />
          <QuantityField
            label={say('foodAtStake')}
            path="profile.foodValue"
            value={foodValue ?? 0}
            onChange={(value) => edit(changeProfile({ foodValue: value > 0 ? value : undefined }))}
          />
          <TextField
            label={say('note')}
            value={chosen.note}
            maxLength={LIMITS.noteLength}
            multiline
            optional
            onChange={(note) => edit(changePowerSystem(chosen.id, { note }))}
          />
        </div>
      </FieldScope>
      {chosen.sources.map((source) =>
        source.bank ? (
          <p key={`${chosen.id} ${source.id}`} className="later">
            <Button variant="text" onClick={() => openTab('bank')}>
              {say('whatIsBuiltOf', { source: source.name })}
            </Button>
          </p>
        ) : (
          <Fittings key={`${chosen.id} ${source.id}`} systemId={chosen.id} source={source} />
        ),
      )}
      <SourcesPanel system={chosen} />
    </>
  )
}
