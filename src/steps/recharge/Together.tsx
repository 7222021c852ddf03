'use client'
import { momentOf } from '@/words/momentOf'
import Table from '@mui/material/Table'
import TableBody from '@mui/material/TableBody'
import TableCell from '@mui/material/TableCell'
import TableHead from '@mui/material/TableHead'
import TableRow from '@mui/material/TableRow'
import { useMemo } from 'react'
import type { Plan } from '@/core/plan/document'
import { formatDuration, formatEnergy, formatNumber, formatWatts } from '@/words/format'
import { hangsOn } from '@/core/sizing/answer'
import { coldGuessText } from '@/words/answer/coldGuessText'
import { goesOnWhile } from '@/words/answer/goesOnWhile'
import type { Evaluation } from '@/words/answer/evaluation'
import { coldGuessC, refillCauses } from '@/core/sizing/refillCauses'
import { refilledSource } from '@/core/simulation/compile'
import { wallHours } from '@/core/storage/wallHours'
import { QuantityField } from '@/ui/field/QuantityField'
import { useTold } from '@/ui/household/useTold'
import { changeSource } from '@/ui/household/edits'
import { useHouseholdStore } from '@/ui/household/HouseholdContext'
import { useAdvice } from '@/ui/household/useAdvice'
import { together } from '@/words/en/pages/recharge'
import { wordsOf } from '@/words/translate'
import type { SimulationClient } from '@/worker/simulationClient'
import styles from './recharge.module.css'

const say = wordsOf(together)

const QUARTER_H = 0.25
const ask = (client: SimulationClient, asked: Plan) => client.longLook(asked)

