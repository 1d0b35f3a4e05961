import type { ForageId } from '#core/terms'

/** Spectral reflectance of metals at nodes [nm, share], linear between them. From memory, ±0.05. */
export const METAL_REFLECTANCE = {
  silver: [
    [350, 0.75],
    [400, 0.88],
    [450, 0.92],
    [500, 0.94],
    [700, 0.96],
  ],
  nickel: [
    [350, 0.42],
    [400, 0.5],
    [500, 0.6],
    [600, 0.66],
    [700, 0.7],
  ],
  gold: [
    [350, 0.38],
    [450, 0.38],
    [480, 0.42],
    [500, 0.5],
    [520, 0.65],
    [550, 0.81],
    [600, 0.91],
    [700, 0.96],
  ],
  copper: [
    [350, 0.38],
    [450, 0.52],
    [550, 0.58],
    [580, 0.72],
    [600, 0.83],
    [650, 0.92],
    [700, 0.95],
  ],
} as const satisfies Record<string, readonly (readonly [number, number])[]>
export type MirrorMetal = keyof typeof METAL_REFLECTANCE

/** Fluorescent paints: light below `cutNm` is taken up (share `absorbed`), a share `yield` of its photons comes out round `peakNm`. Assumed. */
export interface GlowRow {
  readonly cutNm: number
  readonly absorbed: number
  readonly peakNm: number
  readonly yield: number
}
export const GLOW = {
  chartreuse: { cutNm: 488, absorbed: 0.8, peakNm: 512, yield: 0.5 },
  green: { cutNm: 480, absorbed: 0.75, peakNm: 505, yield: 0.5 },
  orange: { cutNm: 565, absorbed: 0.75, peakNm: 598, yield: 0.4 },
  pink: { cutNm: 560, absorbed: 0.65, peakNm: 592, yield: 0.4 },
} as const satisfies Record<string, GlowRow>
export type GlowId = keyof typeof GLOW

/** Colours of prey, back, side, belly (sRGB by eye, assumed); `mirror` is silver on side and belly, `turn` how much it flashes, `through` what passes the body. */
export interface PreyRow {
  readonly label: string
  readonly back: string
  readonly side: string
  readonly belly: string
  readonly mirror: readonly [side: number, belly: number]
  readonly turn: number
  readonly through: readonly [back: number, side: number, belly: number]
}
const OPAQUE = [0, 0, 0] as const
export const PREY = {
  baitfish: {
    label: 'silver bait fish',
    back: '#3e4c42',
    side: '#bcc4c2',
    belly: '#dcdcd4',
    mirror: [0.75, 0.4],
    turn: 0.15,
    through: OPAQUE,
  },
  panfish: {
    label: 'olive small fish',
    back: '#36421e',
    side: '#8a8440',
    belly: '#cca868',
    mirror: [0, 0],
    turn: 0,
    through: OPAQUE,
  },
  fry: {
    label: 'see-through fry',
    back: '#8a9890',
    side: '#b8c4c0',
    belly: '#d0d8d4',
    mirror: [0, 0],
    turn: 0,
    through: [0.5, 0.65, 0.65],
  },
  craw: {
    label: 'crayfish',
    back: '#3c3018',
    side: '#665026',
    belly: '#a07844',
    mirror: [0, 0],
    turn: 0,
    through: OPAQUE,
  },
  worm: { label: 'worm', back: '#38281c', side: '#4a3226', belly: '#5c4034', mirror: [0, 0], turn: 0, through: OPAQUE },
} as const satisfies Record<string, PreyRow>
export type PreyId = keyof typeof PREY

/** Which of these each forage looks like. */
export const FORAGE_PREY: Record<ForageId, PreyId> = {
  'shad-small': 'baitfish',
  'shad-large': 'baitfish',
  'smelt': 'baitfish',
  'herring': 'baitfish',
  'bleak': 'baitfish',
  'minnow': 'baitfish',
  'sardine': 'baitfish',
  'needlefish': 'baitfish',
  'sand-eel': 'baitfish',
  'mullet': 'baitfish',
  'sunfish': 'panfish',
  'perch-juvenile': 'panfish',
  'goby': 'panfish',
  'frog': 'panfish',
  'whitebait': 'fry',
  'shrimp': 'fry',
  'squid': 'fry',
  'insect': 'fry',
  'crayfish': 'craw',
  'crab': 'craw',
  'worm': 'worm',
}
