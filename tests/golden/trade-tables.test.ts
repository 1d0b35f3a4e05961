import { describe, expect, it } from 'vitest'
import { askOf, desirabilityAt } from '#core/ask'
import { FORAGE_HABITS, FORAGE_TABLE, SCHOOL_TABLE, SPECIES_TABLE } from '#core/knowledge'
import type { Reading } from '#core/reading'
import type { ScaleAxisId } from '#core/rule'
import type { Lure } from '#core/tackle'
import type { ForageId, SpeciesId } from '#core/terms'
import { answer, bass } from './situation'

/** The handbook's tables and its plain directions, beside what the program makes of them. Common practice, no source; temperatures from memory. */

describe('the fish (§20)', () => {
  const ACTIVE: Readonly<Record<string, readonly [number, number, (readonly [number, number])?]>> = {
    'largemouth-bass': [18, 29, [16, 22]],
    'smallmouth-bass': [13, 26, [13, 18]],
    'spotted-bass': [14, 27, [14, 20]],
    'walleye': [8, 22, [5, 10]],
    'zander': [10, 24, [10, 15]],
    'northern-pike': [6, 21, [4, 11]],
    'muskellunge': [10, 24, [9, 15]],
    'perch': [8, 24, [7, 13]],
    'rainbow-trout': [8, 17],
    'brown-trout': [7, 17],
    'landlocked-salmon': [7, 16],
    'lake-trout': [4, 12],
    'striped-bass': [10, 21],
    'sea-bass': [10, 20],
    'sea-trout': [6, 16],
    'pollack': [7, 15],
    'mackerel': [10, 18],
    'red-drum': [16, 29],
    'spotted-seatrout': [15, 28],
    'snook': [22, 31],
    'tarpon': [23, 31],
    'cobia': [20, 28],
    'black-drum': [14, 28],
    'flounder': [12, 26],
    'grouper': [16, 27],
    'bluefish': [15, 24],
    'kahawai': [13, 20],
    'bream': [15, 26],
    'flathead': [15, 26],
    'sand-whiting': [17, 27],
    'amberjack': [17, 26],
  }
  it('are all there, and no others', () =>
    expect(Object.keys(SPECIES_TABLE).sort()).toEqual(Object.keys(ACTIVE).sort()))
  it.each(Object.entries(ACTIVE))(
    '%s: active range, and spawning where the handbook prints it',
    (id, [low, high, spawn]) => {
      const { activeC, spawnC } = SPECIES_TABLE[id as SpeciesId]
      expect(activeC).toEqual([low, high])
      if (spawn) expect(spawnC).toEqual(spawn)
    },
  )
  it.each([
    ['rainbow-trout', 20],
    ['brown-trout', 19],
    ['landlocked-salmon', 19],
  ] as const)('%s is left alone above %d °C', (id, stress) => {
    const cautions = (temperatureC: number) =>
      answer([{ id: 'l', name: 'l', family: 'inline-spinner', weightG: 5 }], {
        species: id,
        temperatureC,
      }).cautions.join(' ')
    expect(SPECIES_TABLE[id].stressC).toBe(stress)
    expect(cautions(stress + 1)).toMatch(/leave it alone/)
    expect(cautions(stress - 2)).not.toMatch(/leave it alone/)
  })
})

