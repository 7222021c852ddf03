'use client'
import { formatNumber } from '@/core/quantity/format'
import { LIMITS } from '@/core/plan/limits'
import type { Scenario } from '@/core/plan/schema'
import { utcOffsetH } from '@/core/weather/sky'
import { SelectField } from '@/ui/field/SelectField'
import { TextField } from '@/ui/field/TextField'
import { QuantityField } from '@/ui/field/QuantityField'

const BY_LONGITUDE = 'by longitude'
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
        label="Place"
        value={place.name}
        maxLength={LIMITS.nameLength}
        optional
        onChange={(name) => put({ name })}
      />
      <QuantityField
        label="Latitude"
        path="scenario.latitudeDeg"
        value={place.latitudeDeg}
        onChange={(latitudeDeg) => put({ latitudeDeg })}
      />
      <QuantityField
        label="Longitude"
        path="scenario.longitudeDeg"
        value={place.longitudeDeg}
        onChange={(longitudeDeg) => put({ longitudeDeg })}
      />
      <SelectField
        label="Clock ahead of UTC"
        value={said}
        options={[
          {
            value: BY_LONGITUDE,
            words: `by longitude, ${formatNumber(utcOffsetH({ place: { ...place, utcOffsetH: undefined } }))} h`,
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
