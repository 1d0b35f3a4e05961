import { describe, expect, it } from 'vitest'
import { KIND_WORDS, STYLE_TABLE, STYLE_WORDS } from '#core/knowledge'
import { readColours, readHooks, readKind, readLureLine, readTraits } from './lure-words'

// Words in use: common practice, no source.
describe('the kind of a lure in words', () => {
  it.each([
    ['popper', 'topwater', 'popper'],
    ['Poppers', 'topwater', 'popper'],
    ['squarebill', 'crankbait', 'square-lip'],
    ['Square-bill crankbait', 'crankbait', 'square-lip'],
    ['hollow body frog', 'topwater', 'frog'],
    ['football jig', 'skirted-jig', 'football'],
    ['ribbon tail worm 10"', 'worm', 'ribbon'],
    ['hollow swimbait', 'paddle-tail', 'hollow'],
    ['Deep diving crank', 'crankbait', 'deep-diver'],
    ['bladed jig', 'bladed-jig', undefined],
    ['Spinnerbait', 'spinnerbait', undefined],
    ['inline spinner', 'inline-spinner', undefined],
    ['soft jerkbait', 'soft-jerk', undefined],
    ['drop shot minnow', 'minnow-soft', undefined],
    ['swim jig', 'skirted-jig', 'swim'],
    ['lipless crank', 'lipless-crank', undefined],
    ['Bucktail', 'hair-jig', undefined],
    ['casting metal', 'casting-metal', undefined],
    ['walking bait', 'topwater', 'walker'],
  ])('%s', (text, family, style) =>
    expect(readKind(text)).toMatchObject({ family, ...(style ? { style } : {}), or: [] }),
  )
  it.each([
    ['Crayfish popper', 'topwater', 'popper'],
    ['craw lipless', 'lipless-crank', undefined],
    ['bucktail spinner', 'inline-spinner', undefined],
    ['soft crab', 'craw', undefined],
    ['swimbait, hollow', 'paddle-tail', 'hollow'],
    ['Frog (hollow body)', 'topwater', 'frog'],
    ['suspending jerkbait, deep', 'jerkbait', 'deep-lip'],
    ['topwater walker', 'topwater', 'walker'],
    ['deep diving crankbait', 'crankbait', 'deep-diver'],
  ])('the kind and the style, not the prey that is painted on it: %s', (text, family, style) =>
    expect(readKind(text)).toEqual(expect.objectContaining({ family, ...(style ? { style } : {}) })),
  )
  it('a word for several says which else it may be', () => {
    expect(readKind('jig')!.or).toContain('hair-jig')
    expect(readKind('spoon')!.or).toContain('flutter-spoon')
  })
  it('no word inside another word, and nothing of the trade is nothing', () => {
    for (const text of ['teapot', 'stickers', 'teaspoonful', '']) expect(readKind(text), text).toBeNull()
  })
  it('every style in the table is a style of its family', () => {
    for (const { family, style, says } of KIND_WORDS)
      if (style) expect(Object.keys(STYLE_TABLE[family] ?? {}), says).toContain(style)
  })
})

describe('what words beside the kind say', () => {
  it.each([
    ['suspending jerkbait', 'jerkbait', { buoyancy: 'hangs' }],
    ['slow sinking minnow plug', 'jerkbait', { buoyancy: 'sinks-slowly' }],
    ['floating jerkbait, rattling', 'jerkbait', { buoyancy: 'floats', sound: 'rattle' }],
    ['weedless spoon', 'casting-spoon', { hooks: [{ kind: 'weedless' }], snagGuard: 2 }],
    ['weedless soft jerk', 'soft-jerk', {}],
    ['craw trailer', 'craw', { role: 'both' }],
    ['double willow spinnerbait', 'spinnerbait', { blades: [{ shape: 'willow' }, { shape: 'willow' }] }],
    ['spinnerbait colorado', 'spinnerbait', { blades: [{ shape: 'colorado' }] }],
    ['tandem spinnerbait', 'spinnerbait', { blades: [{ shape: 'willow' }, { shape: 'colorado' }] }],
    ['indiana and willow spinnerbait', 'spinnerbait', { blades: [{ shape: 'indiana' }, { shape: 'willow' }] }],
    ['willow green crankbait', 'crankbait', {}],
    ['sinking feeling jig', 'skirted-jig', {}],
  ] as const)('%s', (text, family, traits) => expect(readTraits(text, family)).toEqual(traits))
  it('every style that a word names is one of its family, every family hears no word twice', () => {
    for (const [family, words] of Object.entries(STYLE_WORDS)) {
      expect(new Set(words.map(([says]) => says)).size, family).toBe(words.length)
      for (const [says, style] of words)
        expect(Object.keys(STYLE_TABLE[family as keyof typeof STYLE_TABLE] ?? {}), says).toContain(style)
    }
  })
})

describe('colours in words', () => {
  it('two colours of a skirt are body and accent, of a plug side and back', () => {
    expect(readColours('black/blue', 'skirted-jig')).toMatchObject({
      pattern: 'dark',
      side: '#1b1b1d',
      accent: '#2f5a9a',
    })
    expect(readColours('white blue', 'jerkbait')).toMatchObject({ pattern: 'plain', side: '#f4f2ea', back: '#2f5a9a' })
  })
  it('says which zone a colour is of', () =>
    expect(readColours('olive back, orange belly, gold')).toMatchObject({
      back: '#5a5a2a',
      belly: '#e8702a',
      metal: 'gold',
    }))
  it('takes the longest phrase', () => expect(readColours('green pumpkin').side).toBe('#4a4a22'))
  it('metals, finishes and glowing paints', () => {
    expect(readColours('hammered copper')).toMatchObject({ metal: 'copper', finish: 'hammered' })
    expect(readColours('Chartreuse')).toMatchObject({ pattern: 'hot', fluorescent: true })
  })
  it('short swatches are written out', () => expect(readColours('#fa3').side).toBe('#ffaa33'))
  it('nothing is made of what is no colour', () => expect(readColours('grandfather’s favourite')).toEqual({}))
})

