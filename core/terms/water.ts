/** Enumerations of the reading, in the contract's spelling. */
export const SPECIES = [
  'largemouth-bass',
  'smallmouth-bass',
  'spotted-bass',
  'walleye',
  'zander',
  'northern-pike',
  'muskellunge',
  'perch',
  'rainbow-trout',
  'brown-trout',
  'landlocked-salmon',
  'lake-trout',
  'striped-bass',
  'sea-bass',
  'sea-trout',
  'pollack',
  'mackerel',
  'red-drum',
  'spotted-seatrout',
  'snook',
  'tarpon',
  'cobia',
  'black-drum',
  'flounder',
  'grouper',
  'bluefish',
  'kahawai',
  'bream',
  'flathead',
  'sand-whiting',
  'amberjack',
] as const
export const WATERS = ['lake', 'reservoir', 'pond', 'river', 'estuary', 'surf', 'sea'] as const
export const TRENDS = ['warming', 'steady', 'cooling'] as const
export const STAINS = ['clear', 'green', 'brown', 'mud'] as const
export const SKIES = ['sun', 'broken', 'overcast', 'rain', 'night'] as const
/** Cloud by night, when `sky` says only that it is night. */
export const NIGHT_CLOUDS = ['clear', 'broken', 'overcast', 'rain'] as const
export const TIDES = ['rising', 'falling', 'high', 'low'] as const
/** How a boat lies: going with wind and current, held on the spot, or at anchor. */
export const HOLDS = ['adrift', 'held', 'anchored'] as const
/** Where the cast goes: to the current, and to the wind. */
export const CASTS_TO = ['across', 'up', 'down'] as const
export const WINDS_TO = ['across', 'behind', 'against'] as const
export const COVERS = [
  'open',
  'grass',
  'reeds',
  'pads',
  'kelp',
  'wood',
  'brush',
  'dock',
  'pier',
  'boulders',
  'rock',
  'gravel',
  'shell',
  'clay',
  'sand',
  'mangrove',
  'weir',
  'current-seam',
] as const
export const BOTTOMS = ['rock', 'gravel', 'shell', 'clay', 'sand', 'mud', 'weed'] as const
export const FORAGE = [
  'shad-small',
  'shad-large',
  'smelt',
  'herring',
  'bleak',
  'minnow',
  'perch-juvenile',
  'sunfish',
  'goby',
  'crayfish',
  'shrimp',
  'sand-eel',
  'needlefish',
  'sardine',
  'mullet',
  'whitebait',
  'crab',
  'squid',
  'frog',
  'worm',
  'insect',
] as const
export const MOODS = ['aggressive', 'neutral', 'lethargic'] as const
export const PRESSURES = ['low', 'medium', 'high'] as const
/** How the fish are held: everywhere, at one known spot (a dock end, a lone clump), or in a school. */
export const GROUPINGS = ['scattered', 'one-spot', 'schooled'] as const
/** What tells of fish beside the water itself. */
export const SIGNS = ['surface-feeding', 'bait-showing', 'birds', 'followers-seen', 'fish-on-sonar'] as const
/** How many others fish here. */
export const CROWDS = ['none', 'some', 'many'] as const
/** Groups of fish by the water they live in. */
export type Guild = 'warm-water' | 'cool-water' | 'cold-water' | 'sea'
/** Level at which a fish usually feeds, and at which its prey swims. */
export type Level = 'bottom' | 'mid' | 'surface'
export type Toothiness = 'no' | 'light' | 'yes'
export type Silhouette = 'deep' | 'slim' | 'needle' | 'bottom' | 'crustacean' | 'worm' | 'frog' | 'insect'
export const STANDS = ['bank', 'wading', 'boat', 'kayak'] as const
export const PHASES = ['winter', 'spring', 'pre-spawn', 'spawn', 'post-spawn', 'summer', 'autumn'] as const

export type SpeciesId = (typeof SPECIES)[number]
export type WaterKind = (typeof WATERS)[number]
export type Trend = (typeof TRENDS)[number]
export type Stain = (typeof STAINS)[number]
export type Sky = (typeof SKIES)[number]
export type Tide = (typeof TIDES)[number]
export type Hold = (typeof HOLDS)[number]
export type NightCloud = (typeof NIGHT_CLOUDS)[number]
export type CastTo = (typeof CASTS_TO)[number]
export type WindTo = (typeof WINDS_TO)[number]
export type Cover = (typeof COVERS)[number]
export type Bottom = (typeof BOTTOMS)[number]
export type ForageId = (typeof FORAGE)[number]
export type Mood = (typeof MOODS)[number]
export type Pressure = (typeof PRESSURES)[number]
export type Grouping = (typeof GROUPINGS)[number]
export type Sign = (typeof SIGNS)[number]
export type Crowd = (typeof CROWDS)[number]
export type Stand = (typeof STANDS)[number]
export type Phase = (typeof PHASES)[number]
/** How much of each phase of the year it is, 0..1. */
export type PhaseShares = Record<Phase, number>
