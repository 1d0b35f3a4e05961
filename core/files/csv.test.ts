import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import type { Lure } from '#core/tackle'
import {
  ACTION_STYLES,
  BLADE_FINISHES,
  BLADE_SHAPES,
  BUOYANCIES,
  FAMILIES,
  FINISHES,
  HOOK_KINDS,
  METALS,
  MODES,
  PATTERNS,
  ROLES,
  SOUNDS,
} from '#core/terms'
import { inWords } from '#speech'
import { lureRows, luresToCsv, wordsOf } from './csv-lures'
import { guessMapping } from './csv-mapping'
import { listOfLines, readCsv } from './csv-table'
import { planFile, planLures, type PlannedLure } from './plan-import'
import type { YgrionFile } from './schemas'
import demo from '../../demo/box.json'

const ids = () => {
  let n = 0
  return () => `new-${++n}`
}
const read = (text: string) => {
  const table = readCsv(text)
  return lureRows(table, guessMapping(table))
}
const plan = (text: string, existing: Lure[] = [], mergeBy: 'id' | 'name' = 'id') =>
  planLures(existing, read(text), { mergeBy, newId: ids() })
const issuesOf = (planned: readonly PlannedLure[]) =>
  planned.flatMap(p => p.issues.map(i => `${p.line} ${i.path}: ${inWords(i.message)}`))

const notesOf = (planned: readonly PlannedLure[]) =>
  planned.flatMap(p => p.notes.map(i => `${p.line} ${i.path}: ${inWords(i.message)}`))

const maybe = <T>(arb: fc.Arbitrary<T>) => fc.option(arb, { nil: undefined })
const figure = (min: number, max: number) => fc.double({ min, max, noNaN: true }).map(v => (v === 0 ? 0 : v))
const anyText = fc.string({ unit: 'binary', maxLength: 20 })
const hex = fc.integer({ min: 0, max: 0xffffff }).map(n => `#${n.toString(16).padStart(6, '0')}`)
const strip = <T extends object>(value: T): T =>
  Object.fromEntries(Object.entries(value).filter(([, v]) => v !== undefined)) as T

/** Any lure the contract allows, awkward texts, nulls and unknown fields included. */
const anyLure: fc.Arbitrary<Lure> = fc
  .record({
    id: fc.uuid(),
    name: anyText.filter(t => t !== ''),
    family: fc.constantFrom(...FAMILIES),
    style: maybe(anyText),
    role: maybe(fc.constantFrom(...ROLES)),
    lengthMm: fc.option(figure(1, 2000)),
    weightG: maybe(figure(0.01, 5000)),
    labelWeightG: maybe(figure(0.01, 5000)),
    bulk: maybe(figure(1, 5)),
    colours: maybe(
      fc
        .record({
          pattern: maybe(fc.constantFrom(...PATTERNS)),
          back: maybe(hex),
          side: fc.option(hex),
          metal: maybe(fc.constantFrom(...METALS)),
          finish: maybe(fc.constantFrom(...FINISHES)),
          fluorescent: maybe(fc.boolean()),
          sparkle: maybe(fc.integer()),
        })
        .map(strip),
    ),
    sound: maybe(fc.constantFrom(...SOUNDS)),
    actionStyle: maybe(fc.constantFrom(...ACTION_STYLES)),
    buoyancy: maybe(fc.constantFrom(...BUOYANCIES)),
    fallRateMs: fc.option(figure(0, 20)),
    runsAt: maybe(
      fc
        .record({ depthM: figure(0.05, 100), castM: maybe(figure(1, 300)), mode: maybe(fc.constantFrom(...MODES)) })
        .map(strip),
    ),
    speed: maybe(fc.constant({ minMs: 0.2, bestMs: 0.5, maxMs: 1.25 })),
    blades: maybe(
      fc.array(
        fc
          .record({
            shape: fc.constantFrom(...BLADE_SHAPES),
            size: maybe(fc.integer({ min: 0, max: 8 })),
            finish: maybe(fc.constantFrom(...BLADE_FINISHES)),
            metal: maybe(fc.constantFrom(...METALS)),
          })
          .map(strip),
        { maxLength: 3 },
      ),
    ),
    hooks: maybe(
      fc.array(
        fc
          .record({
            kind: fc.constantFrom(...HOOK_KINDS),
            size: maybe(fc.constantFrom('8', '1', '3/0')),
            count: maybe(fc.integer({ min: 0, max: 5 })),
          })
          .map(strip),
        { maxLength: 3 },
      ),
    ),
    scented: maybe(fc.boolean()),
    quantity: maybe(fc.nat(1000)),
    box: maybe(anyText),
    slot: maybe(anyText),
    changes: maybe(fc.array(fc.constant({ kind: 'cut', grams: -0.5 }), { maxLength: 2 })),
    price: maybe(figure(0, 1000)),
    notes: maybe(anyText),
    boughtFrom: maybe(anyText),
  })
  .map(strip) as fc.Arbitrary<Lure>

