'use client'
import LinearProgress from '@mui/material/LinearProgress'
import { FieldScope } from '@/ui/field/FieldScope'
import Alert from '@mui/material/Alert'
import Button from '@mui/material/Button'
import { useDeferredValue, useMemo, useState } from 'react'
import { searchStock } from '@/catalog/searchStock'
import { planOf } from '@/core/plan/planOf'
import { formatNumber } from '@/core/quantity/format'
import { nothingLostMin } from '@/core/risk/nothingLost'
import { riskClocks } from '@/core/risk/riskClocks'
import { type SearchConstraints, usualConstraints } from '@/core/sizing/search/candidates'
import { GOALS, type Goal } from '@/core/sizing/search/search'
import { CheckField } from '@/ui/field/CheckField'
import { SelectField } from '@/ui/field/SelectField'
import { QuantityField } from '@/ui/field/QuantityField'
import { useHousehold, useHouseholdStore, usePlan, useScenario } from '@/ui/household/HouseholdContext'
import { usePreload } from '@/ui/shell/usePreload'
import { SearchResults } from './SearchResults'
import styles from './search.module.css'
import { useSearch } from './useSearch'

const GOAL_WORDS: Record<Goal, string> = {
  cheapest: 'The cheapest',
  lightest: 'The lightest',
  'fewest parts': 'The fewest parts',
}

/** A computer rides through a gap of so many ms. Common practice, no source. */
const USUAL_TRANSFER_MS = 20

const loadChart = () => import('./FrontChart')

