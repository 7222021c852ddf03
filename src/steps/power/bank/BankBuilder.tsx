'use client'
import Button from '@mui/material/Button'
import MuiTextField from '@mui/material/TextField'
import { FieldScope } from '@/ui/field/FieldScope'
import { type KeyboardEvent, useState } from 'react'
import { BATTERIES } from '@/catalog/batteries'
import { INVERTERS } from '@/catalog/inverters'
import { bankFaults } from '@/core/plan/bankFaults'
import { BANK_LIMITS } from '@/core/plan/limits'
import type { Bank, PowerSystem, Source } from '@/core/plan/power'
import { formatEnergy, formatNumber, formatWatts } from '@/core/quantity/format'
import { bankAh, bankVolts, bankWarnings, bankWh, chargerAmps, refillHours } from '@/core/storage/bank'
import { arrangement, readBankLine } from '@/core/storage/bankLine'
import { SelectField } from '@/ui/field/SelectField'
import { QuantityField } from '@/ui/field/QuantityField'
import fields from '@/ui/field/field.module.css'
import { changePowerSystem, changeSource } from '@/ui/household/edits'
import { useHousehold, useHouseholdStore } from '@/ui/household/HouseholdContext'
import { BankDrawing } from './BankDrawing'
import { batteryOfLine, withBankIn } from './bankChange'
import { PartFields } from './PartFields'
import { Voltmeter } from './Voltmeter'
import styles from './bank.module.css'

const OWN = 'own'
const NONE = 'none'

/** Days to refill from which a charger is too small to be of use between outages. */
const SLOW_H = 24

