'use client'
import Table from '@mui/material/Table'
import TableBody from '@mui/material/TableBody'
import TableCell, { type TableCellProps } from '@mui/material/TableCell'
import TableHead from '@mui/material/TableHead'
import TableRow from '@mui/material/TableRow'
import TableSortLabel from '@mui/material/TableSortLabel'
import {
  type ColumnDef,
  createSortedRowModel,
  rowSortingFeature,
  sortFn_basic,
  tableFeatures,
  useTable,
} from '@tanstack/react-table'
import { type CSSProperties, Fragment, type ReactNode, useMemo } from 'react'
import styles from './DataTable.module.css'

const features = tableFeatures({
  rowSortingFeature,
  sortedRowModel: createSortedRowModel(),
  sortFns: { basic: sortFn_basic },
})

/** A column: its head, what stands in each row, and by what rows may be put in order. */
export interface DataColumn<T> {
  id: string
  head: ReactNode
  cell: (row: T) => ReactNode
  /** a head that can be pressed puts rows in order by this; figures the largest first, words from A */
  sortBy?: (row: T) => number | string
  /** figures stand to the right */
  align?: TableCellProps['align']
  /** the cell names its row */
  isRowHead?: boolean
  /** what its cell is marked with beside its class */
  cellProps?: (row: T) => TableCellProps & Record<`data-${string}`, unknown>
  headProps?: Record<`data-${string}`, unknown>
  className?: string
}

interface DataTableProps<T> {
  columns: readonly DataColumn<T>[]
  data: readonly T[]
  rowId: (row: T) => string
  /** draws a row around its cells; `isInOrder` where rows stand as they were given */
  row?: (row: T, cells: ReactNode, isInOrder: boolean) => ReactNode
  className?: string
  style?: CSSProperties
}

/** A table whose head stays in sight, and whose rows can be put in order by its columns. */
export function DataTable<T extends object>(props: DataTableProps<T>) {
  const { columns, data, rowId, className, style } = props
  const row = props.row ?? ((_: T, cells: ReactNode) => <TableRow>{cells}</TableRow>)
  const definitions = useMemo(
    () =>
      columns.map(({ id, sortBy }): ColumnDef<typeof features, T> => ({
        id,
        accessorFn: (one) => sortBy?.(one) ?? '',
        enableSorting: sortBy !== undefined,
        sortFn: 'basic',
      })),
    [columns],
  )
  const table = useTable({ features, columns: definitions, data: data as T[], getRowId: rowId })
  const { sorting } = table.state
  const shown = table.getRowModel().rows.map(({ original }) => original)
  return (
    <Table className={className} style={style} stickyHeader>
      <TableHead>
        <TableRow>
          {columns.map(({ id, head, sortBy, align, className: own, headProps }) => {
            const by = sorting.find((one) => one.id === id)
            const direction = by ? (by.desc ? 'desc' : 'asc') : undefined
            return (
              <TableCell
                key={id}
                scope="col"
                align={align}
                {...headProps}
                className={`${styles.head} ${own ?? ''}`}
                aria-sort={direction && (direction === 'desc' ? 'descending' : 'ascending')}
              >
                {sortBy ? (
                  <TableSortLabel
                    active={by !== undefined}
                    hideSortIcon
                    className={styles.sort}
                    direction={direction ?? 'desc'}
                    onClick={() => table.getColumn(id)?.toggleSorting()}
                  >
                    {head}
                  </TableSortLabel>
                ) : (
                  head
                )}
              </TableCell>
            )
          })}
        </TableRow>
      </TableHead>
      <TableBody>
        {shown.map((one) => (
          <Fragment key={rowId(one)}>
            {row(
              one,
              columns.map(({ id, cell, isRowHead, align, className: own, cellProps }) => {
                const { className: marked = '', ...more } = cellProps?.(one) ?? {}
                return (
                  <TableCell
                    key={id}
                    align={align}
                    className={`${own ?? ''} ${marked}`}
                    {...(isRowHead && { component: 'th', scope: 'row' })}
                    {...more}
                  >
                    {cell(one)}
                  </TableCell>
                )
              }),
              sorting.length === 0,
            )}
          </Fragment>
        ))}
      </TableBody>
    </Table>
  )
}
