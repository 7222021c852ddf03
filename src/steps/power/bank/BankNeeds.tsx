'use client'
import Button from '@mui/material/Button'
import Link from 'next/link'
import { BANK_FITTINGS } from '@/catalog/bankFittings'
import type { Bank, Source } from '@/core/plan/power'
import { formatNumber } from '@/words/format'
import { fittingsOf } from '@/core/sizing/search/bankFittings'
import { useUnits } from '@/ui/field/units'
import { useTold } from '@/ui/household/useTold'
import { useHousehold } from '@/ui/household/HouseholdContext'
import { rich } from '@/ui/rich'
import { bankNeeds } from '@/words/en/pages/bank'
import { wordsOf } from '@/words/translate'

const say = wordsOf(bankNeeds)

/** What a bank needs beside batteries and inverter, what that costs about, and where it is set. */
export function BankNeeds({
  source,
  count,
}: {
  source: Source & { bank: Bank }
  count: (price: number) => void
}) {
  const units = useUnits()
  const tell = useTold()
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
      {say('besidesBatteriesAndInverterItNeeds', {
        fittings: fittings.map(({ what }) => tell(what)).join('; '),
        number: formatNumber(price),
        currency: profile.currency,
      })}{' '}
      {source.bank.fittingsPrice === undefined ? (
        <Button variant="text" onClick={() => count(price)}>
          {say('countThatInItsPrice')}
        </Button>
      ) : (
        say('itsPriceCountsForThem', {
          number: formatNumber(source.bank.fittingsPrice),
          currency: profile.currency,
        })
      )}{' '}
      {rich(say, 'lengthsAndWhatIsThereHookup', {
        link: (text) => (
          <Link href={`/h/${householdId}/hookup`} prefetch={false}>
            {text}
          </Link>
        ),
      })}
    </li>
  )
}
