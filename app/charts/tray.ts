/** Rows are letters, columns numbers: `B3` is the third slot of the second row. */
export interface SlotPlace {
  readonly row: number
  readonly column: number
}

/** Rows that letters can name. */
export const MOST_ROWS = 26
export const MOST_COLUMNS = 30
/** A tray of which nothing is known yet. Assumed. */
const USUAL = { rows: 3, columns: 4 }

/** `null` when the slot is named in another way. */
export function placeOf(slot: string | null | undefined): SlotPlace | null {
  const match = /^([A-Za-z])(\d{1,2})$/.exec(slot?.trim() ?? '')
  const column = Number(match?.[2]) - 1
  return match && column >= 0 && column < MOST_COLUMNS
    ? { row: match[1]!.toUpperCase().charCodeAt(0) - 65, column }
    : null
}

export function slotName({ row, column }: SlotPlace): string {
  return `${String.fromCharCode(65 + row)}${column + 1}`
}

/** The size that was said, but never too small for what lies in it. */
export function traySize(
  slots: readonly (string | null | undefined)[],
  said: { readonly rows: number; readonly columns: number } | undefined,
): { readonly rows: number; readonly columns: number } {
  const places = slots.map(placeOf).filter(place => place !== null)
  const { rows, columns } = said ?? USUAL
  return {
    rows: Math.max(rows, ...places.map(p => p.row + 1)),
    columns: Math.max(columns, ...places.map(p => p.column + 1)),
  }
}
