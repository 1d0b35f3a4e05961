import { describe, expect, it } from 'vitest'
import { PART_WORDS } from '#core/knowledge'
import { readPartLine, sameAs } from './part-words'

/** Lines as packets and lists say them (common practice, no source); 1 oz = 28.349523125 g and 1 lb = 0.45359237 kg by NIST SP 811. */
describe('readPartLine', () => {
  it.each([
    ['5x round head 7 g 3/0', { kind: 'jig-head', shape: 'round', weightG: 7, size: '3/0', quantity: 5 }],
    ['jig heads 10,5g 4/0 x12', { kind: 'jig-head', weightG: 10.5, size: '4/0', quantity: 12 }],
    [
      'Tungsten flipping weight 3/4oz (4 pk)',
      { kind: 'sinker', shape: 'bullet', weightG: 21.262, material: 'tungsten', quantity: 4 },
    ],
    ['2 x Drop shot weight 3/8 oz (6pk)', { kind: 'sinker', shape: 'drop', weightG: 10.631, quantity: 12 }],
    ['mushroom head 1/10 oz #1', { kind: 'jig-head', shape: 'mushroom', weightG: 2.835, size: '1' }],
    ['EWG hooks 4/0 pack of 5', { kind: 'hook', hookKind: 'weedless', size: '4/0', quantity: 5 }],
    ['belly-weighted hook 1/8 5/0', { kind: 'hook', hookKind: 'belly-weighted', weightG: 3.544, size: '5/0' }],
    ['1/4 oz tungsten bullets (8)', { kind: 'sinker', shape: 'bullet', weightG: 7.087, quantity: 8 }],
    ['treble no. 6', { kind: 'hook', hookKind: 'treble', size: '6', quantity: 1 }],
    ['ball bearing swivels 20 kg, 8 pcs', { kind: 'swivel', strengthKg: 20, quantity: 8 }],
    ['snap 40 lb', { kind: 'snap', strengthKg: 18.144 }],
    ['trolling weight 2 oz', { kind: 'trolling-weight', weightG: 56.699 }],
    ['lead strips', { kind: 'stick-on-weight', material: 'lead' }],
  ] as const)('%s', (line, wanted) => {
    const read = readPartLine(line, 'metric')!
    for (const [field, value] of Object.entries(wanted)) {
      if (typeof value === 'number') expect(read[field as keyof typeof read], field).toBeCloseTo(value, 2)
      else expect(read[field as keyof typeof read], field).toBe(value)
    }
  })
  it('the size of a hook is no weight, and what is not said is left out', () => {
    const read = readPartLine('offset hook 4/0', 'imperial')!
    expect(read).toEqual({ name: 'offset hook 4/0', kind: 'hook', hookKind: 'weedless', size: '4/0', quantity: 1 })
  })
  it('a lure or a shopping line is no piece of hardware', () => {
    for (const line of ['silver spinner 8 g', 'shipping', '', 'popper 60 mm'])
      expect(readPartLine(line, 'metric'), line).toBeNull()
  })
  it('every word of the table is read as what it says', () => {
    for (const { says, kind, shape } of PART_WORDS)
      expect(readPartLine(says, 'metric'), says).toMatchObject({ kind, ...(shape ? { shape } : {}) })
  })
})

describe('the same piece again', () => {
  it('is one of the same kind, weight, size and make; another weight is another piece', () => {
    const [seven, ten] = ['round head 7 g 3/0', 'round head 10 g 3/0'].map(line => readPartLine(line, 'metric')!)
    const parts = [{ ...seven!, id: 'p1', name: 'my own name' }]
    expect(sameAs(parts, seven!)?.id).toBe('p1')
    expect(sameAs(parts, ten!)).toBeNull()
    expect(sameAs(parts, { ...seven!, material: 'tungsten' })).toBeNull()
  })
})
