'use client'
import { useState } from 'react'
import { cyclesStatedAt } from '@/core/storage/cycleLife'
import type { Bank, Battery, Inverter } from '@/core/plan/power'
import { LIMITS } from '@/core/plan/limits'
import { formatNumber, formatPercent, formatWatts } from '@/words/format'
import { FieldScope, useFieldScope } from '@/ui/field/FieldScope'
import { CheckField } from '@/ui/field/CheckField'
import { SelectField } from '@/ui/field/SelectField'
import { QuantityField } from '@/ui/field/QuantityField'
import { useHouseholdStore } from '@/ui/household/HouseholdContext'
import { partFields } from '@/words/en/pages/bank'
import { wordsOf } from '@/words/translate'

const say = wordsOf(partFields)

const OWN = say('ownFigures')
/** A part whose figures are no longer the class's is no longer called so. */
const named = (name: string) =>
  name.endsWith(OWN) ? name : `${name.slice(0, LIMITS.nameLength - OWN.length)}${OWN}`

/** The figures of a bank's battery and inverter, as their labels say. */
export function PartFields({ bank, change }: { bank: Bank; change: (part: Partial<Bank>) => void }) {
  const { battery, inverter } = bank
  const store = useHouseholdStore()
  const { id: scopeId } = useFieldScope()
  const [movedVa, setMovedVa] = useState<number | null>(null)
  const putBattery = (part: Partial<Battery>) =>
    change({ battery: { ...battery, ...part, name: named(battery.name) } })
  const putInverter = (part: Partial<Inverter>) =>
    inverter && change({ inverter: { ...inverter, ...part, name: named(inverter.name) } })
  return (
    <div className="field-columns">
      <FieldScope id={`${scopeId} battery`} name={battery.name}>
        <div>
          <h3>{say('oneBattery')}</h3>
          <QuantityField
            label={say('ampHours')}
            path="battery.capacityAh"
            value={battery.capacityAh.value}
            onChange={(value) => putBattery({ capacityAh: { ...battery.capacityAh, value } })}
          />
          <QuantityField
            label={say('ratedOverHours')}
            path="battery.rateH"
            value={battery.rateH}
            onChange={(rateH) => putBattery({ rateH })}
          />
          <QuantityField
            label={say('resistanceM')}
            path="battery.internalMilliohm"
            value={battery.internalOhm.value * 1000}
            onChange={(milliOhm) =>
              putBattery({ internalOhm: { ...battery.internalOhm, value: milliOhm / 1000 } })
            }
          />
          <CheckField
            label={say('ownCutOff')}
            words={say('itsElectronicsSwitchItOff')}
            on={(battery.ownCutOffV ?? null) !== null}
            onChange={(on) =>
              putBattery({ ownCutOffV: on ? Math.round((battery.volts / 12.8) * 100) / 10 : null })
            }
          />
          {(battery.ownCutOffV ?? null) !== null && (
            <QuantityField
              label={say('below')}
              path="battery.cutOffV"
              value={battery.ownCutOffV!}
              onChange={(ownCutOffV) => putBattery({ ownCutOffV })}
            />
          )}
          <QuantityField
            label={say('cyclesAtDepth', { percent: formatPercent(cyclesStatedAt(battery.chemistry)) })}
            path="battery.cycles"
            value={battery.cycles}
            onChange={(cycles) => putBattery({ cycles })}
          />
          <QuantityField
            label={say('weighs')}
            path="source.weightKg"
            value={battery.weightKg ?? 0}
            onChange={(kg) => putBattery({ weightKg: kg > 0 ? kg : null })}
          />
          <QuantityField
            label={say('costs')}
            path="source.price"
            value={battery.price ?? 0}
            onChange={(price) => putBattery({ price: price > 0 ? price : null })}
          />
        </div>
      </FieldScope>
      {inverter && (
        <FieldScope id={`${scopeId} inverter`} name={inverter.name}>
          <div>
            <h3>{say('theInverter')}</h3>
            <QuantityField
              label={say('watts')}
              path="source.watts"
              value={inverter.continuousW.value}
              check={(watts) =>
                watts > inverter.surgeW.value
                  ? say('thatIsMoreThanItsSurge', { watts: formatWatts(inverter.surgeW.value) })
                  : null
              }
              low={1}
              pairedWith={say('surge')}
              onChange={(value) => {
                const continuousVa = Math.min(
                  50_000,
                  Math.max(1, Math.round((inverter.continuousVa * value) / inverter.continuousW.value)),
                )
                putInverter({ continuousW: { ...inverter.continuousW, value }, continuousVa })
                if (!store.getState().isTryingOut()) setMovedVa(continuousVa)
              }}
            />
            {movedVa !== null && movedVa === inverter.continuousVa && (
              <p className="hint" role="status">
                {say('itsVoltAmpsMovedAlongTo', { number: formatNumber(movedVa) })}
              </p>
            )}
            <QuantityField
              label={say('voltAmps')}
              path="inverter.continuousVa"
              value={inverter.continuousVa}
              onChange={(continuousVa) => putInverter({ continuousVa })}
            />
            <QuantityField
              label={say('surge')}
              path="source.watts"
              value={inverter.surgeW.value}
              check={(watts) =>
                watts < inverter.continuousW.value
                  ? say('thatIsLessThanItsRunning', { watts: formatWatts(inverter.continuousW.value) })
                  : null
              }
              pairedWith={say('watts')}
              onChange={(value) => putInverter({ surgeW: { ...inverter.surgeW, value } })}
            />
            <QuantityField
              label={say('surgeLasts')}
              path="source.surgeS"
              value={inverter.surgeS.value}
              onChange={(value) => putInverter({ surgeS: { ...inverter.surgeS, value } })}
            />
            <QuantityField
              label={say('efficiency')}
              path="source.efficiencyFraction"
              value={inverter.efficiencyFraction.value}
              onChange={(value) =>
                putInverter({ efficiencyFraction: { ...inverter.efficiencyFraction, value } })
              }
            />
            <QuantityField
              label={say('idleDrawNoLoad')}
              path="source.noLoadW"
              value={inverter.noLoadW.value}
              onChange={(value) => putInverter({ noLoadW: { ...inverter.noLoadW, value } })}
            />
            <CheckField
              label={say('searchMode')}
              words={say('itSleepsUnderAFewWatts')}
              on={inverter.search !== null}
              onChange={(on) => putInverter({ search: on ? { belowW: 15, drawsW: 5 } : null })}
            />
            {inverter.search && (
              <>
                <QuantityField
                  label={say('under')}
                  path="inverter.searchBelowW"
                  value={inverter.search.belowW}
                  onChange={(belowW) => putInverter({ search: { ...inverter.search!, belowW } })}
                />
                <QuantityField
                  label={say('thenDraws')}
                  path="inverter.searchDrawsW"
                  value={inverter.search.drawsW}
                  onChange={(drawsW) => putInverter({ search: { ...inverter.search!, drawsW } })}
                />
              </>
            )}
            <SelectField
              label={say('wave')}
              value={inverter.wave}
              options={[
                { value: 'pure sine', words: say('pureSine') },
                { value: 'modified sine', words: say('modifiedSineHarmsMotors') },
              ]}
              onChange={(wave) => putInverter({ wave })}
            />
            <QuantityField
              label={say('alarmAt')}
              path="inverter.alarmV"
              value={inverter.alarmV}
              onChange={(alarmV) => putInverter({ alarmV })}
            />
            <QuantityField
              label={say('chargesWithA')}
              path="inverter.chargerA"
              value={inverter.chargerA}
              onChange={(chargerA) => putInverter({ chargerA })}
            />
            <QuantityField
              label={say('weighs')}
              path="source.weightKg"
              value={inverter.weightKg ?? 0}
              onChange={(kg) => putInverter({ weightKg: kg > 0 ? kg : null })}
            />
            <QuantityField
              label={say('costs')}
              path="source.price"
              value={inverter.price ?? 0}
              onChange={(price) => putInverter({ price: price > 0 ? price : null })}
            />
          </div>
        </FieldScope>
      )}
    </div>
  )
}
