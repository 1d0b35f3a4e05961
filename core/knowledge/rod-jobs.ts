import type { LineMaterial, RodAction, RodKind, RodPower } from '#core/terms'

export type JobId =
  | 'crank'
  | 'crank-grass'
  | 'jerk'
  | 'surface'
  | 'frog'
  | 'blades'
  | 'swim'
  | 'pitch'
  | 'jig'
  | 'head'
  | 'stick'
  | 'weedless'
  | 'drop-shot'
  | 'metal'
  | 'small-metal'
  | 'spoon'
  | 'flutter'
  | 'vertical-fast'
  | 'vertical-slow'
  | 'vertical-long'
  | 'vertical-light'
  | 'surf'
  | 'troll'
  | 'umbrella'
  | 'big'

type Span<T> = readonly [least: T, most: T]

/**
 * What a job asks of the rod, its reel and its line (handbook §9, §23.4). A step outside a range costs log-odds; what is absent does not matter.
 * Source: common practice, no source; the costs are assumed and stand beside the sums.
 */
type ByWeight = readonly { readonly belowG: number; readonly power: Span<RodPower> }[]

export interface JobRow {
  readonly id: JobId
  readonly label: string
  readonly kinds: readonly RodKind[]
  /** Below these grams any casting or spinning rod does the job as well. */
  readonly castingBelowG?: number
  readonly power: Span<RodPower>
  readonly action: Span<RodAction>
  readonly lengthM?: Span<number>
  /** Power by the complete weight thrown: light heads want light rods. Replaces `power` below and above these grams. */
  readonly byWeight?: ByWeight
  /** The same for fish that are not pulled out of cover. */
  readonly notPulled?: ByWeight
  readonly test?: Span<number>
  readonly lines?: readonly LineMaterial[]
  readonly reels?: readonly ('baitcaster' | 'spinning' | 'overhead' | 'fly')[]
  /** Stays fine beside cover too: it is not pulled through it. */
  readonly fineInCover?: true
  /** From where distance is asked of it: from any open shore, or from that of the sea alone, where fish are out of reach of a short rod. */
  readonly far?: 'shore' | 'coast'
  readonly text: string
}

const CAST: readonly RodKind[] = ['casting', 'spinning']
const SMALL = [
  { belowG: 4, power: ['ultralight', 'ultralight'] },
  { belowG: 7, power: ['ultralight', 'light'] },
  { belowG: 10, power: ['light', 'medium-light'] },
  { belowG: 14, power: ['light', 'medium'] },
  { belowG: 30, power: ['medium', 'medium-heavy'] },
  { belowG: 60, power: ['medium-heavy', 'heavy'] },
] as const

/** "Heads to 10 g medium-light to medium"; the lightest, for trout and perch, light and less. */
const HEADS = [
  { belowG: 3, power: ['ultralight', 'light'] },
  { belowG: 5, power: ['ultralight', 'medium-light'] },
  { belowG: 10, power: ['light', 'medium'] },
  { belowG: 14, power: ['medium-light', 'medium'] },
  ...SMALL.slice(4),
] as const