describe('hooks as people write them', () => {
  it.each([
    ['2 trebles #6', [{ kind: 'treble', size: '6', count: 2 }]],
    ['#4 treble x2', [{ kind: 'treble', size: '4', count: 2 }]],
    ['2x #6 treble', [{ kind: 'treble', size: '6', count: 2 }]],
    [
      '2 x treble 6; 1 x single 4/0',
      [
        { kind: 'treble', size: '6', count: 2 },
        { kind: 'single', size: '4/0', count: 1 },
      ],
    ],
    ['3/0 offset', [{ kind: 'weedless', size: '3/0' }]],
    ['EWG 4/0', [{ kind: 'weedless', size: '4/0' }]],
    ['size 4', [{ kind: 'jig', size: '4' }]],
    ['treble', [{ kind: 'treble' }]],
    ['5/0', [{ kind: 'jig', size: '5/0' }]],
    ['none', []],
    [
      'treble 6 and single 2/0',
      [
        { kind: 'treble', size: '6' },
        { kind: 'single', size: '2/0' },
      ],
    ],
    ['3 trebles', [{ kind: 'treble', count: 3 }]],
    ['#6', [{ kind: 'jig', size: '6' }]],
  ])('%s', (text, hooks) => expect(readHooks(text, 'jig')).toEqual(hooks))
  it('what is no hook is not made one', () => expect(readHooks('sharp', 'jig')).toBeNull())
})

describe('a line of a list', () => {
  it('3/8 black blue jig, river, A3', () => {
    expect(readLureLine('3/8 black blue jig, river, A3', 'metric')).toMatchObject({
      kind: { family: 'skirted-jig' },
      colours: { side: '#1b1b1d', accent: '#2f5a9a' },
      weightG: expect.closeTo(10.63, 2) as number,
      box: 'river',
      slot: 'A3',
      left: '',
    })
  })
  it('weights and lengths with units, pieces and hooks, in any order', () => {
    expect(readLureLine('jerkbait 110 mm 14,5 g silver 3x #6', 'metric')).toMatchObject({
      kind: { family: 'jerkbait' },
      lengthMm: 110,
      weightG: 14.5,
      colours: { metal: 'silver' },
      hooks: [{ kind: 'treble', size: '6', count: 3 }],
    })
    expect(readLureLine('5" green pumpkin soft stick x12', 'imperial')).toMatchObject({
      kind: { family: 'stick-worm' },
      lengthMm: 127,
      quantity: 12,
      colours: { side: '#4a4a22' },
    })
    expect(readLureLine('½ oz white spinnerbait, double willow', 'metric')).toMatchObject({
      kind: { family: 'spinnerbait' },
      weightG: expect.closeTo(14.17, 2) as number,
    })
  })
  it('a black craw is black, not black and brown', () => {
    const { colours } = readLureLine('black craw', 'metric')
    expect(colours).toMatchObject({ pattern: 'dark', side: '#1b1b1d' })
    expect(colours.accent).toBeUndefined()
  })
  it('feet and metres are the depth it runs at', () => {
    expect(readLureLine('deep crank 20 ft chartreuse 3/4', 'imperial')).toMatchObject({
      depthM: expect.closeTo(6.1, 1) as number,
      weightG: expect.closeTo(21.3, 1) as number,
    })
    expect(readLureLine('crank 2-3 m', 'metric').depthM).toBeCloseTo(2.5)
  })
  it('the weight of a head is not that of the soft bait on it', () => {
    expect(readLureLine('soft shad 12 cm + 14 g head', 'metric').weightG).toBeUndefined()
    expect(readLureLine('soft shad 12 cm 14 g', 'metric').weightG).toBe(14)
  })
  it('a hook size is not a weight', () => {
    const read = readLureLine('popper 3/0', 'metric')
    expect(read.weightG).toBeUndefined()
    expect(read.hooks).toEqual([{ kind: 'treble', size: '3/0' }])
  })
  it.each([
    ['jerkbait 110 SP silver', 110],
    ['Floating minnow 90F', 90],
    ['crankbait 60', 60],
    ['jerkbait 110 mm', 110],
    ['spoon 18', undefined],
    ['crankbait 20', undefined],
    ['popper 12 g', undefined],
  ] as const)('a bare number behind the name of a plug is its length: %s', (line, mm) =>
    expect(readLureLine(line, 'metric').lengthMm).toBe(mm),
  )
  it.each([
    ['green pumpkin stick 5 in (8 pk)', 8],
    ['2x tube 3" 10pk', 20],
    ['grub x12', 12],
    ['worm', undefined],
  ] as const)('a packet holds as many as it says: %s', (line, pieces) =>
    expect(readLureLine(line, 'imperial').quantity).toBe(pieces),
  )
  it('nothing known is kept as said', () => expect(readLureLine('mystery', 'metric').kind).toBeNull())
})
