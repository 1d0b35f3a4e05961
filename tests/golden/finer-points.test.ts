import { describe, expect, it } from 'vitest'
import { answer, bass, paint, type Situation, winner } from './situation'

const blade = (id: string, part: object) => ({ id, name: id, family: 'spinnerbait' as const, weightG: 14, ...part })
const paddle = (id: string, part: object) => ({
  id,
  name: id,
  family: 'paddle-tail' as const,
  weightG: 9,
  lengthMm: 100,
  ...part,
})
const sea = {
  species: 'sea-bass',
  temperatureC: 14,
  water: 'surf',
  bottomM: 3,
  fishFromM: 0.5,
  fishToM: 2.5,
  from: 'bank',
} as const

/** Blades, metal, plugs, soft baits, vertical jigs and tactics: the decisions behind the plain ones. */
const SITUATIONS: readonly Situation[] = [
  {
    section: '§3',
    what: 'clear: silver blades',
    best: 'silver',
    lures: [
      blade('silver', { blades: [{ shape: 'willow', metal: 'silver' }] }),
      blade('gold', { blades: [{ shape: 'willow', metal: 'gold' }] }),
    ],
    reading: bass({ visibilityM: 5, stain: 'clear', sky: 'sun' }),
  },
  {
    section: '§3',
    what: 'dirty: gold blades',
    best: 'gold',
    lures: [
      blade('silver', { blades: [{ shape: 'colorado', metal: 'silver' }] }),
      blade('gold', { blades: [{ shape: 'colorado', metal: 'gold' }] }),
    ],
    reading: bass({ visibilityM: 0.8, stain: 'brown' }),
  },
  {
    section: '§3',
    what: 'cloud: painted blades',
    best: 'painted',
    lures: [
      blade('painted', { blades: [{ shape: 'willow', finish: 'painted', metal: 'none' }], flash: 2 }),
      blade('metal', { blades: [{ shape: 'willow', finish: 'smooth', metal: 'silver' }] }),
    ],
    reading: bass({ visibilityM: 3, stain: 'clear', sky: 'overcast', water: 'reservoir' }),
  },
  {
    section: '§3',
    what: 'mud: hammered before smooth',
    best: 'hammered',
    lures: [
      blade('hammered', { blades: [{ shape: 'colorado', finish: 'hammered', metal: 'gold' }] }),
      blade('smooth', { blades: [{ shape: 'colorado', finish: 'smooth', metal: 'gold' }] }),
    ],
    reading: bass({ visibilityM: 0.3, stain: 'mud' }),
  },
  {
    section: '§3',
    what: 'deep brush: heavy single willow',
    best: 'single',
    lures: [
      blade('single', { weightG: 28, blades: [{ shape: 'willow' }] }),
      blade('double', { weightG: 28, blades: [{ shape: 'colorado' }, { shape: 'indiana' }] }),
    ],
    reading: bass({ bottomM: 6, fishFromM: 4, fishToM: 6, cover: ['brush'], visibilityM: 2.5 }),
  },
  {
    section: '§3',
    what: 'shallow fallen trees, stained: big round blade',
    best: 'round',
    lures: [
      blade('round', { blades: [{ shape: 'colorado', size: 5 }] }),
      blade('leaf', { blades: [{ shape: 'willow', size: 3 }] }),
    ],
    reading: bass({ bottomM: 2, fishFromM: 0.3, fishToM: 1.5, cover: ['wood'], visibilityM: 0.9, stain: 'brown' }),
  },
  {
    section: '§3',
    what: 'burned under the surface: willow',
    best: 'leaf',
    lures: [
      blade('round', { blades: [{ shape: 'colorado', size: 4 }] }),
      blade('leaf', { blades: [{ shape: 'willow', size: 3 }] }),
    ],
    reading: bass({ mood: 'aggressive', fishFromM: 0, fishToM: 1.2, bottomM: 3, visibilityM: 3, temperatureC: 24 }),
  },
  {
    section: '§3',
    what: 'river: the small spinnerbait',
    best: 'small',
    lures: [blade('small', { weightG: 7, lengthMm: 80 }), blade('large', { weightG: 24, lengthMm: 80 })],
    reading: { species: 'smallmouth-bass', temperatureC: 19, water: 'river', bottomM: 2, fishFromM: 0.5, fishToM: 1.5 },
  },
  {
    section: '§3',
    what: 'wind on a lake: the heavier spinnerbait',
    best: 'large',
    lures: [blade('small', { weightG: 7, lengthMm: 100 }), blade('large', { weightG: 21, lengthMm: 100 })],
    reading: bass({ windMs: 10, visibilityM: 1.5 }),
  },
  {
    section: '§4',
    what: 'shy trout: the smaller blade',
    best: 'small',
    lures: [
      {
        id: 'small',
        name: 's',
        family: 'inline-spinner',
        weightG: 5,
        lengthMm: 55,
        blades: [{ shape: 'oval', size: 1, metal: 'silver' }],
      },
      {
        id: 'large',
        name: 'l',
        family: 'inline-spinner',
        weightG: 5,
        lengthMm: 55,
        blades: [{ shape: 'oval', size: 5, metal: 'silver' }],
      },
    ],
    reading: { species: 'brown-trout', temperatureC: 13, pressure: 'high', visibilityM: 4, stain: 'clear' },
  },
  {
    section: '§2',
    what: 'from the bank: the dense spoon',
    best: 'dense',
    lures: [
      { id: 'dense', name: 'd', family: 'dense-spoon', weightG: 20, lengthMm: 65 },
      { id: 'thin', name: 't', family: 'casting-spoon', weightG: 20, lengthMm: 65 },
    ],
    reading: {
      species: 'sea-trout',
      temperatureC: 10,
      water: 'sea',
      from: 'bank',
      windMs: 8,
      bottomM: 4,
      fishFromM: 1,
      fishToM: 3,
    },
  },
  {
    section: '§22.2',
    what: 'a single fish under the boat: the cupped flutter spoon',
    best: 'cupped',
    lures: [
      { id: 'cupped', name: 'c', family: 'flutter-spoon', style: 'cupped', weightG: 85 },
      { id: 'flat', name: 'f', family: 'flutter-spoon', style: 'flat', weightG: 85 },
    ],
    reading: bass({
      temperatureC: 29,
      bottomM: 9,
      fishFromM: 6,
      fishToM: 8,
      grouping: 'one-spot',
      forage: [{ kind: 'shad-large' }],
    }),
  },
  {
    section: '§2',
    what: 'a school: the flat flutter spoon',
    best: 'flat',
    lures: [
      { id: 'cupped', name: 'c', family: 'flutter-spoon', style: 'cupped', weightG: 85 },
      { id: 'flat', name: 'f', family: 'flutter-spoon', style: 'flat', weightG: 85 },
    ],
    reading: bass({
      temperatureC: 29,
      bottomM: 9,
      fishFromM: 6,
      fishToM: 8,
      grouping: 'schooled',
      forage: [{ kind: 'shad-large' }],
    }),
  },
  {
    section: '§5',
    what: 'current: the slowly sinking minnow before the hanging one',
    best: 'sinks',
    lures: [
      { id: 'hangs', name: 'h', family: 'jerkbait', weightG: 14, buoyancy: 'hangs' },
      { id: 'sinks', name: 's', family: 'jerkbait', weightG: 14, buoyancy: 'sinks-slowly' },
    ],
    reading: {
      species: 'brown-trout',
      temperatureC: 12,
      water: 'river',
      currentMs: 0.7,
      bottomM: 2,
      fishFromM: 0.5,
      fishToM: 1.5,
    },
  },
  {
    section: '§5',
    what: 'rock: the plug that rises when stopped',
    best: 'floats',
    lures: [
      { id: 'floats', name: 'f', family: 'crankbait', weightG: 12, buoyancy: 'floats' },
      { id: 'sinks', name: 's', family: 'crankbait', weightG: 12, buoyancy: 'sinks' },
    ],
    reading: bass({ cover: ['rock'], fishFromM: 1, fishToM: 2.5 }),
  },
  {
    section: '§5',
    what: 'rolling surf: the heavily loaded pencil',
    best: 'loaded',
    lures: [
      { id: 'loaded', name: 'l', family: 'pencil', weightG: 76, lengthMm: 160 },
      { id: 'light', name: 'i', family: 'pencil', weightG: 32, lengthMm: 160 },
    ],
    reading: { ...sea, waveM: 1.8, windMs: 10, currentMs: 0.5 },
  },
  {
    section: '§5',
    what: 'a calm sandy beach: the small pencil',
    best: 'light',
    lures: [
      { id: 'loaded', name: 'l', family: 'pencil', weightG: 85, lengthMm: 140 },
      { id: 'light', name: 'i', family: 'pencil', weightG: 36, lengthMm: 140 },
    ],
    reading: { ...sea, waveM: 0.2, windMs: 3, cover: ['sand'] },
  },
  {
    section: '§5',
    what: 'cold under cloud: the gold hanging plug',
    best: 'gold',
    lures: [
      {
        id: 'gold',
        name: 'g',
        family: 'jerkbait',
        weightG: 14,
        buoyancy: 'hangs',
        colours: { pattern: 'plain', metal: 'gold' },
      },
      {
        id: 'silver',
        name: 's',
        family: 'jerkbait',
        weightG: 14,
        buoyancy: 'hangs',
        colours: { pattern: 'plain', metal: 'silver' },
      },
    ],
    reading: bass({ temperatureC: 6, visibilityM: 1.6, stain: 'brown', sky: 'overcast', fishFromM: 1, fishToM: 2 }),
  },
  {
    section: '§6',
    what: 'just after ice-out: the small slender paddle-tail',
    best: 'slender',
    lures: [
      paddle('slender', { style: 'slender', lengthMm: 80, weightG: 4 }),
      paddle('hollow', { style: 'hollow', lengthMm: 80, weightG: 4 }),
    ],
    reading: {
      species: 'walleye',
      temperatureC: 3,
      bottomM: 4,
      fishFromM: 2.5,
      fishToM: 4,
      visibilityM: 4,
      stain: 'clear',
    },
  },
  {
    section: '§22.2',
    what: 'cold and crept: not the hollow paddle-tail',
    best: 'fat',
    lures: [paddle('fat', { style: 'fat' }), paddle('hollow', { style: 'hollow' })],
    reading: bass({ temperatureC: 8, fishFromM: 2.5, fishToM: 4 }),
  },
  {
    section: '§6',
    what: 'grass: the bait that can be rigged weedless',
    best: 'weedless',
    lures: [
      { id: 'weedless', name: 'w', family: 'soft-jerk', weightG: 12, lengthMm: 120 },
      { id: 'open', name: 'o', family: 'jighead-soft', weightG: 12, lengthMm: 120 },
    ],
    reading: bass({ cover: ['grass'], bottomM: 2, fishFromM: 0.5, fishToM: 1.5 }),
  },
  {
    section: '§6',
    what: 'hard bottom: the football jig',
    best: 'football',
    lures: [
      { id: 'football', name: 'f', family: 'skirted-jig', style: 'football', weightG: 14 },
      { id: 'flipping', name: 'p', family: 'skirted-jig', style: 'flipping', weightG: 14 },
    ],
    reading: bass({ cover: ['gravel'], fishFromM: 3, fishToM: 4 }),
  },
  {
    section: '§6',
    what: 'wood: the guarded flipping jig',
    best: 'flipping',
    lures: [
      { id: 'football', name: 'f', family: 'skirted-jig', style: 'football', weightG: 14 },
      { id: 'flipping', name: 'p', family: 'skirted-jig', style: 'flipping', weightG: 14 },
    ],
    reading: bass({ cover: ['wood'], fishFromM: 2, fishToM: 4 }),
  },
  {
    section: '§6',
    what: 'hard-fished fish: the finesse jig',
    best: 'finesse',
    lures: [
      { id: 'finesse', name: 'f', family: 'skirted-jig', style: 'finesse', weightG: 9, lengthMm: 70 },
      { id: 'flipping', name: 'p', family: 'skirted-jig', style: 'flipping', weightG: 9, lengthMm: 70 },
    ],
    reading: bass({ pressure: 'high', fishFromM: 3, fishToM: 4, visibilityM: 3 }),
  },
  {
    section: '§8',
    what: 'active fish under the boat: the slim fast jig',
    best: 'fast',
    lures: [
      { id: 'fast', name: 'f', family: 'speed-jig', weightG: 60 },
      { id: 'slow', name: 's', family: 'slow-jig', weightG: 60 },
    ],
    reading: {
      species: 'amberjack',
      temperatureC: 23,
      water: 'sea',
      bottomM: 30,
      fishFromM: 15,
      fishToM: 28,
      mood: 'aggressive',
    },
  },
  {
    section: '§8',
    what: 'a slow bite under the boat: the flat slow jig',
    best: 'slow',
    lures: [
      { id: 'fast', name: 'f', family: 'speed-jig', weightG: 60 },
      { id: 'slow', name: 's', family: 'slow-jig', weightG: 60 },
    ],
    reading: {
      species: 'grouper',
      temperatureC: 20,
      water: 'sea',
      bottomM: 30,
      fishFromM: 24,
      fishToM: 30,
      mood: 'lethargic',
    },
  },
  {
    section: '§19',
    what: 'the fast school keeps the slim jig even for slow fish',
    best: 'fast',
    schools: { vertical: 'fast' },
    lures: [
      { id: 'fast', name: 'f', family: 'speed-jig', weightG: 60 },
      { id: 'slow', name: 's', family: 'slow-jig', weightG: 60 },
    ],
    reading: { species: 'amberjack', temperatureC: 23, water: 'sea', bottomM: 30, fishFromM: 15, fishToM: 28 },
  },
  {
    section: '§22.12',
    what: 'concentrated fish: a jig before a searching blade',
    best: 'jig',
    lures: [
      { id: 'jig', name: 'j', family: 'jighead-soft', weightG: 10, lengthMm: 90 },
      { id: 'blade', name: 'b', family: 'inline-spinner', weightG: 10, lengthMm: 75 },
    ],
    reading: { species: 'walleye', temperatureC: 15, bottomM: 5, fishFromM: 4, fishToM: 5, grouping: 'schooled' },
  },
  {
    section: '§5',
    what: 'cold fish on one known spot: what can hang there',
    best: 'hanging',
    lures: [
      { id: 'hanging', name: 'h', family: 'jerkbait', weightG: 14, buoyancy: 'hangs' },
      { id: 'spoon', name: 's', family: 'casting-spoon', weightG: 14 },
    ],
    reading: bass({
      temperatureC: 7,
      grouping: 'one-spot',
      cover: ['dock'],
      fishFromM: 1,
      fishToM: 2.5,
      visibilityM: 2,
    }),
  },
  {
    section: '§10',
    what: 'first light on the salt: pale before dark',
    best: 'pale',
    lures: [
      { id: 'pale', name: 'p', family: 'jerkbait', weightG: 20, colours: paint('plain') },
      { id: 'dark', name: 'd', family: 'jerkbait', weightG: 20, colours: paint('dark') },
    ],
    reading: { ...sea, at: '2026-06-21T03:40:00Z', latitude: 52, longitude: 0, sky: 'broken', visibilityM: 2.5 },
  },
  {
    section: '§10',
    what: 'the same beach by night: dark',
    best: 'dark',
    lures: [
      { id: 'pale', name: 'p', family: 'jerkbait', weightG: 20, colours: paint('plain') },
      { id: 'dark', name: 'd', family: 'jerkbait', weightG: 20, colours: paint('dark') },
    ],
    reading: { ...sea, sky: 'night', visibilityM: 2.5 },
  },
  {
    section: '§10',
    what: 'autumn, bait on the move: spinnerbait before a worm on the bottom',
    best: 'blade',
    lures: [blade('blade', {}), { id: 'worm', name: 'w', family: 'worm', weightG: 6, lengthMm: 150 }],
    reading: bass({
      temperatureC: 17,
      trend: 'cooling',
      at: '2026-10-10T10:00:00Z',
      latitude: 40,
      windMs: 7,
      fishFromM: 0.5,
      fishToM: 2.5,
      sky: 'overcast',
    }),
  },
  {
    section: '§10',
    what: 'heat-stressed and deep: the lethargic school wants the fall, not the crank',
    best: 'fall',
    lures: [
      { id: 'fall', name: 'f', family: 'flutter-spoon', weightG: 60, lengthMm: 130 },
      { id: 'crank', name: 'c', family: 'crankbait', style: 'deep-diver', weightG: 22, runsAt: { depthM: 6 } },
    ],
    reading: bass({
      temperatureC: 30,
      at: '2026-08-01T12:00:00Z',
      bottomM: 8,
      fishFromM: 5.5,
      fishToM: 7.5,
      grouping: 'schooled',
      forage: [{ kind: 'shad-large' }],
    }),
  },
  {
    section: '§22.10',
    what: 'stocked trout in a pond: a spoon that flies, before a soft worm',
    best: 'spoon',
    lures: [
      { id: 'spoon', name: 's', family: 'casting-spoon', weightG: 5, lengthMm: 40 },
      { id: 'worm', name: 'w', family: 'worm', weightG: 3, lengthMm: 60 },
    ],
    reading: {
      species: 'rainbow-trout',
      temperatureC: 13,
      water: 'pond',
      from: 'bank',
      bottomM: 3,
      fishFromM: 0.5,
      fishToM: 2,
    },
  },
  {
    section: '§11',
    what: 'grass, ripping school: the lipless crank before a paddle-tail',
    best: 'lipless',
    schools: { grass: 'rip' },
    lures: [
      { id: 'lipless', name: 'l', family: 'lipless-crank', weightG: 14, snagGuard: 1 },
      { id: 'spoon', name: 's', family: 'casting-spoon', weightG: 14, snagGuard: 1 },
    ],
    reading: bass({ cover: ['grass'], temperatureC: 18, fishFromM: 1, fishToM: 2.5 }),
  },
  {
    section: '§6',
    what: 'muddy spring water: the bulky thumping bait before the slim quiet one',
    best: 'bulky',
    lures: [
      { id: 'bulky', name: 'b', family: 'bladed-jig', weightG: 14, bulk: 4, colours: paint('dark') },
      { id: 'slim', name: 's', family: 'jerkbait', weightG: 14, colours: paint('dark') },
    ],
    reading: bass({
      temperatureC: 13,
      trend: 'warming',
      at: '2026-04-01T12:00:00Z',
      visibilityM: 0.3,
      stain: 'mud',
      fishFromM: 0.5,
      fishToM: 2,
    }),
  },
]

describe('the handbook’s finer points', () => {
  it.each(SITUATIONS)('$section: $what', ({ lures, reading, best, schools, parts }) => {
    expect(winner([...lures].reverse(), reading, schools ? { schools } : {}, parts)).toBe(best)
  })
  it('§23.1: smooth clear water lifts what slides over it against what splashes, a chop the reverse', () => {
    const surface = (id: string, actionStyle: 'walk' | 'pop') => ({
      id,
      name: id,
      family: 'topwater' as const,
      weightG: 14,
      lengthMm: 95,
      actionStyle,
    })
    const walkerAhead = (windMs: number) => {
      const { setups } = answer(
        [surface('walker', 'walk'), surface('popper', 'pop'), blade('blades', {}), paddle('paddle', {})],
        bass({ visibilityM: 4, stain: 'clear', windMs, fishFromM: 0, fishToM: 1.5 }),
      )
      const score = (id: string) => setups.find(s => s.lureId === id)!.score
      return score('walker') - score('popper')
    }
    expect(walkerAhead(1)).toBeGreaterThan(walkerAhead(5) + 0.02)
  })
})
