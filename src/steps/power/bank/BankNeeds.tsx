'use client'
import Button from '@mui/material/Button'
import Link from 'next/link'
import { BANK_FITTINGS } from '@/catalog/bankFittings'
import type { Bank, Source } from '@/core/plan/power'
import { formatNumber } from '@/core/quantity/format'
import { fittingsOf } from '@/core/sizing/search/bankFittings'
import { useUnits } from '@/ui/field/units'
import { useHousehold } from '@/ui/household/HouseholdContext'

/** What a bank needs beside batteries and inverter, what that costs about, and where it is set. */
export function BankNeeds({
  source,
  count,
}: {
  source: Source & { bank: Bank }
  count: (price: number) => void
}) {
  const units = useUnits()
  const householdId = useHousehold((state) => state.householdId)
  const { wiring, profile, refill } = useHousehold((state) => state.household)
  const { fittings } = fittingsOf(
    source,
    { ...BANK_FITTINGS, units, own: wiring?.prices },
    (refill?.panels ?? []).some(({ on }) => on),
  )
  // usual prices are no surer than that
  const price = Math.round(fittings.reduce((sum, one) => sum + one.price, 0) / 10) * 10
  return (
    <li data-testid="bank-needs">
      Beside batteries and inverter it wants {fittings.map(({ name }) => name).join('; ')}: about{' '}
      {formatNumber(price)} {profile.currency}.{' '}
      {source.bank.fittingsPrice === undefined ? (
        <Button variant="text" onClick={() => count(price)}>
          Count that in its price
        </Button>
      ) : (
        `Its price counts ${formatNumber(source.bank.fittingsPrice)} ${profile.currency} for them.`
      )}{' '}
      Lengths and what is there: <Link href={`/h/${householdId}/hookup`}>Hookup</Link>. A licensed electrician
      fits them, to local code.
    </li>
  )
}
