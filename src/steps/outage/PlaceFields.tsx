'use client'
import { formatNumber } from '@/words/format'
import { LIMITS } from '@/core/plan/limits'
import type { Scenario } from '@/core/plan/schema'
import { utcOffsetH } from '@/core/weather/sky'
import { SelectField } from '@/ui/field/SelectField'
import { TextField } from '@/ui/field/TextField'
import { QuantityField } from '@/ui/field/QuantityField'
import { placeFields } from '@/words/en/pages/outage'
import { wordsOf } from '@/words/translate'

const say = wordsOf(placeFields)

const BY_LONGITUDE = say('byLongitude')
const OFFSETS = Array.from({ length: 27 }, (_, i) => String(i - 12))

/** Where the house stands: it sets the sun. */
export function PlaceFields(props: { scenario: Scenario; change: (part: Partial<Scenario>) => void }) {
  const { scenario, change } = props
  const { place } = scenario
  const put = (part: Partial<Scenario['place']>) => change({ place: { ...place, ...part } })
  const said = place.utcOffsetH === undefined ? BY_LONGITUDE : String(place.utcOffsetH)
  return (
    <>
      <TextField
        label={say('place')}
        value={place.name}
        maxLength={LIMITS.nameLength}
        optional
        onChange={(name) => put({ name })}
      />
      <QuantityField
        label={say('latitude')}
        path="scenario.latitudeDeg"
        value={place.latitudeDeg}
        onChange={(latitudeDeg) => put({ latitudeDeg })}
      />
      <QuantityField
        label={say('longitude')}
        path="scenario.longitudeDeg"
        value={place.longitudeDeg}
        onChange={(longitudeDeg) => put({ longitudeDeg })}
      />
      <SelectField
        label={say('clockAheadOfUtc')}
        value={said}
        options={[
          {
            value: BY_LONGITUDE,
            words: say('byLongitudeH', {
              number: formatNumber(utcOffsetH({ place: { ...place, utcOffsetH: undefined } })),
            }),
          },
          ...[...new Set([...OFFSETS, ...(said === BY_LONGITUDE ? [] : [said])])].map((value) => ({
            value,
            words: `${formatNumber(Number(value))} h`,
          })),
        ]}
        onChange={(value) => put({ utcOffsetH: value === BY_LONGITUDE ? undefined : Number(value) })}
      />
    </>
  )
}
