'use client'
import Button from '@mui/material/Button'
import { LIMITS } from '@/core/plan/limits'
import type { PowerSystem } from '@/core/plan/power'
import {
  addPowerSystem,
  changePowerSystem,
  choose,
  freshId,
  freshName,
  removePowerSystem,
} from '@/ui/household/edits'
import { useHousehold, useHouseholdStore, usePowerSystem } from '@/ui/household/HouseholdContext'
import { focusSoon } from '@/ui/shell/focusSoon'
import { notify } from '@/ui/shell/notify'
import { chosenActs } from '@/words/en/pages/power'
import { wordsOf } from '@/words/translate'
import { isHidden } from './optionOrder'

const say = wordsOf(chosenActs)

/** What can be done with the selected option. */
export function ChosenActs() {
  const store = useHouseholdStore()
  const systems = useHousehold((state) => state.household.powerSystems)
  const chosen = usePowerSystem()
  const { edit } = store.getState()
  const hidden = systems.filter(isHidden)
  const show = (shown: PowerSystem['shown']) => edit(changePowerSystem(chosen.id, { shown }))
  const focusChosen = () => focusSoon(`option-${store.getState().household.chosen.powerSystemId}`)
  const duplicate = () => {
    const name = freshName(chosen.name, systems)
    edit(addPowerSystem({ ...structuredClone(chosen), name, id: freshId(name, systems) }))
    focusChosen()
  }
  const remove = () => {
    edit(removePowerSystem(chosen.id))
    notify(say('removed', { chosen: chosen.name }), store.getState().household)
    focusChosen()
  }
  const hide = () => {
    const next = systems.find((system) => system.id !== chosen.id && !isHidden(system))
    if (!next) return
    const shown = chosen.shown === 'pinned' ? 'hidden pin' : 'hidden'
    edit((household) =>
      choose({ powerSystemId: next.id })(changePowerSystem(chosen.id, { shown })(household)),
    )
    notify(say('hid', { chosen: chosen.name }), store.getState().household)
    focusChosen()
  }
  const showHidden = () =>
    edit((household) =>
      hidden.reduce(
        (next, { id, shown }) =>
          changePowerSystem(id, { shown: shown === 'hidden pin' ? 'pinned' : undefined })(next),
        household,
      ),
    )
  return (
    <>
      <Button variant="text" onClick={duplicate} disabled={systems.length >= LIMITS.powerSystems}>
        {say('duplicateIt')}
      </Button>
      {systems.length > 1 && (
        <Button variant="text" onClick={remove}>
          {say('removeIt')}
        </Button>
      )}
      <Button variant="text" onClick={() => show(chosen.shown === 'pinned' ? undefined : 'pinned')}>
        {chosen.shown === 'pinned' ? say('unpinIt') : say('pinItFirst')}
      </Button>
      {systems.length - hidden.length > 1 && (
        <Button variant="text" onClick={hide}>
          {say('hideIt')}
        </Button>
      )}
      {hidden.length > 0 && (
        <Button variant="text" onClick={showHidden}>
          {say('showHidden', { nHidden: hidden.length })}
        </Button>
      )}
    </>
  )
}
