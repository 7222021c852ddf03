'use client'
import { FieldScope } from '@/ui/field/FieldScope'
import Button from '@mui/material/Button'
import { useState } from 'react'
import { bankOf, systemOf } from '@/catalog/equipment'
import type { Equipment } from '@/core/plan/equipment'
import { LIMITS } from '@/core/plan/limits'
import type { PowerSystem } from '@/core/plan/power'
import {
  addPowerSystem,
  changePowerSystem,
  changeProfile,
  choose,
  freshId,
  freshName,
  removePowerSystem,
} from '@/ui/household/edits'
import { useHousehold, useHouseholdStore, usePowerSystem } from '@/ui/household/HouseholdContext'
import { SelectField } from '@/ui/field/SelectField'
import { QuantityField } from '@/ui/field/QuantityField'
import { TextField } from '@/ui/field/TextField'
import { ClassMenu } from './ClassMenu'
import { useAddKey } from '@/ui/shell/useShortcuts'
import dynamic from 'next/dynamic'
import { CandidateTable } from './CandidateTable'
import { ORDERS, isHidden } from './candidateOrder'
import styles from './PowerPage.module.css'

const SearchPanel = dynamic(() => import('./search/SearchPanel').then((module) => module.SearchPanel), {
  ssr: false,
})

const BankBuilder = dynamic(() => import('./bank/BankBuilder').then((module) => module.BankBuilder), {
  ssr: false,
})
const Fittings = dynamic(() => import('./fittings/Fittings').then((module) => module.Fittings), {
  ssr: false,
})
const SourcesPanel = dynamic(() => import('./SourcesPanel').then((module) => module.SourcesPanel), {
  ssr: false,
})
const OwnEquipment = dynamic(() => import('./OwnEquipment').then((module) => module.OwnEquipment), {
  ssr: false,
})

/** The candidates side by side against what the loads ask; the chosen one's figures are fields. */
export function PowerPage() {
  const store = useHouseholdStore()
  const systems = useHousehold((state) => state.household.powerSystems)
  const mains = useHousehold((state) => state.household.profile.mains)
  const foodValue = useHousehold((state) => state.household.profile.foodValue)
  const chosen = usePowerSystem()
  const [anchor, setAnchor] = useState<HTMLElement | null>(null)
  const { edit } = store.getState()
  const isFull = systems.length >= LIMITS.powerSystems
  useAddKey(() => setAnchor(document.getElementById('add-candidate')))
  const addClass = (item: Equipment) => {
    const name = freshName(item.source.name, systems)
    edit(
      addPowerSystem({
        ...systemOf(item, freshId(name, systems), mains === '230 V' ? 230 : 120),
        name,
      }),
    )
  }
  const [order, setOrder] = useState('kept')
  const hidden = systems.filter(isHidden)
  const show = (shown: PowerSystem['shown']) => edit(changePowerSystem(chosen.id, { shown }))
  const addBank = () => {
    const source = bankOf('lfp-12-100', 2, 1, 'inverter-1500-24', 'Bank of parts')
    const name = freshName(source.name, systems)
    edit(
      addPowerSystem({
        id: freshId(name, systems),
        name,
        sources: [{ ...source, volts: mains === '230 V' ? [230] : source.volts }],
        note: '',
      }),
    )
  }
  const hide = () => {
    const next = systems.find((system) => system.id !== chosen.id && !isHidden(system))
    if (!next) return
    edit((household) =>
      choose({ powerSystemId: next.id })(
        changePowerSystem(chosen.id, { shown: chosen.shown === 'pinned' ? 'hidden pin' : 'hidden' })(
          household,
        ),
      ),
    )
  }
  const duplicate = () => {
    const name = freshName(chosen.name, systems)
    edit(addPowerSystem({ ...structuredClone(chosen), name, id: freshId(name, systems) }))
  }
  return (
    <div className={styles.page}>
      <div className={styles.tools}>
        <Button
          id="add-candidate"
          onClick={(event) => setAnchor(event.currentTarget)}
          disabled={isFull}
          aria-haspopup="menu"
        >
          Add a power station or bank
        </Button>
        <Button onClick={addBank} disabled={isFull}>
          Build a battery bank
        </Button>
        <Button onClick={() => document.getElementById('search')?.scrollIntoView({ block: 'start' })}>
          Find equipment
        </Button>
        <button className="text-button" onClick={duplicate} disabled={isFull}>
          Duplicate it
        </button>
        {systems.length > 1 && (
          <button className="text-button" onClick={() => edit(removePowerSystem(chosen.id))}>
            Remove it
          </button>
        )}
        <button
          className="text-button"
          onClick={() => show(chosen.shown === 'pinned' ? undefined : 'pinned')}
        >
          {chosen.shown === 'pinned' ? 'Unpin it' : 'Pin it first'}
        </button>
        {systems.length - hidden.length > 1 && (
          <button className="text-button" onClick={hide}>
            Hide it
          </button>
        )}
        {hidden.length > 0 && (
          <button
            className="text-button"
            onClick={() =>
              edit((household) =>
                hidden.reduce(
                  (next, { id, shown }) =>
                    changePowerSystem(id, { shown: shown === 'hidden pin' ? 'pinned' : undefined })(next),
                  household,
                ),
              )
            }
          >
            Show {hidden.length} hidden
          </button>
        )}
        <label className={styles.hint}>
          In order{' '}
          <select value={order} onChange={(event) => setOrder(event.target.value)}>
            {Object.entries(ORDERS).map(([value, { words }]) => (
              <option key={value} value={value}>
                {words}
              </option>
            ))}
          </select>
        </label>
      </div>
      {anchor && <ClassMenu anchor={anchor} onClose={() => setAnchor(null)} pick={addClass} />}
      <div className={styles.pick}>
        <SelectField
          label="Option"
          value={chosen.id}
          options={systems.map(({ id, name }) => ({ value: id, words: name }))}
          onChange={(powerSystemId) => edit(choose({ powerSystemId }))}
        />
      </div>
      <CandidateTable order={order} />

      <FieldScope key={chosen.id} id={`system ${chosen.id}`} name={chosen.name}>
        <div className={styles.note}>
          <TextField
            label="Name of the chosen"
            value={chosen.name}
            maxLength={LIMITS.nameLength}
            onChange={(name) => edit(changePowerSystem(chosen.id, { name }))}
          />
          <QuantityField
            label="Food at stake"
            path="profile.foodValue"
            value={foodValue ?? 0}
            onChange={(value) => edit(changeProfile({ foodValue: value > 0 ? value : undefined }))}
          />
          <TextField
            label="Note"
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
          <BankBuilder
            key={`${chosen.id} ${source.id}`}
            system={chosen}
            source={{ ...source, bank: source.bank }}
          />
        ) : (
          <Fittings key={`${chosen.id} ${source.id}`} systemId={chosen.id} source={source} />
        ),
      )}
      <SourcesPanel system={chosen} />
      <SearchPanel />
      <OwnEquipment />
      <p className="caution">
        A bank built of parts, an inlet, a transfer switch and anything wired to the house belong to a
        licensed electrician and local code. Never back-feed an outlet: it can kill a line worker.
      </p>
    </div>
  )
}
