import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { writeFile } from './write-file'

describe('a file as text', () => {
  it('is to the letter what the language itself writes (ECMA-404 by JSON.stringify), whatever it holds', () => {
    fc.assert(
      fc.property(fc.dictionary(fc.string(), fc.oneof(fc.jsonValue(), fc.array(fc.jsonValue()))), file => {
        expect(writeFile(file)).toBe(JSON.stringify(file, null, 1))
      }),
      { numRuns: 300 },
    )
  })
  it('leaves out what is not there, as the language does', () => {
    const file = { lures: [undefined, { note: 'two\nlines', gone: undefined }], trips: undefined, at: null }
    expect(writeFile(file)).toBe(JSON.stringify(file, null, 1))
  })
  it('tells how far it is, up to all rows, and never backwards', () => {
    const told: [number, number][] = []
    writeFile({ lures: Array.from({ length: 700 }, (_, i) => ({ id: `l${i}` })), trips: [{}, {}], v: 1 }, (done, of) =>
      told.push([done, of]),
    )
    expect(told.at(-1)).toEqual([702, 702])
    expect(told.length).toBeGreaterThan(3)
    expect(told.every(([done, of], i) => of === 702 && done >= (told[i - 1]?.[0] ?? 0))).toBe(true)
  })
})
