import { expect, test } from '@jest/globals'
import { render, screen, within } from '@testing-library/react'
import userEvent from '@testing-library/user-event'
import TableRow from '@mui/material/TableRow'
import { type DataColumn, DataTable } from './DataTable'

interface Thing {
  name: string
  watts: number
}
const things: Thing[] = [
  { name: 'Lamp', watts: 9 },
  { name: 'Pump', watts: 520 },
  { name: 'Router', watts: 12 },
]
const columns: DataColumn<Thing>[] = [
  { id: 'name', head: 'Name', isRowHead: true, cell: ({ name }) => name },
  { id: 'watts', head: 'Watts', sortBy: ({ watts }) => watts, cell: ({ watts }) => `${watts} W` },
]
const names = () => screen.getAllByRole('rowheader').map((head) => head.textContent)

test('rows stand as they were given; a head puts them in order, the largest first, then the smallest, then as they were', async () => {
  const orders: boolean[] = []
  render(
    <DataTable
      columns={columns}
      data={things}
      rowId={({ name }) => name}
      row={(_, cells, isInOrder) => {
        orders.push(isInOrder)
        return <TableRow>{cells}</TableRow>
      }}
    />,
  )
  expect(names()).toEqual(['Lamp', 'Pump', 'Router'])
  expect(orders.at(-1)).toBe(true)
  const head = screen.getByRole('columnheader', { name: 'Watts' })
  expect(head.getAttribute('aria-sort')).toBeNull()
  const press = () => userEvent.click(within(head).getByRole('button', { name: 'Watts' }))
  await press()
  expect(names()).toEqual(['Pump', 'Router', 'Lamp'])
  expect(head.getAttribute('aria-sort')).toBe('descending')
  expect(orders.at(-1)).toBe(false)
  await press()
  expect(names()).toEqual(['Lamp', 'Router', 'Pump'])
  await press()
  expect(names()).toEqual(['Lamp', 'Pump', 'Router'])
})

test('a head without an order is no button', () => {
  render(<DataTable columns={columns} data={things} rowId={({ name }) => name} />)
  const head = screen.getByRole('columnheader', { name: 'Name' })
  expect(within(head).queryByRole('button')).toBeNull()
})
