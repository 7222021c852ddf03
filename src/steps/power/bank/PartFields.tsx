'use client'
import { useState } from 'react'
import { cyclesStatedAt } from '@/core/storage/cycleLife'
import type { Bank, Battery, Inverter } from '@/core/plan/power'
import { LIMITS } from '@/core/plan/limits'
import { formatNumber, formatPercent, formatWatts } from '@/core/quantity/format'
import { FieldScope, useFieldScope } from '@/ui/field/FieldScope'
import { CheckField } from '@/ui/field/CheckField'
import { SelectField } from '@/ui/field/SelectField'
import { QuantityField } from '@/ui/field/QuantityField'
import { useHouseholdStore } from '@/ui/household/HouseholdContext'
import styles from './bank.module.css'

const OWN = ', own figures'
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
    <div className={styles.parts}>
      <FieldScope id={`${scopeId} battery`} name={battery.name}>
        <div>
          <h3>One battery</h3>
          <QuantityField
            label="Amp-hours"
            path="battery.capacityAh"
            value={battery.capacityAh.value}
            onChange={(value) => putBattery({ capacityAh: { ...battery.capacityAh, value } })}
          />
          <QuantityField
            label="Rated over (hours)"
            path="battery.rateH"
            value={battery.rateH}
            onChange={(rateH) => putBattery({ rateH })}
          />
          <QuantityField
            label="Resistance, mΩ"
            path="battery.internalMilliohm"
            value={battery.internalOhm.value * 1000}
            onChange={(milliOhm) =>
              putBattery({ internalOhm: { ...battery.internalOhm, value: milliOhm / 1000 } })
            }
          />
          <CheckField
            label="Own cut-off"
            words="its electronics switch it off"
            on={(battery.ownCutOffV ?? null) !== null}
            onChange={(on) =>
              putBattery({ ownCutOffV: on ? Math.round((battery.volts / 12.8) * 100) / 10 : null })
            }
          />
          {(battery.ownCutOffV ?? null) !== null && (
            <QuantityField
              label="Below"
              path="battery.cutOffV"
              value={battery.ownCutOffV!}
              onChange={(ownCutOffV) => putBattery({ ownCutOffV })}
            />
          )}
          <QuantityField
            label={`Cycles at ${formatPercent(cyclesStatedAt(battery.chemistry))} depth`}
            path="battery.cycles"
            value={battery.cycles}
            onChange={(cycles) => putBattery({ cycles })}
          />
          <QuantityField
            label="Weighs"
            path="source.weightKg"
            value={battery.weightKg ?? 0}
            onChange={(kg) => putBattery({ weightKg: kg > 0 ? kg : null })}
          />
          <QuantityField
            label="Costs"
            path="source.price"
            value={battery.price ?? 0}
            onChange={(price) => putBattery({ price: price > 0 ? price : null })}
          />
        </div>
      </FieldScope>
      {inverter && (
        <FieldScope id={`${scopeId} inverter`} name={inverter.name}>
          <div>
            <h3>The inverter</h3>
            <QuantityField
              label="Watts"
              path="source.watts"
              value={inverter.continuousW.value}
              check={(watts) =>
                watts > inverter.surgeW.value
                  ? `That is more than its surge, ${formatWatts(inverter.surgeW.value)}.`
                  : null
              }
              low={1}
              pairedWith="Surge"
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
              <p className={styles.said} role="status">
                Its volt-amps moved along to {formatNumber(movedVa)} VA, at the power factor it had. Its label
                may say another figure: change it below.
              </p>
            )}
            <QuantityField
              label="Volt-amps"
              path="inverter.continuousVa"
              value={inverter.continuousVa}
              onChange={(continuousVa) => putInverter({ continuousVa })}
            />
            <QuantityField
              label="Surge"
              path="source.watts"
              value={inverter.surgeW.value}
              check={(watts) =>
                watts < inverter.continuousW.value
                  ? `That is less than its ${formatWatts(inverter.continuousW.value)} running.`
                  : null
              }
              pairedWith="Watts"
              onChange={(value) => putInverter({ surgeW: { ...inverter.surgeW, value } })}
            />
            <QuantityField
              label="Surge lasts"
              path="source.surgeS"
              value={inverter.surgeS.value}
              onChange={(value) => putInverter({ surgeS: { ...inverter.surgeS, value } })}
            />
            <QuantityField
              label="Efficiency"
              path="source.efficiencyFraction"
              value={inverter.efficiencyFraction.value}
              onChange={(value) =>
                putInverter({ efficiencyFraction: { ...inverter.efficiencyFraction, value } })
              }
            />
            <QuantityField
              label="Idle draw (no-load)"
              path="source.noLoadW"
              value={inverter.noLoadW.value}
              onChange={(value) => putInverter({ noLoadW: { ...inverter.noLoadW, value } })}
            />
            <CheckField
              label="Search mode"
              words="it sleeps under a few watts"
              on={inverter.search !== null}
              onChange={(on) => putInverter({ search: on ? { belowW: 15, drawsW: 5 } : null })}
            />
            {inverter.search && (
              <>
                <QuantityField
                  label="Under"
                  path="inverter.searchBelowW"
                  value={inverter.search.belowW}
                  onChange={(belowW) => putInverter({ search: { ...inverter.search!, belowW } })}
                />
                <QuantityField
                  label="Then draws"
                  path="inverter.searchDrawsW"
                  value={inverter.search.drawsW}
                  onChange={(drawsW) => putInverter({ search: { ...inverter.search!, drawsW } })}
                />
              </>
            )}
            <SelectField
              label="Wave"
              value={inverter.wave}
              options={[
                { value: 'pure sine', words: 'pure sine' },
                { value: 'modified sine', words: 'modified sine: harms motors' },
              ]}
              onChange={(wave) => putInverter({ wave })}
            />
            <QuantityField
              label="Alarm at"
              path="inverter.alarmV"
              value={inverter.alarmV}
              onChange={(alarmV) => putInverter({ alarmV })}
            />
            <QuantityField
              label="Charges with, A"
              path="inverter.chargerA"
              value={inverter.chargerA}
              onChange={(chargerA) => putInverter({ chargerA })}
            />
            <QuantityField
              label="Weighs"
              path="source.weightKg"
              value={inverter.weightKg ?? 0}
              onChange={(kg) => putInverter({ weightKg: kg > 0 ? kg : null })}
            />
            <QuantityField
              label="Costs"
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
