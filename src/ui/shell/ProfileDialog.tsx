'use client'
import Stack from '@mui/material/Stack'
import ToggleButton from '@mui/material/ToggleButton'
import ToggleButtonGroup from '@mui/material/ToggleButtonGroup'
import Typography from '@mui/material/Typography'
import { LIMITS } from '@/core/plan/limits'
import { UNIT_CHOICES, type Units } from '@/core/quantity/units'
import { SelectField } from '../field/SelectField'
import { TextField } from '../field/TextField'
import { changeProfile } from '../household/edits'
import { useHousehold, useHouseholdStore } from '../household/HouseholdContext'
import { DialogFrame } from './DialogFrame'

/** Each unit, in the order they are asked in. */
const SHOWN = {
  temperature: 'Temperatures',
  mass: 'Weights',
  volume: 'Volumes',
  length: 'Lengths',
  wire: 'Wire sizes',
  clock: 'Clock',
  decimal: 'Decimal sign',
} as const

const CURRENCIES =
  'USD EUR GBP CAD AUD NZD CHF JPY NOK SEK DKK PLN CZK UAH TRY INR ZAR NGN KES MXN BRL PHP CNY KRW'.split(' ')

/** The household's name, its units and its money. */
export function ProfileDialog({ onClose }: { onClose: () => void }) {
  const store = useHouseholdStore()
  const { name, units, currency } = useHousehold(({ household }) => household.profile)
  const change = (part: Parameters<typeof changeProfile>[0]) => store.getState().edit(changeProfile(part))
  return (
    <DialogFrame title="Name, units and money" onClose={onClose} width="xs">
      <Stack spacing={1.5}>
        <TextField
          label="Name"
          value={name}
          maxLength={LIMITS.nameLength}
          onChange={(next) => change({ name: next })}
        />
        {Object.entries(SHOWN).map(([unit, words]) => (
          <UnitChoice
            key={unit}
            label={words}
            choices={UNIT_CHOICES[unit as keyof typeof SHOWN]}
            value={units[unit as keyof Units]}
            pick={(next) => change({ units: { ...units, [unit]: next } })}
          />
        ))}
        <SelectField
          label="Money"
          value={currency}
          options={[...new Set([currency, ...CURRENCIES])].map((value) => ({ value, words: value }))}
          onChange={(next) => change({ currency: next })}
        />
        <Typography variant="caption" color="text.secondary">
          Every field takes any unit, whatever is shown: 70 F, 21 °C, 5 gal, 20 L, 25 ft, 12 AWG.
        </Typography>
      </Stack>
    </DialogFrame>
  )
}

function UnitChoice(props: {
  label: string
  choices: readonly string[]
  value: string
  pick: (next: string) => void
}) {
  const { label, choices, value, pick } = props
  return (
    <Stack direction="row" sx={{ alignItems: 'center', justifyContent: 'space-between' }}>
      <span>{label}</span>
      <ToggleButtonGroup
        exclusive
        aria-label={label}
        value={value}
        onChange={(_, next: string | null) => next && pick(next)}
      >
        {choices.map((choice) => (
          <ToggleButton key={choice} value={choice}>
            {choice === '.' ? '1.5' : choice === ',' ? '1,5' : choice}
          </ToggleButton>
        ))}
      </ToggleButtonGroup>
    </Stack>
  )
}