describe('what they eat (§21)', () => {
  const LENGTHS: readonly [ForageId, number, number][] = [
    ['shad-small', 50, 80],
    ['shad-large', 130, 250],
  ]
  it.each(LENGTHS)('%s is %d–%d mm long in every season', (id, least, most) => {
    const { spring, summer, autumn, winter } = FORAGE_HABITS[id]
    for (const length of [FORAGE_TABLE[id].lengthMm, spring, summer, autumn, winter]) {
      expect(length).toBeGreaterThanOrEqual(least)
      expect(length).toBeLessThanOrEqual(most)
    }
  })
  it.each([
    ['shad-large', 'deep'],
    ['smelt', 'slim'],
    ['goby', 'bottom'],
    ['crayfish', 'crustacean'],
    ['sand-eel', 'needle'],
    ['needlefish', 'needle'],
    ['sunfish', 'deep'],
    ['perch-juvenile', 'deep'],
    ['shrimp', 'crustacean'],
    ['frog', 'frog'],
    ['insect', 'insect'],
  ] as const)('%s has the %s silhouette', (id, silhouette) => expect(FORAGE_TABLE[id].silhouette).toBe(silhouette))
  it.each(['goby', 'crayfish', 'crab', 'shrimp', 'worm'] as const)('%s lives on the bottom', id =>
    expect(FORAGE_TABLE[id].level).toBe('bottom'),
  )
  it.each(['frog', 'insect', 'needlefish', 'mullet'] as const)('%s is at the surface', id =>
    expect(FORAGE_TABLE[id].level).toBe('surface'),
  )
  it('whitebait is tiny: the smallest fish of all', () => {
    const fish = Object.entries(FORAGE_TABLE)
      .filter(([, { silhouette }]) => ['deep', 'slim', 'needle', 'bottom'].includes(silhouette))
      .sort(([, a], [, b]) => a.lengthMm - b.lengthMm)
    expect(fish[0]![0]).toBe('whitebait')
  })
  it.each(['deep', 'needle'] as const)('%s prey asks for its own length', silhouette => {
    for (const [id, row] of Object.entries(FORAGE_TABLE).filter(([, r]) => r.silhouette === silhouette)) {
      const { length } = askOf({
        species: 'striped-bass',
        temperatureC: 16,
        forage: [{ kind: id as ForageId, lengthMm: row.lengthMm }],
        mood: 'neutral',
      }).axes
      expect(desirabilityAt(length, row.lengthMm), id).toBeGreaterThan(desirabilityAt(length, row.lengthMm * 2.5))
      expect(desirabilityAt(length, row.lengthMm), id).toBeGreaterThan(desirabilityAt(length, row.lengthMm / 2.5))
    }
  })
})

describe('the schools (§19)', () => {
  it('are the handbook’s nine questions, each with its schools', () => {
    expect(
      Object.fromEntries(Object.entries(SCHOOL_TABLE).map(([key, { holds }]) => [key, Object.keys(holds)])),
    ).toEqual({
      grass: ['tick', 'rip'],
      retrieve: ['vary', 'steady'],
      colour: ['forage', 'contrast', 'pair', 'sky'],
      rattle: ['quiet', 'loud'],
      hooks: ['trebles', 'singles'],
      trailerHook: ['short-strikes', 'open-water'],
      crankReel: ['fast', 'slow'],
      vertical: ['by-mood', 'slow', 'fast', 'long-fall'],
      order: ['search', 'finesse'],
    })
  })
  it.each(Object.entries(SCHOOL_TABLE))('%s: says why its default is one', (_, { whyDefault }) =>
    expect(whyDefault).toMatch(/default/),
  )
})