export const ROD_JOBS: Readonly<Record<JobId, JobRow>> = {
  'crank': {
    id: 'crank',
    label: 'cranks',
    far: 'coast',
    kinds: CAST,
    power: ['medium-light', 'medium'],
    action: ['slow', 'moderate'],
    test: [3, 8],
    byWeight: [
      { belowG: 6, power: ['ultralight', 'light'] },
      { belowG: 9, power: ['light', 'medium'] },
    ],
    text: 'Trebles want a soft rod that bends: a stiff one pulls small hooks out.',
  },
  'crank-grass': {
    id: 'crank-grass',
    label: 'plugs ripped from grass',
    kinds: CAST,
    power: ['medium', 'medium-heavy'],
    action: ['moderate', 'moderate-fast'],
    test: [5.4, 30],
    text: 'Near grass a soft tip with enough backbone to pull clean, and line to match.',
  },
  'jerk': {
    id: 'jerk',
    label: 'jerkbaits',
    far: 'coast',
    kinds: CAST,
    power: ['medium-light', 'medium'],
    action: ['moderate-fast', 'fast'],
    test: [3, 6.5],
    byWeight: [
      { belowG: 7, power: ['ultralight', 'light'] },
      { belowG: 12, power: ['light', 'medium'] },
    ],
    text: 'A light-action rod that loads, 3.6–5.4 kg line: the plug darts and the small trebles stay in.',
  },
  'surface': {
    id: 'surface',
    label: 'surface baits',
    far: 'coast',
    kinds: CAST,
    power: ['medium', 'medium-heavy'],
    action: ['moderate', 'fast'],
    lengthM: [1.9, 2.3],
    lines: ['nylon', 'braid'],
    byWeight: [
      { belowG: 6, power: ['ultralight', 'medium-light'] },
      { belowG: 12, power: ['light', 'medium'] },
      { belowG: 40, power: ['medium', 'medium-heavy'] },
      { belowG: 500, power: ['medium-heavy', 'heavy'] },
    ],
    text: 'Nylon or braid: fluorocarbon sinks and pulls a surface bait under.',
  },
  'frog': {
    id: 'frog',
    label: 'frogs',
    kinds: ['casting'],
    power: ['heavy', 'extra-heavy'],
    action: ['fast', 'extra-fast'],
    lines: ['braid'],
    text: 'Heavy power and braid: a fish under the mat must come up and out at once.',
  },
  'blades': {
    id: 'blades',
    label: 'spinnerbaits',
    far: 'coast',
    kinds: CAST,
    power: ['medium-heavy', 'medium-heavy'],
    action: ['moderate-fast', 'fast'],
    test: [5, 10],
    byWeight: [{ belowG: 11, power: ['medium', 'medium-heavy'] }],
    text: 'Blades: medium-heavy with some tip, about 7 kg line; the stiffer the heavier the bait.',
  },
  'swim': {
    id: 'swim',
    label: 'swim and bladed jigs',
    far: 'coast',
    kinds: CAST,
    power: ['medium-heavy', 'heavy'],
    action: ['moderate', 'fast'],
    lengthM: [2.0, 2.3],
    byWeight: [{ belowG: 13, power: ['medium', 'medium-heavy'] }],
    text: 'Medium-heavy, moderate-fast: it must load and still drive a stout hook.',
  },
  'pitch': {
    id: 'pitch',
    label: 'pitching and flipping',
    kinds: ['casting'],
    power: ['heavy', 'extra-heavy'],
    action: ['fast', 'extra-fast'],
    lengthM: [2.1, 2.5],
    test: [7.5, 40],
    text: 'Pitching: heavy and fast, 3–15 m of line, strong line.',
  },
  'jig': {
    id: 'jig',
    label: 'jigs on the bottom',
    kinds: CAST,
    power: ['medium-heavy', 'heavy'],
    action: ['fast', 'extra-fast'],
    byWeight: [{ belowG: 12, power: ['medium-light', 'medium-heavy'] }],
    text: 'A single stout hook wants power; the fast tip feels the bottom.',
  },
  'head': {
    id: 'head',
    label: 'heads with soft baits',
    far: 'coast',
    kinds: CAST,
    power: ['medium', 'medium-heavy'],
    action: ['moderate-fast', 'extra-fast'],
    byWeight: HEADS,
    text: 'Heads to 10 g: medium-light to medium and fast, on thin line.',
  },
  'stick': {
    id: 'stick',
    label: 'soft sticks',
    kinds: CAST,
    power: ['medium-light', 'medium'],
    action: ['moderate-fast', 'fast'],
    lengthM: [1.9, 2.2],
    reels: ['spinning'],
    text: 'Soft sticks: spinning, medium-light, fast.',
  },
  'weedless': {
    id: 'weedless',
    label: 'weedless baits in cover',
    far: 'coast',
    kinds: CAST,
    power: ['medium-heavy', 'heavy'],
    action: ['fast', 'extra-fast'],
    byWeight: [
      { belowG: 7, power: ['medium-light', 'medium-heavy'] },
      { belowG: 14, power: ['medium', 'heavy'] },
    ],
    notPulled: HEADS,
    text: 'In weed medium-heavy and more, to pull the fish out of it; small fish by the weight of the bait.',
  },
  'drop-shot': {
    id: 'drop-shot',
    label: 'drop shot',
    kinds: ['spinning'],
    power: ['light', 'medium'],
    byWeight: [
      { belowG: 6, power: ['ultralight', 'light'] },
      { belowG: 15, power: ['light', 'medium-light'] },
    ],
    action: ['moderate-fast', 'fast'],
    lengthM: [2.0, 2.25],
    lines: ['braid'],
    test: [2, 8],
    reels: ['spinning'],
    fineInCover: true,
    text: 'Drop shot: medium-light to medium, fast or moderate-fast; an extra-fast tip unloads when the fish jumps. A large spool speeds the drop.',
  },
  'metal': {
    id: 'metal',
    label: 'casting metal',
    far: 'shore',
    kinds: ['spinning', 'casting', 'surf'],
    power: ['medium', 'heavy'],
    action: ['moderate-fast', 'fast'],
    lengthM: [2.2, 3.4],
    byWeight: [
      ...SMALL.slice(0, 4),
      { belowG: 45, power: ['medium', 'medium-heavy'] },
      { belowG: 500, power: ['medium-heavy', 'extra-heavy'] },
    ],
    text: 'From the bank 2.4–2.9 m for distance; in the surf longer still.',
  },
  'small-metal': {
    id: 'small-metal',
    label: 'blades and small metal',
    kinds: CAST,
    power: ['medium-light', 'medium'],
    action: ['moderate-fast', 'fast'],
    byWeight: [
      { belowG: 10, power: ['light', 'medium-light'] },
      { belowG: 20, power: ['medium-light', 'medium'] },
      { belowG: 500, power: ['medium', 'medium-heavy'] },
    ],
    text: 'Blades and small metal: medium-light, so that short lifts stay short.',
  },
  'spoon': {
    id: 'spoon',
    label: 'spoons and spinners',
    far: 'coast',
    kinds: CAST,
    power: ['medium', 'medium-heavy'],
    action: ['moderate', 'fast'],
    byWeight: [
      { belowG: 4, power: ['ultralight', 'ultralight'] },
      { belowG: 9, power: ['ultralight', 'light'] },
      { belowG: 16, power: ['medium-light', 'medium'] },
      { belowG: 30, power: ['medium', 'medium-heavy'] },
      { belowG: 500, power: ['heavy', 'heavy'] },
    ],
    text: 'Small spoons and spinners: ultralight to light with a sensitive tip, thin line.',
  },
  'flutter': {
    id: 'flutter',
    label: 'flutter spoons',
    kinds: ['casting', 'spinning', 'jigging'],
    power: ['medium-heavy', 'heavy'],
    action: ['slow', 'moderate-fast'],
    lengthM: [2.2, 2.6],
    lines: ['braid'],
    text: 'Flutter spoons: a long soft rod, braid to fluorocarbon.',
  },
  'vertical-fast': {
    id: 'vertical-fast',
    label: 'fast vertical metal',
    kinds: ['jigging'],
    castingBelowG: 60,
    power: ['heavy', 'extra-heavy'],
    action: ['slow', 'moderate'],
    lengthM: [1.5, 2.15],
    byWeight: [{ belowG: 60, power: ['medium-light', 'medium'] }],
    text: 'Fast: the stiff parabolic rod; a spinning reel gives long jigs their slide, an overhead keeps short ones winding.',
  },
  'vertical-slow': {
    id: 'vertical-slow',
    label: 'slow vertical metal',
    kinds: ['jigging'],
    castingBelowG: 60,
    power: ['medium-light', 'medium'],
    action: ['slow', 'moderate'],
    lengthM: [1.5, 2.15],
    byWeight: [{ belowG: 60, power: ['light', 'medium'] }],
    text: 'Slow: a light parabolic rod and an overhead reel, so that the thumb follows the fall.',
  },
  'vertical-long': {
    id: 'vertical-long',
    label: 'the long fall',
    kinds: ['jigging'],
    power: ['medium-light', 'medium-heavy'],
    action: ['slow', 'moderate'],
    lengthM: [2.25, 2.7],
    text: 'Long fall: a rod of about 2.4 m lifts high; it handles both kinds of jig.',
  },
  'vertical-light': {
    id: 'vertical-light',
    label: 'light baits under the boat',
    kinds: CAST,
    power: ['medium-light', 'medium'],
    action: ['moderate-fast', 'fast'],
    byWeight: HEADS,
    text: 'Under the boat: light enough to feel the bait, thin line.',
  },
  'surf': {
    id: 'surf',
    label: 'surf plugs',
    far: 'shore',
    kinds: ['surf', 'spinning'],
    power: ['medium', 'heavy'],
    action: ['moderate', 'fast'],
    lengthM: [2.7, 3.4],
    lines: ['braid'],
    text: 'Surf: 2.7–3.3 m and braid.',
  },
  'troll': {
    id: 'troll',
    label: 'trolling',
    kinds: ['trolling'],
    power: ['medium-light', 'medium-heavy'],
    action: ['slow', 'moderate'],
    text: 'Trolling: a moderate rod in the holder gives at the strike.',
  },
  'umbrella': {
    id: 'umbrella',
    label: 'umbrella rigs',
    kinds: ['casting'],
    power: ['heavy', 'extra-heavy'],
    action: ['moderate', 'moderate-fast'],
    lengthM: [2.2, 2.6],
    text: 'Umbrella rigs: long, soft and heavy.',
  },
  'big': {
    id: 'big',
    label: 'big baits',
    far: 'shore',
    kinds: ['casting', 'surf'],
    power: ['heavy', 'extra-heavy'],
    action: ['moderate', 'fast'],
    lengthM: [2.1, 3.3],
    text: 'Big baits: a long heavy rod that bends, strong line.',
  },
}

