import type { Condition, SchoolChoice } from '#core/rule'
import type { Cadence, Family, Rig, TacticId } from '#core/terms'
import { COLD, DEEP_FISH, GRASS, HARD_BOTTOM, LETHARGIC, ONE_SPOT, WOOD } from './rules/conditions'
import type { JobId } from './rod-jobs'
import type { PauseId } from './pauses'
import type { DepthControl } from './techniques'

/** One way of working a bait within a tactic; the first whose conditions hold at least by half and whose school is chosen. */
export interface CadenceChoice { readonly cadence: Cadence, readonly when?: readonly Condition[], readonly school?: SchoolChoice }

/**
 * What is chosen first: a kind of bait, how it is rigged and how it is worked, in one word (handbook §23.1).
 * Source: common practice, no source.
 */
export interface TacticRow {
  readonly id: TacticId
  readonly label: string
  readonly families: readonly Family[]
  /** Only these styles; absent: any. */
  readonly styles?: readonly string[]
  readonly notStyles?: readonly string[]
  readonly rigs: readonly Rig[]
  readonly controls: readonly DepthControl[]
  /** Offered only where these hold at all. */
  readonly only?: readonly Condition[]
  readonly school?: SchoolChoice
  readonly cadences: readonly CadenceChoice[]
  /** The rod's job. */
  readonly job: JobId
  /** Speed of the bait against the table of pace; `null`: it is not wound. */
  readonly pace: number | null
  readonly pause: PauseId | null
  /** How well it keeps the bait in one place, 0–1; absent: the rig's own. */
  readonly hang?: number
  /** Share of the weight that would lie still in this current: what rolls along needs less. Absent: all of it. Assumed. */
  readonly holds?: number
  /** Where it shines and where it is poor or wrong, for the page of tactics. */
  readonly shines: string
  readonly poor: string
}

const one = (cadence: Cadence): readonly CadenceChoice[] => [{ cadence }]
const PLUGS: readonly Family[] = ['crankbait']
const HEADS: readonly Rig[] = ['threaded-head', 'mushroom-head', 'underspin', 'direct']
const SOFT_HEADED: readonly Family[] = ['paddle-tail', 'minnow-soft', 'grub', 'soft-jerk', 'jighead-soft', 'hair-jig', 'shrimp-soft', 'tube', 'worm', 'craw', 'creature', 'stick-worm']
const DEAD: Condition = { feature: 'warmthC', zeroAt: 14, oneAt: 9 }

