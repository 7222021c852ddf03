'use client'
import Button from '@mui/material/Button'
import { useState } from 'react'
import { EQUIPMENT, systemOf } from '@/catalog/equipment'
import { LIMITS } from '@/core/plan/limits'
import {
  addPowerSystem,
  changePowerSystem,
  choose,
  freshId,
  freshName,
  removePowerSystem,
} from '@/ui/household/edits'
import { useHousehold, useHouseholdStore, usePowerSystem } from '@/ui/household/HouseholdContext'
import { SelectField } from '@/ui/field/SelectField'
import { TextField } from '@/ui/field/TextField'
import { ChoiceMenu } from '@/ui/shell/lazy'
import { useAddKey } from '@/ui/shell/useShortcuts'
import dynamic from 'next/dynamic'
import { CandidateTable } from './CandidateTable'
import styles from './PowerPage.module.css'

const SearchPanel = dynamic(() => import('./search/SearchPanel').then((module) => module.SearchPanel), {
  ssr: false,
})

/** The candidates side by side against what the loads ask; the chosen one's figures are fields. */
export function PowerPage() {
  const store = useHouseholdStore()
  const systems = useHousehold((state) => state.household.powerSystems)
  const mains = useHousehold((state) => state.household.profile.mains)
  const chosen = usePowerSystem()
  const [anchor, setAnchor] = useState<HTMLElement | null>(null)
  const { edit } = store.getState()
  const isFull = systems.length >= LIMITS.powerSystems
  useAddKey(() => setAnchor(document.getElementById('add-candidate')))
  const addClass = (index: number) => {
    const name = freshName(EQUIPMENT[index].source.name, systems)
    edit(
      addPowerSystem({
        ...systemOf(EQUIPMENT[index], freshId(name, systems), mains === '230 V' ? 230 : 120),
        name,
      }),
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
          Add a candidate
        </Button>
        <button className="text-button" onClick={duplicate} disabled={isFull}>
          Duplicate {chosen.name}
        </button>
        {systems.length > 1 && (
          <button className="text-button" onClick={() => edit(removePowerSystem(chosen.id))}>
            Remove it (undo brings it back)
          </button>
        )}
        <span className={styles.hint}>The figures of the chosen candidate can be changed.</span>
      </div>
      {anchor && (
        <ChoiceMenu
          anchor={anchor}
          onClose={() => setAnchor(null)}
          choices={EQUIPMENT.map(({ id, source: { name } }, index) => ({
            key: id,
            words: name,
            pick: () => addClass(index),
          }))}
        />
      )}
      <div className={styles.pick}>
        <SelectField
          label="Candidate"
          value={chosen.id}
          options={systems.map(({ id, name }) => ({ value: id, words: name }))}
          onChange={(powerSystemId) => edit(choose({ powerSystemId }))}
        />
      </div>
      <CandidateTable />
      <div className={styles.note} key={chosen.id}>
        <TextField
          label="Name of the chosen"
          value={chosen.name}
          maxLength={LIMITS.nameLength}
          onChange={(name) => edit(changePowerSystem(chosen.id, { name }), `${chosen.id} name`)}
        />
        <TextField
          label="Note"
          value={chosen.note}
          maxLength={LIMITS.noteLength}
          multiline
          optional
          onChange={(note) => edit(changePowerSystem(chosen.id, { note }), `${chosen.id} note`)}
        />
      </div>
      <SearchPanel />
      <p className="caution">
        A bank built of parts, an inlet, a transfer switch and anything wired to the house belong to a
        licensed electrician and local code. Never back-feed an outlet: it can kill a line worker.
      </p>
    </div>
  )
}