describe('CSV out and in', () => {
  it('gives back every lure exactly, whatever stands in it', () => {
    fc.assert(
      fc.property(fc.uniqueArray(anyLure, { selector: l => l.id, maxLength: 6, minLength: 1 }), lures => {
        const back = plan(luresToCsv(lures))
        expect(issuesOf(back)).toEqual([])
        expect(back.map(p => p.lure)).toEqual(lures)
      }),
      { numRuns: 300 },
    )
  })
  it('the demo box comes back the same: nothing is new, nothing changes', () => {
    const lures = demo.lures as Lure[]
    expect(new Set(plan(luresToCsv(lures), lures).map(p => p.action))).toEqual(new Set(['same']))
  })
  // Formula injection: cells that begin with = + - @ tab or return are run by spreadsheets (OWASP, "CSV Injection").
  it.each(['=1+1', '+49', '-x', '@sum', '\tx', '\rx', "'=1", "'", '=HYPERLINK("a";"b")'])(
    '%j is made harmless for spreadsheets and comes back as it was',
    notes => {
      const text = luresToCsv([{ id: 'a', name: 'a', family: 'tube', notes }])
      const cells = readCsv(text).rows[0]!
      expect(cells.filter(cell => /^[=+\-@\t\r]/.test(cell))).toEqual([])
      expect(plan(text)[0]!.lure!.notes).toBe(notes)
    },
  )
  it('a figure changed in a spreadsheet wins over what was carried along', () => {
    const text = luresToCsv([{ id: 'a', name: 'a', family: 'tube', weightG: null, shelf: 'top' } as Lure])
    const [head, row] = text.split('\r\n') as [string, string]
    const column = head.split(',').indexOf('weight (g)')
    const cells = row.split(',')
    cells[column] = '7.5'
    expect(plan([head, cells.join(',')].join('\r\n'))[0]!.lure).toEqual({
      id: 'a',
      name: 'a',
      family: 'tube',
      weightG: 7.5,
      shelf: 'top',
    })
  })
})

describe('foreign tables', () => {
  it('semicolons, decimal commas and ounce fractions', () => {
    const [first, second] = read(
      'Bait;Type;Weight;Length (in);Qty;Colour\nGrey one;spinner bait;1/2;4,5;2;white\nOther;crankbait;3/8;2,5;1;red',
    )
    expect(first!.fields).toEqual({
      name: 'Grey one',
      family: 'spinnerbait',
      weightG: expect.closeTo(14.17, 2) as number,
      lengthMm: expect.closeTo(114.3, 5) as number,
      quantity: 2,
      colours: { pattern: 'plain', side: '#f4f2ea' },
    })
    expect(first!.kept).toEqual(['Colour: white'])
    expect(second!.fields.weightG).toBeCloseTo(10.63, 2) // 3/8 × 28.349523 g: NIST SP 811, appendix B
  })
  it.each([
    ['name,weight (oz)\nx,0.5', 14.17],
    ['name,weight_g\nx,14', 14],
    ['name,weight\nx,0.5\ny,0.25', 14.17],
    ['name,weight\nx,14\ny,28', 14],
    ['name,weight\nx,14 g', 14],
    ['name,weight (g)\nx,1/2 oz', 14.17],
  ])('%j weighs %d g', (text, grams) => expect(read(text)[0]!.fields.weightG).toBeCloseTo(grams, 2))
  it.each([
    ['name,length\nx,90', 90],
    ['name,length\nx,9', 90],
    ['name,length\nx,3.5', 88.9],
    ['name,length (cm)\nx,3.5', 35],
  ])('%j is %d mm long', (text, mm) => expect(read(text)[0]!.fields.lengthMm).toBeCloseTo(mm, 5))
  it('unknown columns are left out, and said so', () => {
    const table = readCsv('name,type,moon\nx,tube,full')
    expect(guessMapping(table).map(m => m.path)).toEqual(['name', 'family', null])
  })
})

