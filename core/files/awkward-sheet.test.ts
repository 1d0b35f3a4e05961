import { describe, expect, it } from 'vitest'
import { seededRandom } from '#core/numeric'
import type { UnitSystem } from '#core/units'
import { lureRows, wordsOf } from './csv-lures'
import { belowHeading, type Corrections, guessMapping, isTable } from './csv-mapping'
import { readCsv } from './csv-table'
import { planLures } from './plan-import'

/** A spreadsheet as anglers keep them, three hundred rows: own headings, ounces as fractions, odd words, blanks. All of it invented. */
const KINDS = [
  'Popper',
  'walker',
  'squarebill',
  'Deep diving crank',
  'lipless',
  'suspending jerk',
  'Spinner bait',
  'buzzbait',
  'frog (hollow body)',
  'Football jig',
  'swim jig',
  'flipping jig',
  'bladed jig',
  'Ribbon tail worm',
  'soft stick',
  'paddletail',
  'hollow swimbait',
  'drop shot minnow',
  'craw',
  'creature',
  'tube',
  'grub',
  'jig',
  'spoon',
  'in-line spinner',
  'bucktail jig',
  'blade',
  'glide bait',
  'soft jerk',
  'marabou',
  'umbrella rig',
  'fly',
  'my special',
  'thingy',
]
const COLOURS = [
  'Black/Blue',
  'green pumpkin',
  'white',
  'chartreuse/white',
  'fire tiger',
  'ghost shad',
  'sunset glow',
  'silver',
  'gold hammered',
  'perch',
  'hot pink',
  'olive, orange belly',
  '',
  'red craw',
  'bone',
]
const WEIGHTS = ['3/8', '1/2', '1/4 oz', '3/4oz', '1', '5/16', '', '1-1/4 oz', '7g', '3/8-1/2', 'n/a', '?']
const LENGTHS = ['3.5', '4', '5"', '110mm', '2 1/4', '', '7 in', 'short']
const HOOKS = [
  '2 trebles #6',
  '#4 treble x2',
  '3/0',
  'EWG 4/0',
  'none',
  '',
  '2x #6',
  'single 1/0',
  'sharp!',
  'treble 6 & 8',
]
const DEPTHS = ['', '4-6 ft', '8 ft', '2 m', 'deep', '0']
const RATTLES = ['yes', 'no', '', 'Y', 'loud']

