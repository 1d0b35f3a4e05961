import type { Family, ForageId, Guild, Level, SpeciesId, Toothiness } from '#core/terms'

/**
 * The fish, as far as the choice of a lure needs them (trade §20).
 *
 * Temperatures: °C, from memory, unconfirmed; `spawn` null where no usable range is known.
 * Mouth: length of the largest lure that an ordinary fish takes whole [mm], assumed from common practice.
 * Habit: level at which it usually feeds. Families: those that suit it, common practice, no source.
 */
export interface SpeciesRow {
  readonly label: string
  readonly guild: Guild
  readonly activeC: readonly [number, number]
  readonly spawnC: readonly [number, number] | null
  readonly spawnHalf: 'warming' | 'cooling'
  /** Above this the fish is under stress and is left alone [°C]. */
  readonly stressC: number | null
  readonly mouthMm: number
  readonly habit: Level
  readonly toothy: Toothiness
  /** How strong the fish is on the line: 0 panfish, 1 ordinary, 2 strong, 3 breaks light gear. Common practice, no source. */
  readonly strength: 0 | 1 | 2 | 3
  readonly forage: readonly ForageId[]
  readonly families: readonly Family[]
}

const BASS: readonly Family[] = [
  'spinnerbait', 'bladed-jig', 'crankbait', 'lipless-crank', 'jerkbait', 'topwater', 'skirted-jig', 'stick-worm', 'worm', 'creature', 'craw', 'tube',
  'paddle-tail', 'minnow-soft', 'soft-jerk', 'grub', 'swimbait', 'glide-bait', 'flutter-spoon', 'umbrella-rig', 'jighead-soft', 'hair-jig', 'blade-bait',
]
const PERCH_KIND: readonly Family[] = [
  'jighead-soft', 'paddle-tail', 'minnow-soft', 'grub', 'jerkbait', 'crankbait', 'blade-bait', 'inline-spinner', 'hair-jig', 'casting-spoon',
  'lipless-crank', 'shrimp-soft', 'worm', 'tail-spinner',
]
const PIKE_KIND: readonly Family[] = [
  'casting-spoon', 'spinnerbait', 'inline-spinner', 'jerkbait', 'glide-bait', 'swimbait', 'paddle-tail', 'soft-jerk', 'bladed-jig', 'crankbait',
  'topwater', 'lipless-crank', 'flutter-spoon',
]
const TROUT_KIND: readonly Family[] = [
  'inline-spinner', 'casting-spoon', 'dense-spoon', 'jerkbait', 'minnow-soft', 'hair-jig', 'streamer', 'crankbait', 'jighead-soft', 'grub', 'worm',
]
const SHORE: readonly Family[] = [
  'pencil', 'jerkbait', 'casting-metal', 'soft-jerk', 'paddle-tail', 'topwater', 'dense-spoon', 'jighead-soft', 'swimbait', 'minnow-soft', 'hair-jig',
]
const INSHORE: readonly Family[] = [
  'jighead-soft', 'paddle-tail', 'shrimp-soft', 'soft-jerk', 'casting-spoon', 'dense-spoon', 'topwater', 'jerkbait', 'hair-jig', 'bladed-jig', 'swimbait',
]
const BOTTOM_SEA: readonly Family[] = ['jighead-soft', 'shrimp-soft', 'grub', 'hair-jig', 'minnow-soft', 'worm', 'blade-bait', 'paddle-tail', 'craw', 'crankbait']
const OFFSHORE: readonly Family[] = ['speed-jig', 'slow-jig', 'casting-metal', 'topwater', 'swimbait', 'hair-jig', 'paddle-tail', 'soft-jerk', 'pencil']

type Range = readonly [number, number]
type Given = Pick<SpeciesRow, 'label' | 'guild' | 'mouthMm' | 'habit' | 'forage' | 'families'> & Partial<SpeciesRow>
const row = (activeC: Range, spawnC: Range | null, given: Given): SpeciesRow =>
  ({ activeC, spawnC, spawnHalf: 'warming', stressC: null, toothy: 'no', strength: 1, ...given })

