'use client'
import { LIMITS } from '@/core/plan/limits'
import type { Scenario } from '@/core/plan/schema'
import { utcOffsetH } from '@/core/weather/sky'
import { SelectField } from '@/ui/field/SelectField'
import { TextField } from '@/ui/field/TextField'
import { UnitField } from '@/ui/field/UnitField'

const BY_LONGITUDE = 'by longitude'
const OFFSETS = Array.from({ length: 27 }, (_, i) => String(i - 12))

/** Where the house stands: it sets the sun. */
export function PlaceFields(props: {
  scenario: Scenario
  change: (part: Partial<Scenario>, field: string) => void
}) {
  const { scenario, change } = props
  const { place } = scenario
  const put = (part: Partial<Scenario['place']>, field: string) =>
    change({ place: { ...place, ...part } }, field)
  const said = place.utcOffsetH === undefined ? BY_LONGITUDE : String(place.utcOffsetH)
  return (
    <>
      <TextField
        label="Place"
        value={place.name}
        maxLength={LIMITS.nameLength}
        optional
        onChange={(name) => put({ name }, 'place')}
      />
      <UnitField
        label="Latitude"
        kind="latitude"
        value={place.latitudeDeg}
        onChange={(latitudeDeg) => put({ latitudeDeg }, 'latitude')}
      />
      <UnitField
        label="Longitude"
        kind="longitude"
        value={place.longitudeDeg}
        onChange={(longitudeDeg) => put({ longitudeDeg }, 'longitude')}
      />
      <SelectField
        label="Clock ahead of UTC"
        value={said}
        options={[
          {
            value: BY_LONGITUDE,
            words: `by longitude, ${utcOffsetH({ place: { ...place, utcOffsetH: undefined } })} h`,
          },
          ...[...new Set([...OFFSETS, ...(said === BY_LONGITUDE ? [] : [said])])].map((value) => ({
            value,
            words: `${value} h`,
          })),
        ]}
        onChange={(value) =>
          put({ utcOffsetH: value === BY_LONGITUDE ? undefined : Number(value) }, 'offset')
        }
      />
    </>
  )
}
