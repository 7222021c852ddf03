'use client'
import Button from '@mui/material/Button'
import { useState } from 'react'
import { bankFaults } from '@/core/plan/bankFaults'
import type { Bank, PowerSystem, Source } from '@/core/plan/power'
import { formatEnergy, formatNumber, formatWatts } from '@/words/format'
import { bankAh, bankVolts, bankWarnings, bankWh, chargerAmps, refillHours } from '@/core/storage/bank'
import { type BankLine as Line, arrangement } from '@/core/storage/bankLine'
import { FieldScope } from '@/ui/field/FieldScope'
import { useTold } from '@/ui/household/useTold'
import { FieldTable } from '@/ui/field/FieldTable'
import { changePowerSystem, changeSource } from '@/ui/household/edits'
import { useHousehold, useHouseholdStore } from '@/ui/household/HouseholdContext'
import { bankBuilder } from '@/words/en/pages/bank'
import { sayDocument } from '@/words/reading/sayDocument'
import { wordsOf } from '@/words/translate'
import { BankDrawing } from './BankDrawing'
import { BankNeeds } from './BankNeeds'
import { BankLine } from './BankLine'
import { batteryOfLine, withBankIn } from './bankChange'
import { type BankForm, bankFields } from './bankFields'
import { PartFields } from './PartFields'
import { Voltmeter } from './Voltmeter'

const say = wordsOf(bankBuilder)

/** Days to refill from which a charger is too small to be of use between outages. */
const SLOW_H = 24

/** A bank put together of batteries, rows and an inverter; what does not fit is said and kept as a draft. */
export function BankBuilder({ system, source }: { system: PowerSystem; source: Source & { bank: Bank } }) {
  const tell = useTold()
  const store = useHouseholdStore()
  const is230 = useHousehold(({ household }) => household.profile.mains === '230 V')
  const [draft, setDraft] = useState<Bank | null>(null)
  const [isDetailed, setDetailed] = useState(false)
  const bank = draft ?? source.bank
  const faults = draft ? bankFaults(draft, '') : []

  const change = (part: Partial<Bank>) => {
    const next = { ...bank, ...part }
    const { edit, isTryingOut } = store.getState()
    const isFaulty = bankFaults(next, '').length > 0
    // what is only being typed leaves no draft behind
    if (!isTryingOut()) setDraft(isFaulty ? next : null)
    if (!isFaulty) edit(changePowerSystem(system.id, withBankIn(system, source.id, next)))
  }
  const put = (next: BankForm) => {
    if (next.where !== source.where)
      store.getState().edit(changeSource(system.id, source.id, { where: next.where }))
    else change(next.bank)
  }
  const takeLine = (line: Line) => {
    const { battery, series, parallel, count } = line
    const arranged =
      series && parallel
        ? { series, parallel }
        : arrangement(battery, count, bank.inverter?.dcVolts ?? battery.volts)
    change({
      battery: batteryOfLine(line, bank.battery),
      ...(arranged ?? { series: count, parallel: 1 }),
    })
  }
  const hours = refillHours(bank, 1 - source.reserveFraction.value)
  return (
    <FieldScope id={`bank ${system.id} ${source.id}`} name={system.name}>
      <section className="section" aria-label={say('theBankOf', { system: system.name })}>
        <h2>{say('whatItIsBuiltOf')}</h2>
        <div className="side-columns">
          <div>
            <BankLine take={takeLine} />
            <FieldTable
              rows={bankFields(bank, is230)}
              state={{ bank, where: source.where }}
              change={put}
              moreWords={say('cutOffAgeingWhatTheFittings')}
            />
            <Button variant="text" aria-expanded={isDetailed} onClick={() => setDetailed(!isDetailed)}>
              {isDetailed ? say('hideThePartsOwnFigures') : say('thePartsOwnFiguresAsTheir')}
            </Button>
          </div>
          <div>
            <BankDrawing bank={bank} />
            <p data-testid="bank-sum">
              {bank.series * bank.parallel} × {bank.battery.name}: <b>{formatNumber(bankVolts(bank), 1)} V</b>
              , <b>{formatNumber(bankAh(bank), 1)} Ah</b>, <b>{formatEnergy(bankWh(bank))}</b>
              {bank.inverter &&
                say('andVa', {
                  watts: formatWatts(bank.inverter.continuousW.value),
                  number: formatNumber(bank.inverter.continuousVa),
                  wave: bank.inverter.wave,
                })}
              .
            </p>
            {faults.map(({ path, message }) => (
              <p key={path} className="fault" role="alert">
                {say('notTakenYet', { message: sayDocument(message) })}
              </p>
            ))}
            {draft && (
              <Button variant="text" onClick={() => setDraft(null)}>
                {say('backToTheBankAsIt')}
              </Button>
            )}
            <ul className="points hint">
              {chargerAmps(bank) === 0 ? (
                <li>{say('noChargerNothingRefillsItFrom')}</li>
              ) : (
                <li>
                  {say('aRefillItFromItsDepth', {
                    number: formatNumber(chargerAmps(bank)),
                    number2: formatNumber(hours),
                  })}
                  {hours > SLOW_H && say('tooSlowBetweenTwoOutages')}.
                </li>
              )}
              {bankWarnings(bank).map((warning) => (
                <li key={warning.what}>{tell(warning)}</li>
              ))}
              {faults.length === 0 && (
                <BankNeeds source={source} count={(fittingsPrice) => change({ fittingsPrice })} />
              )}
            </ul>
            <Voltmeter source={source} />
          </div>
        </div>
        {isDetailed && <PartFields bank={bank} change={change} />}
      </section>
    </FieldScope>
  )
}
