'use client'
import Button from '@mui/material/Button'
import Table from '@mui/material/Table'
import TableBody from '@mui/material/TableBody'
import TableCell from '@mui/material/TableCell'
import TableHead from '@mui/material/TableHead'
import TableRow from '@mui/material/TableRow'
import { useState } from 'react'
import { isWithin, windowIntervals } from '@/core/plan/clock'
import type { Plan } from '@/core/plan/document'
import { timeConstantMeasured } from '@/core/risk/coolingHouse'
import { nothingLostMin } from '@/core/risk/nothingLost'
import type { RiskClock } from '@/core/risk/riskClock'
import { FieldScope } from '@/ui/field/FieldScope'
import { FieldTable } from '@/ui/field/FieldTable'
import { QuantityField } from '@/ui/field/QuantityField'
import { useMoment } from '@/ui/field/useMoment'
import { later } from '@/ui/shell/part'
import { useHouseholdStore } from '@/ui/household/HouseholdContext'
import { changeRisk } from '@/ui/household/wiringEdits'
import { riskClocks } from '@/words/en/pages/hookup'
import { clockWords, nothingLostWords, sayHookup } from '@/words/hookup/hookupWords'
import { wordsOf } from '@/words/translate'
import styles from './hookup.module.css'
import { coolingFields } from './houseFields'
import { NeedsList } from './NeedsList'
import { WorkedOut } from './WorkedOut'

const say = wordsOf(riskClocks)

const workings = later(() => import('@/words/hookup/clockWorkings'))

/** What is lost once the power has ended, on the clock, in the order of what to save first. */
export function RiskClocks({
  plan,
  clocks,
  outageMin,
  endsMin,
}: {
  plan: Plan
  clocks: readonly RiskClock[]
  outageMin: number
  /** when the power ends, with the confidence asked for */
  endsMin: number
}) {
  const moment = useMoment()
  const { edit } = useHouseholdStore().getState()
  const { startsAt, asleep, away } = plan.scenario
  const saying = { units: plan.household.units, startsAt }
  const bed = windowIntervals(asleep, startsAt, 2 * outageMin)
  const gone = windowIntervals(away, startsAt, 2 * outageMin)
  const heats = clocks.some(({ kind }) => kind === 'cold-room')
  const until = nothingLostMin(clocks, outageMin)
  const at = (minute: number) => moment(startsAt, minute, 5)
  return (
    <section aria-label={say('whatIsLostAndWhen')} className={`later ${styles.clocks}`}>
      <h2>{say('whatIsLostAndWhen')}</h2>
      {clocks.length === 0 ? (
        <p className="hint">{say('noCriticalLoadOfThisOutage')}</p>
      ) : (
        <div className="scroll-x">
          <Table size="small">
            <TableHead>
              <TableRow>
                <TableCell>{say('whatMustBeSavedFirst')}</TableCell>
                <TableCell>{say('powerEndsLikely')}</TableCell>
                <TableCell>{say('lostLikely')}</TableCell>
                <TableCell>{say('earliest1In10ByClock')}</TableCell>
                <TableCell className="wide-only">{say('howItIsKnown')}</TableCell>
              </TableRow>
            </TableHead>
            <TableBody>
              {clocks.map((clock) => {
                const { kind, loadId, name, powerEnds, lost, basis } = clock
                const falls = lost !== null && lost.likely < outageMin
                const who =
                  falls && isWithin(bed, lost.likely)
                    ? sayHookup('clock.asleep')
                    : falls && isWithin(gone, lost.likely)
                      ? sayHookup('clock.away')
                      : ''
                return (
                  <TableRow key={`${kind} ${loadId ?? name}`} data-falls={falls}>
                    <TableCell component="th" scope="row">
                      {clockWords(clock, saying)}
                    </TableCell>
                    <TableCell>
                      {powerEnds === null
                        ? say('notFedAtAll')
                        : powerEnds.likely < outageMin
                          ? at(powerEnds.likely)
                          : sayHookup('clock.never')}
                    </TableCell>
                    <TableCell>
                      {lost === null
                        ? sayHookup('clock.unknown')
                        : falls
                          ? `${at(lost.likely)}${who && `, ${who}`}`
                          : sayHookup('clock.never')}
                    </TableCell>
                    <TableCell>{lost !== null && lost.early < outageMin ? at(lost.early) : '–'}</TableCell>
                    <TableCell className="wide-only">{sayHookup('clock.basis', { basis })}</TableCell>
                  </TableRow>
                )
              })}
            </TableBody>
          </Table>
        </div>
      )}
      {clocks.length > 0 && <WorkedOut make={async () => (await workings()).clocksWorking(clocks, plan)} />}
      {until !== null && <p className="hint">{nothingLostWords(until, endsMin, saying)}</p>}
      {heats && (
        <FieldScope id="cooling" name={say('coolingHouse')}>
          <FieldTable
            rows={coolingFields}
            state={plan.wiring?.risk ?? {}}
            change={(risk) => edit(changeRisk(risk))}
          />
          <CoolingNight keep={(timeConstantH) => edit(changeRisk({ timeConstantH, isMeasured: true }))} />
        </FieldScope>
      )}
      <NeedsList plan={plan} />
    </section>
  )
}

const NIGHT_FIELDS = [
  ['startC', say('indoorsHeatingOff'), 'scenario.indoorC'],
  ['endC', say('indoorsLater'), 'scenario.indoorC'],
  ['outdoorC', say('outdoorsMeanwhile'), 'scenario.outdoorC'],
  ['hours', say('hoursBetween'), 'scenario.durationH'],
] as const
const NIGHT = { startC: 20, endC: 17, outdoorC: 0, hours: 8 }

/** How fast the house cools, from a night with the heating off: two temperatures and the hours between. */
function CoolingNight({ keep }: { keep: (timeConstantH: number) => void }) {
  const [isOpen, setOpen] = useState(false)
  const [night, setNight] = useState(NIGHT)
  if (!isOpen)
    return (
      <Button variant="text" onClick={() => setOpen(true)}>
        {say('measureItInACoolingNight')}
      </Button>
    )
  const { startC, endC, outdoorC, hours } = night
  const isPossible = startC > endC && endC > outdoorC
  const found = isPossible ? timeConstantMeasured(startC, endC, outdoorC, hours) : null
  return (
    <div>
      {NIGHT_FIELDS.map(([name, label, path]) => (
        <QuantityField
          key={name}
          local
          label={label}
          path={path}
          value={night[name]}
          onChange={(value) => setNight({ ...night, [name]: value })}
        />
      ))}
      <p role="status">
        {found === null
          ? say('itMustHaveCooledAndStayed')
          : say('theHouseKeepsWarmForH', { found: Math.round(found) })}
      </p>
      <Button
        variant="text"
        disabled={found === null || found < 2 || found > 300}
        onClick={() => {
          keep(Math.round(found! * 10) / 10)
          setOpen(false)
        }}
      >
        {say('keepIt')}
      </Button>
    </div>
  )
}
