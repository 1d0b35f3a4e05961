import { scaleBand, scaleSqrt } from 'd3'

/** One field of a coverage chart. */
export interface GridCell<Row, Column> {
  readonly row: Row
  readonly column: Column
  readonly count: number
  /** How well the best of them does, 0..1; absent or `null`: not judged. */
  readonly fit?: number | null
}
export interface GridMark<Row, Column> {
  readonly cell: GridCell<Row, Column>
  readonly x: number
  readonly y: number
  readonly width: number
  readonly height: number
  /** Side of the square that shows how many there are [px]; its area goes with the number. */
  readonly side: number
  /** Height to which it is filled [px]: as far as the best does well, all of it when nothing is judged. */
  readonly filled: number
}
export interface Grid<Row, Column> {
  readonly marks: readonly GridMark<Row, Column>[]
  readonly rows: readonly { readonly row: Row; readonly y: number }[]
  readonly columns: readonly { readonly column: Column; readonly x: number }[]
}

/** Places a table of counts as a grid of squares, the largest filling its field. */
export function coverageGrid<Row, Column>(
  cells: readonly GridCell<Row, Column>[],
  size: { readonly width: number; readonly height: number },
): Grid<Row, Column> {
  const rowKeys = [...new Set(cells.map(c => c.row))]
  const columnKeys = [...new Set(cells.map(c => c.column))]
  const y = scaleBand<number>()
    .domain(rowKeys.map((_, i) => i))
    .range([0, size.height])
    .padding(0.06)
  const x = scaleBand<number>()
    .domain(columnKeys.map((_, i) => i))
    .range([0, size.width])
    .padding(0.06)
  const most = Math.max(1, ...cells.map(c => c.count))
  const side = scaleSqrt()
    .domain([0, most])
    .range([0, Math.min(x.bandwidth(), y.bandwidth()) * 0.86])
  return {
    marks: cells.map(cell => ({
      cell,
      x: x(columnKeys.indexOf(cell.column))!,
      y: y(rowKeys.indexOf(cell.row))!,
      width: x.bandwidth(),
      height: y.bandwidth(),
      side: side(cell.count),
      filled: side(cell.count) * (cell.fit ?? 1),
    })),
    rows: rowKeys.map((row, i) => ({ row, y: y(i)! + y.bandwidth() / 2 })),
    columns: columnKeys.map((column, i) => ({ column, x: x(i)! + x.bandwidth() / 2 })),
  }
}