describe('figures as people write them', () => {
  it.each([
    ['name,weight (g)\nx,"1,200"', 'weightG', 1200],
    ['name;weight (g)\nx;1,25', 'weightG', 1.25],
    ['name,depth\nx,4-6 ft', 'runsAt', { depthM: expect.closeTo(1.524, 3) as number }],
    ['name,length (cm)\nx,5–6', 'lengthMm', 55],
    ['name,weight\nx,1-1/4 oz', 'weightG', expect.closeTo(35.44, 2) as number],
    ['name,length\nx,"2 1/4 in"', 'lengthMm', expect.closeTo(57.15, 2) as number],
    ['name,price\nx,$4.99', 'price', 4.99],
    ['name,rattle\nx,yes', 'sound', 'rattle'],
    ['name,rattle\nx,No', 'sound', 'silent'],
    ['name,buoyancy\nx,Suspending', 'buoyancy', 'hangs'],
    ['name,side\nx,#fff', 'colours', { side: '#ffffff' }],
    ['name,side\nx,olive', 'colours', { side: '#5a5a2a' }],
    ['sep=;\nname;weight (g)\nx;7,5', 'weightG', 7.5],
    ['name,hooks\nx,2 trebles #6', 'hooks', [{ kind: 'treble', size: '6', count: 2 }]],
  ])('%j: %s is %j', (text, field, value) => expect(read(text)[0]!.fields[field]).toEqual(value))
  it('lengths of 5 to 6 without a unit are asked; a table in grams speaks for centimetres', () => {
    const [plain, metric] = ['name,length\nx,5\ny,6', 'name,length,weight (g)\nx,5,7\ny,6,9'].map(
      text => guessMapping(readCsv(text))[1]!,
    )
    expect(plain).toMatchObject({ unit: 'in', isSure: false })
    expect(metric).toMatchObject({ unit: 'cm', isSure: false })
    expect(guessMapping(readCsv('name,length (cm)\nx,5'))[1]).toMatchObject({ unit: 'cm', isSure: true })
  })
})