/** Where an axis is wished, from one water to the next; each pair is one sentence of the handbook. */
const DIRECTIONS: readonly {
  readonly section: string
  readonly what: string
  readonly axis: ScaleAxisId
  readonly from: Partial<Reading>
  readonly to: Partial<Reading>
  readonly wish: 'more' | 'less'
}[] = [
  {
    section: '§10',
    what: 'cold: slow',
    axis: 'speed',
    from: { temperatureC: 20 },
    to: { temperatureC: 5 },
    wish: 'less',
  },
  {
    section: '§10',
    what: 'cold: smaller',
    axis: 'length',
    from: { temperatureC: 20 },
    to: { temperatureC: 4 },
    wish: 'less',
  },
  {
    section: '§10',
    what: 'cold: what hangs or lies still',
    axis: 'hang',
    from: { temperatureC: 20 },
    to: { temperatureC: 5 },
    wish: 'more',
  },
  {
    section: '§10',
    what: 'warming spring: more vibration',
    axis: 'vibration',
    from: { temperatureC: 13, trend: 'cooling', at: '2026-10-25T09:00:00Z' },
    to: { temperatureC: 13, trend: 'warming', at: '2026-04-05T09:00:00Z' },
    wish: 'more',
  },
  {
    section: '§10',
    what: 'mud: big presence',
    axis: 'presence',
    from: { visibilityM: 4, stain: 'clear' },
    to: { visibilityM: 0.3, stain: 'mud' },
    wish: 'more',
  },
  {
    section: '§10',
    what: 'mud: hard vibration',
    axis: 'vibration',
    from: { visibilityM: 4, stain: 'clear' },
    to: { visibilityM: 0.3, stain: 'mud' },
    wish: 'more',
  },
  {
    section: '§10',
    what: 'mud: rattles',
    axis: 'sound',
    from: { visibilityM: 4, stain: 'clear' },
    to: { visibilityM: 0.3, stain: 'mud' },
    wish: 'more',
  },
  {
    section: '§10',
    what: 'mud: slow, so that they can find it',
    axis: 'speed',
    from: { visibilityM: 2, stain: 'green' },
    to: { visibilityM: 0.3, stain: 'mud' },
    wish: 'less',
  },
  {
    section: '§10',
    what: 'mud: scent',
    axis: 'scent',
    from: { visibilityM: 2, stain: 'green' },
    to: { visibilityM: 0.3, stain: 'mud' },
    wish: 'more',
  },
  {
    section: '§10',
    what: 'clear: natural',
    axis: 'naturalness',
    from: { visibilityM: 0.8, stain: 'brown' },
    to: { visibilityM: 6, stain: 'clear' },
    wish: 'more',
  },
  {
    section: '§10',
    what: 'stained: more vibration than clear',
    axis: 'vibration',
    from: { visibilityM: 5, stain: 'clear' },
    to: { visibilityM: 1.5, stain: 'green' },
    wish: 'more',
  },
  {
    section: '§10',
    what: 'aggressive: faster',
    axis: 'speed',
    from: { mood: 'neutral' },
    to: { mood: 'aggressive' },
    wish: 'more',
  },
  {
    section: '§10',
    what: 'aggressive: bigger',
    axis: 'presence',
    from: { mood: 'neutral' },
    to: { mood: 'aggressive' },
    wish: 'more',
  },
  {
    section: '§10',
    what: 'lethargic: slower',
    axis: 'speed',
    from: { mood: 'neutral' },
    to: { mood: 'lethargic' },
    wish: 'less',
  },
  {
    section: '§10',
    what: 'lethargic: smaller',
    axis: 'presence',
    from: { mood: 'neutral' },
    to: { mood: 'lethargic' },
    wish: 'less',
  },
  {
    section: '§10',
    what: 'lethargic: scent',
    axis: 'scent',
    from: { mood: 'neutral' },
    to: { mood: 'lethargic' },
    wish: 'more',
  },
  {
    section: '§6',
    what: 'pressured clear water: less presence',
    axis: 'presence',
    from: { visibilityM: 5, stain: 'clear', pressure: 'low' },
    to: { visibilityM: 5, stain: 'clear', pressure: 'high' },
    wish: 'less',
  },
  {
    section: '§7',
    what: 'cover: what sheds snags',
    axis: 'snagGuard',
    from: { cover: ['open'] },
    to: { cover: ['brush'] },
    wish: 'more',
  },
  {
    section: '§10',
    what: 'fish lie deeper: present deeper',
    axis: 'depth',
    from: { fishFromM: 1, fishToM: 2 },
    to: { fishFromM: 3, fishToM: 4 },
    wish: 'more',
  },
  {
    section: '§10',
    what: 'hot and deep: erratic, falling in their face',
    axis: 'erratic',
    from: { temperatureC: 20, fishFromM: 1, fishToM: 3 },
    to: {
      temperatureC: 30,
      trend: 'steady',
      at: '2026-07-25T12:00:00Z',
      bottomM: 9,
      fishFromM: 6,
      fishToM: 8,
      forage: [{ kind: 'shad-large' }],
    },
    wish: 'more',
  },
]

describe('the directions in which conditions push', () => {
  it.each(DIRECTIONS)('$section: $what', ({ axis, from, to, wish }) => {
    const best = (part: Partial<Reading>) => {
      const { curve, best: at, weight } = askOf(bass(part)).axes[axis]
      // Where nothing speaks of it, the axis is wished nowhere: the middle of what is possible.
      return weight > 0 ? at : (curve.length - 1) / 2 / curve.length
    }
    const moved = best(to) - best(from)
    if (wish === 'more') expect(moved).toBeGreaterThan(0)
    else expect(moved).toBeLessThan(0)
  })
})

