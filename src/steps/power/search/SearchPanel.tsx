'use client'
import LinearProgress from '@mui/material/LinearProgress'
import { FieldScope } from '@/ui/field/FieldScope'
import Alert from '@mui/material/Alert'
import Button from '@mui/material/Button'
import { useDeferredValue, useMemo, useState } from 'react'
import { searchStock } from '@/catalog/searchStock'
import { planOf } from '@/core/plan/planOf'
import { formatNumber } from '@/words/format'
import { nothingLostMin } from '@/core/risk/nothingLost'
import { type SearchConstraints, usualConstraints } from '@/core/sizing/search/candidates'
import { GOALS, type Goal } from '@/core/sizing/search/search'
import { CheckField } from '@/ui/field/CheckField'
import { More } from '@/ui/field/More'
import { SelectField } from '@/ui/field/SelectField'
import { QuantityField } from '@/ui/field/QuantityField'
import { useHousehold, useHouseholdStore, usePlan, useScenario } from '@/ui/household/HouseholdContext'
import { searchPanel } from '@/words/en/pages/search'
import { wordsOf } from '@/words/translate'
import { MoreWishes } from './MoreWishes'
import { SearchResults } from './SearchResults'
import styles from './search.module.css'
import { useSearch } from './useSearch'

const say = wordsOf(searchPanel)

const GOAL_WORDS: Record<Goal, string> = {
  cheapest: say('theCheapest'),
  lightest: say('theLightest'),
  'fewest parts': say('theFewestParts'),
}

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
  const evaluation = useDeferredValue(useHousehold((state) => state.evaluation))
  const safeH = useMemo(() => {
    if (!evaluation) return null
    const { result, clocks } = evaluation
    const untilMin = nothingLostMin(clocks, result.outageMin)
    // less than the search can look for, or the whole outage: no aim of its own
    const tenths = untilMin === null ? 0 : Math.ceil(untilMin / 6) / 10
    return tenths >= 0.3 && tenths < result.outageMin / 60 ? tenths : null
  }, [evaluation])
  const search = useSearch()
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
    <FieldScope id={'search'} name={say('theSearch')}>
      <section id="search" className="section" aria-label={say('searchTheCatalogue')}>
        <h2>{say('findEquipment')}</h2>
        <p className="hint">{say('everyStationWithItsExpansionsAnd')}</p>
        <div className="side-columns">
          <div>
            <SelectField
              label={say('find')}
              value={goal}
              options={GOALS.map((value) => ({ value, words: GOAL_WORDS[value] }))}
              onChange={setGoal}
            />
            <SelectField
              label={say('thatLasts')}
              value={hours === null ? 'outage' : hours === safeH ? 'safe' : 'hours'}
              options={[
                { value: 'outage', words: inAll ? say('throughEachOutage') : say('throughTheOutage') },
                ...(safeH === null
                  ? []
                  : [
                      {
                        value: 'safe',
                        words: say('untilNothingIsLostH', { number: formatNumber(safeH, 1) }),
                      },
                    ]),
                { value: 'hours', words: say('soManyHours') },
              ]}
              onChange={(choice) =>
                setHours(choice === 'outage' ? null : choice === 'safe' ? safeH : scenario.durationH)
              }
            />
            {hours !== null && hours !== safeH && (
              <QuantityField
                local
                label={say('hoursItMustLast')}
                path="wish.hours"
                value={hours}
                onChange={setHours}
              />
            )}
            <QuantityField
              local
              label={say('confidence')}
              path="scenario.confidence"
              value={confidence ?? scenario.confidence}
              onChange={setConfidence}
            />
            {scenarios.length > 1 && (
              <SelectField
                label={say('inWord')}
                value={inAll ? 'all' : 'one'}
                options={[
                  { value: 'one', words: scenario.name },
                  { value: 'all', words: say('allScenarios', { nScenarios: scenarios.length }) },
                ]}
                onChange={(choice) => setInAll(choice === 'all')}
              />
            )}
            <CheckField
              label={say('from')}
              words={say('readyMadeStations')}
              on={want.stations}
              onChange={(stations) => change({ stations })}
            />
            <CheckField
              label=""
              words={say('banksBuiltOfParts')}
              on={want.banks}
              onChange={(banks) => change({ banks })}
            />
            <More words={say('moreWishes')} isUnusual={usual.plugAndPlay}>
              <MoreWishes
                want={want}
                change={change}
                isMedical={usual.plugAndPlay}
                refill={isRefilled ? { isCounted: countsRefill, count: setCountsRefill } : null}
              />
            </More>
            <div className={styles.act}>
              <Button
                variant="contained"
                color="primary"
                onClick={begin}
                disabled={isRunning || (!want.stations && !want.banks && !own?.length)}
              >
                {say('search')}
              </Button>
              {isRunning && (
                <>
                  <LinearProgress
                    className={styles.progress}
                    variant="determinate"
                    value={(100 * search.judged.length) / (search.all || 1)}
                    aria-label={say('optionsJudged')}
                  />
                  <Button variant="text" onClick={search.cancel}>
                    {say('cancel')}
                  </Button>
                </>
              )}
            </div>
          </div>
          <div aria-live="polite">
            {search.stage === 'failed' && (
              <Alert severity="error">
                {say('theSearchBrokeOffWhatStands')} {search.failure}
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
