import { describe, expect, it } from 'vitest'
import type { Box, Lure } from '#core/tackle'
import { match } from '#core/tell'
import { bass, paint, type Situation, universalRod, winner } from './situation'

const SITUATIONS: readonly Situation[] = [
  {
    section: '§3',
    what: 'very muddy: round hammered blades before a willow',
    best: 'colorado',
    lures: [
      { id: 'willow', name: 'w', family: 'spinnerbait', weightG: 14, blades: [{ shape: 'willow', metal: 'silver' }] },
      {
        id: 'colorado',
        name: 'c',
        family: 'spinnerbait',
        weightG: 14,
        blades: [{ shape: 'colorado', metal: 'gold', finish: 'hammered' }],
      },
    ],
    reading: bass({ visibilityM: 0.3, stain: 'mud', cover: ['wood'] }),
  },
  {
    section: '§3',
    what: 'clear water: willow before a round blade',
    best: 'willow',
    lures: [
      { id: 'willow', name: 'w', family: 'spinnerbait', weightG: 14, blades: [{ shape: 'willow', metal: 'silver' }] },
      {
        id: 'colorado',
        name: 'c',
        family: 'spinnerbait',
        weightG: 14,
        blades: [{ shape: 'colorado', metal: 'silver' }],
      },
    ],
    reading: bass({ visibilityM: 5, stain: 'clear' }),
  },
  {
    section: '§6',
    what: 'muddy: the big bait before the small one',
    best: 'big',
    lures: [
      { id: 'big', name: 'b', family: 'skirted-jig', weightG: 14, bulk: 5 },
      { id: 'small', name: 's', family: 'skirted-jig', weightG: 14, bulk: 2 },
    ],
    reading: bass({ visibilityM: 0.3, stain: 'mud', fishFromM: 3, fishToM: 4 }),
  },
  {
    section: '§6',
    what: 'pressured clear water: the small one',
    best: 'small',
    lures: [
      { id: 'big', name: 'b', family: 'skirted-jig', weightG: 14, bulk: 5 },
      { id: 'small', name: 's', family: 'skirted-jig', weightG: 14, bulk: 2 },
    ],
    reading: bass({ visibilityM: 5, stain: 'clear', pressure: 'high', fishFromM: 3, fishToM: 4 }),
  },
  {
    section: '§5',
    what: 'cold water, fish at 1–2 m: a hanging plug before a fast lipless one',
    best: 'hanging',
    lures: [
      { id: 'hanging', name: 'h', family: 'jerkbait', weightG: 14, lengthMm: 100, buoyancy: 'hangs' },
      { id: 'lipless', name: 'l', family: 'lipless-crank', weightG: 15 },
    ],
    reading: bass({ temperatureC: 6, visibilityM: 2, fishFromM: 1, fishToM: 2 }),
  },
  {
    section: '§10',
    what: 'night: dark before natural',
    best: 'dark',
    lures: [
      { id: 'dark', name: 'd', family: 'crankbait', weightG: 12, colours: paint('dark') },
      { id: 'natural', name: 'n', family: 'crankbait', weightG: 12, colours: paint('natural') },
    ],
    reading: bass({ sky: 'night' }),
  },
  {
    section: '§10',
    what: 'clear water: natural before hot',
    best: 'natural',
    lures: [
      { id: 'hot', name: 'h', family: 'crankbait', weightG: 12, colours: paint('hot') },
      { id: 'natural', name: 'n', family: 'crankbait', weightG: 12, colours: paint('natural') },
    ],
    reading: bass({ visibilityM: 6, stain: 'clear' }),
  },
  {
    section: '§10',
    what: 'pre-spawn, warming: rattle before silent',
    best: 'rattle',
    lures: [
      { id: 'rattle', name: 'r', family: 'crankbait', weightG: 12, sound: 'rattle' },
      { id: 'silent', name: 's', family: 'crankbait', weightG: 12, sound: 'silent' },
    ],
    reading: bass({ temperatureC: 13, trend: 'warming', at: '2026-04-05T09:00:00Z', visibilityM: 0.7, stain: 'mud' }),
  },
  {
    section: '§10',
    what: 'hot and deep: the flutter spoon falls in their face',
    best: 'flutter',
    lures: [
      { id: 'flutter', name: 'f', family: 'flutter-spoon', weightG: 60, lengthMm: 150 },
      { id: 'spinner', name: 's', family: 'spinnerbait', weightG: 28, lengthMm: 120 },
    ],
    reading: bass({
      temperatureC: 30,
      trend: 'steady',
      at: '2026-07-25T12:00:00Z',
      bottomM: 9,
      fishFromM: 6,
      fishToM: 8,
      forage: [{ kind: 'shad-large' }],
      cover: ['open'],
    }),
  },
  {
    section: '§10',
    what: 'forage of 6 cm: the small spoon before the large one',
    best: 'small',
    lures: [
      { id: 'small', name: 's', family: 'casting-spoon', weightG: 10, lengthMm: 60 },
      { id: 'large', name: 'l', family: 'casting-spoon', weightG: 28, lengthMm: 130 },
    ],
    reading: { species: 'rainbow-trout', temperatureC: 13, forage: [{ kind: 'minnow', lengthMm: 60 }] },
  },
  {
    section: '§11',
    what: 'wood: square lip before a deep lip of the same depth',
    best: 'square',
    lures: [
      { id: 'square', name: 's', family: 'crankbait', style: 'square-lip', weightG: 12, runsAt: { depthM: 1.8 } },
      { id: 'round', name: 'r', family: 'crankbait', style: 'shallow', weightG: 12, runsAt: { depthM: 1.8 } },
    ],
    reading: bass({ cover: ['wood'], fishFromM: 0.5, fishToM: 2 }),
  },
  {
    section: '§7',
    what: 'among pads: weedless frog before an open popper',
    best: 'frog',
    lures: [
      { id: 'frog', name: 'f', family: 'topwater', style: 'frog', weightG: 14 },
      { id: 'popper', name: 'p', family: 'topwater', style: 'popper', weightG: 14 },
    ],
    reading: bass({ cover: ['pads'], bottomM: 1.2, fishFromM: 0, fishToM: 1 }),
  },
  {
    section: '§10',
    what: 'wind on the bank: spinnerbait before a surface lure',
    best: 'blade',
    lures: [
      { id: 'blade', name: 'b', family: 'spinnerbait', weightG: 14 },
      { id: 'walker', name: 'w', family: 'topwater', style: 'walker', weightG: 14 },
    ],
    reading: bass({ windMs: 9, bottomM: 2, fishFromM: 0, fishToM: 1.5 }),
  },
  {
    section: '§20',
    what: 'mackerel: fast metal before a soft stick',
    best: 'metal',
    lures: [
      { id: 'metal', name: 'm', family: 'casting-metal', weightG: 28, lengthMm: 60 },
      { id: 'stick', name: 's', family: 'stick-worm', weightG: 12 },
    ],
    reading: { species: 'mackerel', temperatureC: 14, water: 'sea', bottomM: 15, fishFromM: 2, fishToM: 6 },
  },
  {
    section: '§8',
    what: 'from the bank: what comes back, not the vertical jig',
    best: 'metal',
    lures: [
      { id: 'metal', name: 'm', family: 'dense-spoon', weightG: 25 },
      { id: 'slow', name: 's', family: 'slow-jig', weightG: 60 },
    ],
    reading: { species: 'pollack', temperatureC: 12, water: 'sea', bottomM: 8, fishFromM: 3, fishToM: 6, from: 'bank' },
  },
  {
    section: '§6',
    what: 'cold clear water for perch: the slender paddle-tail before the fat one',
    best: 'slender',
    lures: [
      { id: 'slender', name: 's', family: 'paddle-tail', style: 'slender', lengthMm: 75, weightG: 4 },
      { id: 'fat', name: 'f', family: 'paddle-tail', style: 'fat', lengthMm: 120, weightG: 12 },
    ],
    reading: {
      species: 'perch',
      temperatureC: 3,
      visibilityM: 4,
      stain: 'clear',
      bottomM: 4,
      fishFromM: 2.5,
      fishToM: 4,
      forage: [{ kind: 'minnow', lengthMm: 60 }],
    },
  },
  {
    section: '§6',
    what: 'in brush: a weedless worm before a bait on an open head',
    best: 'weedless',
    lures: [
      { id: 'weedless', name: 'w', family: 'creature', weightG: 9, lengthMm: 100 },
      { id: 'open', name: 'o', family: 'grub', weightG: 5, lengthMm: 100 },
    ],
    reading: bass({ cover: ['brush'], fishFromM: 3, fishToM: 4 }),
  },
  {
    section: '§10',
    what: 'crayfish eaters: the soft crayfish before a slim minnow plug',
    best: 'craw',
    lures: [
      { id: 'craw', name: 'c', family: 'craw', weightG: 9, lengthMm: 80 },
      { id: 'minnow', name: 'm', family: 'pencil', weightG: 20, lengthMm: 120 },
    ],
    reading: {
      species: 'smallmouth-bass',
      temperatureC: 18,
      bottomM: 3,
      fishFromM: 2,
      fishToM: 3,
      cover: ['rock'],
      forage: [{ kind: 'crayfish', lengthMm: 70 }],
    },
  },
  {
    section: '§10',
    what: 'sand eels: the long thin plug before a deep one',
    best: 'needle',
    lures: [
      { id: 'needle', name: 'n', family: 'jerkbait', weightG: 18, lengthMm: 130, buoyancy: 'sinks-slowly' },
      { id: 'deep', name: 'd', family: 'crankbait', weightG: 18, lengthMm: 70 },
    ],
    reading: {
      species: 'sea-bass',
      temperatureC: 14,
      water: 'estuary',
      bottomM: 3,
      fishFromM: 0.5,
      fishToM: 2,
      forage: [{ kind: 'sand-eel', lengthMm: 130 }],
      visibilityM: 2.5,
    },
  },
  {
    section: '§10',
    what: 'aggressive fish: the large loud one before the small quiet one',
    best: 'loud',
    lures: [
      { id: 'loud', name: 'l', family: 'lipless-crank', weightG: 18, bulk: 4, sound: 'rattle' },
      { id: 'quiet', name: 'q', family: 'lipless-crank', weightG: 18, bulk: 1, sound: 'silent', vibration: 2 },
    ],
    reading: bass({ mood: 'aggressive' }),
  },
  {
    section: '§10',
    what: 'lethargic fish near the bottom: a drop shot before a fast crank',
    best: 'finesse',
    lures: [
      { id: 'finesse', name: 'f', family: 'minnow-soft', weightG: 5, lengthMm: 90, scented: true },
      { id: 'crank', name: 'c', family: 'crankbait', style: 'medium-diver', weightG: 14 },
    ],
    reading: bass({ mood: 'lethargic', fishFromM: 3, fishToM: 4, pressure: 'high' }),
  },
  {
    section: '§5',
    what: 'surf and wind: a loaded pencil before a surface lure',
    best: 'pencil',
    lures: [
      { id: 'pencil', name: 'p', family: 'pencil', weightG: 60, lengthMm: 150 },
      { id: 'walker', name: 'w', family: 'topwater', style: 'walker', weightG: 28, lengthMm: 120 },
    ],
    reading: {
      species: 'sea-bass',
      temperatureC: 14,
      water: 'surf',
      windMs: 10,
      currentMs: 0.4,
      bottomM: 3,
      fishFromM: 0.5,
      fishToM: 2.5,
      from: 'bank',
    },
  },
  {
    section: '§2',
    what: 'pike eat large: 15 cm before 6 cm of the same spoon',
    best: 'large',
    lures: [
      { id: 'small', name: 's', family: 'casting-spoon', weightG: 14, lengthMm: 60 },
      { id: 'large', name: 'l', family: 'casting-spoon', weightG: 28, lengthMm: 120 },
    ],
    reading: { species: 'northern-pike', temperatureC: 14, forage: [{ kind: 'bleak', lengthMm: 120 }] },
  },
  {
    section: '§13',
    what: 'fish at 7 m: the plug that gets there, not the shallow one',
    best: 'deep',
    lures: [
      { id: 'deep', name: 'd', family: 'crankbait', style: 'deep-diver', weightG: 22, runsAt: { depthM: 5.5 } },
      { id: 'shallow', name: 's', family: 'crankbait', style: 'shallow', weightG: 12 },
    ],
    reading: bass({ bottomM: 8, fishFromM: 5, fishToM: 7 }),
  },
  {
    section: '§5',
    what: 'over a 1.5 m hump: the shallow plug, a deep one would plough',
    best: 'shallow',
    lures: [
      {
        id: 'deep',
        name: 'd',
        family: 'crankbait',
        style: 'deep-diver',
        weightG: 14,
        lengthMm: 55,
        runsAt: { depthM: 5 },
      },
      { id: 'shallow', name: 's', family: 'crankbait', style: 'shallow', weightG: 14, lengthMm: 55 },
    ],
    reading: bass({ bottomM: 1.5, fishFromM: 0.5, fishToM: 1.4 }),
  },
  {
    section: '§10',
    what: 'stained water, cloud: gold before silver',
    best: 'gold',
    lures: [
      { id: 'gold', name: 'g', family: 'casting-spoon', weightG: 14, colours: { pattern: 'plain', metal: 'gold' } },
      { id: 'silver', name: 's', family: 'casting-spoon', weightG: 14, colours: { pattern: 'plain', metal: 'silver' } },
    ],
    reading: { species: 'northern-pike', temperatureC: 14, visibilityM: 1.2, stain: 'brown', sky: 'overcast' },
  },
  {
    section: '§10',
    what: 'muddy: black before natural',
    best: 'black',
    lures: [
      { id: 'black', name: 'b', family: 'bladed-jig', weightG: 14, colours: paint('dark') },
      { id: 'natural', name: 'n', family: 'bladed-jig', weightG: 14, colours: paint('natural') },
    ],
    reading: bass({ visibilityM: 0.3, stain: 'mud' }),
  },
  {
    section: '§21',
    what: 'a hatch: the streamer before a large spinner',
    best: 'fly',
    lures: [
      { id: 'fly', name: 'f', family: 'streamer', weightG: 3, lengthMm: 40 },
      { id: 'spinner', name: 's', family: 'inline-spinner', weightG: 14, lengthMm: 95 },
    ],
    reading: {
      species: 'rainbow-trout',
      temperatureC: 13,
      bottomM: 1.2,
      fishFromM: 0.5,
      fishToM: 1.2,
      forage: [{ kind: 'insect', lengthMm: 25 }],
      mood: 'neutral',
      pressure: 'high',
      visibilityM: 4,
    },
  },
]

