'use client'
import Button from '@mui/material/Button'
import Skeleton from '@mui/material/Skeleton'
import dynamic from 'next/dynamic'
import { part } from '@/ui/shell/part'
import { memo, useDeferredValue, useMemo } from 'react'
import { PANELS, arrayOf, usualController } from '@/catalog/refill'
import { POINT_MIN } from '@/core/simulation/sweep'
import { windowIntervals } from '@/core/plan/clock'
import type { Household } from '@/core/plan/household'
import { Swatch } from '@/ui/chart/Swatch'
import { planFor } from '@/ui/household/planFor'
import { NO_CHARGING, NO_REFILL } from '@/core/plan/noRefill'
import type { Scenario } from '@/core/plan/schema'
import { formatHours, formatPercent } from '@/words/format'
import type { Evaluation } from '@/words/answer/evaluation'
import { refilledSource } from '@/core/simulation/compile'
import { bankVolts } from '@/core/storage/bank'
import { changeCharging, changeRefill, changeScenario, freshId, freshName } from '@/ui/household/edits'
import { useHousehold, useHouseholdStore } from '@/ui/household/HouseholdContext'
import { useAddKey } from '@/ui/shell/useShortcuts'
import { CurveLane } from '@/ui/timeline/CurveLane'
import { SkyRow } from '@/ui/weather/SkyRow'
import axis from '@/ui/timeline/axis.module.css'
import { useAhead } from '@/ui/shell/useAhead'
import { Guttered } from '@/ui/timeline/Guttered'
import { rechargePage } from '@/words/en/pages/recharge'
import { wordsOf } from '@/words/translate'
import { ArrayPanel } from './ArrayPanel'
import { CarPanel } from './CarPanel'
import type { Days } from './DaysChart'
import { GeneratorPanel } from './GeneratorPanel'
import { GivesWay } from './GivesWay'
import { HourBars } from './HourBars'
import { StretchLane } from './StretchLane'
import { RepeatTool } from './RepeatTool'
import { Together } from './Together'
import { WeatherTools } from './WeatherTools'
import styles from './recharge.module.css'

const say = wordsOf(rechargePage)

// the first day of its calendar is the reader's own date
const UpkeepCalendar = part(
  dynamic(() => import('./UpkeepCalendar').then((module) => module.UpkeepCalendar), {
    ssr: false,
  }),
  () => import('./UpkeepCalendar').then((module) => module.UpkeepCalendar),
)
const loadChart = () => import('./DaysChart')
const DaysChart = part(dynamic(loadChart, { ssr: false }), loadChart)
const MOST_ARRAYS = 8

/** What refills the battery, on the same clock as the loads: sun, generator, car and wall. */
export function RechargePage() {
  const household = useHousehold((state) => state.household)
  const evaluation = useDeferredValue(useHousehold((state) => state.evaluation))
  useAhead(loadChart)
  return <Body household={household} evaluation={evaluation} />
}

