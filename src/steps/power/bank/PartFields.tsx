'use client'
import { cyclesStatedAt } from '@/core/storage/cycleLife'
import type { Bank, Battery, Inverter } from '@/core/plan/power'
import { LIMITS } from '@/core/plan/limits'
import { formatPercent, formatWatts } from '@/core/quantity/format'
import { CheckField } from '@/ui/field/CheckField'
import { SelectField } from '@/ui/field/SelectField'
import { UnitField } from '@/ui/field/UnitField'
import styles from './bank.module.css'

const OWN = ', own figures'
/** A part whose figures are no longer the class's is no longer called so. */
const named = (name: string) =>
  name.endsWith(OWN) ? name : `${name.slice(0, LIMITS.nameLength - OWN.length)}${OWN}`
const upTo = (most: number, unit: string) => (value: number) =>
  value > most ? `${most.toLocaleString('en')} ${unit} at most.` : null

/** The figures of a bank's battery and inverter, as their labels say. */
export function PartFields({ bank, change }: { bank: Bank; change: (part: Partial<Bank>) => void }) {
  const { battery, inverter } = bank
  const putBattery = (part: Partial<Battery>) =>
    change({ battery: { ...battery, ...part, name: named(battery.name) } })
  const putInverter = (part: Partial<Inverter>) =>
    inverter && change({ inverter: { ...inverter, ...part, name: named(inverter.name) } })
  return (
    <div className={styles.parts}>
      <div>
        <h3>One battery</h3>
        <UnitField
          label="Amp-hours"
          kind="capacity"
          value={battery.capacityAh.value}
          onChange={(value) => putBattery({ capacityAh: { ...battery.capacityAh, value } })}
        />
        <UnitField
          label="Stated over"
          kind="hours"
          value={battery.rateH}
          check={upTo(120, 'h')}
          onChange={(rateH) => putBattery({ rateH })}
        />
        <UnitField
          label="Resistance, mΩ"
          kind="count"
          value={battery.internalOhm.value * 1000}
          check={upTo(1000, 'mΩ')}
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
          <UnitField
            label="Below"
            kind="voltage"
            value={battery.ownCutOffV!}
            check={upTo(100, 'V')}
            onChange={(ownCutOffV) => putBattery({ ownCutOffV })}
          />
        )}
        <UnitField
          label={`Cycles at ${formatPercent(cyclesStatedAt(battery.chemistry))} depth`}
          kind="cycles"
          value={battery.cycles}
          onChange={(cycles) => putBattery({ cycles })}
        />
        <UnitField
          label="Weighs"
          kind="weight"
          value={battery.weightKg ?? 0}
          onChange={(kg) => putBattery({ weightKg: kg > 0 ? kg : null })}
        />
        <UnitField
          label="Costs"
          kind="money"
          value={battery.price ?? 0}
          onChange={(price) => putBattery({ price: price > 0 ? price : null })}
        />
      </div>
      {inverter && (
        <div>
          <h3>The inverter</h3>
          <UnitField
            label="Watts"
            kind="power"
            value={inverter.continuousW.value}
            check={(watts) =>
              watts > inverter.surgeW.value
                ? `At most its surge, ${formatWatts(inverter.surgeW.value)}; raise that first.`
                : watts < 1
                  ? 'At least 1 W.'
                  : null
            }
            onChange={(value) => putInverter({ continuousW: { ...inverter.continuousW, value } })}
          />
          <UnitField
            label="Volt-amps"
            kind="count"
            value={inverter.continuousVa}
            check={(va) => (va < 1 || va > 50_000 ? 'From 1 to 50,000 VA.' : null)}
            onChange={(continuousVa) => putInverter({ continuousVa })}
          />
          <UnitField
            label="Surge"
            kind="power"
            value={inverter.surgeW.value}
            check={(watts) =>
              watts < inverter.continuousW.value
                ? `At least its ${formatWatts(inverter.continuousW.value)}.`
                : null
            }
            onChange={(value) => putInverter({ surgeW: { ...inverter.surgeW, value } })}
          />
          <UnitField
            label="Surge lasts"
            kind="seconds"
            value={inverter.surgeS.value}
            onChange={(value) => putInverter({ surgeS: { ...inverter.surgeS, value } })}
          />
          <UnitField
            label="Efficiency"
            kind="fraction"
            value={inverter.efficiencyFraction.value}
            check={(share) => (share < 0.3 ? 'From 30 to 100 %.' : null)}
            onChange={(value) =>
              putInverter({ efficiencyFraction: { ...inverter.efficiencyFraction, value } })
            }
          />
          <UnitField
            label="No-load draw"
            kind="power"
            value={inverter.noLoadW.value}
            check={upTo(1000, 'W')}
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
              <UnitField
                label="Under"
                kind="power"
                value={inverter.search.belowW}
                check={upTo(200, 'W')}
                onChange={(belowW) => putInverter({ search: { ...inverter.search!, belowW } })}
              />
              <UnitField
                label="Then draws"
                kind="power"
                value={inverter.search.drawsW}
                check={upTo(100, 'W')}
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
          <UnitField
            label="Alarm at"
            kind="voltage"
            value={inverter.alarmV}
            check={upTo(100, 'V')}
            onChange={(alarmV) => putInverter({ alarmV })}
          />
          <UnitField
            label="Charges with, A"
            kind="count"
            value={inverter.chargerA}
            check={upTo(500, 'A')}
            onChange={(chargerA) => putInverter({ chargerA })}
          />
          <UnitField
            label="Weighs"
            kind="weight"
            value={inverter.weightKg ?? 0}
            onChange={(kg) => putInverter({ weightKg: kg > 0 ? kg : null })}
          />
          <UnitField
            label="Costs"
            kind="money"
            value={inverter.price ?? 0}
            onChange={(price) => putInverter({ price: price > 0 ? price : null })}
          />
        </div>
      )}
    </div>
  )
}