describe('the handbook’s own situations', () => {
  it.each(SITUATIONS)('$section: $what', ({ lures, reading, best }) => {
    expect(winner(lures, reading)).toBe(best)
  })

  it('§9: of two rods with one window a plug with trebles goes on the softer', () => {
    const soft = {
      ...universalRod('soft', 7, 30),
      rod: {
        kind: 'casting' as const,
        power: 'medium' as const,
        action: 'moderate' as const,
        lureMinG: 7,
        lureMaxG: 30,
      },
    }
    const stiff = {
      ...universalRod('a-stiff', 7, 30),
      rod: {
        kind: 'casting' as const,
        power: 'heavy' as const,
        action: 'extra-fast' as const,
        lureMinG: 7,
        lureMaxG: 30,
      },
    }
    const box: Box = {
      lures: [{ id: 'plug', name: 'p', family: 'crankbait', weightG: 14 }],
      parts: [],
      outfits: [stiff, soft],
      tests: [],
      trips: [],
    }
    expect(match(box, bass({})).setups[0]!.outfitId).toBe('soft')
  })

  it('§19 rattles: the loud school turns the order', () => {
    const lures: Lure[] = [
      { id: 'rattle', name: 'r', family: 'crankbait', weightG: 12, sound: 'rattle' },
      { id: 'silent', name: 's', family: 'crankbait', weightG: 12, sound: 'silent' },
    ]
    const reading = bass({ temperatureC: 22, visibilityM: 2.5, at: '2026-07-01T10:00:00Z' })
    expect(winner(lures, reading, { schools: { rattle: 'quiet' } })).toBe('silent')
    expect(winner(lures, reading, { schools: { rattle: 'loud' } })).toBe('rattle')
  })
})