describe('words of a table', () => {
  it('are told once each with what they are taken for, the doubtful first', () => {
    const table = readCsv('name,kind,colour\na,popper,black/blue\nb,Popper,oddity\nc,jig,white\nd,teapot,white')
    const words = wordsOf(table, guessMapping(table))
    expect(words.map(w => `${w.path} ${w.text} ×${w.count} ${w.as ?? '?'}${w.isGuess ? ' guess' : ''}`)).toEqual([
      'colours oddity ×1 ?',
      'family teapot ×1 ?',
      'family jig ×1 skirted-jig guess',
      'family popper ×2 topwater: popper',
      expect.stringMatching(/^colours white ×2 /),
      expect.stringMatching(/^colours black\/blue ×1 /),
    ])
    expect(
      wordsOf(table, guessMapping(table), { colours: { oddity: 'orange' } }).find(w => w.text === 'oddity')!.as,
    ).toMatch(/hot/)
  })
  it('a list without headings is read line by line', () => {
    const rows = lureRows(listOfLines('3/8 black blue jig, river, A3\n\nmystery'), [
      { path: 'words', unit: null, isSure: true, thousands: false },
    ])
    expect(rows[0]).toMatchObject({
      line: 1,
      fields: { name: '3/8 black blue jig', family: 'skirted-jig', box: 'river', slot: 'A3' },
    })
    expect(rows[1]).toMatchObject({ line: 3, issues: [{ message: { code: 'csv.no-kind' } }] })
  })
  it('titles of the parts of a list are no lures', () => {
    const parted = listOfLines('Rods:\n\nJigs\n3/8 football jig\npopper\n\nSoft baits\ntube')
    expect(parted.rows.flat()).toEqual(['3/8 football jig', 'popper', 'tube'])
    expect(parted.above).toEqual(['Rods:', 'Jigs', 'Soft baits'])
    expect(listOfLines('popper\n\ntube\n\njig').rows).toHaveLength(3)
    expect(listOfLines('popper\ntube\njig').rows).toHaveLength(3)
  })
  it('a line that only names a place says where what follows lives', () => {
    const rows = lureRows(listOfLines('tray 1\n2x silver spinner (5 g)\npopper, B2\nRiver box:\ntube 7 g'), [
      { path: 'words', unit: null, isSure: true, thousands: false },
    ])
    expect(rows.map(({ line }) => line)).toEqual([2, 3, 5])
    expect(rows[0]).toMatchObject({
      fields: { name: '2x silver spinner (5 g)', weightG: 5, quantity: 2, box: 'tray 1' },
    })
    expect(rows[1]).toMatchObject({ fields: { name: 'popper', box: 'tray 1', slot: 'B2' } })
    expect(rows[2]).toMatchObject({ fields: { family: 'tube', box: 'River box' } })
  })
})