export const TACTICS: readonly TacticRow[] = [
  { id: 'plug-ticked', label: 'plug ticked over the tops', families: ['crankbait', 'lipless-crank'], rigs: ['snap'], controls: ['dive', 'count-down'], only: [GRASS], school: { grass: 'tick' }, cadences: one('tick'), job: 'crank', pace: 1.05, pause: null,
    shines: 'grass that tops out just above its depth; neutral to active fish; edges in autumn', poor: 'choked grass, cold lethargic fish' },
  { id: 'plug-ripped', label: 'plug ripped free', families: ['crankbait', 'lipless-crank'], rigs: ['snap'], controls: ['dive', 'count-down'], only: [GRASS], school: { grass: 'rip' }, cadences: one('rip'), job: 'crank-grass', pace: 1.4, pause: null,
    shines: 'grass, active fish, warm water', poor: 'cold water, brittle dying grass' },
  { id: 'plug-bumped', label: 'plug bumped along the bottom', families: PLUGS, rigs: ['snap'], controls: ['dive'], only: [HARD_BOTTOM], cadences: one('touch-and-pause'), job: 'crank', pace: 0.95, pause: 'touch',
    shines: 'rock, shell or clay at its depth, from warming water to autumn', poor: 'depth it cannot touch; ploughing' },
  { id: 'plug-through-wood', label: 'plug through wood', families: PLUGS, rigs: ['snap'], controls: ['dive'], only: [WOOD], cadences: one('touch-and-pause'), job: 'crank', pace: 0.75, pause: 'touch',
    shines: 'fallen trees and brush, stained water', poor: 'weed; long lips that hang up' },
  { id: 'plug-wound', label: 'plug wound with stops', families: PLUGS, rigs: ['snap'], controls: ['dive'], cadences: [{ cadence: 'stop-and-go', school: { retrieve: 'vary' } }, { cadence: 'steady' }], job: 'crank', pace: 1, pause: 'touch',
    shines: 'open water and edges, to find fish', poor: 'where it should touch and cannot' },
  { id: 'deep-crank', label: 'deep crank to search', families: PLUGS, styles: ['deep-diver', 'medium-diver'], rigs: ['snap'], controls: ['dive'], only: [DEEP_FISH], cadences: [{ cadence: 'touch-and-pause', when: [HARD_BOTTOM] }, { cadence: 'stop-and-go', school: { retrieve: 'vary' } }, { cadence: 'steady' }], job: 'crank', pace: 1.05, pause: 'touch',
    shines: 'fresh schools off the shore, active fish, long casts', poor: 'conditioned schools: then a worm or a dragged rig' },
  { id: 'plug-hung', label: 'plug left hanging', families: ['jerkbait'], rigs: ['snap'], controls: ['dive'], only: [DEAD], cadences: [{ cadence: 'hang-still', when: [ONE_SPOT] }, { cadence: 'hang-still', when: [{ feature: 'warmthC', zeroAt: 12, oneAt: 8 }] }, { cadence: 'hang-still', when: [LETHARGIC, DEAD] }, { cadence: 'jerk-pause' }], job: 'jerk', pace: 0.6, pause: 'hung', hang: 1,
    shines: '5–8 °C, sight of 1–3 m, one known spot: dock end, lone tree, clump', poor: 'schools on the move, hot water, mud' },
  { id: 'plug-jerked', label: 'plug jerked', families: ['jerkbait'], rigs: ['snap'], controls: ['dive'], cadences: one('jerk-pause'), job: 'jerk', pace: 0.95, pause: 'hung', hang: 0.6,
    shines: '8–22 °C, clear to lightly stained, followers; reactions all year', poor: 'mud, heavy weed' },
  { id: 'plug-swum', label: 'minnow plug swum', families: ['jerkbait', 'swimbait'], rigs: ['snap'], controls: ['dive'], cadences: one('steady'), job: 'jerk', pace: 0.75, pause: null, hang: 0.1,
    shines: 'night, surf, current, slim bait', poor: 'fish that want it to stop' },
  { id: 'blades-burned', label: 'blades burned just under the surface', families: ['spinnerbait'], rigs: ['direct'], controls: ['count-down'], cadences: one('burn'), job: 'blades', pace: 1.9, pause: null,
    shines: 'clear water, wind, spawning bait fish, active fish: small willows on a heavy head', poor: 'cold, mud' },
  { id: 'blades-slow-rolled', label: 'blades rolled slowly', families: ['spinnerbait'], rigs: ['direct'], controls: ['count-down'], cadences: one('slow-roll'), job: 'blades', pace: 0.6, pause: null,
    shines: 'round blades in mud and shallow wood, a heavy single willow in brush at 3–6 m; spring mud, autumn wind', poor: 'very clear, calm and cold' },
  { id: 'blades-wound', label: 'blades wound', families: ['spinnerbait'], rigs: ['direct'], controls: ['count-down'], cadences: [{ cadence: 'stop-and-go', school: { retrieve: 'vary' } }, { cadence: 'steady' }], job: 'blades', pace: 1, pause: 'touch',
    shines: 'wind, cloud, stained water, grass edges, autumn', poor: 'very clear, calm and cold' },
  { id: 'bladed-jig', label: 'bladed jig', families: ['bladed-jig', 'skirted-jig'], rigs: ['direct', 'blade-and-trailer'], controls: ['count-down'], cadences: [{ cadence: 'tick', when: [GRASS], school: { grass: 'tick' } }, { cadence: 'rip', when: [GRASS], school: { grass: 'rip' } }, { cadence: 'stop-and-go', school: { retrieve: 'vary' } }, { cadence: 'steady' }], job: 'swim', pace: 1.15, pause: 'touch',
    shines: '10–25 °C, stained, grass, aggressive fish', poor: 'cold, clear, finicky fish' },
  { id: 'jig-swum', label: 'jig swum', families: ['skirted-jig'], rigs: ['jig-and-trailer'], controls: ['count-down'], cadences: one('countdown-steady'), job: 'swim', pace: 0.9, pause: null,
    shines: 'grass, reeds, docks, bait fish: swim jig with a kicking trailer', poor: 'cold water' },
  { id: 'jig-pitched', label: 'jig pitched at single targets', families: ['skirted-jig'], notStyles: ['football', 'swim'], rigs: ['jig-and-trailer'], controls: ['bottom'], only: [{ feature: 'cover', any: ['wood', 'brush', 'dock', 'pier', 'pads', 'reeds', 'grass', 'mangrove', 'boulders'] }], cadences: one('bottom-hop'), job: 'pitch', pace: null, pause: 'bottom',
    shines: 'single targets in cover, all year, muddy water: 3–10 m of line', poor: 'open sand, schools far out' },
  { id: 'jig-dragged', label: 'jig dragged or hopped', families: ['skirted-jig'], rigs: ['jig-and-trailer'], controls: ['bottom'], cadences: [{ cadence: 'drag', when: [LETHARGIC] }, { cadence: 'drag', when: [DEAD] }, { cadence: 'bottom-hop' }], job: 'jig', pace: null, pause: 'bottom',
    shines: 'hard bottom, all year; finesse jig for lethargic fish', poor: 'thick weed' },
  { id: 'head-wound', label: 'head wound in', families: ['paddle-tail', 'minnow-soft', 'grub', 'soft-jerk', 'jighead-soft', 'hair-jig', 'shrimp-soft', 'tube'], rigs: HEADS, controls: ['count-down'], cadences: one('countdown-steady'), job: 'head', pace: 0.85, pause: null,
    shines: 'bait fish; shores in spring and autumn; fat bodies all year', poor: 'pads, timber' },
  { id: 'head-hopped', label: 'head hopped', families: SOFT_HEADED, rigs: HEADS, controls: ['bottom'], cadences: [{ cadence: 'drag', when: [LETHARGIC] }, { cadence: 'bottom-hop' }], job: 'head', pace: null, pause: 'bottom',
    shines: 'sand and gravel, walleye, perch, flatfish; most bites on the fall', poor: 'weed' },
  { id: 'bait-lying', label: 'bait left lying', families: ['minnow-soft', 'worm', 'shrimp-soft', 'craw', 'creature', 'tube', 'grub', 'paddle-tail', 'stick-worm', 'hair-jig'], rigs: ['threaded-head', 'mushroom-head', 'direct'], controls: ['bottom'], cadences: one('dead-stick'), job: 'head', pace: null, pause: 'lying', hang: 0.9,
    shines: 'slow bottom feeders, pressured or cold fish', poor: 'bait chasers near the surface' },
  { id: 'stick-falling', label: 'soft stick falling', families: ['stick-worm', 'worm'], rigs: ['wacky', 'wacky-weighted'], controls: ['count-down'], cadences: one('dead-stick'), job: 'stick', pace: null, pause: 'falling',
    shines: 'docks, edges of pads, pressured fish, spawning time', poor: 'deep, windy, muddy' },
  { id: 'weedless-jerked', label: 'weedless bait twitched', families: ['stick-worm', 'soft-jerk', 'minnow-soft', 'worm'], rigs: ['weedless'], controls: ['count-down'], cadences: one('stop-and-go'), job: 'weedless', pace: 0.42, pause: 'touch',
    shines: 'grass, wood, mangrove, docks', poor: 'open deep water' },
  { id: 'weedless-dragged', label: 'weedless bait dragged', families: ['worm', 'creature', 'craw', 'stick-worm', 'tube', 'minnow-soft', 'soft-jerk', 'shrimp-soft'], rigs: ['bullet-weedless', 'sliding-sinker'], controls: ['bottom'], cadences: [{ cadence: 'drag', when: [{ feature: 'cover', none: ['wood', 'brush', 'pads', 'mangrove', 'dock'] }] }, { cadence: 'bottom-hop' }], job: 'weedless', pace: null, pause: 'bottom',
    shines: 'wood, weed edges, deep ledges, pressured schools', poor: 'fish that chase' },
  { id: 'belly-over-grass', label: 'weedless swimmer over the grass', families: ['paddle-tail', 'soft-jerk'], rigs: ['belly-weighted'], controls: ['count-down'], cadences: [{ cadence: 'tick', when: [GRASS] }, { cadence: 'countdown-steady' }], job: 'weedless', pace: 0.9, pause: null,
    shines: 'tops of grass, after spawning', poor: 'bare deep water' },
  { id: 'drop-shot', label: 'drop shot', families: ['minnow-soft', 'worm', 'stick-worm'], rigs: ['drop-shot-nose', 'drop-shot-threaded', 'drop-shot-weedless'], controls: ['above-bottom'], cadences: [{ cadence: 'dead-stick', when: [LETHARGIC, COLD] }, { cadence: 'shake' }], job: 'drop-shot', pace: null, pause: 'shake',
    shines: 'targets at 3–15 m, clear, pressured, lethargic; heavy for eager fish on sonar', poor: 'shallow mud, weed (short or weedless only)' },
  { id: 'surface-walked', label: 'walked on the surface', families: ['topwater'], styles: ['walker'], rigs: ['direct'], controls: ['surface'], cadences: one('walk'), job: 'surface', pace: 0.8, pause: 'walk',
    shines: 'over 15 °C, calm to light chop, low light, surface feeders', poor: 'cold, rough, deep fish' },
  { id: 'surface-popped', label: 'popped', families: ['topwater'], styles: ['popper'], rigs: ['direct'], controls: ['surface'], cadences: one('pop'), job: 'surface', pace: 0.5, pause: 'pop',
    shines: 'calm, low light, fry guarders, single fish', poor: 'cold, rough, deep fish' },
  { id: 'surface-frog', label: 'frog over the mat', families: ['topwater'], styles: ['frog'], rigs: ['direct'], controls: ['surface'], cadences: one('walk'), job: 'frog', pace: 0.7, pause: 'walk',
    shines: 'pads, mats, frogs about, warm water', poor: 'open deep water, cold' },
  { id: 'surface-wound', label: 'surface bait wound', families: ['topwater'], notStyles: ['walker', 'popper', 'frog'], rigs: ['direct'], controls: ['surface'], cadences: one('steady'), job: 'surface', pace: 0.75, pause: null,
    shines: 'warm shallow water, rain, wind, night', poor: 'cold, clear and calm sun' },
  { id: 'metal-fast', label: 'metal fast', families: ['casting-metal', 'dense-spoon', 'tail-spinner', 'speed-jig'], rigs: ['direct'], controls: ['count-down'], cadences: one('burn'), job: 'metal', pace: 1.9, pause: null,
    shines: 'surface feeders before the sun, salt water, distance', poor: 'bottom feeders' },
  { id: 'metal-counted', label: 'metal counted down', families: ['casting-metal', 'dense-spoon', 'tail-spinner'], rigs: ['direct'], controls: ['count-down'], cadences: one('countdown-steady'), job: 'metal', pace: 1, pause: null,
    shines: 'cruising fish, unknown depth: a fan of directions and depths', poor: 'thick cover' },
  { id: 'lipless-wound', label: 'rattling plug wound', families: ['lipless-crank'], rigs: ['snap'], controls: ['count-down'], cadences: [{ cadence: 'yo-yo', when: [{ feature: 'warmthC', zeroAt: 12, oneAt: 9 }] }, { cadence: 'stop-and-go', school: { retrieve: 'vary' } }, { cadence: 'countdown-steady' }], job: 'crank', pace: 1.1, pause: 'touch',
    shines: 'flats and schools, to search fast', poor: 'clear calm pressured water' },
  { id: 'metal-yo-yo', label: 'metal lifted and dropped', families: ['casting-metal', 'dense-spoon', 'tail-spinner', 'slow-jig', 'speed-jig'], rigs: ['direct'], controls: ['bottom'], cadences: one('yo-yo'), job: 'metal', pace: null, pause: 'lift',
    shines: 'fish low over clean bottom, cold to cool water', poor: 'weed and rough rock' },
  { id: 'blades-hopped', label: 'blade hopped', families: ['blade-bait'], rigs: ['snap'], controls: ['bottom'], cadences: one('bottom-hop'), job: 'small-metal', pace: null, pause: 'lift',
    shines: 'cold to cool water, sand; bream, flathead, perch, walleye, bass', poor: 'weed, bottoms that catch hooks' },
  { id: 'spoon-wound', label: 'spoon wound', families: ['casting-spoon'], rigs: ['snap'], controls: ['count-down'], cadences: one('countdown-steady'), job: 'spoon', pace: 0.95, pause: null,
    shines: 'trout, perch, pike; a thin spoon swinging free', poor: 'mud' },
  { id: 'spinner-wound', label: 'spinner wound', families: ['inline-spinner'], rigs: ['snap'], controls: ['count-down'], cadences: one('countdown-steady'), job: 'spoon', pace: 0.8, pause: null,
    shines: 'trout, perch, pike, current', poor: 'line twist; thick weed' },
  { id: 'flutter-cast', label: 'flutter spoon let fall', families: ['flutter-spoon'], rigs: ['direct'], controls: ['count-down'], cadences: one('lift-drop'), job: 'flutter', pace: null, pause: 'lift',
    shines: 'dock ends, followers that refuse, autumn', poor: 'cold lone fish in weed' },
  { id: 'flutter-under', label: 'flutter spoon under the boat', families: ['flutter-spoon'], rigs: ['vertical'], controls: ['vertical'], cadences: one('lift-drop'), job: 'flutter', pace: null, pause: 'lift',
    shines: 'schools from 4 m down, over 25 °C', poor: 'cold lone fish in weed' },
  { id: 'vertical-fast', label: 'vertical metal, fast', families: ['speed-jig', 'slow-jig', 'casting-metal', 'dense-spoon'], rigs: ['vertical'], controls: ['vertical'], cadences: one('vertical-fast'), job: 'vertical-fast', pace: 1.6, pause: null,
    shines: 'deep, boat over active fish: the jig works on its way up', poor: 'less than about 6 m, from the bank' },
  { id: 'vertical-slow', label: 'vertical metal, slow', families: ['slow-jig', 'speed-jig', 'casting-metal', 'dense-spoon'], rigs: ['vertical'], controls: ['vertical'], cadences: one('vertical-slow'), job: 'vertical-slow', pace: 0.6, pause: 'vertical',
    shines: 'deep, boat over fish with a slow bite: it flutters down', poor: 'less than about 6 m, from the bank' },
  { id: 'vertical-long', label: 'vertical metal, long fall', families: ['slow-jig', 'speed-jig'], rigs: ['vertical'], controls: ['vertical'], cadences: one('long-fall'), job: 'vertical-long', pace: 0.8, pause: 'vertical',
    shines: 'lift high and drop on slack: works both kinds of jig', poor: 'short rods' },
  { id: 'vertical-lift', label: 'lifted under the boat', families: ['blade-bait', 'tail-spinner', 'hair-jig', 'jighead-soft', 'tube', 'paddle-tail', 'minnow-soft', 'grub', 'skirted-jig'], rigs: ['vertical'], controls: ['vertical'], cadences: one('lift-drop'), job: 'vertical-light', pace: null, pause: 'lift',
    shines: 'fish on sonar below the boat', poor: 'shallow water, from the bank' },
  { id: 'needle-held', label: 'needle held down', families: ['pencil'], rigs: ['snap'], controls: ['count-down'], cadences: one('countdown-steady'), job: 'surf', pace: 0.7, pause: null,
    shines: 'surf, current, night, sand eels: loaded to the water’s weight', poor: 'still clear ponds' },
  { id: 'fly-behind-spoon', label: 'fly behind a spoon', families: ['streamer'], rigs: ['spoon-and-fly'], controls: ['count-down'], cadences: one('countdown-steady'), job: 'spoon', pace: 0.85, pause: null,
    shines: 'salmonids, smelt, distance', poor: 'cover' },
  { id: 'fly-on-dropper', label: 'fly or small bait behind a sinker', families: ['streamer'], rigs: ['dropper', 'three-way'], controls: ['above-bottom'], cadences: [{ cadence: 'drift', when: [{ feature: 'currentMs', zeroAt: 0.1, oneAt: 0.3 }] }, { cadence: 'drag' }], job: 'drop-shot', pace: null, pause: 'bottom', holds: 0.7,
    shines: 'rivers, nymph and fry eaters, deep pools', poor: 'cover' },
  { id: 'drifted', label: 'drifted along the bottom', families: ['minnow-soft', 'shrimp-soft', 'grub', 'worm', 'paddle-tail', 'hair-jig', 'jighead-soft'], rigs: ['three-way', 'direct', 'threaded-head'], controls: ['above-bottom', 'bottom'], only: [{ feature: 'currentMs', zeroAt: 0.1, oneAt: 0.4 }], cadences: one('drift'), job: 'head', pace: null, pause: null, holds: 0.6,
    shines: 'current and drifting boats over sand and gravel', poor: 'snags, still water' },
  { id: 'trolled-plug', label: 'plug trolled', families: ['crankbait', 'jerkbait'], rigs: ['snap'], controls: ['dive'], cadences: one('troll'), job: 'troll', pace: 1.15, pause: null, hang: 0,
    shines: 'scattered fish in open water', poor: 'timber, crowds' },
  { id: 'trolled-spoon', label: 'spoon trolled', families: ['casting-spoon', 'flutter-spoon', 'swimbait'], rigs: ['snap'], controls: ['count-down'], cadences: one('troll'), job: 'troll', pace: 1.05, pause: null,
    shines: 'scattered fish in open water', poor: 'timber, crowds' },
  { id: 'trolled-spinner', label: 'spinner trolled', families: ['inline-spinner'], rigs: ['snap'], controls: ['count-down'], cadences: one('troll'), job: 'troll', pace: 0.95, pause: null,
    shines: 'scattered fish in open water, slow', poor: 'line twist without a rudder' },
  { id: 'umbrella', label: 'umbrella rig', families: ['umbrella-rig'], rigs: ['umbrella'], controls: ['count-down'], cadences: one('countdown-steady'), job: 'big', pace: 0.85, pause: null,
    shines: 'bait schools in open clear water, cold', poor: 'weed, and where rules forbid' },
  { id: 'big-bait', label: 'glide or big swimmer', families: ['glide-bait', 'swimbait'], rigs: ['snap'], controls: ['count-down'], cadences: [{ cadence: 'sweep-pause', school: { retrieve: 'vary' } }, { cadence: 'countdown-steady' }], job: 'big', pace: 0.75, pause: 'touch',
    shines: 'to find big fish; large prey', poor: 'to make them commit' },
]
