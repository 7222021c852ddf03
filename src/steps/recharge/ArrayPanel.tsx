'use client'
import Button from '@mui/material/Button'
import { FieldScope } from '@/ui/field/FieldScope'
import { FindingMarks } from '@/ui/hazard/FindingMarks'
import { FieldTable } from '@/ui/field/FieldTable'
import { useMemo, useState } from 'react'
import { USUAL_WINDOW } from '@/catalog/plainOutfit'
import type { InputWindow, PanelArray } from '@/core/plan/refill'
import type { Plan } from '@/core/plan/document'
import { formatEnergy, formatNumber, formatWatts } from '@/words/format'
import { connectedArrays } from '@/core/refill/connected'
import { windowFor } from '@/core/refill/connection'
import { bestTilt, monthsWh, panelsFor } from '@/core/refill/solarYield'
import { refilledSource } from '@/core/simulation/compile'
import { bankVolts } from '@/core/storage/bank'
import { recordLowOf } from '@/core/weather/recordCold'
import { SKIES } from '@/core/weather/sky'
import { TextField } from '@/ui/field/TextField'
import { WindowsField } from '@/ui/field/WindowsField'
import { LIMITS } from '@/core/plan/limits'
import { WindowFields } from '@/ui/equipment/WindowFields'
import { changePanels, changeRefill, changeSource } from '@/ui/household/edits'
import { useHouseholdStore } from '@/ui/household/HouseholdContext'
import { arrayPanel } from '@/words/en/pages/array'
import { MONTH_NAMES } from '@/words/clock'
import { wordsOf } from '@/words/translate'
import { arrayFields } from './arrayFields'
import { ControllerFields } from './ControllerFields'
import { HorizonFields } from './HorizonFields'
import { MonthChart } from './MonthChart'
import { PanelLabel } from './PanelLabel'
import { StringVerdict } from './StringVerdict'
import { WindowDrawing } from './WindowDrawing'
import styles from './recharge.module.css'

const say = wordsOf(arrayPanel)

