'use client'
import Table from '@mui/material/Table'
import TableBody from '@mui/material/TableBody'
import TableCell from '@mui/material/TableCell'
import TableHead from '@mui/material/TableHead'
import TableRow from '@mui/material/TableRow'
import Button from '@mui/material/Button'
import dynamic from 'next/dynamic'
import { useMemo, useState } from 'react'
import { LIMITS } from '@/core/plan/limits'
import { formatExactDuration, formatNumber, formatPercent } from '@/core/quantity/format'
import { searchWorking } from '@/core/sizing/search/searchWorking'
import { madeOrBuilt } from '@/core/sizing/search/madeOrBuilt'
import { type Goal, type Judged, frontOf, nearMisses, ranked } from '@/core/sizing/search/search'
import { addPowerSystem, freshId, freshName } from '@/ui/household/edits'
import { useHousehold, useHouseholdStore } from '@/ui/household/HouseholdContext'
import { WorkingDialog } from '@/ui/shell/lazy'
import { notify } from '@/ui/shell/notify'
import type { SearchState } from './useSearch'
import styles from './search.module.css'
import { useUnits } from '@/ui/field/units'
import { formatMass } from '@/core/reading/inUnits'

const FrontChart = dynamic(() => import('./FrontChart'), { ssr: false })
const MISSES = 5

/** What a search found: the answer in a sentence, price against hours, what nothing beats, and why near misses fail. */
export function SearchResults(
  props: SearchState & { goal: Goal; neededH: number; confidence: number; count: number },
) {
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
    price === null ? 'price not known' : `${formatNumber(price, 0)} ${currency}`
  const hoursOf = ({ isBeyond, runtimeMin }: Judged) =>
    `${isBeyond ? 'over ' : ''}${formatNumber(runtimeMin / 60, 1)} h`
  const keep = ({ candidate }: Judged) => {
    const name = freshName(candidate.name.slice(0, LIMITS.nameLength), systems)
    store.getState().edit(
      addPowerSystem({
        id: freshId(name, systems),
        name,
        sources: [{ ...candidate.source, name: candidate.name.slice(0, LIMITS.nameLength) }],
        note: 'Found by the search.',
      }),
    )
    notify(`Added ${name} to the options.`, store.getState().household)
  }
  return (
    <>
      <p className={styles.answer} data-testid="search-answer">
        {best ? (
          <>
            {stage === 'running' ? 'So far ' : ''}
            <b>{best.candidate.name}</b> is the {goal === 'fewest parts' ? 'one with the fewest parts' : goal}{' '}
            that holds {formatExactDuration(neededH * 60)}
            {count > 1 ? ` in all ${count} scenarios` : ''} with {formatPercent(confidence)} confidence:{' '}
            {money(best.candidate.price)}, {hoursOf(best)}
            {best.candidate.totalKg !== null && `, ${formatNumber(best.candidate.totalKg, 0)} kg in all`}.
          </>
        ) : stage === 'running' ? (
          'Nothing yet that holds.'
        ) : (
          'Nothing here holds it. The near misses below say what would have to give.'
        )}
      </p>
      <p className={styles.lead}>
        {judged.length} of {all} looked at{stage === 'cancelled' ? ', then cancelled' : ''}; {holding.length}{' '}
        hold.
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
            <b>{picked.candidate.name}</b>: {money(picked.candidate.price)}, {hoursOf(picked)}
            {picked.why && <span className={styles.short}>, {picked.why}</span>}
          </span>
          <span className={styles.lead} data-testid="buyer-must">
            {madeOrBuilt(picked.candidate.source).skill}
          </span>
          <Button variant="text" onClick={() => setExplained(picked)}>
            The working
          </Button>
          <Button onClick={() => keep(picked)} disabled={systems.length >= LIMITS.powerSystems}>
            Add it to the options
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
          )}
          onClose={() => setExplained(null)}
        />
      )}
      <h3>Best runtime for the money</h3>
      <JudgedTable list={front} picked={picked} pick={setChosen} money={money} hoursOf={hoursOf} />
      {misses.length > 0 && stage !== 'running' && (
        <>
          <h3>Near misses</h3>
          <JudgedTable list={misses} picked={picked} pick={setChosen} money={money} hoursOf={hoursOf} />
        </>
      )}
      {made && built && stage !== 'running' && (
        <>
          <h3>Ready-made or built of parts</h3>
          <div className={styles.pair}>
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
  return (
    <Table className={styles.table}>
      <TableHead>
        <TableRow>
          <TableCell scope="col">Option</TableCell>
          <TableCell scope="col">Price</TableCell>
          <TableCell scope="col">Hours</TableCell>
          <TableCell scope="col" className={styles.hideNarrow}>
            Weight
          </TableCell>
          <TableCell scope="col" className={styles.hideNarrow}>
            Pieces
          </TableCell>
        </TableRow>
      </TableHead>
      <TableBody>
        {list.map((one) => (
          <TableRow key={one.candidate.id} data-picked={one === picked}>
            <TableCell>
              <Button variant="text" aria-pressed={one === picked} onClick={() => pick(one)}>
                {one.candidate.name}
              </Button>
              {one.why && <div className={styles.short}>{one.why}</div>}
            </TableCell>
            <TableCell>{money(one.candidate.price)}</TableCell>
            <TableCell>{one.runtimeMin > 0 ? hoursOf(one) : '–'}</TableCell>
            <TableCell className={styles.hideNarrow}>
              {one.candidate.totalKg === null ? '–' : formatMass(one.candidate.totalKg, units)}
            </TableCell>
            <TableCell className={styles.hideNarrow}>{one.candidate.pieces}</TableCell>
          </TableRow>
        ))}
      </TableBody>
    </Table>
  )
}

function Side({ judged, money, hoursOf }: Shown & { judged: Judged }) {
  const units = useUnits()
  const { candidate } = judged
  const facts = madeOrBuilt(candidate.source)
  return (
    <div>
      <h4>{candidate.name}</h4>
      <dl className={styles.compare}>
        <dt>Price</dt>
        <dd>{money(candidate.price)}</dd>
        <dt>Hours</dt>
        <dd>{hoursOf(judged)}</dd>
        <dt>Weight</dt>
        <dd>
          {facts.totalKg === null ? 'not known' : formatMass(facts.totalKg, units)} in {candidate.pieces}{' '}
          {candidate.pieces === 1 ? 'piece' : 'pieces'}
        </dd>
        <dt>Work</dt>
        <dd>{facts.workH < 1 ? 'a quarter of an hour' : `about ${formatNumber(facts.workH, 0)} hours`}</dd>
        <dt>Repair</dt>
        <dd>{facts.repair}</dd>
        <dt>Warranty</dt>
        <dd>{facts.warranty}</dd>
        <dt>Skill</dt>
        <dd>{facts.skill}</dd>
      </dl>
    </div>
  )
}
