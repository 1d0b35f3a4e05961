import { describe, expect, it } from 'vitest'
import type { Outfit, Part } from '#core/tackle'
import type { UnitSystem } from '#core/units'
import { inWords } from '#speech'
import { lureRows } from './csv-lures'
import { guessMapping, isTable } from './csv-mapping'
import { listOfLines, readCsv } from './csv-table'
import { otherRows, planOther } from './other-tackle'
import { planLures } from './plan-import'

/** Sheets as anglers keep them (common practice, no source; made up); 1 oz = 28.349523125 g, 1 lb = 0.45359237 kg and 1 ft = 0.3048 m by NIST SP 811. */
function read(text: string, system: UnitSystem = 'imperial', here: { parts?: Part[]; outfits?: Outfit[] } = {}) {
  const asTable = readCsv(text)
  const table = isTable(asTable, system) ? asTable : listOfLines(text)
  const mapping = guessMapping(table, system)
  const { others, rest } = otherRows(table, mapping, { system })
  let made = 0
  const newId = () => `n${++made}`
  return {
    lures: planLures([], lureRows(rest, mapping, { system }), { mergeBy: 'name', newId }),
    others: planOther({ parts: [], outfits: [], ...here }, others, newId),
  }
}
const rowsOf = (list: 'parts' | 'outfits', of: ReturnType<typeof read>) =>
  of.others.flatMap(other => (other.list === list ? [other.row] : []))

describe('a whole tackle sheet', () => {
  const sheet = [
    'Type,Name,Weight (oz),Size,Color,Qty',
    'Crankbait,Stump runner,3/8,,red,1',
    'Jig head,Round heads,1/4,3/0,,10',
    'Hook,EWG,,4/0,,12',
    'Sinker,Tungsten bullet,3/8,,black,6',
    'Rod,7\'0" MH fast casting 1/4-1 oz,,,,1',
    'Treble hooks,spare,,6,,8',
    'Soft stick,Pond stick,,,green pumpkin,9',
  ].join('\n')
  it('lures, hardware and rods each go where they belong', () => {
    const found = read(sheet)
    expect(found.lures.map(({ lure }) => lure!.name)).toEqual(['Stump runner', 'Pond stick'])
    expect(rowsOf('parts', found)).toMatchObject([
      { name: 'Round heads', kind: 'jig-head', size: '3/0', quantity: 10 },
      { name: 'EWG', kind: 'hook', hookKind: 'weedless', size: '4/0', quantity: 12 },
      { name: 'Tungsten bullet', kind: 'sinker', shape: 'bullet', material: 'tungsten', quantity: 6 },
      { name: 'spare', kind: 'hook', hookKind: 'treble', size: '6', quantity: 8 },
    ])
    expect((rowsOf('parts', found)[0] as Part).weightG).toBeCloseTo(28.349523125 / 4, 6)
    const [rod] = rowsOf('outfits', found) as Outfit[]
    expect(rod!.rod).toMatchObject({ kind: 'casting', power: 'medium-heavy', action: 'fast' })
    expect(rod!.rod.lengthM).toBeCloseTo(7 * 0.3048, 3)
    expect(rod!.rod.lureMaxG).toBeCloseTo(28.35, 2)
  })
  it('the same sheet again changes nothing; a row twice is one piece of which there is more', () => {
    const first = read(sheet)
    const here = { parts: rowsOf('parts', first) as Part[], outfits: rowsOf('outfits', first) as Outfit[] }
    expect(read(sheet, 'imperial', here).others.map(({ action }) => action)).toEqual(Array(5).fill('same'))
    const { others } = read('Item,Qty\nround head 7 g 3/0,5\nswivel,3\nround head 7 g 3/0,4\n')
    expect(others).toMatchObject([
      {
        line: 2,
        action: 'new',
        row: { quantity: 9 },
        notes: [{ message: { code: 'csv.also-on', values: { line: 4 } } }],
      },
      { line: 3, row: { kind: 'swivel', quantity: 3 } },
    ])
  })
  it('two rods of one name are two, and one without a name goes by its label', () => {
    const { others } = read('Type,Length,Power\nRod,7 ft,MH\nRod,6 ft,L\n')
    expect(others.map(({ row }) => row!.name)).toEqual(['Rod, 7 ft, MH', 'Rod, 6 ft, L'])
    const twins = read('Rod,Length,Power\nTwin,7 ft,MH\nTwin,6 ft,L\n', 'imperial', {
      outfits: [{ id: 'o', name: 'Twin', rod: { kind: 'casting' }, line: { material: 'braid' } }],
    })
    expect(twins.others.map(({ action }) => action)).toEqual(['change', 'new'])
  })
  it('hardware whose number the sheet does not say keeps the one it has', () => {
    const parts = [
      { id: 'p', name: 'heads', kind: 'jig-head', shape: 'round', hookKind: 'jig', weightG: 7, quantity: 8 },
    ] as Part[]
    expect(read('Item\nround head 7 g\nPopper\n', 'metric', { parts }).others).toMatchObject([
      { action: 'same', row: { quantity: 8 } },
    ])
  })
})

