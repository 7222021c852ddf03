'use client'
import Button from '@mui/material/Button'
import Menu from '@mui/material/Menu'
import MenuItem from '@mui/material/MenuItem'
import { useState } from 'react'
import { bankOf } from '@/catalog/equipment'
import { LIMITS } from '@/core/plan/limits'
import type { Bank, PowerSystem, Source } from '@/core/plan/power'
import { addPowerSystem, choose, freshId, freshName } from '@/ui/household/edits'
import { useHousehold, useHouseholdStore, usePowerSystem } from '@/ui/household/HouseholdContext'
import { useAddKey } from '@/ui/shell/useShortcuts'
import { bankTab } from '@/words/en/pages/bank'
import { wordsOf } from '@/words/translate'
import { bankName } from './bankChange'
import { BankBuilder } from './BankBuilder'

const say = wordsOf(bankTab)

/** What a new bank can begin as: batteries in series, in parallel, and an inverter that fits. */
const BEGINNINGS = [
  { words: say('lithiumIronPhosphateLifepo424V'), parts: ['lfp-12-100', 2, 1, 'inverter-1500-24'] },
  { words: say('agmSealedLeadAcid24V'), parts: ['agm-12-110', 2, 1, 'inverter-1500-24'] },
  { words: say('floodedLeadAcid24V'), parts: ['flooded-6-225', 4, 1, 'inverter-1500-24'] },
] as const

type WithBank = Source & { bank: Bank }
const banksOf = ({ sources }: PowerSystem) =>
  sources.filter((source): source is WithBank => Boolean(source.bank))

/** Banks of batteries, built of parts: the selected one's parts, or one to begin. */
export function BankTab() {
  const store = useHouseholdStore()
  const systems = useHousehold((state) => state.household.powerSystems)
  const mains = useHousehold((state) => state.household.profile.mains)
  const chosen = usePowerSystem()
  const [anchor, setAnchor] = useState<HTMLElement | null>(null)
  const { edit } = store.getState()
  useAddKey(() => setAnchor(document.getElementById('add-bank')))
  const begin = ([batteryId, series, parallel, inverterId]: (typeof BEGINNINGS)[number]['parts']) => {
    setAnchor(null)
    const source = bankOf(batteryId, series, parallel, inverterId, '')
    const name = freshName(bankName(source.bank!), systems)
    const volts: Source['volts'] = mains === '230 V' ? [230] : source.volts
    edit(
      addPowerSystem({ id: freshId(name, systems), name, sources: [{ ...source, name, volts }], note: '' }),
    )
  }
  const others = systems.filter((system) => system.id !== chosen.id && banksOf(system).length > 0)
  const banks = banksOf(chosen)
  return (
    <>
      <div className="in-line">
        <Button
          id="add-bank"
          aria-haspopup="menu"
          disabled={systems.length >= LIMITS.powerSystems}
          onClick={(event) => setAnchor(event.currentTarget)}
        >
          {say('buildABatteryBank')}
        </Button>
        {others.map(({ id, name }) => (
          <Button key={id} variant="text" onClick={() => edit(choose({ powerSystemId: id }))}>
            {name}
          </Button>
        ))}
      </div>
      <Menu anchorEl={anchor} open={anchor !== null} onClose={() => setAnchor(null)}>
        {BEGINNINGS.map(({ words, parts }) => (
          <MenuItem key={words} onClick={() => begin(parts)}>
            {words}
          </MenuItem>
        ))}
      </Menu>
      {banks.length === 0 && <p className="hint">{say('isReadyMadeSoThereAre', { chosen: chosen.name })}</p>}
      {banks.map((source) => (
        <BankBuilder key={`${chosen.id} ${source.id}`} system={chosen} source={source} />
      ))}
    </>
  )
}