/** A bank put together of batteries, rows and an inverter; what does not fit is said and kept as a draft. */
export function BankBuilder({ system, source }: { system: PowerSystem; source: Source & { bank: Bank } }) {
  const store = useHouseholdStore()
  const is230 = useHousehold(({ household }) => household.profile.mains === '230 V')
  const [draft, setDraft] = useState<Bank | null>(null)
  const [text, setText] = useState('')
  const [isDetailed, setDetailed] = useState(false)
  const bank = draft ?? source.bank
  const faults = draft ? bankFaults(draft, '') : []
  const reading = text.trim() ? readBankLine(text) : null

  const change = (part: Partial<Bank>) => {
    const next = { ...bank, ...part }
    const { edit, isTryingOut } = store.getState()
    const isFaulty = bankFaults(next, '').length > 0
    // what is only being typed leaves no draft behind
    if (!isTryingOut()) setDraft(isFaulty ? next : null)
    if (!isFaulty) edit(changePowerSystem(system.id, withBankIn(system, source.id, next)))
  }
  const takeLine = () => {
    if (!reading?.ok) return
    const { battery, series, parallel, count } = reading.line
    const arranged =
      series && parallel
        ? { series, parallel }
        : arrangement(battery, count, bank.inverter?.dcVolts ?? battery.volts)
    change({
      battery: batteryOfLine(reading.line, bank.battery),
      ...(arranged ?? { series: count, parallel: 1 }),
    })
    setText('')
  }
  const onKeyDown = (event: KeyboardEvent) => {
    if (event.key === 'Escape') setText('')
    if (event.key === 'Enter') takeLine()
  }
  const batteryId = BATTERIES.find(({ battery }) => battery.name === bank.battery.name)?.id ?? OWN
  const inverterId = bank.inverter
    ? (INVERTERS.find(({ inverter }) => inverter.name === bank.inverter!.name)?.id ?? OWN)
    : NONE
  const hours = refillHours(bank, 1 - source.reserveFraction.value)
  return (
    <FieldScope id={`bank ${system.id} ${source.id}`} name={system.name}>
      <section className={styles.builder} aria-label={`The bank of ${system.name}`}>
        <h2>What it is built of</h2>
        <div className={styles.columns}>
          <div>
            <div className={fields.row}>
              <label className={fields.label} htmlFor="bank-line">
                In one line
              </label>
              <span className={fields.control}>
                <MuiTextField
                  id="bank-line"
                  className={styles.line}
                  variant="standard"
                  hiddenLabel
                  value={text}
                  placeholder="4 × 12 V 100 Ah AGM"
                  error={reading !== null && !reading.ok}
                  onChange={(event) => setText(event.target.value)}
                  onKeyDown={onKeyDown}
                  slotProps={{
                    htmlInput: {
                      autoComplete: 'off',
                      spellCheck: false,
                      'aria-describedby': 'bank-line-said',
                    },
                  }}
                />
                <span
                  id="bank-line-said"
                  className={reading && !reading.ok ? styles.trouble : styles.said}
                  aria-live="polite"
                  data-testid="bank-line-said"
                >
                  {reading?.ok ? `${reading.line.understood} · Enter takes it` : reading?.message}
                </span>
              </span>
            </div>
            <SelectField
              label="Battery"
              value={batteryId}
              options={[
                ...(batteryId === OWN ? [{ value: OWN, words: bank.battery.name }] : []),
                ...BATTERIES.map(({ id, battery }) => ({ value: id, words: battery.name })),
              ]}
              onChange={(id) => {
                const found = BATTERIES.find((one) => one.id === id)
                if (found) change({ battery: found.battery })
              }}
            />
            <QuantityField
              label="In series"
              path="bank.series"
              value={bank.series}
              onChange={(series) => change({ series })}
            />
            <QuantityField
              label="Strings in parallel"
              path="bank.parallel"
              value={bank.parallel}
              onChange={(parallel) => change({ parallel })}
            />
            <SelectField
              label="Inverter"
              value={inverterId}
              options={[
                { value: NONE, words: 'none: direct current only' },
                ...(inverterId === OWN ? [{ value: OWN, words: bank.inverter!.name }] : []),
                ...INVERTERS.map(({ id, inverter }) => ({ value: id, words: inverter.name })),
              ]}
              onChange={(id) => {
                const found = INVERTERS.find((one) => one.id === id)?.inverter
                const volts: (typeof source)['volts'] = is230 ? [230] : (found?.volts ?? [120])
                if (id === NONE) change({ inverter: null })
                else if (found) change({ inverter: { ...found, volts } })
              }}
            />
            {bank.inverter && (
              <QuantityField
                label="Low-voltage cut-off"
                path="battery.cutOffV"
                value={bank.inverter.cutOffV}
                onChange={(cutOffV) =>
                  change({
                    inverter: {
                      ...bank.inverter!,
                      cutOffV,
                      alarmV: Math.max(bank.inverter!.alarmV, cutOffV),
                    },
                  })
                }
              />
            )}
            <QuantityField
              label="Capacity lost to ageing"
              path="battery.agedFraction"
              value={bank.battery.agedFraction}
              onChange={(agedFraction) => change({ battery: { ...bank.battery, agedFraction } })}
            />
            {bank.battery.chemistry !== 'lifepo4' && (
              <QuantityField
                label="Peukert exponent"
                path="battery.peukert"
                value={bank.battery.peukert.value}
                onChange={(value) =>
                  change({ battery: { ...bank.battery, peukert: { ...bank.battery.peukert, value } } })
                }
              />
            )}
            <QuantityField
              label="Charger of its own"
              path="inverter.chargerA"
              value={bank.chargerA ?? 0}
              onChange={(amps) => change({ chargerA: amps >= 0.1 ? amps : null })}
            />
            <QuantityField
              label="Charger, fuses, cables: price"
              path="source.price"
              value={bank.fittingsPrice ?? 0}
              onChange={(price) => change({ fittingsPrice: price > 0 ? price : undefined })}
            />
            <SelectField
              label="It stands"
              value={source.where ?? 'indoors'}
              options={[
                { value: 'indoors', words: 'indoors' },
                { value: 'unheated', words: 'in an unheated room' },
                { value: 'outdoors', words: 'outdoors' },
              ]}
              onChange={(where) => store.getState().edit(changeSource(system.id, source.id, { where }))}
            />
            <Button variant="text" aria-expanded={isDetailed} onClick={() => setDetailed(!isDetailed)}>
              {isDetailed ? 'Fold the parts’ own figures' : 'The parts’ own figures, as their labels say'}
            </Button>
            {bank.battery.chemistry === 'flooded' && (
              <SelectField
                label="Voltage at 50 %"
                value={bank.halfUsedSchool}
                options={[
                  { value: 'at 12.05 V', words: '12.05 V at rest: the usual table' },
                  { value: 'at 12.10 V earlier', words: '12.10 V at rest: recharge earlier' },
                ]}
                onChange={(halfUsedSchool) => change({ halfUsedSchool })}
              />
            )}
          </div>
          <div>
            <BankDrawing bank={bank} />
            <p className={styles.sum} data-testid="bank-sum">
              {bank.series * bank.parallel} × {bank.battery.name}: <b>{formatNumber(bankVolts(bank), 1)} V</b>
              , <b>{formatNumber(bankAh(bank), 1)} Ah</b>, <b>{formatEnergy(bankWh(bank))}</b>
              {bank.inverter &&
                `; ${formatWatts(bank.inverter.continuousW.value)} and ${formatNumber(bank.inverter.continuousVa)} VA, ${bank.inverter.wave}`}
              .
            </p>
            {faults.map(({ message }) => (
              <p key={message} className={styles.trouble} role="alert">
                Not taken yet: {message}.
              </p>
            ))}
            {draft && (
              <Button variant="text" onClick={() => setDraft(null)}>
                Back to the bank as it was
              </Button>
            )}
            <ul className={styles.notes}>
              {chargerAmps(bank) === 0 ? (
                <li>No charger: nothing refills it from the wall.</li>
              ) : (
                <li>
                  {formatNumber(chargerAmps(bank))} A refill it from its depth in about {formatNumber(hours)}{' '}
                  hours
                  {hours > SLOW_H && ': too slow between two outages'}.
                </li>
              )}
              {bankWarnings(bank).map((words) => (
                <li key={words}>{words}</li>
              ))}
              <li>Cables and fuses are not sized here: have a licensed electrician size and fit them.</li>
            </ul>
            <Voltmeter source={source} />
          </div>
        </div>
        {isDetailed && <PartFields bank={bank} change={change} />}
      </section>
    </FieldScope>
  )
}
