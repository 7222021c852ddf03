'use client'
import Table from '@mui/material/Table'
import TableBody from '@mui/material/TableBody'
import TableCell from '@mui/material/TableCell'
import TableHead from '@mui/material/TableHead'
import TableRow from '@mui/material/TableRow'
import Button from '@mui/material/Button'
import dynamic from 'next/dynamic'
import { part } from '@/ui/shell/part'
import { useMemo, useState } from 'react'
import { LIMITS } from '@/core/plan/limits'
import { formatExactDuration, formatNumber, formatPercent } from '@/words/format'
import { searchWorking } from '@/words/workings/searchWorking'
import { madeOrBuilt } from '@/core/sizing/search/madeOrBuilt'
import { type Goal, type Judged, frontOf, nearMisses, ranked } from '@/core/sizing/search/search'
import { addPowerSystem, freshId, freshName } from '@/ui/household/edits'
import { useHousehold, useHouseholdStore } from '@/ui/household/HouseholdContext'
import { rich } from '@/ui/rich'
import { WorkingDialog } from '@/ui/shell/lazy'
import { notify } from '@/ui/shell/notify'
import { searchResults } from '@/words/en/pages/search'
import { candidateName } from '@/words/candidateName'
import { wordsOf } from '@/words/translate'
import type { SearchState } from './useSearch'
import styles from './search.module.css'
import { useUnits } from '@/ui/field/units'
import { useTold } from '@/ui/household/useTold'
import { formatMass } from '@/words/inUnits'

const say = wordsOf(searchResults)

const GOALS: Record<Goal, string> = {
  cheapest: say('cheapest'),
  lightest: say('lightest'),
  'fewest parts': say('oneWithTheFewestParts'),
}

const FrontChart = part(
  dynamic(() => import('./FrontChart'), { ssr: false }),
  () => import('./FrontChart'),
)
const MISSES = 5

/** What a search found: the answer in a sentence, price against hours, what nothing beats, and why near misses fail. */
export function SearchResults(
  props: SearchState & { goal: Goal; neededH: number; confidence: number; count: number },
) {
  const units = useUnits()
  const tell = useTold()
  const { judged, all, stage, goal, neededH, confidence, count } = props
  const store = useHouseholdStore()
  const currency = useHousehold(({ household }) => household.profile.currency)
  const systems = useHousehold(({ household }) => household.powerSystems)
  const scenarios = useHousehold(({ household }) => household.scenarios)
  const [chosen, setChosen] = useState<Judged | null>(null)
  const [explained, setExplained] = useState<Judged | null>(null)
  const front = useMemo(() => frontOf(judged), [judged])
  const holding = useMemo(() => ranked(judged, goal), [judged, goal])
  const misses = useMemo(() => nearMisses(judged, MISSES), [judged])
  const best = holding[0] ?? null
  const picked = chosen && judged.includes(chosen) ? chosen : best
  const made = holding.find(({ candidate }) => !candidate.source.bank)
  const built = holding.find(({ candidate }) => candidate.source.bank)
  const money = (price: number | null) =>
    price === null ? say('priceNotKnown') : `${formatNumber(price, 0)} ${currency}`
  const hoursOf = ({ isBeyond, runtimeMin }: Judged) =>
    isBeyond
      ? say('overSoManyHours', { number: formatNumber(runtimeMin / 60, 1) })
      : say('soManyHours', { number: formatNumber(runtimeMin / 60, 1) })
  const keep = ({ candidate }: Judged) => {
    const found = candidateName(candidate).slice(0, LIMITS.nameLength)
    const name = freshName(found, systems)
    store.getState().edit(
      addPowerSystem({
        id: freshId(name, systems),
        name,
        sources: [{ ...candidate.source, name: found }],
        note: say('foundByTheSearch'),
      }),
    )
    notify(say('addedToTheOptions', { name }), store.getState().household)
  }
  return (
    <>
      <p className={styles.answer} data-testid="search-answer">
        {best ? (
          <>
            {rich(say, 'isTheThatLastsWithConfidence', {
              stage: stage === 'running' ? 'yes' : 'no',
              candidate: candidateName(best.candidate),
              b: (text) => <b>{text}</b>,
              goal: GOALS[goal],
              exactDuration: formatExactDuration(neededH * 60),
              count: count > 1 ? say('inAllScenarios', { count }) : '',
              percent: formatPercent(confidence),
              money: money(best.candidate.price),
              hoursOf: hoursOf(best),
            })}
            {best.candidate.totalKg !== null &&
              say('kgInAll', { number: formatNumber(best.candidate.totalKg, 0) })}
            .
          </>
        ) : stage === 'running' ? (
          say('nothingYetThatLasts')
        ) : (
          say('nothingHereDoesItAllTheNear')
        )}
      </p>
      <p className="hint">
        {say('ofLookedAtDoAll', {
          nJudged: judged.length,
          all,
          stage: stage === 'cancelled' ? 'yes' : 'no',
          nHolding: holding.length,
        })}
      </p>
      <FrontChart
        judged={judged}
        front={front}
        picked={picked}
        neededH={neededH}
        currency={currency}
        pick={setChosen}
      />
      {picked && (
        <div className={styles.act}>
          <span>
            <b>{candidateName(picked.candidate)}</b>: {money(picked.candidate.price)}, {hoursOf(picked)}
            {picked.why && <span className="fault">, {tell(picked.why)}</span>}
          </span>
          <span className="hint" data-testid="buyer-must">
            {tell(madeOrBuilt(picked.candidate.source).skill)}
          </span>
          <Button variant="text" onClick={() => setExplained(picked)}>
            {say('theWorking')}
          </Button>
          <Button onClick={() => keep(picked)} disabled={systems.length >= LIMITS.powerSystems}>
            {say('addItToTheOptions')}
          </Button>
        </div>
      )}
      {explained && (
        <WorkingDialog
          working={searchWorking(
            explained,
            new Map(scenarios.map(({ id, name }) => [id, name])),
            confidence,
            currency,
            { units, startsAt: '' },
          )}
          onClose={() => setExplained(null)}
        />
      )}
      <h3>{say('bestRuntimeForTheMoney')}</h3>
      <JudgedTable list={front} picked={picked} pick={setChosen} money={money} hoursOf={hoursOf} />
      {misses.length > 0 && stage !== 'running' && (
        <>
          <h3>{say('nearMisses')}</h3>
          <JudgedTable list={misses} picked={picked} pick={setChosen} money={money} hoursOf={hoursOf} />
        </>
      )}
      {made && built && stage !== 'running' && (
        <>
          <h3>{say('readyMadeOrBuiltOfParts')}</h3>
          <div className="field-columns">
            {[made, built].map((judgedOne) => (
              <Side key={judgedOne.candidate.id} judged={judgedOne} money={money} hoursOf={hoursOf} />
            ))}
          </div>
        </>
      )}
    </>
  )
}