export const SPECIES_TABLE: Record<SpeciesId, SpeciesRow> = {
  'largemouth-bass': row([18, 29], [16, 22], { label: 'largemouth bass', guild: 'warm-water', mouthMm: 220, habit: 'mid', forage: ['shad-small', 'sunfish', 'crayfish'], families: BASS }),
  'smallmouth-bass': row([13, 26], [13, 18], { label: 'smallmouth bass', guild: 'warm-water', mouthMm: 130, habit: 'mid', forage: ['crayfish', 'goby', 'minnow'], families: BASS }),
  'spotted-bass': row([14, 27], [14, 20], { label: 'spotted bass', guild: 'warm-water', mouthMm: 130, habit: 'mid', forage: ['shad-small', 'crayfish'], families: BASS }),
  'walleye': row([8, 22], [5, 10], { label: 'walleye', guild: 'cool-water', mouthMm: 150, habit: 'bottom', forage: ['perch-juvenile', 'minnow', 'worm'], families: PERCH_KIND }),
  'zander': row([10, 24], [10, 15], { label: 'zander', guild: 'cool-water', mouthMm: 160, habit: 'bottom', forage: ['bleak', 'smelt', 'perch-juvenile'], families: [...PERCH_KIND, 'swimbait'] }),
  'northern-pike': row([6, 21], [4, 11], { label: 'northern pike', guild: 'cool-water', stressC: 23, strength: 2, mouthMm: 300, habit: 'mid', toothy: 'yes', forage: ['bleak', 'perch-juvenile', 'sunfish'], families: PIKE_KIND }),
  'muskellunge': row([10, 24], [9, 15], { label: 'muskellunge', guild: 'cool-water', stressC: 26, strength: 3, mouthMm: 350, habit: 'mid', toothy: 'yes', forage: ['sunfish', 'perch-juvenile', 'herring'], families: PIKE_KIND }),
  'perch': row([8, 24], [7, 13], { label: 'perch', guild: 'cool-water', strength: 0, mouthMm: 80, habit: 'bottom', forage: ['minnow', 'perch-juvenile', 'shrimp', 'worm'], families: PERCH_KIND }),
  'rainbow-trout': row([8, 17], [6, 12], { label: 'rainbow trout', guild: 'cold-water', stressC: 20, mouthMm: 90, habit: 'mid', forage: ['minnow', 'insect', 'worm'], families: TROUT_KIND }),
  'brown-trout': row([7, 17], [5, 10], { label: 'brown trout', guild: 'cold-water', spawnHalf: 'cooling', stressC: 19, mouthMm: 110, habit: 'mid', forage: ['minnow', 'insect', 'crayfish'], families: TROUT_KIND }),
  'landlocked-salmon': row([7, 16], [4, 9], { label: 'landlocked salmon', guild: 'cold-water', spawnHalf: 'cooling', stressC: 19, mouthMm: 120, habit: 'mid', forage: ['smelt'], families: [...TROUT_KIND, 'casting-metal'] }),
  'lake-trout': row([4, 12], [7, 12], { label: 'lake trout', guild: 'cold-water', spawnHalf: 'cooling', stressC: 15, mouthMm: 160, habit: 'bottom', forage: ['smelt', 'herring'], families: ['slow-jig', 'dense-spoon', 'casting-spoon', 'tube', 'hair-jig', 'paddle-tail', 'jighead-soft', 'blade-bait', 'jerkbait'] }),
  'striped-bass': row([10, 21], [14, 20], { label: 'striped bass', guild: 'sea', stressC: 25, strength: 2, mouthMm: 280, habit: 'mid', forage: ['herring', 'sand-eel', 'mullet', 'shad-large'], families: [...SHORE, 'flutter-spoon', 'umbrella-rig'] }),
  'sea-bass': row([10, 20], null, { label: 'sea bass', guild: 'sea', mouthMm: 180, habit: 'mid', forage: ['sand-eel', 'sardine', 'crab', 'shrimp'], families: SHORE }),
  'sea-trout': row([6, 16], [4, 9], { label: 'sea trout', guild: 'cold-water', spawnHalf: 'cooling', stressC: 19, mouthMm: 120, habit: 'mid', forage: ['sand-eel', 'shrimp', 'herring'], families: [...TROUT_KIND, 'pencil'] }),
  'pollack': row([7, 15], null, { label: 'pollack', guild: 'sea', mouthMm: 160, habit: 'mid', forage: ['sand-eel', 'herring', 'shrimp'], families: ['paddle-tail', 'casting-metal', 'jerkbait', 'soft-jerk', 'slow-jig', 'speed-jig', 'jighead-soft', 'minnow-soft', 'dense-spoon', 'hair-jig'] }),
  'mackerel': row([10, 18], [11, 15], { label: 'mackerel', guild: 'sea', strength: 0, mouthMm: 80, habit: 'mid', toothy: 'light', forage: ['whitebait', 'sand-eel'], families: ['casting-metal', 'dense-spoon', 'speed-jig', 'inline-spinner', 'streamer', 'casting-spoon', 'slow-jig'] }),
  'red-drum': row([16, 29], null, { label: 'red drum', guild: 'sea', strength: 2, mouthMm: 150, habit: 'bottom', forage: ['shrimp', 'crab', 'mullet'], families: [...INSHORE, 'craw'] }),
  'spotted-seatrout': row([15, 28], [20, 29], { label: 'spotted seatrout', guild: 'sea', mouthMm: 130, habit: 'mid', forage: ['shrimp', 'mullet'], families: INSHORE }),
  'snook': row([22, 31], [25, 30], { label: 'snook', guild: 'sea', strength: 2, mouthMm: 160, habit: 'mid', forage: ['mullet', 'sardine', 'shrimp'], families: INSHORE }),
  'tarpon': row([23, 31], [25, 30], { label: 'tarpon', guild: 'sea', strength: 3, mouthMm: 200, habit: 'surface', forage: ['mullet', 'crab', 'sardine'], families: [...INSHORE, 'glide-bait'] }),
  'cobia': row([20, 28], [23, 28], { label: 'cobia', guild: 'sea', strength: 3, mouthMm: 250, habit: 'mid', forage: ['crab', 'squid', 'mullet'], families: [...OFFSHORE, 'bladed-jig'] }),
  'black-drum': row([14, 28], null, { label: 'black drum', guild: 'sea', strength: 2, mouthMm: 90, habit: 'bottom', forage: ['crab', 'shrimp'], families: BOTTOM_SEA }),
  'flounder': row([12, 26], null, { label: 'flounder', guild: 'sea', mouthMm: 110, habit: 'bottom', forage: ['shrimp', 'minnow', 'sand-eel'], families: BOTTOM_SEA }),
  'grouper': row([16, 27], null, { label: 'grouper', guild: 'sea', strength: 3, mouthMm: 250, habit: 'bottom', forage: ['sardine', 'squid', 'crab'], families: [...OFFSHORE, 'jighead-soft'] }),
  'bluefish': row([15, 24], [18, 25], { label: 'bluefish', guild: 'sea', strength: 2, mouthMm: 200, habit: 'surface', toothy: 'yes', forage: ['sardine', 'mullet', 'herring'], families: ['casting-metal', 'topwater', 'dense-spoon', 'pencil', 'speed-jig', 'hair-jig', 'swimbait', 'jerkbait'] }),
  'kahawai': row([13, 20], null, { label: 'kahawai', guild: 'sea', mouthMm: 110, habit: 'surface', forage: ['whitebait', 'sardine'], families: ['casting-metal', 'dense-spoon', 'topwater', 'pencil', 'jerkbait', 'jighead-soft', 'paddle-tail'] }),
  'bream': row([15, 26], null, { label: 'bream', guild: 'sea', strength: 0, mouthMm: 65, habit: 'bottom', forage: ['shrimp', 'crab', 'worm'], families: [...BOTTOM_SEA, 'jerkbait', 'topwater'] }),
  'flathead': row([15, 26], null, { label: 'flathead', guild: 'sea', mouthMm: 150, habit: 'bottom', forage: ['shrimp', 'mullet', 'whitebait'], families: [...BOTTOM_SEA, 'jerkbait'] }),
  'sand-whiting': row([17, 27], null, { label: 'sand whiting', guild: 'sea', strength: 0, mouthMm: 60, habit: 'bottom', forage: ['shrimp', 'worm'], families: ['topwater', 'shrimp-soft', 'worm', 'grub', 'crankbait', 'blade-bait', 'jighead-soft'] }),
  'amberjack': row([17, 26], null, { label: 'amberjack', guild: 'sea', strength: 3, mouthMm: 280, habit: 'mid', forage: ['sardine', 'squid', 'needlefish'], families: OFFSHORE }),
}
