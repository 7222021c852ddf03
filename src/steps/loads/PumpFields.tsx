'use client'
import Button from '@mui/material/Button'
import { useState } from 'react'
import { pumpTrouble } from '@/core/load/pump'
import { pumpWorking } from '@/words/workings/pumpWorking'
import type { Pump } from '@/core/plan/schema'
import { RAINS } from '@/core/plan/limits'
import { quantity } from '@/core/quantity/quantity'
import { SelectField } from '@/ui/field/SelectField'
import { useTold } from '@/ui/household/useTold'
import { QuantityField } from '@/ui/field/QuantityField'
import { useScenario } from '@/ui/household/HouseholdContext'
import { WorkingDialog } from '@/ui/shell/lazy'
import { pumpFields } from '@/words/en/pages/behaviourFields'
import { wordsOf } from '@/words/translate'

const say = wordsOf(pumpFields)

const RAIN_WORDS = { dry: say('dry'), rain: say('rain'), downpour: say('downpour') }

/** Water a person uses a day in an outage, litres. From memory. */
const L_A_PERSON_AND_DAY = 150

/** A pump’s run time and spacing: as counted, or from what it lifts. */
export function PumpFields(props: { name: string; behaviour: Pump; change: (behaviour: Pump) => void }) {
  const { name, behaviour, change } = props
  const scenario = useScenario()
  const [showsWorking, setShowsWorking] = useState(false)
  const { cycle, inflowFollows, knownIn } = behaviour
  const tell = useTold()
  const trouble = pumpTrouble(behaviour, scenario)
  return (
    <>
      <SelectField
        label={say('howItIsKnown')}
        value={cycle.by}
        options={[
          { value: 'spacing', words: say('countingHowLongAndHowOften') },
          { value: 'volume', words: say('whatItLiftsVolumeRateInflow') },
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
            label={say('runsFor')}
            pairedWith="every"
            path="load.pumpOnMin"
            value={cycle.onMin.value}
            check={(minutes) => (minutes >= cycle.everyMin.value ? say('itMustBeShorterThanThe') : null)}
            onChange={(value) =>
              change({ ...behaviour, cycle: { ...cycle, onMin: { ...cycle.onMin, value } } })
            }
          />
          <QuantityField
            label={say('every')}
            pairedWith={say('runsFor')}
            path="load.pumpEveryMin"
            value={cycle.everyMin.value}
            check={(minutes) =>
              minutes <= cycle.onMin.value
                ? say('itMustBeLongerThanOne')
                : minutes > 10_000
                  ? say('aWeekAtMost')
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
            label={say('betweenTheSwitches')}
            path="load.pumpVolumeL"
            value={cycle.volumeL.value}
            onChange={(value) =>
              change({ ...behaviour, cycle: { ...cycle, volumeL: { ...cycle.volumeL, value } } })
            }
          />
          <QuantityField
            label={say('itLifts')}
            path="load.pumpRateLMin"
            value={cycle.rateLMin.value}
            onChange={(value) =>
              change({ ...behaviour, cycle: { ...cycle, rateLMin: { ...cycle.rateLMin, value } } })
            }
          />
          <QuantityField
            label={inflowFollows === 'use' ? say('used') : say('flowsIn')}
            path="load.pumpInflowLH"
            value={cycle.inflowLH.value}
            onChange={(value) =>
              change({ ...behaviour, cycle: { ...cycle, inflowLH: { ...cycle.inflowLH, value } } })
            }
          />
          {inflowFollows === 'use' && (
            <QuantityField
              label={say('personsInTheHouse')}
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
        label={say('variesWith')}
        value={inflowFollows}
        options={[
          { value: 'nothing', words: say('nothingTheSameAllDay') },
          { value: 'rain', words: say('rain') },
          { value: 'use', words: say('theHouseholdsUseOfWater') },
        ]}
        onChange={(next) => change({ ...behaviour, inflowFollows: next })}
      />
      {inflowFollows === 'rain' && (
        <SelectField
          label={say('knownWhen')}
          value={knownIn ?? 'dry'}
          options={RAINS.map((value) => ({ value, words: RAIN_WORDS[value] }))}
          onChange={(next) => change({ ...behaviour, knownIn: next })}
        />
      )}
      {trouble && <p className="caution">{tell(trouble)}</p>}
      <p className="ruled soft">
        <Button variant="text" onClick={() => setShowsWorking(true)}>
          {say('runTimeAndSpacingInThis')}
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
