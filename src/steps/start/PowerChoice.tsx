'use client'
import Checkbox from '@mui/material/Checkbox'
import FormControlLabel from '@mui/material/FormControlLabel'
import Radio from '@mui/material/Radio'
import RadioGroup from '@mui/material/RadioGroup'
import Stack from '@mui/material/Stack'
import Typography from '@mui/material/Typography'
import { type StartPower, USUAL_SURGE } from '@/catalog/startHousehold'
import { formatWatts } from '@/words/format'
import { QuantityField } from '@/ui/field/QuantityField'
import { SelectField } from '@/ui/field/SelectField'
import { powerChoice } from '@/words/en/pages/start'
import { wordsOf } from '@/words/translate'

const say = wordsOf(powerChoice)

const KINDS: { kind: StartPower['kind']; words: string; usual: StartPower }[] = [
  { kind: 'nothing', words: say('nothingYetFindSomethingForMe'), usual: { kind: 'nothing' } },
  {
    kind: 'station',
    words: say('aPowerStation'),
    usual: { kind: 'station', capacityWh: 1000, watts: 1800, surgeW: null },
  },
  {
    kind: 'battery',
    words: say('aBatteryAndAnInverter'),
    usual: { kind: 'battery', chemistry: 'lifepo4', volts: 12, ah: 100, watts: 1000 },
  },
  { kind: 'generator', words: say('aGenerator'), usual: { kind: 'generator', watts: 2000 } },
  { kind: 'car', words: say('aCar'), usual: { kind: 'car' } },
]

const NOTES: Partial<Record<StartPower['kind'], string>> = {
  nothing: say('theAnswerIsForA1'),
  generator: say('itChargesA1KwhStation'),
  car: say('byIts12VSocketAbout'),
}

/** What there is, by its label. */
export function PowerChoice({
  power,
  onChange,
}: {
  power: StartPower
  onChange: (power: StartPower) => void
}) {
  return (
    <Stack spacing={1.5}>
      <Typography component="h2" variant="subtitle2" id="start-power">
        {say('text3WhatYouHave')}
      </Typography>
      <RadioGroup
        aria-labelledby="start-power"
        value={power.kind}
        onChange={(_, kind) => onChange(KINDS.find((one) => one.kind === kind)!.usual)}
      >
        {KINDS.map(({ kind, words }) => (
          <FormControlLabel key={kind} value={kind} control={<Radio />} label={words} />
        ))}
      </RadioGroup>
      {power.kind === 'station' && (
        <div>
          <QuantityField
            local
            label={say('capacity')}
            path="source.capacityWh"
            value={power.capacityWh}
            onChange={(capacityWh) => onChange({ ...power, capacityWh })}
          />
          <QuantityField
            local
            label={say('runningWatts')}
            path="source.watts"
            value={power.watts}
            onChange={(watts) => onChange({ ...power, watts })}
          />
          <FormControlLabel
            label={say('itsLabelGivesSurgeWatts')}
            control={
              <Checkbox
                checked={power.surgeW !== null}
                onChange={(_, on) => onChange({ ...power, surgeW: on ? 2 * power.watts : null })}
              />
            }
            sx={{ display: 'flex', py: 0.75 }}
          />
          {power.surgeW === null ? (
            <Typography variant="caption" color="text.secondary">
              {say('countedAsWhichIsAGuess', { watts: formatWatts(USUAL_SURGE * power.watts) })}
            </Typography>
          ) : (
            <QuantityField
              local
              label={say('surge')}
              path="source.watts"
              value={power.surgeW}
              check={(value) =>
                value < power.watts ? say('atLeastIts', { watts: formatWatts(power.watts) }) : null
              }
              onChange={(surgeW) => onChange({ ...power, surgeW })}
            />
          )}
        </div>
      )}
      {power.kind === 'battery' && (
        <div>
          <SelectField
            label={say('kind')}
            value={power.chemistry}
            options={[
              { value: 'lifepo4' as const, words: say('lifepo4Lithium') },
              { value: 'agm' as const, words: say('agmSealedLeadAcid') },
              { value: 'flooded' as const, words: say('floodedLeadAcid') },
            ]}
            onChange={(chemistry) => onChange({ ...power, chemistry })}
          />
          <SelectField
            label={say('volts')}
            value={String(power.volts) as '12' | '24' | '48'}
            options={(['12', '24', '48'] as const).map((value) => ({ value, words: `${value} V` }))}
            onChange={(volts) => onChange({ ...power, volts: Number(volts) as 12 | 24 | 48 })}
          />
          <QuantityField
            local
            label={say('ampHours')}
            path="battery.capacityAh"
            value={power.ah}
            onChange={(ah) => onChange({ ...power, ah })}
          />
          <QuantityField
            local
            label={say('inverterWatts')}
            path="source.watts"
            value={power.watts}
            onChange={(watts) => onChange({ ...power, watts })}
          />
          {power.chemistry === 'flooded' && (
            <Typography variant="caption" color="text.secondary">
              {say('itGivesOffGasThatExplodes')}
            </Typography>
          )}
        </div>
      )}
      {power.kind === 'generator' && (
        <QuantityField
          local
          label={say('ratedWatts')}
          path="source.watts"
          value={power.watts}
          low={100}
          onChange={(watts) => onChange({ ...power, watts })}
        />
      )}
      {NOTES[power.kind] && (
        <Typography variant="caption" color="text.secondary">
          {NOTES[power.kind]}
        </Typography>
      )}
    </Stack>
  )
}
