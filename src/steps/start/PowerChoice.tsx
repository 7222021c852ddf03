'use client'
import Checkbox from '@mui/material/Checkbox'
import FormControlLabel from '@mui/material/FormControlLabel'
import Radio from '@mui/material/Radio'
import RadioGroup from '@mui/material/RadioGroup'
import Stack from '@mui/material/Stack'
import Typography from '@mui/material/Typography'
import { type StartPower, USUAL_SURGE } from '@/catalog/startHousehold'
import { formatWatts } from '@/core/quantity/format'
import { QuantityField } from '@/ui/field/QuantityField'
import { SelectField } from '@/ui/field/SelectField'

const KINDS: { kind: StartPower['kind']; words: string; usual: StartPower }[] = [
  { kind: 'nothing', words: 'Nothing yet: find something for me', usual: { kind: 'nothing' } },
  {
    kind: 'station',
    words: 'A power station',
    usual: { kind: 'station', capacityWh: 1000, watts: 1800, surgeW: null },
  },
  {
    kind: 'battery',
    words: 'A battery and an inverter',
    usual: { kind: 'battery', chemistry: 'lifepo4', volts: 12, ah: 100, watts: 1000 },
  },
  { kind: 'generator', words: 'A generator', usual: { kind: 'generator', watts: 2000 } },
  { kind: 'car', words: 'A car', usual: { kind: 'car' } },
]

const NOTES: Partial<Record<StartPower['kind'], string>> = {
  nothing: 'The answer is for a 1 kWh station, as an example. Next comes the search for what lasts.',
  generator:
    'It charges a 1 kWh station, as an example, when you plan its hours. Outdoors only, 6 m (20 ft) from windows and doors: carbon monoxide kills.',
  car: 'By its 12 V socket, about 100 W. The engine runs outdoors only: carbon monoxide kills.',
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
        3 · What you have
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
            label="Capacity"
            path="source.capacityWh"
            value={power.capacityWh}
            onChange={(capacityWh) => onChange({ ...power, capacityWh })}
          />
          <QuantityField
            local
            label="Running watts"
            path="source.watts"
            value={power.watts}
            onChange={(watts) => onChange({ ...power, watts })}
          />
          <FormControlLabel
            label="Its label gives surge watts"
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
              Counted as {formatWatts(USUAL_SURGE * power.watts)}, which is a guess: read it off the label
              before a motor depends on it.
            </Typography>
          ) : (
            <QuantityField
              local
              label="Surge"
              path="source.watts"
              value={power.surgeW}
              check={(value) => (value < power.watts ? `At least its ${formatWatts(power.watts)}.` : null)}
              onChange={(surgeW) => onChange({ ...power, surgeW })}
            />
          )}
        </div>
      )}
      {power.kind === 'battery' && (
        <div>
          <SelectField
            label="Kind"
            value={power.chemistry}
            options={[
              { value: 'lifepo4' as const, words: 'LiFePO4 (lithium)' },
              { value: 'agm' as const, words: 'AGM (sealed lead-acid)' },
              { value: 'flooded' as const, words: 'Flooded lead-acid' },
            ]}
            onChange={(chemistry) => onChange({ ...power, chemistry })}
          />
          <SelectField
            label="Volts"
            value={String(power.volts) as '12' | '24' | '48'}
            options={(['12', '24', '48'] as const).map((value) => ({ value, words: `${value} V` }))}
            onChange={(volts) => onChange({ ...power, volts: Number(volts) as 12 | 24 | 48 })}
          />
          <QuantityField
            local
            label="Amp-hours"
            path="battery.capacityAh"
            value={power.ah}
            onChange={(ah) => onChange({ ...power, ah })}
          />
          <QuantityField
            local
            label="Inverter watts"
            path="source.watts"
            value={power.watts}
            onChange={(watts) => onChange({ ...power, watts })}
          />
          {power.chemistry === 'flooded' && (
            <Typography variant="caption" color="text.secondary">
              It gives off gas that explodes: outdoors or well ventilated, no flame near it.
            </Typography>
          )}
        </div>
      )}
      {power.kind === 'generator' && (
        <QuantityField
          local
          label="Rated watts"
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