/** Line classes of the trade's jobs are wide; a mid step outside costs this [log-odds]. Assumed. */
/** What holds a fish, whatever is thrown to it: rods lighter than this and lines thinner than this break. */
export interface HoldRow {
  readonly id: string
  readonly power: RodPower
  readonly testKg: number
  readonly text: string
}
/** By the strength of the fish (table of species). Source: common practice, no source; both figures are assumed. */
export const HOLDS: readonly [HoldRow, HoldRow, HoldRow, HoldRow] = [
  { id: 'hold-small', power: 'ultralight', testKg: 0.9, text: 'Small fish are held by any rod.' },
  { id: 'hold-ordinary', power: 'ultralight', testKg: 1.8, text: 'A line of 1.8 kg and more holds them.' },
  {
    id: 'hold-strong',
    power: 'medium-light',
    testKg: 4.5,
    text: 'Strong fish: a rod of at least medium-light power and a line of 4.5 kg and more hold them.',
  },
  {
    id: 'hold-breaks',
    power: 'medium-heavy',
    testKg: 13,
    text: 'They break light gear: a rod of at least medium-heavy power, or one made for jigs under the boat, and a line of 13 kg and more hold them.',
  },
]

/** What is thrown far wants a rod at least this long (handbook §23.4: from the bank 2.4–2.9 m, in the surf 2.7–3.3 m), once it weighs so much. The latter assumed: lighter lures do not fly. */
export const FAR = {
  id: 'far',
  rodM: 2.6,
  fromG: 10,
  text: 'Far out from the bank a rod of 2.6 m and more throws what a short one does not.',
} as const

export const JOB_COSTS = {
  kind: 1.4,
  power: 0.55,
  /** Besides, for each step of power and each halving of the line's test that does not hold the fish. */
  breaks: 1.6,
  action: 0.35,
  length: 0.3,
  /** For each 0.3 m short of what distance asks. */
  distance: 0.45,
  line: 0.3,
  reel: 0.45,
  test: 0.35,
} as const

/** What the rows of the rods are called where they are told, and where they can be switched off. */
export const rodRowId = ({ id }: { readonly id: string }) => `rod.${id}`
