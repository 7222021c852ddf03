'use client'
import Button from '@mui/material/Button'
import FormControlLabel from '@mui/material/FormControlLabel'
import Switch from '@mui/material/Switch'
import { useState } from 'react'
import { numbersOf, outageKindOf } from '@/catalog/appliances'
import { searchAppliances } from '@/catalog/appliances/findThing'
import { onDesignDay } from '@/core/load/designDay'
import { LIMITS } from '@/core/plan/limits'
import type { HouseholdLoad } from '@/core/plan/schema'
import { formatWatts } from '@/words/format'
import { addLoad, freshId, freshName } from '@/ui/household/edits'
import { useHousehold, useHouseholdStore, useScenario } from '@/ui/household/HouseholdContext'
import { type PickItem, PickDialog } from '@/ui/shell/PickDialog'
import { blankLoad, loadFrom } from '@/catalog/appliances/loadFrom'
import { addLoadDialog } from '@/words/en/pages/addLoad'
import { wordsOf } from '@/words/translate'
import { TIER_WORDS } from './tierWords'

const say = wordsOf(addLoadDialog)

interface AddLoadProps {
  onClose: () => void
  onAdded: (id: string) => void
  afterId?: string
}

/** Adds a load: a typical thing by any part of its name, or one nothing is known of yet. */
export function AddLoadDialog({ onClose, onAdded, afterId }: AddLoadProps) {
  const store = useHouseholdStore()
  const { loads, profile, chosen, scenarios } = useHousehold((state) => state.household)
  const mains = profile.mains === '230 V' ? 230 : 120
  const kind = outageKindOf(useScenario())
  const coldestC = Math.min(...scenarios.map(({ outdoor }) => outdoor.lowC))
  const [several, setSeveral] = useState(false)
  const [added, setAdded] = useState<{ id: string; name: string }[]>([])
  const last = added.at(-1)
  const close = () => (last ? onAdded(last.id) : onClose())
  const isFull = loads.length >= LIMITS.loads
  const add = (wantedName: string, make: (id: string, name: string) => HouseholdLoad) => () => {
    if (isFull) return
    const name = freshName(wantedName, loads)
    const load = make(freshId(name, loads), name)
    store.getState().edit(addLoad(load, added.at(-1)?.id ?? afterId))
    if (several) setAdded([...added, { id: load.id, name }])
    else onAdded(load.id)
  }
  const itemsFor = (text: string): PickItem[] => {
    const ownName = text.trim().slice(0, LIMITS.nameLength) || say('newLoad')
    const typical = searchAppliances(text).map((appliance) => {
      const { name, group, tiers } = appliance
      const tier = tiers[kind]
      const { runningW, averageW } = numbersOf(appliance)
      return {
        key: appliance.id,
        name,
        words: say('runningAverageHere', {
          group,
          watts: formatWatts(runningW),
          watts2: formatWatts(averageW),
          tierwords: TIER_WORDS[tier],
        }),
        pick: add(name, (id, freshly) => ({
          ...loadFrom(
            { ...appliance, behaviour: onDesignDay(appliance.behaviour, coldestC) },
            id,
            freshly,
            mains,
          ),
          standings: { [chosen.scenarioId]: { on: tier !== 'notOnBattery', tier } },
        })),
      }
    })
    const own = {
      key: 'own',
      name: text.trim() ? `“${ownName}”` : say('somethingElse'),
      words: say('nameAndWattsAreYoursTo'),
      pick: add(ownName, (id, freshly) => blankLoad(id, freshly, mains)),
    }
    return [...typical, own]
  }
  return (
    <PickDialog
      title={say('addALoad')}
      label={say('whatIsIt')}
      placeholder={say('refrigeratorPumpRouter')}
      itemsFor={itemsFor}
      trouble={isFull ? say('aHouseholdHasLoadsAtMost', { loads: LIMITS.loads }) : null}
      actions={
        <>
          <span role="status" style={{ flex: 1 }}>
            {added.length > 0 && say('added', { added: added.map(({ name }) => name).join(', ') })}
          </span>
          <FormControlLabel
            control={<Switch checked={several} onChange={(_, on) => setSeveral(on)} />}
            label={say('addSeveral')}
          />
          {several && <Button onClick={close}>{say('done')}</Button>}
        </>
      }
      onClose={close}
    />
  )
}