/** One array: its string against the input, what it brings by month, and what it is. */
export function ArrayPanel({ array, plan, neededWh }: { array: PanelArray; plan: Plan; neededWh: number }) {
  const store = useHouseholdStore()
  const [isOpen, setOpen] = useState(false)
  const { scenario, refill, powerSystem } = plan
  const source = refilledSource(powerSystem.sources)
  const recordLow = recordLowOf(refill, scenario)
  const recordLowC = recordLow.celsius
  const window = windowFor(array, source)
  const bankV = source.bank ? bankVolts(source.bank) : null
  // one that is out of use is judged as if it were the only one
  const others = array.on ? refill.panels : [{ ...array, on: true }]
  const connected = connectedArrays(others, source, recordLow).find((one) => one.array.id === array.id)!
  const { check } = connected
  const change = (part: Partial<PanelArray>) => store.getState().edit(changePanels(array.id, part))
  const changeRecordLow = (celsius: number) => store.getState().edit(changeRefill({ recordLowC: celsius }))
  const month = Number(scenario.startsAt.slice(5, 7))
  const { place } = scenario
  const yields = useMemo(
    () => ({
      clear: monthsWh(array, place, SKIES.clear.share),
      mixed: monthsWh(array, place, SKIES.mixed.share),
      dull: monthsWh(array, place, SKIES.overcast.share),
      tilt: bestTilt(array, place, month),
    }),
    [array, place, month],
  )
  const winter = place.latitudeDeg >= 0 ? 1 : 7
  const dullPanels = neededWh > 0 ? panelsFor(neededWh, array, place, winter, SKIES.overcast.share) : null
  const { outfit } = source
  const changeWindow = (solar: InputWindow) =>
    outfit &&
    store
      .getState()
      .edit(
        changeSource(powerSystem.id, source.id, { outfit: { ...outfit, input: { ...outfit.input, solar } } }),
      )
  return (
    <FieldScope id={`array ${array.id}`} name={array.name}>
      <section className={styles.array} aria-label={array.name}>
        <div className="in-line">
          <h3 dir="auto">{array.name}</h3>
          <span>
            {say('inSeriesInParallel', {
              series: array.series,
              parallel: array.parallel,
              watts: formatWatts(array.panel.watts * array.series * array.parallel),
            })}
          </span>
          <Button variant="text" aria-expanded={isOpen} onClick={() => setOpen(!isOpen)}>
            {isOpen ? say('showLess') : say('changeIt')}
          </Button>
        </div>
        <div className="field-columns">
          <div>
            {window && check ? <WindowDrawing window={window} check={check} /> : null}
            <StringVerdict
              connected={connected}
              panel={array.panel}
              recordLow={recordLow}
              changeRecordLow={changeRecordLow}
            />
            <p className="caution">{say('voltsOverTheLimitDestroyAn')}</p>
          </div>
          <div>
            <MonthChart {...yields} neededWh={neededWh} month={month} />
            <p className="hint">
              {say('aClearDayGivesMostAt', {
                monthName: MONTH_NAMES[month - 1],
                tilt: yields.tilt,
                number: formatNumber(array.tiltDeg),
                monthName2: MONTH_NAMES[winter - 1],
                energy: formatEnergy(yields.dull[winter - 1]),
              })}
              {dullPanels !== null &&
                (dullPanels === Infinity
                  ? say('noNumberOfPanelsBringsA')
                  : say('suchPanelsWouldBringADays', { dullPanels, energy: formatEnergy(neededWh) }))}
              {say('beforeAnyInputsLimit')}
            </p>
          </div>
        </div>
        {isOpen && (
          <div className="field-columns">
            <div>
              <TextField
                label={say('name')}
                value={array.name}
                maxLength={LIMITS.nameLength}
                onChange={(name) => change({ name })}
              />
              <FieldTable
                rows={arrayFields(
                  refill.panels.filter(({ id }) => id !== array.id),
                  check !== null && recordLow.isGuess,
                )}
                state={{ array, recordLowC }}
                change={(next) =>
                  next.recordLowC === recordLowC ? change(next.array) : changeRecordLow(next.recordLowC)
                }
                moreWords={say('dirtCablesAndWhatElseIs')}
              />
            </div>
            <div>
              <PanelLabel panel={array.panel} onChange={(panel) => change({ panel })} />
              <HorizonFields horizon={array.horizon} onChange={(horizon) => change({ horizon })} />
              <WindowsField
                label={say('inShade')}
                windows={array.shade}
                optional
                fresh={{ from: '15:00', to: '18:00' }}
                onChange={(shade) => change({ shade })}
              />
              {!source.bank &&
                (window ? (
                  <div role="group" aria-label={say('theInputOf', { source: source.name })}>
                    <p className="hint">{say('theInputOfAsItsLabel', { source: source.name })}</p>
                    <FieldScope id={`input ${source.id}`} name={source.name}>
                      <WindowFields window={window} onChange={changeWindow} />
                    </FieldScope>
                  </div>
                ) : (
                  outfit && (
                    <Button variant="text" onClick={() => changeWindow(USUAL_WINDOW)}>
                      {say('hasAnInputForPanelsEnter', { source: source.name })}
                    </Button>
                  )
                ))}
              <ControllerFields
                controller={array.controller}
                bankV={bankV}
                onChange={(controller) => change({ controller })}
              />
              <Button
                variant="text"
                onClick={() =>
                  store
                    .getState()
                    .edit(changeRefill({ panels: refill.panels.filter(({ id }) => id !== array.id) }))
                }
              >
                {say('removeThesePanelsUndoBringsThem')}
              </Button>
            </div>
          </div>
        )}
        <FindingMarks part="panels" id={array.id} />
      </section>
    </FieldScope>
  )
}