const Body = memo(function Body(props: { household: Household; evaluation: Evaluation | null }) {
  const { household, evaluation } = props
  const store = useHouseholdStore()
  const plan = useMemo(() => planFor(household), [household])
  const { scenario } = plan
  const refill = household.refill ?? NO_REFILL
  const charging = scenario.charging ?? NO_CHARGING
  const { edit } = store.getState()
  const found = evaluation?.gates.refills ?? null
  const mean = found?.refill?.mean ?? null
  const hasTraces = evaluation?.hasTraces ?? false
  const outageMin = scenario.durationH * 60
  const { startsAt } = scenario
  const days = useMemo((): Days | null => {
    const curves = found?.refill?.curves
    return curves && hasTraces
      ? {
          curves,
          startsAt,
          outageMin,
          shownMin: Math.min(curves.sunW.length * 15, Math.max(outageMin, 24 * 60)),
        }
      : null
  }, [found?.refill, hasTraces, startsAt, outageMin])
  const shownMin = days?.shownMin ?? Math.max(outageMin, 24 * 60)
  const quiet = useMemo(
    () => (refill.generator ? windowIntervals(refill.generator.quiet, startsAt, shownMin) : []),
    [refill.generator, startsAt, shownMin],
  )
  const source = refilledSource(plan.powerSystem.sources)
  const charge = useMemo(() => {
    const band = evaluation?.result.chains
      .flatMap((chain) => chain.sources)
      .find(({ sourceId }) => sourceId === source.id)?.band
    if (!band || !hasTraces) return null
    const within = band.p50.subarray(0, Math.floor(outageMin / band.stepMin) + 1)
    return { band, least: Math.min(...within), last: within[within.length - 1] }
  }, [evaluation?.result, hasTraces, source.id, outageMin])
  const addPanels = () => {
    const name = freshName(PANELS[2].name, refill.panels)
    const controller = source.bank ? usualController(bankVolts(source.bank)) : null
    const next = arrayOf(PANELS[2].id, freshId(name, refill.panels), {
      name,
      controller,
      series: source.bank ? 2 : 1,
      azimuthDeg: scenario.place.latitudeDeg >= 0 ? 180 : 0,
    })
    edit(changeRefill({ panels: [...refill.panels, next] }))
  }
  useAddKey(addPanels)
  const changeOutage = (part: Partial<Scenario>) => edit(changeScenario(scenario.id, part))
  const hoursOf = (stretches: readonly { fromMin: number; toMin: number }[]) =>
    formatHours(stretches.reduce((sum, { fromMin, toMin }) => sum + toMin - fromMin, 0))
  const panels = (
    <>
      <div className={styles.panelsHead}>
        <h2>{say('panels')}</h2>
        <Button onClick={addPanels} disabled={refill.panels.length >= MOST_ARRAYS}>
          {say('addPanels')}
        </Button>
      </div>
      {refill.panels.length === 0 && <p className="hint">{say('noPanelsYetAddSomeAs')}</p>}
      {refill.panels.map((array) => (
        <ArrayPanel key={array.id} array={array} plan={plan} neededWh={found?.neededPerDayWh ?? 0} />
      ))}
    </>
  )
  return (
    <div className="page-columns">
      <div className={`page-main ${axis.frame}`}>
        <div className="in-line">
          <h2>{say('charging')}</h2>
          <SkyRow scenario={scenario} change={changeOutage} />
        </div>
        <WeatherTools key={scenario.id} scenario={scenario} change={changeOutage} />
        <div className="legend">
          <span>
            <Swatch fill="var(--refill-wash)" /> {say('availableSun')}
          </span>
          <span>
            <Swatch line="1.5px dotted var(--refill)" /> {say('clippedByTheInput')}
          </span>
          <span>
            <Swatch line="2.5px solid var(--refill)" /> {say('chargingPower')}
          </span>
          <span>
            <Swatch line="1.5px dashed var(--demand)" /> {say('load')}
          </span>
        </div>
        <Guttered className={styles.chart}>
          {(gutters) =>
            days ? (
              <DaysChart days={days} gutters={gutters} label={say('wattsByTheHourAvailableSun')} />
            ) : found === null || found.refill ? (
              <Skeleton variant="rectangular" height="100%" />
            ) : (
              <p className={styles.empty}>{say('nothingRefillsItYetAddPanels')}</p>
            )
          }
        </Guttered>
        <div className={axis.lanes}>
          {scenario.sky?.kind === 'hours' && (
            <HourBars
              startsAt={startsAt}
              shownMin={shownMin}
              sunShare={scenario.sky.sunShare}
              onChange={(sunShare) =>
                changeOutage({ sky: { kind: 'hours', name: say('yourOwnHours'), sunShare } })
              }
            />
          )}
          {charge ? (
            <CurveLane
              name={say('charge')}
              figure={say('lowest', { percent: formatPercent(charge.least) })}
              label={say('stateOfChargeOfLowestAt', {
                source: source.name,
                percent: formatPercent(charge.least),
                percent2: formatPercent(charge.last),
              })}
              hue="store"
              stepMin={charge.band.stepMin}
              shownMin={shownMin}
              middle={charge.band.p50}
              low={charge.band.p10}
              high={charge.band.p90}
              most={1}
              kept={source.reserveFraction.value}
            />
          ) : (
            // its place, until the curve is there
            evaluation &&
            !hasTraces && (
              <CurveLane
                name={say('charge')}
                figure=""
                label={say('charge')}
                hue="store"
                stepMin={POINT_MIN}
                shownMin={shownMin}
                middle={[]}
              />
            )
          )}
          <StretchLane
            name={say('generator')}
            startsAt={startsAt}
            shownMin={shownMin}
            stretches={charging.generator}
            barred={quiet}
            figure={refill.generator?.on ? hoursOf(charging.generator) : say('noneWord')}
            isOff={!refill.generator?.on}
            onChange={(generator) => edit(changeCharging({ generator }))}
          />
          <StretchLane
            name={say('car')}
            startsAt={startsAt}
            shownMin={shownMin}
            stretches={charging.car}
            figure={refill.car?.on ? hoursOf(charging.car) : say('noneWord')}
            isOff={!refill.car?.on}
            onChange={(car) => edit(changeCharging({ car }))}
          />
          <StretchLane
            name={say('gridIsBack')}
            startsAt={startsAt}
            shownMin={shownMin}
            stretches={charging.grid}
            figure={hoursOf(charging.grid)}
            onChange={(grid) => edit(changeCharging({ grid }))}
          />
        </div>
        <RepeatTool
          key={scenario.id}
          startsAt={startsAt}
          outageMin={outageMin}
          charging={charging}
          has={{ generator: refill.generator?.on ?? false, car: refill.car?.on ?? false }}
          onChange={(part) => edit(changeCharging(part))}
        />
        {panels}
        <GivesWay plan={plan} />
      </div>
      <aside className="page-aside" aria-label={say('summaryGeneratorAndCar')}>
        {evaluation && <Together plan={plan} evaluation={evaluation} />}
        <GeneratorPanel
          generator={refill.generator}
          mean={mean}
          fuelEndMin={found?.refill?.fuelEndMin.p50 ?? Infinity}
          startsAt={startsAt}
          peakW={evaluation?.gates.carries.requirement.runningW ?? 0}
          startW={evaluation?.gates.starts.requirement.startW ?? 0}
          days={scenario.durationH / 24}
        />
        <CarPanel car={refill.car} source={source} mean={mean} neededWh={found?.neededPerDayWh ?? 0} />
        <UpkeepCalendar plan={plan} />
      </aside>
    </div>
  )
})
