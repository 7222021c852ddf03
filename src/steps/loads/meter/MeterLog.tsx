'use client'
import Tab from '@mui/material/Tab'
import Tabs from '@mui/material/Tabs'
import { useState } from 'react'
import type { MeterFindings } from '@/core/meter/analyse'
import { withFindings } from '@/core/meter/withFindings'
import type { HouseholdLoad } from '@/core/plan/schema'
import { meanOutdoorC } from '@/core/weather/temperature'
import { QuantityField } from '@/ui/field/QuantityField'
import { useScenario } from '@/ui/household/HouseholdContext'
import { DialogFrame } from '@/ui/shell/DialogFrame'
import { meterLog } from '@/words/en/pages/meter'
import { wordsOf } from '@/words/translate'
import { FileLog } from './FileLog'
import styles from './MeterLog.module.css'
import { SimulatedLog } from './SimulatedLog'
import { TypedLog } from './TypedLog'

const say = wordsOf(meterLog)

const WAYS = [
  { value: 'typed', words: say('readings') },
  { value: 'file', words: say('aFile') },
  { value: 'simulated', words: say('aSimulatedMeter') },
] as const

/** Gets a load's numbers from a meter: written down, from a file, or over a stream. */
export function MeterLog(props: {
  load: HouseholdLoad
  change: (part: Partial<HouseholdLoad>) => void
  onClose: () => void
}) {
  const { load, change, onClose } = props
  const [way, setWay] = useState<(typeof WAYS)[number]['value']>('typed')
  const follows = load.behaviour.kind === 'cycling' ? load.behaviour.follows : undefined
  const { outdoor, indoorC } = useScenario()
  const [knownAtC, setKnownAtC] = useState(() =>
    follows?.mode === 'heating' ? meanOutdoorC(outdoor) : follows?.surroundings === 'indoors' ? indoorC : 20,
  )
  const use = (found: MeterFindings) => {
    const { behaviour, start } = withFindings(load.behaviour, found, follows ? knownAtC : undefined)
    change({ behaviour, ...(start ? { start } : {}) })
    onClose()
  }
  return (
    <DialogFrame
      title={say('fromAMeter', { load: load.name })}
      onClose={onClose}
      width="md"
      head={
        <Tabs
          value={way}
          onChange={(_, next) => setWay(next)}
          aria-label={say('whereTheReadingsComeFrom')}
          sx={{ px: 3 }}
        >
          {WAYS.map(({ value, words }) => (
            <Tab key={value} value={value} label={words} />
          ))}
        </Tabs>
      }
    >
      <div>
        {follows && (
          <QuantityField
            label={
              follows.mode === 'heating' ? say('meanwhileOutdoorsAbout') : say('meanwhileItStoodAtAbout')
            }
            path="load.celsius"
            value={knownAtC}
            check={(c) =>
              Math.abs(c - follows.setC.value) < 1 ? say('itMustDifferFromItsThermostat') : null
            }
            local
            onChange={setKnownAtC}
          />
        )}
        <div
          role="tabpanel"
          className={styles.panel}
          aria-label={WAYS.find(({ value }) => value === way)!.words}
        >
          {way === 'typed' && <TypedLog load={load} use={use} />}
          {way === 'file' && <FileLog use={use} />}
          {way === 'simulated' && <SimulatedLog use={use} />}
        </div>
      </div>
    </DialogFrame>
  )
}
