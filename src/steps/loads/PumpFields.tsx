'use client'
import Button from '@mui/material/Button'
import { useState } from 'react'
import { pumpTrouble, pumpWorking } from '@/core/load/pump'
import type { Pump } from '@/core/plan/schema'
import { RAINS } from '@/core/plan/limits'
import { quantity } from '@/core/quantity/quantity'
import { SelectField } from '@/ui/field/SelectField'
import { QuantityField } from '@/ui/field/QuantityField'
import { useScenario } from '@/ui/household/HouseholdContext'
import { WorkingDialog } from '@/ui/shell/lazy'
import styles from './LoadsPage.module.css'

const RAIN_WORDS = { dry: 'Dry', rain: 'Rain', downpour: 'Downpour' }

/** A pump’s run time and spacing: as counted, or from what it lifts. */
/** Water a person uses a day in an outage, litres. From memory. */
const L_A_PERSON_AND_DAY = 150

export function PumpFields(props: { name: string; behaviour: Pump; change: (behaviour: Pump) => void }) {
  const { name, behaviour, change } = props
  const scenario = useScenario()
  const [showsWorking, setShowsWorking] = useState(false)
  const { cycle, inflowFollows, knownIn } = behaviour
  const trouble = pumpTrouble(behaviour, scenario)
  return (
    <>
      <SelectField
        label="Known by"
        value={cycle.by}
        options={[
          { value: 'spacing', words: 'Counting: so long, so often' },
          { value: 'volume', words: 'What it lifts: volume, rate, inflow' },
        ]}
        onChange={(by) =>
          by !== cycle.by &&
          change({
            ...behaviour,
            cycle:
              by === 'spacing'
                ? {
                    by,
                    onMin: quantity(0.25, 'min', 'typical', { times: 1.3 }),
                    everyMin: quantity(6, 'min', 'typical', { times: 1.6 }),
                  }
                : {
                    by,
                    volumeL: quantity(30, 'L', 'typical', { times: 1.4 }),
                    rateLMin: quantity(100, 'L/min', 'typical', { times: 1.4 }),
                    inflowLH: quantity(200, 'L/h', 'typical', { times: 1.8 }),
                  },
          })
        }
      />
      {cycle.by === 'spacing' ? (
        <>
          <QuantityField
            label="Runs for"
            pairedWith="every"
            path="load.pumpOnMin"
            value={cycle.onMin.value}
            check={(minutes) =>
              minutes >= cycle.everyMin.value ? 'It must be shorter than the spacing.' : null
            }
            onChange={(value) =>
              change({ ...behaviour, cycle: { ...cycle, onMin: { ...cycle.onMin, value } } })
            }
          />
          <QuantityField
            label="every"
            pairedWith="Runs for"
            path="load.pumpEveryMin"
            value={cycle.everyMin.value}
            check={(minutes) =>
              minutes <= cycle.onMin.value
                ? 'It must be longer than one run.'
                : minutes > 10_000
                  ? 'A week at most.'
                  : null
            }
            onChange={(value) =>
              change({ ...behaviour, cycle: { ...cycle, everyMin: { ...cycle.everyMin, value } } })
            }
          />
        </>
      ) : (
        <>
          <QuantityField
            label="Between the switches"
            path="load.pumpVolumeL"
            value={cycle.volumeL.value}
            onChange={(value) =>
              change({ ...behaviour, cycle: { ...cycle, volumeL: { ...cycle.volumeL, value } } })
            }
          />
          <QuantityField
            label="It lifts"
            path="load.pumpRateLMin"
            value={cycle.rateLMin.value}
            onChange={(value) =>
              change({ ...behaviour, cycle: { ...cycle, rateLMin: { ...cycle.rateLMin, value } } })
            }
          />
          <QuantityField
            label={inflowFollows === 'use' ? 'Used' : 'Flows in'}
            path="load.pumpInflowLH"
            value={cycle.inflowLH.value}
            onChange={(value) =>
              change({ ...behaviour, cycle: { ...cycle, inflowLH: { ...cycle.inflowLH, value } } })
            }
          />
          {inflowFollows === 'use' && (
            <QuantityField
              label="Persons in the house"
              path="load.persons"
              value={Math.round((cycle.inflowLH.value * 2400) / L_A_PERSON_AND_DAY) / 100}
              onChange={(persons) =>
                change({
                  ...behaviour,
                  cycle: {
                    ...cycle,
                    inflowLH: quantity((persons * L_A_PERSON_AND_DAY) / 24, 'L/h', 'typical', { times: 1.5 }),
                  },
                })
              }
            />
          )}
        </>
      )}
      <SelectField
        label="Varies with"
        value={inflowFollows}
        options={[
          { value: 'nothing', words: 'Nothing: the same all day' },
          { value: 'rain', words: 'Rain' },
          { value: 'use', words: 'The household’s use of water' },
        ]}
        onChange={(next) => change({ ...behaviour, inflowFollows: next })}
      />
      {inflowFollows === 'rain' && (
        <SelectField
          label="Known when"
          value={knownIn ?? 'dry'}
          options={RAINS.map((value) => ({ value, words: RAIN_WORDS[value] }))}
          onChange={(next) => change({ ...behaviour, knownIn: next })}
        />
      )}
      {trouble && <p className="caution">{trouble}</p>}
      <p className={styles.derived}>
        <Button variant="text" onClick={() => setShowsWorking(true)}>
          Run time and spacing in this outage, the working
        </Button>
      </p>
      {showsWorking && (
        <WorkingDialog
          working={pumpWorking(name, behaviour, scenario)}
          onClose={() => setShowsWorking(false)}
        />
      )}
    </>
  )
}
