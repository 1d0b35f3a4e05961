import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { coverageGrid } from './coverage-grid'
import { intoSheets, LABEL_SIZES, labelSheet, PAPERS } from './label-sheet'
import { placeOf, slotName, traySize } from './tray'

describe('label sheets', () => {
  it.each(LABEL_SIZES.flatMap(size => PAPERS.map(paper => [size.name, paper.name, size, paper] as const)))(
    '%s on %s: every label on the paper, none on another',
    (_, __, size, paper) => {
      const { places, columns, rows } = labelSheet(size, paper)
      expect(places).toHaveLength(columns * rows)
      for (const { xMm, yMm } of places) {
        expect(Math.min(xMm, yMm)).toBeGreaterThanOrEqual(4.9)
        expect(xMm + size.widthMm).toBeLessThanOrEqual(paper.widthMm - 4.9)
        expect(yMm + size.heightMm).toBeLessThanOrEqual(paper.heightMm - 4.9)
      }
      for (const [i, a] of places.entries()) {
        for (const b of places.slice(i + 1))
          expect(
            Math.abs(a.xMm - b.xMm) >= size.widthMm - 1e-9 || Math.abs(a.yMm - b.yMm) >= size.heightMm - 1e-9,
          ).toBe(true)
      }
    },
  )
  it('sheets hold every label once, after those already used', () => {
    fc.assert(
      fc.property(
        fc.array(fc.nat(), { maxLength: 60 }),
        fc.integer({ min: 1, max: 20 }),
        fc.nat(19),
        (labels, per, skip) => {
          const sheets = intoSheets(labels, per, Math.min(skip, per - 1))
          expect(sheets.flat().filter(l => l !== null)).toEqual(labels)
          expect(sheets.every(s => s.length <= per)).toBe(true)
        },
      ),
    )
  })
})

describe('trays', () => {
  it('names and places are inverses', () => {
    fc.assert(
      fc.property(fc.integer({ min: 0, max: 25 }), fc.integer({ min: 0, max: 29 }), (row, column) => {
        expect(placeOf(slotName({ row, column }))).toEqual({ row, column })
      }),
    )
    expect([placeOf('b3'), placeOf('B0'), placeOf('lid'), placeOf(null), placeOf('AA1')]).toEqual([
      { row: 1, column: 2 },
      null,
      null,
      null,
      null,
    ])
  })
  it('is never too small for what lies in it', () => {
    expect(traySize(['E7', 'A1', 'lid'], { rows: 2, columns: 2 })).toEqual({ rows: 5, columns: 7 })
    expect(traySize([], { rows: 6, columns: 1 })).toEqual({ rows: 6, columns: 1 })
  })
})

describe('coverage grid', () => {
  it('the area of a square goes with the number, and the fill with the fit', () => {
    const { marks } = coverageGrid(
      [
        { row: 'a', column: 'x', count: 16 },
        { row: 'a', column: 'y', count: 4, fit: 0.25 },
        { row: 'b', column: 'x', count: 0 },
      ],
      { width: 200, height: 100 },
    )
    expect((marks[0]!.side / marks[1]!.side) ** 2).toBeCloseTo(4, 6)
    expect(marks[1]!.filled).toBeCloseTo(marks[1]!.side / 4, 6)
    expect(marks[2]!.side).toBe(0)
    for (const m of marks) expect(m.side).toBeLessThanOrEqual(Math.min(m.width, m.height))
  })
})