interface Shown {
  money: (price: number | null) => string
  hoursOf: (judged: Judged) => string
}

function JudgedTable(
  props: Shown & { list: readonly Judged[]; picked: Judged | null; pick: (judged: Judged) => void },
) {
  const { list, picked, pick, money, hoursOf } = props
  const units = useUnits()
  const tell = useTold()
  return (
    <Table data-columns="figures" className={styles.table}>
      <TableHead>
        <TableRow>
          <TableCell scope="col">{say('option')}</TableCell>
          <TableCell scope="col">{say('price')}</TableCell>
          <TableCell scope="col">{say('hours')}</TableCell>
          <TableCell scope="col" className="wide-only">
            {say('weight')}
          </TableCell>
          <TableCell scope="col" className="wide-only">
            {say('pieces')}
          </TableCell>
        </TableRow>
      </TableHead>
      <TableBody>
        {list.map((one) => (
          <TableRow key={one.candidate.id} data-picked={one === picked}>
            <TableCell>
              <Button variant="text" aria-pressed={one === picked} onClick={() => pick(one)}>
                {candidateName(one.candidate)}
              </Button>
              {one.why && <div className="fault">{tell(one.why)}</div>}
            </TableCell>
            <TableCell>{money(one.candidate.price)}</TableCell>
            <TableCell>{one.runtimeMin > 0 ? hoursOf(one) : '–'}</TableCell>
            <TableCell className="wide-only">
              {one.candidate.totalKg === null ? '–' : formatMass(one.candidate.totalKg, units)}
            </TableCell>
            <TableCell className="wide-only">{one.candidate.pieces}</TableCell>
          </TableRow>
        ))}
      </TableBody>
    </Table>
  )
}

function Side({ judged, money, hoursOf }: Shown & { judged: Judged }) {
  const units = useUnits()
  const tell = useTold()
  const { candidate } = judged
  const facts = madeOrBuilt(candidate.source)
  const said = [
    [say('price'), money(candidate.price)],
    [say('hours'), hoursOf(judged)],
    [
      say('weight'),
      say('inWord', {
        totalKg: facts.totalKg === null ? say('notKnown') : formatMass(facts.totalKg, units),
        pieces: candidate.pieces,
      }),
    ],
    [
      say('work'),
      facts.workH < 1 ? say('aQuarterOfAnHour') : say('aboutHours', { number: formatNumber(facts.workH, 0) }),
    ],
    [say('repair'), tell(facts.repair)],
    [say('warranty'), tell(facts.warranty)],
    [say('skill'), tell(facts.skill)],
  ]
  return (
    <div>
      <h4>{candidateName(candidate)}</h4>
      <dl className="facts">
        {said.map(([what, words]) => (
          <div key={what}>
            <dt>{what}</dt>
            <dd>{words}</dd>
          </div>
        ))}
      </dl>
    </div>
  )
}
