import { describe, expect, test } from '@jest/globals'
import { said } from '../../../../tests/support/saidTold'
import { bankOf } from '@/catalog/equipment'
import { BATTERIES } from '@/catalog/batteries'
import type { Bank, PowerSystem } from '@/core/plan/power'
import { readBankLine } from '@/core/storage/bankLine'
import { bankName, batteryOfLine, withBankIn } from './bankChange'

const battery = (id: string) => BATTERIES.find((one) => one.id === id)!.battery
const source = bankOf('lfp-12-100', 2, 1, 'inverter-1500-24', '')
const bank = source.bank!
const systemOf = (name = bankName(bank)): PowerSystem => ({
  id: 'bank',
  name,
  sources: [{ ...source, name }],
  note: '',
})
const agm: Bank = { ...bank, battery: battery(BATTERIES.find(({ battery: b }) => b.chemistry === 'agm')!.id) }

describe('a bank that is changed', () => {
  test('is called by its volts, amp-hours and kind', () =>
    expect(bankName(bank)).toBe('24 V 100 Ah LiFePO4 bank'))

  test('keeps its name of that kind up to date, also where it is numbered', () => {
    for (const name of [bankName(bank), `${bankName(bank)} 2`]) {
      const { name: next, sources } = withBankIn(systemOf(name), 'main', { ...bank, parallel: 2 })
      expect(next).toBe('24 V 200 Ah LiFePO4 bank')
      expect(sources![0].name).toBe('24 V 200 Ah LiFePO4 bank')
    }
  })

  test('keeps a name somebody gave it', () => {
    const { name, sources } = withBankIn(systemOf('Cellar'), 'main', { ...bank, parallel: 2 })
    expect(name).toBeUndefined()
    expect(sources![0].name).toBe('Cellar')
  })

  test('brings the half that lead-acid keeps, and takes it back; a reserve of one’s own stays', () => {
    const half = withBankIn(systemOf(), 'main', agm).sources![0]
    expect(half.reserveFraction.value).toBe(0.5)
    const back = withBankIn({ ...systemOf(), sources: [half] }, half.id, bank).sources![0]
    expect(back.reserveFraction.value).toBe(0.1)
    const own = { ...source, reserveFraction: { ...source.reserveFraction, value: 0.2 } }
    const kept = withBankIn({ ...systemOf(), sources: [own] }, own.id, agm).sources![0]
    expect(kept.reserveFraction.value).toBe(0.2)
  })

  test('by a typed line keeps price and weight', () => {
    const reading = readBankLine('2S2P 12.8 V 200 Ah LiFePO4')
    if (!reading.ok) throw new Error(said(reading.message))
    expect(
      batteryOfLine(
        { ...reading.line, battery: { ...reading.line.battery, price: null, weightKg: null } },
        bank.battery,
      ),
    ).toMatchObject({
      price: bank.battery.price,
      weightKg: bank.battery.weightKg,
    })
  })
})