function sheet(rows: number): string {
  const random = seededRandom(7)
  const pick = (list: readonly string[]) => list[Math.floor(random() * list.length)]!
  const quoted = (cell: string) => (/[",]/.test(cell) ? `"${cell.replaceAll('"', '""')}"` : cell)
  const lines = Array.from({ length: rows }, (_, i) => {
    const isSpacer = i % 50 === 49
    const cells = [
      i % 9 === 0 ? '' : `No ${i + 1}`,
      pick(KINDS),
      pick(COLOURS),
      pick(WEIGHTS),
      pick(LENGTHS),
      pick(HOOKS),
      pick(DEPTHS),
      pick(RATTLES),
      `${1 + Math.floor(random() * 4)}`,
      '$4.99',
      `tray ${1 + (i % 6)}`,
      `A${1 + (i % 9)}`,
    ]
    return `${cells.map(quoted).join(',')}${isSpacer ? '\n' : ''}`
  })
  return `Lure,Lure Type,Color,Wt (oz),Len,Hooks,Dives to,Rattle,Qty,Cost,Tray,Slot\n${lines.join('\n')}\n`
}

describe('an awkward sheet of 300 rows', () => {
  const text = sheet(300)
  const table = readCsv(text)
  const mapping = guessMapping(table, 'imperial')
  const planned = (corrections: Corrections) => {
    let n = 0
    return planLures([], lureRows(table, mapping, { corrections, system: 'imperial' }), {
      mergeBy: 'name',
      newId: () => `n${++n}`,
    })
  }
  it('every heading is known', () => expect(mapping.filter(m => m.path === null)).toEqual([]))
  it('nine rows in ten come in as they stand', () => {
    const plan = planned({})
    expect(plan).toHaveLength(300)
    expect(plan.filter(p => p.action === 'new').length / plan.length).toBeGreaterThan(0.9)
  })
  it('after one round of corrections all of them do: two kinds named once each, for all like rows', () => {
    const unknown = wordsOf(table, mapping)
      .filter(w => w.path === 'family' && w.as === null)
      .map(w => w.text)
    expect(unknown.sort()).toEqual(['my special', 'thingy'])
    const plan = planned({ family: { 'my special': 'crankbait', 'thingy': 'creature' } })
    expect(plan.filter(p => p.action === 'new').length / plan.length).toBeGreaterThanOrEqual(0.95)
    // Nothing that was written is gone: what could not be read stands in the notes.
    const deep = plan.filter(p => table.rows[table.lines.indexOf(p.line)]![6] === 'deep')
    expect(deep.length).toBeGreaterThan(10)
    for (const { lure } of deep) expect(lure!.notes).toContain('Dives to: deep')
  })
  it('ounces are ounces, ranges their middle, feet feet', () => {
    const plan = planned({})
    const rowWith = (column: number, cell: string) =>
      plan.find(p => p.lure && table.rows[table.lines.indexOf(p.line)]![column] === cell)!.lure!
    // 1 oz = 28.349523 g: NIST SP 811, appendix B.
    expect(rowWith(3, '3/8').weightG).toBeCloseTo(10.63, 2)
    expect(rowWith(3, '3/8-1/2').weightG).toBeCloseTo(12.4, 1)
    expect(rowWith(3, '7g').weightG).toBe(7)
    expect(rowWith(6, '4-6 ft').runsAt!.depthM).toBeCloseTo(1.524, 3)
    expect(rowWith(4, '5"').lengthMm).toBe(127)
  })
  it('plans in one pass, and each line ends as one thing', () =>
    expect(1 + planned({}).length + table.blank).toBe(text.split('\n').length))
})

describe('a sheet as it is kept at home', () => {
  const rowsOf = (text: string, system: UnitSystem = 'imperial') => {
    const table = belowHeading(readCsv(text))
    const mapping = guessMapping(table, system)
    return { table, mapping, rows: lureRows(table, mapping, { system }) }
  }
  it('a title above the heading is no lure, and is told', () => {
    const { table, rows } = rowsOf(
      'My tackle,,,,\n,,,,\nLure,What is it?,Size,Wt.,Qty\nBig walker,topwater walking bait,4 1/2",7/8 oz.,2\nPlums,ribbon worm,10",,1 doz\n',
    )
    expect(table.above).toEqual(['My tackle'])
    expect(rows.map(r => [r.line, r.issues])).toEqual([
      [4, []],
      [5, []],
    ])
    expect(rows[0]!.fields).toMatchObject({ name: 'Big walker', family: 'topwater', style: 'walker', quantity: 2 })
    expect(rows[0]!.fields.lengthMm).toBeCloseTo(4.5 * 25.4, 6)
    expect(rows[0]!.fields.weightG).toBeCloseTo((7 / 8) * 28.349523125, 6)
    expect(rows[1]!.fields.quantity).toBe(12)
  })
  it('a heading that stands first is taken as it stands, whatever words the rows hold', () => {
    const { table } = rowsOf('name,kind,weight\nBox,lure,depth\n')
    expect([table.header, table.above]).toEqual([['name', 'kind', 'weight'], []])
  })
  it('weight, length, depth and paint that only a description says are taken for a new lure, and told', () => {
    const { rows } = rowsOf(
      'Bait,Description\nStumbler,"Squarebill crank, chartreuse black back, 2.25 in., 7/16 oz, runs 3-5 ft"\nQuiet one,"soft stick, bought in spring"\n',
    )
    const { guessed, notes } = rows[0]!
    expect(guessed).toMatchObject({ family: 'crankbait', style: 'square-lip', colours: { pattern: 'hot' } })
    expect(guessed.weightG).toBeCloseTo((7 / 16) * 28.349523125, 6)
    expect(guessed.lengthMm).toBeCloseTo(2.25 * 25.4, 6)
    expect((guessed.runsAt as { depthM: number }).depthM).toBeCloseTo(4 * 0.3048, 6)
    expect(notes.filter(n => n.path === 'Description')).toHaveLength(4)
    expect(Object.keys(rows[1]!.guessed)).toEqual(['family'])
  })
  it('what a column says wins over the description', () => {
    const { rows } = rowsOf('name,kind,weight (oz),description\nA,jig,1/2,"black jig 3/8 oz"\n')
    expect(rows[0]!.fields.weightG).toBeCloseTo(14.1747615625, 6)
    expect(rows[0]!.guessed.weightG).toBeUndefined()
  })

  it('headings are known by the words in them', () => {
    const { mapping, rows } = rowsOf(
      'Model;Lip/Type;Wt (oz);Len (in);Colour 1;Colour 2;Dive (ft);Buoyancy;Rattles;Hook size;Pack qty\nB-1;Crankbait deep;0.375;2.25;Chart;Black;10;F;Y;#6;2\nS-4;Jerkbait;0.5;4.5;Gold;Black;5;SP;N;#6;3\n',
    )
    expect(mapping.map(m => m.path)).toEqual([
      'name',
      'family',
      'weightG',
      'lengthMm',
      'colours',
      'colours.back',
      'runsAt.depthM',
      'buoyancy',
      'sound',
      'hooks',
      'quantity',
    ])
    expect(rows[0]!.fields).toMatchObject({
      name: 'B-1',
      family: 'crankbait',
      style: 'deep-diver',
      buoyancy: 'floats',
      sound: 'rattle',
      runsAt: { depthM: expect.closeTo(3.05, 2) as number },
      colours: { side: '#c8d020', back: '#1b1b1d' },
      quantity: 2,
    })
    expect(rows[1]!.fields).toMatchObject({ buoyancy: 'hangs', sound: 'silent' })
  })
  it('columns under headings that say nothing are known by what stands in them', () => {
    const { mapping } = rowsOf(
      'x1;x2;x3;x4;x5\nRiver;crankbait;70 mm;9,5 g;perch\nWeir;spinner;5 cm;8 g;silver\nPool;spoon;6 cm;18 g;copper\n',
    )
    expect(mapping.map(m => m.path)).toEqual(['name', 'family', 'lengthMm', 'weightG', 'colours'])
  })
  it('a list of lures in words is no table, whatever stands in its lines', () => {
    const is = (text: string) => isTable(belowHeading(readCsv(text)), 'imperial')
    expect(is('3/8 oz black jig, river, A3\n5" soft stick x12\nfrog, black\nlipless crank, red, 14 g')).toBe(false)
    expect(is('glide bait, perch, river box\npopper, white, river box\nspoon, gold, river box')).toBe(false)
    expect(is('x;y;z\nRiver;crankbait;70 mm\nWeir;spinner;5 cm\nPool;spoon;6 cm')).toBe(true)
    expect(is('popper\nspoon\ngrub')).toBe(false)
  })
  it('figures that only number the rows are no pieces', () => {
    const { mapping } = rowsOf('No.,Lure,How many\n1,popper,2\n2,spoon,1\n3,grub,20\n')
    expect(mapping.map(m => m.path)).toEqual([null, 'name', 'quantity'])
  })
  it('names and other columns say what no column does, for a new lure and with a note', () => {
    const { rows } = rowsOf(
      'Bait,Tail,Use\nKicker paddle tail 4.8 in,slim,swim jig trailer\nColorado spinnerbait 3/8 oz,,\n',
    )
    expect(rows[0]!.guessed).toMatchObject({
      family: 'paddle-tail',
      style: 'slim',
      role: 'both',
      lengthMm: expect.closeTo(121.9, 1) as number,
    })
    expect(rows[1]!.guessed).toMatchObject({
      blades: [{ shape: 'colorado' }],
      weightG: expect.closeTo(10.63, 2) as number,
    })
    expect(rows[0]!.notes.length).toBeGreaterThan(0)
  })
  it.each([
    [
      'Name\tArt\tLänge cm\tGewicht g\tFarbe\tLauftiefe m\tAnzahl\nHecht\tWobbler\t14\t45,5\tBarsch\t1,5-2\t1\nBreit\tGummifisch\t12,5\t18\tweiß\t\t5\n',
      { family: 'crankbait', lengthMm: 140, weightG: 45.5, runsAt: { depthM: 1.75 }, quantity: 1 },
      { family: 'paddle-tail', lengthMm: 125, colours: { pattern: 'plain' }, quantity: 5 },
    ],
    [
      'Nom;Type;Longueur (cm);Poids (g);Couleur;Quantité\nLac;poisson nageur;9;10;truite;1\nTorrent;cuillère tournante;5;7;argent;3\n',
      { family: 'jerkbait', lengthMm: 90, weightG: 10, quantity: 1 },
      { family: 'inline-spinner', weightG: 7, colours: { metal: 'silver' }, quantity: 3 },
    ],
    [
      'Namn;Sort;Vikt (g);Färg;Antal\nKust;skeddrag;18;koppar;2\nSjö;spinnare;8;svart;4\n',
      { family: 'casting-spoon', weightG: 18, colours: { metal: 'copper' }, quantity: 2 },
      { family: 'inline-spinner', weightG: 8, colours: { pattern: 'dark' }, quantity: 4 },
    ],
  ])('a sheet that was not kept in English: %#', (text, first, second) => {
    const { rows } = rowsOf(text, 'metric')
    expect(rows[0]!.fields).toMatchObject(first)
    expect(rows[1]!.fields).toMatchObject(second)
  })
  it('a unit at the end of a heading says what bare figures are, and letters for floating and sinking say themselves', () => {
    const { mapping } = rowsOf('Lure,aa cm,bb (g),cc m,F/S/SU\nRiver,7,9,2,F\nWeir,5,8,1,S\nPool,6,18,3,SU\n')
    expect(mapping.map(m => m.path)).toEqual(['name', 'lengthMm', 'weightG', 'runsAt.depthM', 'buoyancy'])
    const shop = rowsOf('Art.-Nr.,Bezeichnung,Art\n10441,Fluss,Wobbler\n10502,Wehr,Spinner\n10610,See,Blinker\n')
    expect(shop.mapping.map(m => m.path)).toEqual([null, 'name', 'family'])
  })
  it('a row in which nothing names a kind is refused in words', () => {
    const { table, mapping } = rowsOf('Lure,Weight\nWhatever,3/8 oz\nPopper,1/4 oz\n')
    const [refused, taken] = planLures([], lureRows(table, mapping), { mergeBy: 'name', newId: () => 'n' })
    expect(refused).toMatchObject({
      action: 'refused',
      issues: [{ path: 'family', message: { code: 'import.needs-kind' } }],
    })
    expect(taken!.action).toBe('new')
  })
})
