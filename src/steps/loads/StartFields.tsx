'use client'
import type { HouseholdLoad } from '@/core/plan/schema'
import { formatWatts } from '@/words/format'
import { SelectField } from '@/ui/field/SelectField'
import { QuantityField } from '@/ui/field/QuantityField'
import { startByBasis, fullLoadAmps, LOCKED_ROTOR_KVA_PER_HP } from '@/core/load/start'
import type { Start } from '@/core/plan/schema'
import { withStart } from '@/catalog/appliances/loadFrom'
import { startFields } from '@/words/en/pages/behaviourFields'
import { wordsOf } from '@/words/translate'

const say = wordsOf(startFields)

interface StartFieldsProps {
  load: HouseholdLoad
  change: (part: Partial<HouseholdLoad>) => void
}

/** A compressor starts at 3–10 times its running watts; a first guess until the start is measured. Common practice, no source. */
const FIRST_GUESS_TIMES = 5

const BASES = [
  { value: 'watts', words: say('itsPeakMeasuredOrGuessed') },
  { value: 'code letter', words: say('horsepowerAndCodeLetter') },
  { value: 'full-load amps', words: say('fullLoadAmpsTimesOver') },
] as const
const LETTERS = Object.entries(LOCKED_ROTOR_KVA_PER_HP).map(([value, kva]) => ({
  value,
  words: say('upToKvaEachHp', { value, kva }),
}))

/** Whether the load has a motor start, and its watts and seconds. */
export function StartFields({ load, change }: StartFieldsProps) {
  const { start } = load
  const runningW = load.behaviour.runningW.value
  const guessed = () => withStart(Math.min(50_000, Math.round(runningW * FIRST_GUESS_TIMES)), 'typical')
  const freshBasis = (kind: 'code letter' | 'full-load amps'): Start['basis'] =>
    kind === 'code letter'
      ? { kind, hp: 0.5, letter: 'H' }
      : {
          kind,
          amps:
            Math.round(Math.max(0.1, fullLoadAmps(Math.max(0.05, runningW / 1000), load.volts)) * 10) / 10,
          times: 6,
        }
  const putBasis = (basis: Start['basis']) => {
    if (!start) return
    const va = startByBasis(basis, load.volts)
    const watts = va === null ? start.watts : withStart(Math.min(50_000, Math.round(va)), 'label').watts
    change({ start: { ...start, basis, watts } })
  }
  return (
    <>
      <SelectField
        label={say('motorStart')}
        value={start ? 'yes' : 'no'}
        options={[
          { value: 'no', words: say('noneOrAnInverterDrive') },
          { value: 'yes', words: say('aMotorOrCompressor') },
        ]}
        onChange={(choice) => change({ start: choice === 'yes' ? guessed() : null })}
      />
      {start && (
        <>
          <SelectField
            label={say('knownFrom')}
            value={start.basis?.kind ?? 'watts'}
            options={BASES}
            onChange={(kind) => putBasis(kind === 'watts' ? undefined : freshBasis(kind))}
          />
          {start.basis?.kind === 'code letter' && (
            <>
              <QuantityField
                label={say('horsepower')}
                path="load.hp"
                value={start.basis.hp}
                onChange={(hp) => start.basis?.kind === 'code letter' && putBasis({ ...start.basis, hp })}
              />
              <SelectField
                label={say('codeLetter2')}
                value={start.basis.letter}
                options={LETTERS}
                onChange={(letter) =>
                  start.basis?.kind === 'code letter' && putBasis({ ...start.basis, letter })
                }
              />
            </>
          )}
          {start.basis?.kind === 'full-load amps' && (
            <>
              <QuantityField
                label={say('fullLoadAmps2')}
                path="load.fullLoadA"
                value={start.basis.amps}
                onChange={(amps) =>
                  start.basis?.kind === 'full-load amps' && putBasis({ ...start.basis, amps })
                }
              />
              <QuantityField
                label={say('times')}
                path="load.startTimes"
                value={start.basis.times}
                onChange={(times) =>
                  start.basis?.kind === 'full-load amps' && putBasis({ ...start.basis, times })
                }
              />
            </>
          )}
          <QuantityField
            label={say('startingWatts')}
            pairedWith={say('runningWatts')}
            path="load.watts"
            volts={load.volts}
            value={start.watts.value}
            check={(watts) =>
              watts < runningW ? say('aStartTakesAtLeastThe', { watts: formatWatts(runningW) }) : null
            }
            onChange={(value) =>
              change({ start: { ...start, basis: undefined, watts: { ...start.watts, value } } })
            }
          />
          <QuantityField
            label={say('forWord')}
            path="load.startS"
            value={start.seconds.value}
            onChange={(value) => change({ start: { ...start, seconds: { ...start.seconds, value } } })}
          />
        </>
      )}
    </>
  )
}