/** What comes in a day against what goes out, and what it comes to. */
export function Together({ plan, evaluation }: { plan: Plan; evaluation: Evaluation }) {
  const tell = useTold()
  const { verdict, coverage, neededPerDayWh, broughtPerDayWh, refill } = evaluation.gates.refills
  const source = refilledSource(plan.powerSystem.sources)
  const store = useHouseholdStore()
  const { mean } = refill ?? {}
  const causes = useMemo(() => refillCauses(plan), [plan])
  const guess = useMemo(() => {
    const celsius = coldGuessC(plan)
    return celsius === null ? null : coldGuessText(celsius, plan.household.units)
  }, [plan])
  const look = useAdvice(ask)
  const energyOf = (curve: Float64Array) =>
    curve
      .subarray(0, Math.ceil(plan.scenario.durationH / QUARTER_H))
      .reduce((sum, watts) => sum + watts * QUARTER_H, 0)
  const clippedWh = refill ? energyOf(refill.curves.clippedW) : 0
  const inChargerWh = mean ? mean.gridWh + mean.generatorWh + mean.carAcWh - mean.directWh - mean.acWh : 0
  const belowWh = refill ? energyOf(refill.belowWindowW) : 0
  const ends = verdict !== 'unplanned' && coverage < 1 ? (look?.runtimeMin ?? null) : null
  return (
    <section className="part" aria-label={say('summary')}>
      <h3>{say('summary')}</h3>
      <p className={styles.verdict} data-verdict={verdict} data-testid="together">
        {verdict === 'unplanned'
          ? say('nothingRefillsItYetOneCharge')
          : coverage >= 1
            ? evaluation.gates.lasts.verdict === 'holds'
              ? say('itKeepsGoing', { goesOnWhile: goesOnWhile(hangsOn(plan)) })
              : say('enoughComesInOverADay')
            : coverage * 24 < 0.5
              ? say('itBringsNextToNothing')
              : say('itBringsBackOfThe24H', { number: formatNumber(coverage * 24, 1) })}
      </p>
      {causes
        .map(({ why }) => tell(why))
        .map((cause) => (
          <p key={cause} className="fault" data-testid="refill-cause">
            {cause}.
          </p>
        ))}
      {guess && <p className="hint">{guess}.</p>}
      {ends && look && (
        <p data-testid="long-look">
          {ends.p50 === Infinity
            ? say('ifTheLastDaysWeatherGoes', { number: formatNumber(look.horizonMin / 1440) })
            : say('ifTheLastDaysWeatherGoes2', {
                momentOf: momentOf(plan, ends.p50, 60),
                ceil: Math.ceil(ends.p50 / 1440),
              })}
        </p>
      )}
      {mean && (
        <Table data-columns="figures">
          <TableHead>
            <TableRow>
              <TableCell scope="col">{say('overTheOutage')}</TableCell>
              <TableCell scope="col">
                <span className="visually-hidden">{say('energy')}</span>
              </TableCell>
            </TableRow>
          </TableHead>
          <TableBody>
            <Row name={say('sun')} wh={formatEnergy(mean.sunWh)} />
            {mean.gridWh > 1 && <Row name={say('grid')} wh={formatEnergy(mean.gridWh)} />}
            {mean.generatorWh > 1 && (
              <Row
                name={say('generatorHAt', {
                  number: formatNumber(mean.generatorH, 1),
                  watts: formatWatts(mean.generatorWh / mean.generatorH),
                })}
                wh={formatEnergy(mean.generatorWh)}
              />
            )}
            {mean.carAcWh > 1 && <Row name={say('carHouseholdCurrent')} wh={formatEnergy(mean.carAcWh)} />}
            {inChargerWh > 1 && <Row name={say('ofTheseLostInTheCharger')} wh={formatEnergy(inChargerWh)} />}
            {mean.dcWh > 1 && <Row name={say('car12V')} wh={formatEnergy(mean.dcWh)} />}
            {clippedWh > 1 && <Row name={say('clippedByTheInputsAmpsAnd')} wh={formatEnergy(clippedWh)} />}
            {belowWh > 1 && <Row name={say('lostThePanelsVoltsBelowWhat')} wh={formatEnergy(belowWh)} />}
            {mean.unusedWh > 1 && (
              <Row name={say('notTakenFullColdOrToo')} wh={formatEnergy(mean.unusedWh)} />
            )}
            {mean.directWh > 1 && (
              <Row name={say('straightToTheLoadsPastThe')} wh={formatEnergy(mean.directWh)} />
            )}
            <Row name={say('drainedFromTheBattery')} wh={formatEnergy(mean.drainWh)} />
            <Row
              name={say('comesInADayOrCould', { number: formatNumber(plan.scenario.confidence * 100) })}
              wh={formatEnergy(broughtPerDayWh)}
              strong
            />
            <Row name={say('goesOutADay')} wh={formatEnergy(neededPerDayWh)} strong />
            {refill!.unfedMin.p50 > 0 && (
              <Row name={say('hoursWithoutPowerMostLikely')} wh={formatDuration(refill!.unfedMin.p50)} />
            )}
          </TableBody>
        </Table>
      )}
      {mean && (
        <p className="hint">
          {say('allOfItGoesIntoWith', {
            source: source.name,
            number: formatNumber(plan.scenario.confidence * 100),
          })}
        </p>
      )}
      <QuantityField
        label={say('chargeAtTheStart')}
        path="source.chargedFraction"
        value={source.chargedFraction}
        onChange={(chargedFraction) =>
          store.getState().edit(changeSource(plan.powerSystem.id, source.id, { chargedFraction }))
        }
      />
      <p className="hint">
        {wallHours(source) === Infinity ? (
          say('hasNoChargerItCannotBe', { source: source.name })
        ) : (
          <>
            {say('beforeTheStormAtAnOutlet', { wallWords: wallWords(wallHours(source)) })}
            {source.chargedFraction < 1 &&
              say('fromThere', { wallWords: wallWords(wallHours(source, 1 - source.chargedFraction)) })}
            {say('chargeOnTheFirstWarning')}
          </>
        )}
      </p>
    </section>
  )
}

function wallWords(hours: number | null): string {
  if (hours === null) return say('aTimeItsLabelDoesNot')
  return formatDuration(hours * 60)
}

function Row({ name, wh, strong }: { name: string; wh: string; strong?: boolean }) {
  return (
    <TableRow className={strong ? 'strong' : undefined}>
      <TableCell component="th" scope="row">
        {name}
      </TableCell>
      <TableCell>{wh}</TableCell>
    </TableRow>
  )
}
