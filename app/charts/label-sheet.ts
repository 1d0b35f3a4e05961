/** A label of the sheets and tapes that are sold everywhere [mm]; margins and gaps as usual for such sheets. Common practice, no source. */
export interface LabelSize {
  readonly id: string
  readonly name: string
  readonly widthMm: number
  readonly heightMm: number
  readonly gapXMm: number
  readonly gapYMm: number
}

export const LABEL_SIZES: readonly LabelSize[] = [
  { id: 'tape', name: 'tape strip, 40 × 12 mm', widthMm: 40, heightMm: 12, gapXMm: 2, gapYMm: 2 },
  { id: 'small', name: 'small, 38 × 21 mm', widthMm: 38.1, heightMm: 21.2, gapXMm: 2.5, gapYMm: 0 },
  { id: 'medium', name: 'medium, 48 × 25 mm', widthMm: 48.5, heightMm: 25.4, gapXMm: 0, gapYMm: 0 },
  { id: 'large', name: 'large, 63 × 38 mm', widthMm: 63.5, heightMm: 38.1, gapXMm: 2.5, gapYMm: 0 },
]

export interface Paper {
  readonly id: string
  readonly name: string
  readonly widthMm: number
  readonly heightMm: number
}
/** ISO 216 A4 and the North American letter (ANSI/ASME Y14.1). */
export const PAPERS: readonly Paper[] = [
  { id: 'A4', name: 'A4', widthMm: 210, heightMm: 297 },
  { id: 'letter', name: 'Letter', widthMm: 215.9, heightMm: 279.4 },
]

/** What no desk printer reaches at the edges [mm]. Common practice. */
const UNPRINTABLE_MM = 5

export interface LabelPlace {
  readonly xMm: number
  readonly yMm: number
}
export interface LabelSheet {
  readonly columns: number
  readonly rows: number
  readonly places: readonly LabelPlace[]
}

/** Where the labels of one sheet stand, centred on the paper, row by row. */
export function labelSheet({ widthMm, heightMm, gapXMm, gapYMm }: LabelSize, paper: Paper): LabelSheet {
  const fit = (room: number, size: number, gap: number) => Math.floor((room - 2 * UNPRINTABLE_MM + gap) / (size + gap))
  const columns = fit(paper.widthMm, widthMm, gapXMm)
  const rows = fit(paper.heightMm, heightMm, gapYMm)
  const left = (paper.widthMm - columns * widthMm - (columns - 1) * gapXMm) / 2
  const top = (paper.heightMm - rows * heightMm - (rows - 1) * gapYMm) / 2
  const places = Array.from({ length: rows * columns }, (_, i) => ({
    xMm: left + (i % columns) * (widthMm + gapXMm),
    yMm: top + Math.floor(i / columns) * (heightMm + gapYMm),
  }))
  return { columns, rows, places }
}

/** Cuts what is to be printed into sheets, the first beginning after `skip` used labels. */
export function intoSheets<T>(
  labels: readonly T[],
  perSheet: number,
  skip: number,
): readonly (readonly (T | null)[])[] {
  const all: (T | null)[] = [...Array.from({ length: skip }, () => null), ...labels]
  return Array.from({ length: Math.ceil(all.length / perSheet) }, (_, i) => all.slice(i * perSheet, (i + 1) * perSheet))
}
