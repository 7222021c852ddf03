'use client'
import dynamic from 'next/dynamic'
import { part } from '@/ui/shell/part'
import { useState } from 'react'
import type { Behaviour, HouseholdLoad } from '@/core/plan/schema'
import { formatWatts } from '@/words/format'
import { QuantityField } from '@/ui/field/QuantityField'
import { useHouseholdStore } from '@/ui/household/HouseholdContext'
import { runningWatts } from '@/words/en/pages/loadFields'
import { wordsOf } from '@/words/translate'
import { type RunningMeans, likelierMeaning, withRunningW } from './runningMeans'

const say = wordsOf(runningWatts)

// asked after the watts were typed
const WhatWattsMean = part(
  dynamic(() => import('./WhatWattsMean').then((module) => module.WhatWattsMean), {
    ssr: false,
  }),
  () => import('./WhatWattsMean').then((module) => module.WhatWattsMean),
)

interface RunningWattsProps {
  load: HouseholdLoad
  change: (part: Partial<HouseholdLoad>) => void
}

/**
 * Running watts. Of a thermostat's load other watts may mean two things: the compressor alone was measured, or all of it is
 * larger; the likelier is taken, and the other is one key away.
 */
export function RunningWatts({ load, change }: RunningWattsProps) {
  const store = useHouseholdStore()
  const { behaviour } = load
  const [asked, setAsked] = useState<{ before: Behaviour; watts: number; means: RunningMeans } | null>(null)
  const put = (watts: number) => {
    const means = likelierMeaning(behaviour, watts)
    change({ behaviour: withRunningW(behaviour, watts, means) })
    if (behaviour.kind === 'cycling' && !store.getState().isTryingOut())
      setAsked({ before: behaviour, watts, means })
  }
  const isOpen = asked !== null && behaviour.kind === 'cycling' && behaviour.runningW.value === asked.watts
  const start = load.start?.watts.value
  return (
    <>
      <QuantityField
        label={say('runningWatts')}
        path="load.watts"
        value={behaviour.runningW.value}
        volts={load.volts}
        pairedWith={say('startingWatts')}
        check={(watts) =>
          watts === 0 && behaviour.kind === 'cycling'
            ? say('whatCyclesDrawsMoreThanNothing')
            : start !== undefined && watts > start
              ? say('thatIsMoreThanTheIt', { watts: formatWatts(start) })
              : null
        }
        onChange={put}
      />
      {isOpen && (
        <div className="box" role="group" aria-label={say('whatMeans', { watts: formatWatts(asked.watts) })}>
          <p>{say('whatDoesMean', { watts: formatWatts(asked.watts) })}</p>
          <WhatWattsMean
            {...asked}
            choose={(means) => {
              change({ behaviour: withRunningW(asked.before, asked.watts, means) })
              setAsked({ ...asked, means })
            }}
          />
        </div>
      )}
    </>
  )
}
