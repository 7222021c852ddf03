'use client'
import Button from '@mui/material/Button'
import Table from '@mui/material/Table'
import TableBody from '@mui/material/TableBody'
import TableCell from '@mui/material/TableCell'
import TableHead from '@mui/material/TableHead'
import TableRow from '@mui/material/TableRow'
import type { Plan } from '@/core/plan/document'
import { formatNumber } from '@/core/quantity/format'
import { sourceOfBank } from '@/core/storage/bank'
import { type Part, partsSum } from '@/core/wiring/parts'
import { QuantityField } from '@/ui/field/QuantityField'
import { changeSource } from '@/ui/household/edits'
import { useHouseholdStore } from '@/ui/household/HouseholdContext'
import { pricePart } from '@/ui/household/wiringEdits'
import { saveText } from '@/ui/keep/saveText'
import { partWords } from '@/words/hookup/hookupWords'
import styles from './hookup.module.css'

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
      <section aria-label="To buy or to find">
        <h2>To buy or to find</h2>
        <p className={styles.soft}>Nothing is missing.</p>
      </section>
    )
  return (
    <section aria-label="To buy or to find" className={styles.parts}>
      <h2>To buy or to find</h2>
      <Table size="small">
        <TableHead>
          <TableRow>
            <TableCell>Part</TableCell>
            <TableCell align="right">Amount</TableCell>
            <TableCell align="right">Price each</TableCell>
          </TableRow>
        </TableHead>
        <TableBody>
          {parts.map((part) => {
            const words = partWords(part, saying)
            return (
              <TableRow key={`${part.id} ${part.sourceId}`}>
                <TableCell component="th" scope="row">
                  {words}
                  {part.names.length > 0 && <span className={styles.soft}> {part.names.join(', ')}</span>}
                </TableCell>
                <TableCell align="right">{part.count}</TableCell>
                <TableCell align="right">
                  <QuantityField
                    cell
                    label={`Price of ${words}`}
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
          'Say what they cost where you buy, and the sum stands here.'
        ) : (
          <>
            Together <b>{money(sum.price)}</b>
            {sum.unpriced > 0 && `, and ${sum.unpriced} without a price`}.
          </>
        )}
      </p>
      <div className={styles.findingKeys}>
        <Button variant="text" onClick={() => void save()}>
          Save as CSV
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
            Count {money(fittings.price)} in the bank’s price
          </Button>
        )}
      </div>
    </section>
  )
}
