'use client'
import { useMoment } from '@/ui/field/useMoment'
import Button from '@mui/material/Button'
import { FieldScope } from '@/ui/field/FieldScope'
import { FindingMarks } from '@/ui/hazard/FindingMarks'
import { generatorOf } from '@/catalog/refill'
import type { Generator } from '@/core/plan/refill'
import { formatEnergy, formatHours, formatNumber, formatWatts } from '@/words/format'
import { LOW_LOAD_FRACTION, fuelHours, fuelLPerH, tankHours } from '@/core/refill/generator'
import type { RefillLedger } from '@/core/simulation/refillLedger'
import { CheckField } from '@/ui/field/CheckField'
import { QuantityField } from '@/ui/field/QuantityField'
import { WindowsField } from '@/ui/field/WindowsField'
import { changeRefill } from '@/ui/household/edits'
import { useHouseholdStore } from '@/ui/household/HouseholdContext'
import { rich } from '@/ui/rich'
import { generatorPanel } from '@/words/en/pages/recharge'
import { wordsOf } from '@/words/translate'
import { Foldable } from './Foldable'
import { useUnits } from '@/ui/field/units'
import { formatVolume } from '@/words/inUnits'

const say = wordsOf(generatorPanel)

/** The generator: what it gives, what it burns, how long the fuel lasts, and where it must stand. */
export function GeneratorPanel(props: {
  generator: Generator | null
  mean: RefillLedger | null
  /** what the loads may ask of it at once */
  peakW: number
  /** the most they ask of it while something starts */
  startW: number
  days: number
  /** when its fuel in hand is burnt, most likely; Infinity where it is not */
  fuelEndMin: number
  startsAt: string
}) {
  const moment = useMoment()
  const { generator, mean, peakW, startW, days, fuelEndMin, startsAt } = props
  const units = useUnits()
  const store = useHouseholdStore()
  const put = (next: Generator | null) => store.getState().edit(changeRefill({ generator: next }))
  if (!generator)
    return (
      <section className="part">
        <h3>{say('generator')}</h3>
        <p>{say('noneAFewHoursADay')}</p>
        <Button variant="text" onClick={() => put(generatorOf(2000))}>
          {say('addA2KwGenerator')}
        </Button>
      </section>
    )
  const change = (part: Partial<Generator>) => put({ ...generator, ...part })
  const hours = mean?.generatorH ?? 0
  const givenW = mean && hours > 0 ? mean.generatorWh / hours : generator.ratedW / 2
  const isSmall = peakW > generator.ratedW
  return (
    <FieldScope id={'generator'} name={generator.name}>
      <section className="part" aria-label={say('generator')}>
        <h3>{generator.name}</h3>
        {hours > 0 && (
          <p data-testid="generator-sum">
            {rich(say, 'runsHAtAboutItBurns', {
              number: formatNumber(hours, 1),
              b: (text) => <b>{text}</b>,
              watts: formatWatts(givenW),
              energy: formatEnergy(mean!.generatorWh),
              volume: formatVolume(mean!.fuelL, units, 1),
              b2: (text) => <b>{text}</b>,
              volume2: formatVolume(mean!.fuelL / days, units, 1),
            })}{' '}
            {fuelEndMin < Infinity ? (
              <b>
                {say('theInHandAreBurntAbout', {
                  volume: formatVolume(generator.onHandL, units, 1),
                  moment: moment(startsAt, fuelEndMin, 10),
                })}
              </b>
            ) : (
              say('atThatLoadLast', {
                volume: formatVolume(generator.onHandL, units, 1),
                hours: formatHours(fuelHours(generator, givenW) * 60),
              })
            )}{' '}
            {say('aTankLasts', { hours: formatHours(tankHours(generator, givenW) * 60) })}
          </p>
        )}
        {hours === 0 && (
          <p>
            {say('dragAlongItsLaneToPlan', {
              volume: formatVolume(fuelLPerH(generator, generator.ratedW / 2), units, 2),
              volume2: formatVolume(generator.onHandL, units, 1),
              hours: formatHours(fuelHours(generator, generator.ratedW / 2) * 60),
            })}
          </p>
        )}
        {isSmall && (
          <p className="fault" role="status">
            {say('itGivesMayRunAtOnce', { watts: formatWatts(generator.ratedW), watts2: formatWatts(peakW) })}
          </p>
        )}
        {startW > generator.surgeW && (
          <p className="fault" role="status">
            {say('startsComeToItsSurgeIs', {
              watts: formatWatts(startW),
              watts2: formatWatts(generator.surgeW),
            })}
          </p>
        )}
        {hours > 0 && givenW < LOW_LOAD_FRACTION * generator.ratedW && (
          <p className="fault">{say('underAQuarterOfItsWatts')}</p>
        )}
        <p className="caution">{say('outdoorsOnly6M20Ft')}</p>
        <Foldable name={say('theGenerator')}>
          <CheckField
            label={say('counts')}
            words={say('inUse')}
            on={generator.on}
            onChange={(on) => put({ ...generator, on })}
          />
          <QuantityField
            label={say('ratedWatts')}
            pairedWith={say('surgeWatts')}
            path="generator.ratedW"
            value={generator.ratedW}
            check={(watts) =>
              watts > generator.surgeW
                ? say('thatIsMoreThanItsSurge', { watts: formatWatts(generator.surgeW) })
                : null
            }
            onChange={(ratedW) =>
              change({
                ratedW,
                // a name that told the old watts tells the new ones
                ...(generator.name === generatorOf(generator.ratedW).name && {
                  name: generatorOf(ratedW).name,
                }),
              })
            }
          />
          <QuantityField
            label={say('surgeWatts')}
            pairedWith={say('ratedWatts')}
            path="generator.surgeW"
            value={generator.surgeW}
            check={(watts) =>
              watts < generator.ratedW
                ? say('atLeastItsRated', { watts: formatWatts(generator.ratedW) })
                : null
            }
            onChange={(surgeW) => change({ surgeW })}
          />
          <QuantityField
            label={say('fuelOnHand')}
            path="generator.onHandL"
            value={generator.onHandL}
            onChange={(onHandL) => change({ onHandL })}
          />
          <QuantityField
            label={say('tank')}
            path="generator.tankL"
            value={generator.tankL}
            onChange={(tankL) => change({ tankL })}
          />
          <QuantityField
            label={say('burnsNoLoad')}
            pairedWith={say('burnsFullLoad')}
            path="generator.idleLPerH"
            value={generator.idleLPerH}
            check={(litres) =>
              litres > generator.fullLPerH
                ? say('atMostWhatItBurnsAt', { volume: formatVolume(generator.fullLPerH, units, 2) })
                : null
            }
            onChange={(idleLPerH) => change({ idleLPerH })}
          />
          <QuantityField
            label={say('burnsFullLoad')}
            pairedWith={say('burnsNoLoad')}
            path="generator.fullLPerH"
            value={generator.fullLPerH}
            check={(litres) =>
              litres < generator.idleLPerH || litres < 0.01
                ? say('atLeastWhatItBurnsWithout', { volume: formatVolume(generator.idleLPerH, units, 2) })
                : litres > 100
                  ? say('text100LHAtMost')
                  : null
            }
            onChange={(fullLPerH) => change({ fullLPerH })}
          />
          <QuantityField
            label={say('untilItGives')}
            path="generator.startDelayMin"
            value={Math.max(0.05, generator.startDelayMin)}
            onChange={(startDelayMin) => change({ startDelayMin })}
          />
          <WindowsField
            label={say('mustNotRun')}
            windows={generator.quiet}
            optional
            fresh={{ from: '22:00', to: '07:00' }}
            onChange={(quiet) => put({ ...generator, quiet })}
          />
          <p className="hint">{say('changeItsOilAfterTheFirst')}</p>
          <Button variant="text" onClick={() => put(null)}>
            {say('removeIt')}
          </Button>
        </Foldable>
        <FindingMarks part="generator" />
      </section>
    </FieldScope>
  )
}