describe('jig weight by depth: lead, light wind (§6)', () => {
  const heads = [1.8, 2.6, 3.5, 5.3, 7, 10.6, 14, 21].map(weightG => ({
    id: `h${weightG}`,
    name: `h${weightG}`,
    kind: 'jig-head' as const,
    weightG,
    quantity: 3,
    material: 'lead' as const,
    shape: 'round',
  }))
  const soft: Lure = { id: 's', name: 's', family: 'minnow-soft', lengthMm: 75, weightG: 2 }
  it.each([
    [2, 1.8, 3.5],
    [4.5, 5, 7],
    [7.5, 10.5, 14],
  ] as const)('over %d m the head is %d to %d g, within a step of the box', (depthM, least, most) => {
    const { setups } = answer(
      [soft],
      {
        species: 'walleye',
        temperatureC: 15,
        bottomM: depthM,
        fishFromM: depthM - 0.5,
        fishToM: depthM,
        windMs: 1,
        currentMs: 0,
        mood: 'neutral',
        from: 'boat',
        cover: ['open'],
      },
      {},
      heads,
    )
    const given = setups.map(s => s.headG ?? s.sinkerG).find(g => g != null)!
    const at = (grams: number) => heads.findIndex(h => h.weightG >= grams)
    expect(at(given)).toBeGreaterThanOrEqual(at(least) - 1)
    expect(at(given)).toBeLessThanOrEqual(at(most) + 1)
  })
  it('deeper never asks for less', () => {
    const grams = [1.5, 3, 5, 7, 9].map(depthM => {
      const [first] = answer(
        [soft],
        {
          species: 'walleye',
          temperatureC: 15,
          bottomM: depthM,
          fishFromM: depthM - 0.4,
          fishToM: depthM,
          windMs: 1,
          mood: 'neutral',
          from: 'boat',
          cover: ['open'],
        },
        {},
        heads,
      ).setups
      return first!.headG ?? first!.sinkerG ?? 0
    })
    expect(grams).toEqual([...grams].sort((a, b) => a - b))
  })
})

describe('cautions in their place (§18)', () => {
  const spinner: Lure = { id: 'l', name: 'l', family: 'inline-spinner', weightG: 8 }
  const told = (part: Partial<Reading>) =>
    answer([spinner], { species: 'perch', temperatureC: 16, ...part }).cautions.join(' ')
  it.each<[string, RegExp, Partial<Reading>, Partial<Reading>]>([
    ['night', /never alone on rocks/, { sky: 'night' }, { sky: 'sun' }],
    ['wading', /belt, cleats, life jacket/, { from: 'wading' }, { from: 'bank' }],
    ['surf', /tide and swell/, { water: 'surf' }, { water: 'lake' }],
    ['thunder', /carbon rods conduct/, { sky: 'rain' }, { sky: 'sun' }],
    ['cold water', /clothing for immersion/, { temperatureC: 6 }, { temperatureC: 18 }],
    ['deep fish', /hurt by the pressure/, { bottomM: 30, fishFromM: 15, fishToM: 25 }, { bottomM: 5 }],
    ['waves', /lookout for logs and boats/, { from: 'boat', waveM: 0.8 }, { from: 'boat', waveM: 0 }],
    ['strong wind', /think of the way back/, { from: 'kayak', windMs: 12 }, { from: 'bank', windMs: 12 }],
    [
      'spawning fish',
      /on their beds/,
      { temperatureC: 10, trend: 'warming', at: '2026-04-20T09:00:00Z', phase: 'spawn' },
      { temperatureC: 20, phase: 'summer' },
    ],
  ])('%s', (_, words, there, elsewhere) => {
    expect(told(there)).toMatch(words)
    expect(told(elsewhere)).not.toMatch(words)
  })
  it('local rules and clean gear are told with every answer', () => {
    for (const part of [{}, { sky: 'night' as const }]) {
      expect(told(part)).toMatch(/check the local rules/)
      expect(told(part)).toMatch(/Clean, drain and dry/)
    }
  })
})
