'use client'
import Stack from '@mui/material/Stack'
import ToggleButton from '@mui/material/ToggleButton'
import ToggleButtonGroup from '@mui/material/ToggleButtonGroup'
import Typography from '@mui/material/Typography'
import { LIMITS } from '@/core/plan/limits'
import { UNIT_CHOICES, type Units } from '@/core/quantity/units'
import { profileDialog } from '@/words/en/ui/dialogs'
import { wordsOf } from '@/words/translate'
import { SelectField } from '../field/SelectField'
import { TextField } from '../field/TextField'
import { changeProfile } from '../household/edits'
import { useHousehold, useHouseholdStore } from '../household/HouseholdContext'
import { DialogFrame } from './DialogFrame'

const say = wordsOf(profileDialog)

/** Each unit, in the order they are asked in. */
const SHOWN = {
  temperature: say('temperatures'),
  mass: say('weights'),
  volume: say('volumes'),
  length: say('lengths'),
  wire: say('wireSizes'),
  clock: say('clock'),
  decimal: say('decimalSign'),
} as const

const CURRENCIES = say('usdEurGbpCadAudNzd').split(' ')

/** The household's name, its units and its money. */
export function ProfileDialog({ onClose }: { onClose: () => void }) {
  const store = useHouseholdStore()
  const { name, units, currency } = useHousehold(({ household }) => household.profile)
  const change = (part: Parameters<typeof changeProfile>[0]) => store.getState().edit(changeProfile(part))
  return (
    <DialogFrame title={say('nameUnitsAndMoney')} onClose={onClose} width="xs">
      <Stack spacing={1.5}>
        <TextField
          label={say('name')}
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
          label={say('money')}
          value={currency}
          options={[...new Set([currency, ...CURRENCIES])].map((value) => ({ value, words: value }))}
          onChange={(next) => change({ currency: next })}
        />
        <Typography variant="caption" color="text.secondary">
          {say('everyFieldTakesAnyUnitWhatever')}
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
