'use client'
import Button from '@mui/material/Button'
import Table from '@mui/material/Table'
import TableBody from '@mui/material/TableBody'
import TableCell from '@mui/material/TableCell'
import TableHead from '@mui/material/TableHead'
import TableRow from '@mui/material/TableRow'
import type { Plan } from '@/core/plan/document'
import { formatNumber } from '@/words/format'
import { sourceOfBank } from '@/core/storage/bank'
import { type Part, partsSum } from '@/core/wiring/parts'
import { QuantityField } from '@/ui/field/QuantityField'
import { changeSource } from '@/ui/household/edits'
import { useHouseholdStore } from '@/ui/household/HouseholdContext'
import { pricePart } from '@/ui/household/wiringEdits'
import { saveText } from '@/ui/keep/saveText'
import { rich } from '@/ui/rich'
import { partsList } from '@/words/en/pages/hookup'
import { partWords } from '@/words/hookup/hookupWords'
import { wordsOf } from '@/words/translate'

const say = wordsOf(partsList)

/** What is still to be bought or found, with what it costs here; as a table for a shop, too. */
export function PartsList({ plan, parts }: { plan: Plan; parts: readonly Part[] }) {
  const { edit } = useHouseholdStore().getState()
  const { currency, units } = plan.household
  const saying = { units, startsAt: plan.scenario.startsAt }
  const sum = partsSum(parts)
  const money = (amount: number) => `${formatNumber(amount)} ${currency}`
  const ofBank = (sourceId: string) => partsSum(parts.filter((part) => part.sourceId === sourceId))
  const bank = plan.powerSystem.sources.find(
    ({ bank: built, id }) => built && parts.some((part) => part.sourceId === id),
  )
  const fittings = bank ? ofBank(bank.id) : null

  const save = async () => {
    const { default: Papa } = await import('papaparse')
    const rows = parts.map((part) => ({
      part: partWords(part, saying),
      amount: part.count,
      price_each: part.price ?? '',
      currency,
      for: part.names.join(', '),
    }))
    saveText('parts.csv', 'text/csv', Papa.unparse(rows, { newline: '\r\n', escapeFormulae: true }))
  }
  if (parts.length === 0)
    return (
      <section aria-label={say('toBuyOrToFind')}>
        <h2>{say('toBuyOrToFind')}</h2>
        <p className="hint">{say('nothingIsMissing')}</p>
      </section>
    )
  return (
    <section aria-label={say('toBuyOrToFind')} className="later">
      <h2>{say('toBuyOrToFind')}</h2>
      <Table size="small">
        <TableHead>
          <TableRow>
            <TableCell>{say('part')}</TableCell>
            <TableCell align="right">{say('amount')}</TableCell>
            <TableCell align="right">{say('priceEach')}</TableCell>
          </TableRow>
        </TableHead>
        <TableBody>
          {parts.map((part) => {
            const words = partWords(part, saying)
            return (
              <TableRow key={`${part.id} ${part.sourceId}`}>
                <TableCell component="th" scope="row">
                  {words}
                  {part.names.length > 0 && <span className="hint"> {part.names.join(', ')}</span>}
                </TableCell>
                <TableCell align="right">{part.count}</TableCell>
                <TableCell align="right">
                  <QuantityField
                    cell
                    label={say('priceOf', { words })}
                    path="source.price"
                    value={part.price}
                    onChange={(price) => edit(pricePart(part.id, price))}
                  />
                </TableCell>
              </TableRow>
            )
          })}
        </TableBody>
      </Table>
      <p>
        {sum.unpriced === parts.length ? (
          say('sayWhatTheyCostWhereYou')
        ) : (
          <>
            {rich(say, 'together', { money: money(sum.price), b: (text) => <b>{text}</b> })}
            {sum.unpriced > 0 && say('andWithoutAPrice', { unpriced: sum.unpriced })}.
          </>
        )}
      </p>
      <div className="in-line no-print">
        <Button variant="text" onClick={() => void save()}>
          {say('saveAsCsv')}
        </Button>
        {bank && fittings && fittings.unpriced === 0 && bank.bank!.fittingsPrice === undefined && (
          <Button
            variant="text"
            onClick={() =>
              edit(
                changeSource(
                  plan.powerSystem.id,
                  bank.id,
                  sourceOfBank(bank, { ...bank.bank!, fittingsPrice: fittings.price }),
                ),
              )
            }
          >
            {say('countInTheBanksPrice', { money: money(fittings.price) })}
          </Button>
        )}
      </div>
    </section>
  )
}