/** Finds in the catalogue what holds the outage: asked in the words people ask it, answered with what nothing beats. */
export function SearchPanel() {
  const store = useHouseholdStore()
  const scenario = useScenario()
  const scenarios = useHousehold(({ household }) => household.scenarios)
  const mains = useHousehold(({ household }) => household.profile.mains)
  const own = useHousehold(({ household }) => household.equipment)
  const [goal, setGoal] = useState<Goal>('cheapest')
  const [hours, setHours] = useState<number | null>(null)
  const [confidence, setConfidence] = useState<number | null>(null)
  const [inAll, setInAll] = useState(false)
  const plan = usePlan()
  const usual = useMemo(() => usualConstraints(plan, true), [plan])
  const [wish, setWish] = useState<Partial<SearchConstraints>>({})
  const want = { ...usual, ...wish }
  const [asked, setAsked] = useState({ neededH: 0, confidence: 0, count: 1 })
  const [countsRefill, setCountsRefill] = useState(true)
  const isRefilled = useHousehold(
    ({ evaluation }) => evaluation !== null && evaluation.gates.refills.verdict !== 'unplanned',
  )
  const household = useDeferredValue(useHousehold((state) => state.household))
  const evaluation = useDeferredValue(useHousehold((state) => state.evaluation))
  const safeH = useMemo(() => {
    if (!evaluation) return null
    const { result } = evaluation
    const untilMin = nothingLostMin(riskClocks(planOf(household), result), result.outageMin)
    // less than the search can look for, or the whole outage: no aim of its own
    const tenths = untilMin === null ? 0 : Math.ceil(untilMin / 6) / 10
    return tenths >= 0.3 && tenths < result.outageMin / 60 ? tenths : null
  }, [evaluation, household])
  const search = useSearch()
  usePreload(loadChart)
  const change = (part: Partial<SearchConstraints>) => setWish({ ...wish, ...part })
  const isRunning = search.stage === 'running'

  const begin = () => {
    const { household: now } = store.getState()
    const searched = inAll ? now.scenarios : [scenario]
    const sure = confidence ?? scenario.confidence
    setAsked({
      neededH: hours ?? Math.max(...searched.map(({ durationH }) => durationH)),
      confidence: sure,
      count: searched.length,
    })
    void search.run({
      plans: searched.map(({ id }) => planOf(now, id, now.chosen.powerSystemId)),
      want: {
        ...want,
        countsRefill: isRefilled && countsRefill,
        joinsPanels: isRefilled && countsRefill && want.joinsPanels,
      },
      confidence: sure,
      hours,
      stock: searchStock(mains === '230 V' ? 230 : 120, own, {
        units: now.profile.units,
        own: now.wiring?.prices,
      }),
    })
  }

  return (
    <FieldScope id={'search'} name={'the search'}>
      <section id="search" className={styles.search} aria-label="Search the catalogue">
        <h2>Find equipment</h2>
        <p className={styles.lead}>
          Every station with its expansions and every bank of batteries, rows and inverters that fit each
          other, held against your own loads. 2S3P: two in series, three rows of them.
        </p>
        <div className={styles.columns}>
          <div>
            <SelectField
              label="Find"
              value={goal}
              options={GOALS.map((value) => ({ value, words: GOAL_WORDS[value] }))}
              onChange={setGoal}
            />
            <SelectField
              label="That holds"
              value={hours === null ? 'outage' : hours === safeH ? 'safe' : 'hours'}
              options={[
                { value: 'outage', words: inAll ? 'each outage through' : 'the outage through' },
                ...(safeH === null
                  ? []
                  : [{ value: 'safe', words: `until nothing is lost: ${formatNumber(safeH, 1)} h` }]),
                { value: 'hours', words: 'so many hours' },
              ]}
              onChange={(choice) =>
                setHours(choice === 'outage' ? null : choice === 'safe' ? safeH : scenario.durationH)
              }
            />
            {hours !== null && hours !== safeH && (
              <QuantityField
                local
                label="Hours to hold"
                path="wish.hours"
                value={hours}
                onChange={setHours}
              />
            )}
            <QuantityField
              local
              label="Confidence"
              path="scenario.confidence"
              value={confidence ?? scenario.confidence}
              onChange={setConfidence}
            />
            {scenarios.length > 1 && (
              <SelectField
                label="In"
                value={inAll ? 'all' : 'one'}
                options={[
                  { value: 'one', words: scenario.name },
                  { value: 'all', words: `all ${scenarios.length} scenarios` },
                ]}
                onChange={(choice) => setInAll(choice === 'all')}
              />
            )}
            <CheckField
              label="From"
              words="ready-made stations"
              on={want.stations}
              onChange={(stations) => change({ stations })}
            />
            <CheckField
              label=""
              words="banks built of parts"
              on={want.banks}
              onChange={(banks) => change({ banks })}
            />
            <CheckField
              label=""
              words="flooded ones too, outdoors"
              on={want.allowsFlooded}
              onChange={(allowsFlooded) => change({ allowsFlooded })}
            />
            <CheckField
              label=""
              words="modified sine too: no motors"
              on={want.allowsModifiedSine}
              onChange={(allowsModifiedSine) => change({ allowsModifiedSine })}
            />
            {isRefilled && (
              <CheckField
                label="Counting"
                words="what refills it, as planned"
                on={countsRefill}
                onChange={setCountsRefill}
              />
            )}
            <CheckField
              label="It must"
              words="be ready to plug in, nothing to be wired"
              on={want.plugAndPlay}
              onChange={(plugAndPlay) => change({ plugAndPlay })}
            />
            {usual.plugAndPlay && (
              <p className={styles.lead}>
                {want.plugAndPlay
                  ? 'Asked for because a medical device hangs on it.'
                  : 'A medical device hangs on it: have a bank wired and tested by somebody qualified, and ask the supplier.'}
              </p>
            )}
            <CheckField
              label=""
              words="switch over by itself"
              on={want.transferMs !== null}
              onChange={(on) => change({ transferMs: on ? USUAL_TRANSFER_MS : null })}
            />
            {want.transferMs !== null && (
              <QuantityField
                local
                label="Within, ms"
                path="outfit.transferMs"
                value={want.transferMs}
                onChange={(transferMs) => change({ transferMs })}
              />
            )}
            <CheckField
              label=""
              words="give 240 V"
              on={want.gives240V}
              onChange={(gives240V) => change({ gives240V })}
            />
            <CheckField
              label="At most"
              words="a budget"
              on={want.budget !== null}
              onChange={(on) => change({ budget: on ? 2000 : null })}
            />
            {want.budget !== null && (
              <QuantityField
                local
                label="Budget"
                path="wish.budget"
                value={want.budget}
                onChange={(budget) => change({ budget })}
              />
            )}
            <CheckField
              label=""
              words="a weight for each piece"
              on={want.pieceKg !== null}
              onChange={(on) => change({ pieceKg: on ? 25 : null })}
            />
            {want.pieceKg !== null && (
              <QuantityField
                local
                label="Heaviest piece"
                path="wish.pieceKg"
                value={want.pieceKg}
                onChange={(pieceKg) => change({ pieceKg })}
              />
            )}
            <div className={styles.act}>
              <Button
                variant="contained"
                color="primary"
                onClick={begin}
                disabled={isRunning || (!want.stations && !want.banks && !own?.length)}
              >
                Search
              </Button>
              {isRunning && (
                <>
                  <LinearProgress
                    className={styles.progress}
                    variant="determinate"
                    value={(100 * search.judged.length) / (search.all || 1)}
                    aria-label="Options judged"
                  />
                  <Button variant="text" onClick={search.cancel}>
                    Cancel
                  </Button>
                </>
              )}
            </div>
          </div>
          <div aria-live="polite">
            {search.stage === 'failed' && (
              <Alert severity="error">
                The search broke off; what stands below is only a part. {search.failure}
              </Alert>
            )}
            {search.stage !== 'idle' && search.judged.length > 0 && (
              <SearchResults {...search} goal={goal} {...asked} />
            )}
          </div>
        </div>
      </section>
    </FieldScope>
  )
}