describe('the plan of an import', () => {
  const there: Lure[] = [
    {
      id: 'a',
      name: 'Weir runner',
      family: 'crankbait',
      weightG: 12,
      colours: { side: '#112233', back: '#445566' },
      notes: 'kept',
    },
    { id: 'b', name: 'Twin', family: 'tube' },
    { id: 'c', name: 'Twin', family: 'tube' },
  ]
  it('a row is refused only where there would be no lure; what cannot be read is told by line and column, left out, and kept in the notes', () => {
    const planned = plan(
      'name,kind,weight (g),pieces\nGood,tube,7,1\nBad,teapot,7,1\nWorse,tube,heavy,1\nMinus,tube,-3,1\nHalf,tube,7,1.5\nFine,grub,4,2',
    )
    expect(planned.map(p => p.action)).toEqual(['new', 'refused', 'new', 'new', 'new', 'new'])
    expect(issuesOf(planned)).toEqual(['3 kind: “teapot” is no kind of lure that is known'])
    expect(notesOf(planned)).toEqual([
      '4 weight (g): “heavy” is not a weight: left out',
      '5 weightG: must be at least 0.01, got -3: left out',
      expect.stringMatching(/^6 quantity: .*left out$/),
    ])
    expect(planned[2]!.lure).toEqual({
      id: expect.any(String) as string,
      name: 'Worse',
      family: 'tube',
      quantity: 1,
      notes: 'weight (g): heavy',
    })
    expect(planned[3]!.lure!.weightG).toBeUndefined()
  })
  it('a word for several kinds is taken for the likeliest, and told', () => {
    const [jig] = plan('name,kind\nx,jig')
    expect(jig!.lure!.family).toBe('skirted-jig')
    expect(notesOf([jig!])[0]).toMatch(/taken for skirted jig; it may be hair jig/)
  })
  it('merges by name, changes only what the row says, and keeps the rest', () => {
    const [planned] = plan('name,weight (g),side\nweir RUNNER,12.6,#aabbcc', there, 'name')
    expect(planned!.action).toBe('change')
    expect(planned!.lure).toEqual({
      ...there[0],
      name: 'weir RUNNER',
      weightG: 12.6,
      colours: { side: '#aabbcc', back: '#445566' },
    })
    expect([...planned!.changed].sort()).toEqual(['colours', 'name', 'weightG'])
  })
  it('two lures of one name cannot be told apart by name; one lure twice in the table is refused', () => {
    expect(issuesOf(plan('name,weight (g)\nTwin,3', there, 'name'))[0]).toMatch(
      /2 lures are called “Twin”: merge by id/,
    )
    expect(issuesOf(plan('id,name,kind\nq,One,tube\nq,Two,tube'))).toEqual(['3 id: is the same lure as on line 2'])
  })
  it('a missing kind is an issue for a new lure, not for a known one', () => {
    expect(issuesOf(plan('name\nNewcomer'))[0]).toMatch(/family/)
    expect(plan('id,weight (g)\na,13', there)[0]!.action).toBe('change')
  })
  it('a quote that never closes swallows no line, and is told on its own', () => {
    const text = ['name,kind', '"Open,tube', 'Next,tube', '"Three, with a comma",tube', '', 'Last,tube'].join('\n')
    const planned = plan(text)
    expect(planned.map(p => `${p.line} ${p.action} ${p.lure?.name}`)).toEqual([
      '2 new ”Open',
      '3 new Next',
      '4 new Three, with a comma',
      '6 new Last',
    ])
    expect(notesOf(planned)).toEqual(['2 line 2: a quote that never closes: the line was read as it stands'])
    // 300 rows behind it: none is lost, and lines, blanks and heading sum to the file.
    const long = `name,kind\n${Array.from({ length: 300 }, (_, i) => (i === 4 ? `"x${i},tube` : `x${i},tube`)).join('\n')}`
    const table = readCsv(long)
    expect(1 + table.rows.length + table.blank).toBe(long.split('\n').length)
  })
  it('a cell of several lines: the rows behind it keep their own line numbers', () => {
    expect(plan('name,kind,notes\n"A",tube,"one\ntwo"\nB,teapot,').map(p => p.line)).toEqual([2, 4])
  })
  it('what was said of a text counts for all like rows, and may leave it out', () => {
    const table = readCsv('name,kind,weight (g)\na,thingamajig,7\nb,Thingamajig,heavy')
    const rows = lureRows(table, guessMapping(table), {
      corrections: { family: { thingamajig: 'topwater: popper' }, weightG: { heavy: '' } },
    })
    expect(rows.map(r => [r.fields.family, r.fields.style, r.issues.length, r.notes.length])).toEqual([
      ['topwater', 'popper', 0, 0],
      ['topwater', 'popper', 0, 0],
    ])
  })
  it('a cell mended in place is read instead of what stood there', () => {
    const table = readCsv('name,kind\na,teapot')
    expect(lureRows(table, guessMapping(table), { mended: { 2: { 1: 'grub' } } })[0]!.fields.family).toBe('grub')
  })
  it('a known lure keeps its kind and notes whatever words stand in its row', () => {
    const [planned] = plan('id,name,weight (g)\na,Popper,oops', there)
    expect(planned!.lure).toMatchObject({ family: 'crankbait', notes: 'kept', weightG: 12 })
  })
  it('tells progress', () => {
    const seen: number[] = []
    planLures([], read(`name,kind\n${'x,tube\n'.repeat(600)}`), {
      mergeBy: 'id',
      newId: ids(),
      progress: done => seen.push(done),
    })
    expect(seen).toEqual([0, 250, 500])
  })
  it('never throws, whatever the text', () => {
    fc.assert(
      fc.property(fc.string({ unit: 'binary', maxLength: 200 }), text => Array.isArray(plan(text))),
      { numRuns: 300 },
    )
  })
})

describe('the plan of a file', () => {
  it('counts what is new, changed and the same in each list', () => {
    const file = (lures: object[]) => ({ format: 'ygrion', version: 1, lures }) as YgrionFile
    const [lures] = planFile(
      file([
        { id: 'a', name: 'a', family: 'tube' },
        { id: 'b', name: 'b', family: 'tube' },
      ]),
      file([
        { id: 'a', name: 'a', family: 'tube' },
        { id: 'b', name: 'B', family: 'tube' },
        { id: 'c', name: 'c', family: 'tube' },
      ]),
    )
    expect(lures).toEqual({ list: 'lures', fresh: 1, changed: 1, same: 1 })
  })
})