describe('a table of rods', () => {
  it.each([
    [
      'Rod,Length,Power,Action,Lure weight,Line\nBank rod,7\'6",Medium Heavy,Fast,1/4-1,15 lb fluoro\nWeed rod,7.3,H,F,3/8-2,50 lb braid\n',
      [
        {
          lengthM: 7.5 * 0.3048,
          power: 'medium-heavy',
          action: 'fast',
          lureMinG: 28.349523125 / 4,
          lureMaxG: 28.349523125,
        },
        { lengthM: 7.3 * 0.3048, power: 'heavy', action: 'fast', lureMaxG: 2 * 28.349523125 },
      ],
      ['fluorocarbon', 'braid'],
    ],
    [
      'Name;Length (cm);Min (g);Max (g);Power;Line (mm);Material\nRiver;210;3;14;ML;0,12;braid\nPike;240;20;80;XH;0,3;braid\n',
      [
        { lengthM: 2.1, power: 'medium-light', lureMinG: 3, lureMaxG: 14 },
        { lengthM: 2.4, power: 'extra-heavy', lureMinG: 20, lureMaxG: 80 },
      ],
      ['braid', 'braid'],
    ],
    [
      'Rod Name,Type,Length,Power,Lure Wt,Line Wt,Reel,Line\nCrank stick,Casting,7 ft,Medium,1/4-5/8 oz,10-17 lb,5.4:1,12 lb nylon\n',
      [{ kind: 'casting', lengthM: 2.134, power: 'medium', lureMaxG: 17.718, lineMaxKg: 7.711 }],
      ['nylon'],
    ],
    [
      'Art;Bezeichnung;Gewicht\nRute;Spinnrute Zander 2,70 m 10-40 g;\n',
      [{ kind: 'spinning', lengthM: 2.7, lureMinG: 10, lureMaxG: 40 }],
      ['braid'],
    ],
    [
      'River rod 2.1 m 3-14 g ML fast, braid 0.12 mm\njig rod 2,2 m 7-28 g MH, fluorocarbon\n',
      [
        { lengthM: 2.1, power: 'medium-light', lureMaxG: 14, action: 'fast' },
        { lengthM: 2.2, power: 'medium-heavy', lureMinG: 7 },
      ],
      ['braid', 'fluorocarbon'],
    ],
  ] as const)('%#', (text, rods, lines) => {
    const found = read(text, 'metric')
    expect(found.lures.filter(({ lure }) => lure !== null)).toEqual([])
    const read_ = rowsOf('outfits', found) as Outfit[]
    expect(read_.map(({ line }) => line.material)).toEqual(lines)
    for (const [i, wanted] of rods.entries())
      for (const [field, value] of Object.entries(wanted)) {
        const got = read_[i]!.rod[field as keyof Outfit['rod']]
        if (typeof value === 'number') expect(got, field).toBeCloseTo(value, 2)
        else expect(got, field).toBe(value)
      }
  })
  it('a unit that no heading names is told, and so are words that were not understood', () => {
    const { others } = read('Rod,Length,Power,Handle\nBank rod,7.5,MH,cork\nWeed rod,7,H,\n')
    expect(others.map(({ notes }) => inWords(notes.map(n => n.message)))).toEqual([
      ['“7.5” is taken in ft', '“cork” was not understood: left out'],
      ['“7” is taken in ft'],
    ])
  })
  it('a length of feet and a half is neither metres nor centimetres', () => {
    const { others } = read('Rod,Length,Power\nBank rod,7 1/2,MH\nWeed rod,6½,H\n')
    for (const [i, feet] of [7.5, 6.5].entries())
      expect((others[i]!.row as Outfit).rod.lengthM).toBeCloseTo(feet * 0.3048, 2)
  })
  it('a rod that is here already only gets what the table says of it', () => {
    const bank: Outfit = {
      id: 'o',
      name: 'Bank rod',
      rod: { kind: 'casting', action: 'slow' },
      line: { material: 'nylon', testKg: 5 },
    }
    const { others } = read('Rod,Length (m),Power\nbank rod,2.1,H\n', 'metric', { outfits: [bank] })
    expect(others).toMatchObject([
      {
        action: 'change',
        row: {
          id: 'o',
          rod: { kind: 'casting', action: 'slow', power: 'heavy', lengthM: 2.1 },
          line: { material: 'nylon', testKg: 5 },
        },
      },
    ])
  })
})

it('hardware in another language', () => {
  const { others } = read('Art;Bezeichnung;Gewicht;Stück\nJigkopf;Rundkopf 3/0;10 g;8\nDrilling;Nr. 6;;5\n', 'metric')
  expect(others).toMatchObject([
    { row: { kind: 'jig-head', size: '3/0', weightG: 10, quantity: 8 } },
    { row: { kind: 'hook', hookKind: 'treble', size: '6', quantity: 5 } },
  ])
})

describe('lures stay lures', () => {
  it.each([
    'Lure,Type,Notes\nStump,crankbait,for my heavy rod 2.1 m\n',
    'Lure,Weight\nPopper for ultralight rods,5 g\n',
    'Lure,Type\nPaddle tail 3 in,jig head\n',
    'Name,Kind,Action,Depth\nDeep one,crankbait,fast,2.5 m\n',
  ])('%s', text => {
    const { lures, others } = read(text)
    expect(others).toEqual([])
    expect(lures.map(({ action }) => action)).toEqual(['new'])
  })
})
