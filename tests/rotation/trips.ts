import type { Reading } from '#core/reading'
import type { NextOut } from '#core/rotation'
import type { Stint } from '#core/tackle'
import { at, happens as ev, stretch as st } from './stretches'

/**
 * Trips as they happen, and what a good angler would do next (handbook §15, §12, §14, §22; common practice, no source). Whole boxes of the corpus; the last stretch is the one being fished.
 * The first two lists were written from the handbook and put to the program as it then stood (decision 226), the third and the fourth to what came of it, the fifth (242), the sixth (247) and the seventh (252) later.
 */

type Expected = (out: NextOut) => boolean
export type TripCase = readonly [
  name: string,
  box: 'lake' | 'river' | 'salt',
  stints: readonly Stint[],
  holds: Expected,
]
type What = NonNullable<NextOut['change']>['what']
type Told = NonNullable<NonNullable<NextOut['change']>['setup']>

const stays: Expected = out => out.do === 'stay'
const goesOn: Expected = out => out.do === 'move' || out.do === 'change'
/** One of these is changed; none named: anything. */
const changes =
  (...what: What[]): Expected =>
  out =>
    out.do === 'change' && (what.length === 0 || what.includes(out.change!.what))
/** It is changed, and the set-up that is told is as it has to be. */
const told =
  (is: (setup: Told) => boolean, ...what: What[]): Expected =>
  out =>
    changes(...what)(out) && is(out.change!.setup!)
const to = (lures: string[], what: What) => told(setup => lures.includes(setup.lureId), what)
const returns =
  (lure?: string): Expected =>
  out =>
    out.do === 'return' && (lure === undefined || out.change?.setup?.lureId === lure)
const either =
  (...some: Expected[]): Expected =>
  out =>
    some.some(holds => holds(out))

export const DAY_START = at(0)
const lip = { hookedAt: 'lip' as const }
const inside = { hookedAt: 'inside' as const }

const lm: Reading = {
  species: 'largemouth-bass',
  temperatureC: 21,
  visibilityM: 1.5,
  bottomM: 3,
  fishFromM: 1,
  fishToM: 2.6,
  cover: ['open', 'gravel'],
  mood: 'neutral',
  from: 'boat',
  windMs: 2,
}
const sm: Reading = {
  species: 'smallmouth-bass',
  temperatureC: 17,
  visibilityM: 3.5,
  bottomM: 4,
  fishFromM: 1.5,
  fishToM: 4,
  cover: ['rock', 'boulders'],
  from: 'boat',
  windMs: 4,
  forage: [{ kind: 'minnow', lengthMm: 80 }],
}
const pike: Reading = {
  species: 'northern-pike',
  temperatureC: 13,
  visibilityM: 2,
  bottomM: 4,
  fishFromM: 1,
  fishToM: 3,
  cover: ['grass'],
  coverTopM: 2.4,
  from: 'boat',
}
const trout: Reading = {
  species: 'brown-trout',
  temperatureC: 11,
  water: 'river',
  currentMs: 0.5,
  visibilityM: 2.5,
  bottomM: 1.5,
  fishFromM: 0.4,
  fishToM: 1.4,
  from: 'wading',
  cover: ['gravel', 'current-seam'],
}
const bass: Reading = {
  species: 'sea-bass',
  temperatureC: 16,
  water: 'surf',
  visibilityM: 2,
  bottomM: 3,
  fishFromM: 0.3,
  fishToM: 2,
  cover: ['rock'],
  from: 'bank',
  waveM: 0.7,
  forage: [{ kind: 'sand-eel', lengthMm: 110 }],
}
const red: Reading = {
  species: 'red-drum',
  temperatureC: 24,
  water: 'estuary',
  visibilityM: 1.2,
  bottomM: 1,
  fishFromM: 0.3,
  fishToM: 1,
  cover: ['grass'],
  from: 'kayak',
  forage: [{ kind: 'shrimp', lengthMm: 60 }],
}
const brush: Reading = {
  species: 'largemouth-bass',
  temperatureC: 24,
  visibilityM: 1.2,
  bottomM: 4,
  fishFromM: 2,
  fishToM: 4,
  cover: ['brush'],
  from: 'boat',
}
const snk: Reading = {
  species: 'snook',
  temperatureC: 26,
  water: 'estuary',
  sky: 'night',
  currentMs: 0.4,
  visibilityM: 2,
  bottomM: 4,
  fishFromM: 1,
  fishToM: 3,
  cover: ['pier'],
  from: 'bank',
  forage: [{ kind: 'shrimp', lengthMm: 50 }],
}
const wal: Reading = {
  species: 'walleye',
  temperatureC: 12,
  visibilityM: 2,
  bottomM: 5,
  fishFromM: 4,
  fishToM: 5,
  cover: ['gravel'],
  from: 'boat',
  windMs: 3,
}

// prettier-ignore
export const FIRST: readonly TripCase[] = [
  ['four well hooked and two follows: stay', 'lake', [st('sb-cw', 0, 20, [ev('landed', 2, { hookedAt: 'lip' }), ev('follow', 4), ev('landed', 7, { hookedAt: 'lip' }), ev('landed', 10, { hookedAt: 'inside' }), ev('follow', 13), ev('landed', 17, { hookedAt: 'lip' })], lm)], stays],
  ['one landed: stay', 'lake', [st('sb-cw', 0, 6, [ev('landed', 5, { hookedAt: 'lip' })], lm)], stays],
  ['one follow, 8 min: stay', 'lake', [st('sb-cw', 0, 8, [ev('follow', 5)], lm)], stays],
  ['outside on natural crank: hot', 'lake', [st('md-wide-shad', 0, 15, [ev('landed', 5, { hookedAt: 'outside' }), ev('lost', 11, { hookedAt: 'outside' })], lm)], to(['md-wide-hot'], 'colour')],
  ['outside on hot crank: natural', 'lake', [st('md-wide-hot', 0, 15, [ev('landed', 5, { hookedAt: 'outside' })], lm)], to(['md-wide-shad'], 'colour')],
  ['pecks at a jig without trailer: smaller', 'lake', [st('jfb-18', 0, 15, [ev('peck', 5), ev('peck', 8), ev('peck', 11)], { ...lm, cover: ['rock'], fishFromM: 2.5, fishToM: 3 }, { presentation: { cadence: 'drag' } })], changes('size', 'trailer')],
  ['pecks at a threaded drop shot: shorter', 'lake', [st('ms-flat', 0, 15, [ev('peck', 5), ev('peck', 8)], lm, { rig: 'drop-shot-threaded' })], changes('size')],
  ['pecks at a crank: twin of the other wobble', 'lake', [st('md-wide-hot', 0, 15, [ev('peck', 5), ev('peck', 8)], { ...lm, fishFromM: 1.5, fishToM: 3 })], to(['md-tight-hot'], 'action')],
  ['lost twice on an extra-fast rod', 'lake', [st('ms-flat', 0, 15, [ev('lost', 5), ev('lost', 9)], lm, { rig: 'drop-shot-nose', outfitId: 'o-ds-xf' })], changes('hook')],
  ['vertical metal eaten winding in', 'lake', [st('vj-10', 0, 15, [ev('landed', 9, { when: 'winding-in', hookedAt: 'lip' })], { ...lm, bottomM: 8, fishFromM: 5, fishToM: 7, signs: ['fish-on-sonar'] })], changes('tactic')],
  ['follows on a walker', 'lake', [st('tw-walk-bone', 0, 15, [ev('follow', 5), ev('follow', 8), ev('follow', 12)], { ...lm, temperatureC: 23, fishFromM: 0, fishToM: 1 }, { cadence: 'walk' })], changes('pause', 'tactic', 'size')],
  ['silence on lipless in grass: another action at the depth', 'lake', [st('ll-gold', 0, 45, [ev('landed', 3, { hookedAt: 'lip' }), ev('hit', 6), ev('landed', 10, { hookedAt: 'lip' }), ev('hit', 13)], { ...lm, cover: ['grass'], coverTopM: 1.8 })], changes('action', 'tactic', 'sound')],
  ['eight hours of the same size and depth', 'lake', [st('sq-chart', 0, 120, [], lm), st('sq-craw', 120, 240, [], lm), st('sq-shad', 240, 480, [], lm)], changes('size', 'depth')],
  ['a weedless worm on the bottom snags thrice in brush', 'lake', [st('wm-rib', 0, 15, [ev('snagged', 3), ev('snagged', 6), ev('snagged', 9)], { ...lm, cover: ['brush'], fishFromM: 2, fishToM: 3 }, { rig: 'bullet-weedless', presentation: { cadence: 'bottom-hop', sinkerG: 10, depthM: 3 } })], changes('lead', 'tactic', 'depth')],
  ['light head in deep current never felt the bottom', 'river', [st('pt-75', 0, 22, [], { species: 'walleye', temperatureC: 8, water: 'river', currentMs: 0.9, bottomM: 7, fishFromM: 6, fishToM: 7, bottom: 'gravel', cover: ['gravel'], from: 'boat' }, { presentation: { cadence: 'bottom-hop', headG: 3, depthM: 2 } })], changes('lead', 'depth', 'weight')],
  ['one in grass, then nothing for half an hour', 'lake', [st('bj-white', 0, 36, [ev('landed', 4, { hookedAt: 'inside' })], { ...lm, cover: ['grass'], coverTopM: 1.5 })], changes()],
  ['scattered singles: move', 'river', [st('sp-2-gold', 0, 40, [ev('landed', 4, { hookedAt: 'lip' })], { species: 'brown-trout', temperatureC: 12, water: 'river', bottomM: 1.2, visibilityM: 2, from: 'wading', grouping: 'scattered' })], goesOn],
  ['pike follow a spoon', 'lake', [st('cs-gold', 0, 15, [ev('follow', 3), ev('follow', 9)], { ...lm, species: 'northern-pike', temperatureC: 14, cover: ['grass'] })], changes('pace', 'pause')],
  ['the sun is up: the surface is over', 'lake', [st('tw-walk-bone', 0, 50, [ev('landed', 10, { hookedAt: 'lip' }), ev('landed', 25, { hookedAt: 'lip' }), ev('hit', 40)], { ...lm, temperatureC: 26, at: '2026-06-01T05:20:00Z', longitude: 0, latitude: 45, sky: 'sun', fishFromM: 0, fishToM: 1 }), st('tw-walk-bone', 50, 75, [], { ...lm, temperatureC: 26, at: '2026-06-01T09:00:00Z', longitude: 0, latitude: 45, sky: 'sun', fishFromM: 2, fishToM: 3, bottomM: 3.5 })], told(s => s.presentation.depthM > 0.5, 'tactic', 'depth', 'action')],
  ['fished at 2 m, fish seen at 6', 'lake', [st('md-wide-shad', 0, 20, [], { ...lm, bottomM: 8, fishFromM: 5.5, fishToM: 7, signs: ['fish-on-sonar'], temperatureC: 27 }, { presentation: { depthM: 2, speedMs: 0.8 } })], changes('depth', 'tactic')],
  ['cold, wound fast', 'lake', [st('pt-thin-10', 0, 20, [], { ...lm, temperatureC: 5, mood: 'lethargic' }, { presentation: { speedMs: 1.3, cadence: 'steady', headG: 5, depthM: 2 } })], changes('pace')],
  ['cold, jerked with one-second stops', 'lake', [st('jb-deep', 0, 20, [], { ...lm, temperatureC: 6, visibilityM: 2, mood: 'lethargic', grouping: 'one-spot' }, { presentation: { cadence: 'jerk-pause', pauseS: 1, depthM: 2, speedMs: 0.3 } })], told(s => s.presentation.pauseS! >= 10, 'pause')],
  ['two follows, then one well hooked: stay', 'lake', [st('jb-silver', 0, 15, [ev('follow', 3), ev('follow', 6), ev('landed', 12, { hookedAt: 'inside' })], { ...lm, temperatureC: 14 }, { cadence: 'jerk-pause' })], stays],
  ['threaded after pecks, two well hooked: stay', 'lake', [st('ms-flat', 0, 15, [ev('peck', 5), ev('peck', 8)], lm, { rig: 'drop-shot-nose' }), st('ms-flat', 15, 30, [ev('landed', 20, { hookedAt: 'lip' }), ev('landed', 26, { hookedAt: 'lip' })], lm, { rig: 'drop-shot-threaded' })], stays],
  ['pecks go on with the smaller trailer: smaller jig', 'lake', [st('jf-brown-14', 0, 15, [ev('peck', 5), ev('peck', 8)], lm, { trailerId: 'cw-kick' }), st('jf-brown-14', 15, 30, [ev('peck', 20), ev('peck', 26)], lm, { trailerId: 'tr-craw-small' })], to(['jn-7'], 'size')],
  ['walleye peck at a head: shorter', 'river', [st('pt-75', 0, 15, [ev('peck', 5), ev('peck', 8), ev('peck', 12)], { species: 'walleye', temperatureC: 14, water: 'river', currentMs: 0.3, bottomM: 3, fishFromM: 2, fishToM: 3 }, { rig: 'threaded-head' })], to(['pt-50', 'grub-50-smoke', 'ft-65'], 'size')],
  ['trout bump a spoon and are never hooked', 'river', [st('micro-hot', 0, 15, [ev('hit', 2), ev('hit', 5), ev('hit', 8), ev('hit', 11)], { species: 'rainbow-trout', temperatureC: 12, water: 'pond', bottomM: 3, visibilityM: 3, from: 'bank' })], to(['micro-olive'], 'colour')],
  ['amberjack follow a fast jig up', 'salt', [st('spj-200', 0, 20, [ev('follow', 5), ev('follow', 9), ev('follow', 13)], { species: 'amberjack', temperatureC: 21, water: 'sea', bottomM: 60, fishFromM: 30, fishToM: 60, signs: ['fish-on-sonar'] }, { cadence: 'vertical-fast' })], changes('pause', 'pace', 'tactic')],
  ['taken on the drop: stay', 'salt', [st('slj-180', 0, 12, [ev('landed', 8, { when: 'fall', hookedAt: 'lip' })], { species: 'amberjack', temperatureC: 21, water: 'sea', bottomM: 60, fishFromM: 50, fishToM: 60 }, { cadence: 'vertical-slow' })], stays],
  ['flathead pecks at a prawn on a head', 'salt', [st('sh-90-cut', 0, 15, [ev('peck', 5), ev('peck', 8)], { species: 'flathead', temperatureC: 20, water: 'estuary', bottomM: 2, fishFromM: 1.5, fishToM: 2, from: 'bank' })], changes('size', 'hook')],
  ['tried much for three hours: move or change', 'lake', [st('sq-chart', 0, 40, [], lm), st('jf-dark-14', 40, 80, [], lm), st('ms-flat', 80, 120, [], lm), st('swb-20', 120, 160, [], lm), st('tw-walk-bone', 160, 190, [], lm), st('dd-shad', 190, 220, [], lm)], goesOn],
  ['hooked in the middle of the mouth once then a peck: stay', 'lake', [st('st-green', 0, 18, [ev('landed', 6, { hookedAt: 'inside', when: 'fall' }), ev('peck', 14)], lm, { rig: 'wacky' })], stays],
  ['three landed on the fall of a stick: stay (more of that)', 'lake', [st('st-green', 0, 25, [ev('landed', 6, { hookedAt: 'inside', when: 'fall' }), ev('landed', 14, { hookedAt: 'lip', when: 'fall' }), ev('landed', 22, { hookedAt: 'inside', when: 'fall' })], lm, { rig: 'wacky' })], stays],
  ['landed lip x3, hooked lost x1: stay', 'lake', [st('sb-cw', 0, 25, [ev('landed', 3, { hookedAt: 'lip' }), ev('lost', 9), ev('landed', 15, { hookedAt: 'lip' }), ev('landed', 21, { hookedAt: 'lip' })], lm)], stays],
  ['striper follow needle at night refuse', 'salt', [st('pn-75-dark', 0, 20, [ev('follow', 3), ev('follow', 9), ev('follow', 15)], { species: 'striped-bass', temperatureC: 15, water: 'surf', sky: 'night', currentMs: 0.5, bottomM: 3, from: 'bank', forage: [{ kind: 'sand-eel', lengthMm: 120 }] })], changes()],
  ['surface on cold water 30 min nothing', 'lake', [st('tw-walk-bone', 0, 31, [], { ...lm, temperatureC: 8 })], changes('tactic', 'depth', 'action')],
  ['spinnerbait sank in grass fouled: snagged x4', 'lake', [st('ll-red', 0, 15, [ev('snagged', 2), ev('snagged', 4), ev('snagged', 7), ev('snagged', 9)], { ...lm, cover: ['grass'], coverTopM: 1 })], changes('depth', 'line', 'hook', 'tactic')],
  ['metal fast kahawai follow', 'salt', [st('cm-60', 0, 15, [ev('follow', 2), ev('follow', 5), ev('follow', 8)], { species: 'kahawai', temperatureC: 16, water: 'surf', signs: ['surface-feeding'], forage: [{ kind: 'whitebait', lengthMm: 45 }], from: 'bank' })], to(['cm-10', 'cm-20', 'ds-28-silver', 'cm-30-eel'], 'size')],
  ['perch pecks on a blade bait', 'lake', [st('bl-gold-14', 0, 15, [ev('peck', 3), ev('peck', 7)], { ...lm, species: 'perch', temperatureC: 9, bottomM: 6, fishFromM: 5, fishToM: 6 })], changes('size', 'pace')],
]

// prettier-ignore
export const SECOND: readonly TripCase[] = [
  ['smallmouth follow the jerkbait; jerked hard: hang, fall or smaller', 'lake', [st('jb-silver', 0, 20, [ev('follow', 4), ev('follow', 11), ev('follow', 17)], sm, { cadence: 'jerk-pause', presentation: { cadence: 'jerk-pause', pauseS: 2, speedMs: 0.6, depthM: 1.4 } })], changes('pause', 'tactic', 'size')],
  ['three landed, then forty minutes nothing: same depth, another action', 'lake', [st('jb-silver', 0, 60, [ev('landed', 4, lip), ev('landed', 11, inside), ev('landed', 17, lip)], sm, { cadence: 'jerk-pause' })], changes('action', 'tactic')],
  ['landed well twice just now: stay', 'lake', [st('tb-green', 0, 20, [ev('landed', 12, lip), ev('landed', 18, inside)], sm)], stays],
  ['tube drags and snags four times in boulders: lighter or higher', 'lake', [st('tb-green', 0, 20, [ev('snagged', 3), ev('snagged', 6), ev('lure-lost', 9), ev('snagged', 14)], sm, { presentation: { cadence: 'drag', headG: 14, depthM: 4 } })], changes('lead', 'depth', 'tactic', 'hook', 'line')],
  ['pike turn away from the spinnerbait thrice: slower, same bait', 'lake', [st('sb-pike', 0, 25, [ev('follow', 5), ev('follow', 12), ev('follow', 20)], pike)], changes('pace', 'pause')],
  ['pike: slowed already, still follow: pause or smaller', 'lake', [st('sb-pike', 0, 25, [ev('follow', 5), ev('follow', 12)], pike, { presentation: { speedMs: 0.9 } }), st('sb-pike', 25, 50, [ev('follow', 33), ev('follow', 41)], pike, { presentation: { speedMs: 0.6 } })], changes('pause', 'size', 'tactic')],
  ['trout tap the spinner: smaller or slower', 'river', [st('sp-3-silver', 0, 20, [ev('peck', 5), ev('peck', 11), ev('peck', 16)], trout)], changes('size', 'pace')],
  ['trout bites stopped: another blade or depth', 'river', [st('sp-2-gold', 0, 60, [ev('landed', 5, lip), ev('hit', 9), ev('landed', 14, lip)], trout)], changes('action', 'depth', 'size')],
  ['one trout an hour ago, spread out: go on', 'river', [st('sp-2-gold', 0, 60, [ev('landed', 5, lip)], { ...trout, grouping: 'scattered' })], goesOn],
  ['sea bass hit the plug and are hooked outside: colour', 'salt', [st('jb-140-bone', 0, 20, [ev('landed', 5, { hookedAt: 'outside' }), ev('lost', 12, { hookedAt: 'outside' })], bass)], to(['jb-140-dark'], 'colour')],
  ['sea bass lost twice at the feet: hooks, rod', 'salt', [st('jb-120-eel', 0, 30, [ev('lost', 5), ev('lost', 18), ev('hit', 22)], bass)], changes('hook')],
  ['redfish swat at the spoon weed', 'salt', [st('sp-gold-weed', 0, 20, [ev('peck', 5), ev('peck', 12)], red)], changes('size', 'pace', 'tactic')],
  ['redfish: popper in a calm noon, nothing 20 min, topwater wrong in winter', 'salt', [st('tw-pop-120', 0, 25, [], { ...red, temperatureC: 12, mood: 'lethargic' })], changes()],
  ['wound above fish on the bottom in six metres', 'lake', [st('pt-slim-10', 0, 20, [], { ...brush, bottomM: 7, fishFromM: 6, fishToM: 7, signs: ['fish-on-sonar'] }, { presentation: { cadence: 'steady', headG: 3.5, depthM: 1.5, speedMs: 0.8 } })], changes('depth', 'lead', 'tactic')],
  ['jig at the right place, 20 min: patience', 'lake', [st('jf-dark-14', 0, 14, [], brush)], stays],
  ['crank that never touches at four metres: deeper', 'lake', [st('sq-shad', 0, 35, [], { ...brush, cover: ['rock'], fishFromM: 3.2, bottomM: 4.2, fishToM: 4.2 })], changes('depth', 'tactic', 'size')],
  ['buzz bait missed thrice', 'lake', [st('tw-buzz-black', 0, 20, [ev('hit', 5), ev('hit', 9), ev('hit', 16)], { ...brush, cover: ['pads'], fishFromM: 0, fishToM: 1.5, bottomM: 1.5 })], changes('pause', 'size', 'tactic', 'pace', 'hook')],
  ['frog hits missed in pads: pause', 'lake', [st('tw-frog-black', 0, 20, [ev('hit', 5), ev('hit', 9)], { ...brush, cover: ['pads'], fishFromM: 0, fishToM: 1.5, bottomM: 1.5 })], changes('pause', 'size', 'tactic')],
  ['a jig eaten as it is wound in: swim it', 'lake', [st('jf-brown-14', 0, 20, [ev('landed', 9, { when: 'winding-in', hookedAt: 'lip' }), ev('hit', 15, { when: 'winding-in' })], brush)], told(s => !['bottom-hop', 'drag'].includes(s.presentation.cadence), 'tactic')],
  ['drop shot nose pecks twice then landed inside thrice threaded: stay', 'lake', [st('ms-flat', 0, 10, [ev('peck', 3), ev('peck', 7)], sm, { rig: 'drop-shot-nose' }), st('ms-flat', 10, 40, [ev('landed', 18, inside), ev('landed', 27, inside), ev('landed', 37, lip)], sm, { rig: 'drop-shot-threaded' })], stays],
  ['blank three hours with five deep slow baits: shallow, fast or else', 'lake', ['jf-dark-14', 'jfb-18', 'wm-big', 'ms-flat', 'cre-beaver'].map((id, i) => st(id, 36 * i, 36 * (i + 1), [], brush)), told(s => s.presentation.speedMs > 0.4)],
  ['mackerel follow the metal up: size, faster, sink', 'salt', [st('cm-40', 0, 15, [ev('follow', 3), ev('follow', 8)], { species: 'mackerel', temperatureC: 14, water: 'sea', bottomM: 12, fishFromM: 1, fishToM: 6, from: 'bank', forage: [{ kind: 'whitebait', lengthMm: 45 }] })], to(['cm-10', 'cm-20'], 'size')],
  ['change brought a fish at once after half an hour: back once', 'salt', [st('cm-60', 0, 32, [], bass), st('jb-120-eel', 32, 38, [ev('landed', 35, lip)], bass)], returns('cm-60')],
  ['went back, bites again on the first: no settling on the second', 'salt', [st('cm-60', 0, 32, [], bass), st('jb-120-eel', 32, 38, [ev('landed', 35, lip)], bass), st('cm-60', 38, 52, [ev('landed', 44, lip)], bass)], stays],
  ['went back, blank: settle on the second', 'salt', [st('cm-60', 0, 32, [], bass), st('jb-120-eel', 32, 38, [ev('landed', 35, lip)], bass), st('cm-60', 38, 52, [], bass)], returns('jb-120-eel')],
  ['umbrella followed by schools and not taken: smaller or slower', 'lake', [st('um-5', 0, 20, [ev('follow', 4, { groupSize: 6 }), ev('follow', 12, { groupSize: 4 })], { ...sm, species: 'spotted-bass', bottomM: 9, fishFromM: 3, fishToM: 6, cover: ['open'], temperatureC: 12 })], changes()],
  ['grouper peck at a slow jig: smaller, slower', 'salt', [st('slj-180', 0, 20, [ev('peck', 5), ev('peck', 11)], { species: 'grouper', temperatureC: 22, water: 'sea', bottomM: 50, fishFromM: 45, fishToM: 50, from: 'boat' })], changes('size', 'pace', 'pause')],
  ['hair jig in a river snags thrice: lighter or higher', 'river', [st('hj-10-white', 0, 15, [ev('snagged', 3), ev('snagged', 6), ev('snagged', 10)], { species: 'walleye', temperatureC: 7, water: 'river', currentMs: 0.4, bottomM: 2.5, fishFromM: 2, fishToM: 2.5, cover: ['rock'] })], changes('lead', 'weight', 'tactic', 'depth', 'size')],
  ['dragged at lightning pace in cold', 'lake', [st('jn-7', 0, 18, [], { ...sm, temperatureC: 6, mood: 'lethargic', fishFromM: 3.5 }, { presentation: { cadence: 'drag', speedMs: 0.9, pauseS: 1, depthM: 4 } })], changes('pace', 'pause')],
  ['metal wound at a crawl under birds', 'salt', [st('cm-40', 0, 15, [], { species: 'kahawai', temperatureC: 17, water: 'surf', signs: ['surface-feeding', 'birds'], mood: 'aggressive', fishFromM: 0, fishToM: 2, bottomM: 5, from: 'bank', forage: [{ kind: 'whitebait', lengthMm: 45 }] }, { presentation: { cadence: 'steady', speedMs: 0.4, depthM: 3 } })], changes('pace', 'size')],
  ['bream nip a grub on a head', 'salt', [st('gr-60', 0, 15, [ev('peck', 3), ev('peck', 6), ev('peck', 9)], { species: 'bream', temperatureC: 19, water: 'estuary', bottomM: 3, fishFromM: 2, fishToM: 3, cover: ['shell'], from: 'boat' })], changes('size', 'hook', 'pause')],
  ['snook blow up on a walker and miss', 'salt', [st('tw-walk-110', 0, 12, [ev('hit', 3), ev('hit', 7)], { species: 'snook', temperatureC: 27, water: 'estuary', bottomM: 2, fishFromM: 0, fishToM: 1.5, cover: ['mangrove'], from: 'boat' })], changes('pause', 'size', 'tactic')],
]

// prettier-ignore
export const THIRD: readonly TripCase[] = [
  ['one landed, one peck, eight minutes: stay', 'lake', [st('sb-cw', 0, 16, [ev('landed', 6, lip), ev('peck', 12)], brush)], stays],
  ['five pecks at a swimmer, one landed: smaller or another wobble', 'lake', [st('swb-20', 0, 40, [ev('peck', 4), ev('peck', 9), ev('landed', 15, lip), ev('peck', 22), ev('peck', 30), ev('peck', 37)], pike)], changes('action', 'size', 'pace')],
  ['hit on the fall at a jig twice (missed): longer', 'lake', [st('jf-dark-14', 0, 20, [ev('hit', 6, { when: 'fall' }), ev('hit', 14, { when: 'fall' })], brush)], either(stays, changes('pause', 'lead', 'weight', 'trailer'))],
  ['jerkbait taken on the pause twice, landed: stay or longer', 'lake', [st('jb-silver', 0, 20, [ev('landed', 6, { when: 'pause', hookedAt: 'lip' }), ev('landed', 14, { when: 'pause', hookedAt: 'lip' })], sm)], either(stays, changes('pause'))],
  ['hooked outside once among five well hooked: stay', 'lake', [st('sq-shad', 0, 40, [ev('landed', 4, lip), ev('landed', 11, inside), ev('landed', 18, { hookedAt: 'outside' }), ev('landed', 26, lip), ev('landed', 34, lip)], brush)], stays],
  ['lost three of four: gear', 'lake', [st('sq-shad', 0, 40, [ev('lost', 4), ev('landed', 11, lip), ev('lost', 18), ev('lost', 34)], brush)], changes('hook')],
  ['walleye jig: landed three, silent 30 min', 'lake', [st('jh-perch-5', 0, 60, [ev('landed', 10, lip), ev('landed', 18, lip), ev('landed', 29, lip)], wal)], changes('action', 'tactic', 'depth', 'size')],
  ['then another action had been tried too: slower bait', 'lake', [st('md-wide-shad', 0, 40, [ev('hit', 3), ev('landed', 8, lip), ev('hit', 12)], brush), st('md-tight-hot', 40, 80, [ev('hit', 43), ev('hit', 47), ev('hit', 52)], brush)], changes('tactic')],
  ['snook under lights follow a plug twice', 'salt', [st('jb-90-hang', 0, 15, [ev('follow', 5), ev('follow', 10)], snk, { cadence: 'jerk-pause' })], changes('pause', 'size', 'tactic')],
  ['big follower group at the boat of amberjack behind popper', 'salt', [st('tw-pop-120', 0, 15, [ev('follow', 5, { groupSize: 8 })], { species: 'amberjack', temperatureC: 22, water: 'sea', bottomM: 20, fishFromM: 0, fishToM: 8, signs: ['surface-feeding'], from: 'boat' })], changes('tactic', 'size', 'pause')],
  ['nothing for ten minutes with the right bait: stay', 'salt', [st('jb-90-hang', 0, 10, [], snk)], stays],
  ['crank in cold six degrees burned', 'lake', [st('cr-flat', 0, 16, [], { ...brush, temperatureC: 6, cover: ['rock'], fishFromM: 1, fishToM: 3, mood: 'lethargic' }, { presentation: { cadence: 'burn', speedMs: 1.6, depthM: 1.2 } })], changes('pace')],
  ['drop shot sinker 28 g: light 3.5 in 12 m with drift', 'lake', [st('ms-flat', 0, 15, [], { ...sm, bottomM: 12, fishFromM: 11, fishToM: 12, windMs: 6, signs: ['fish-on-sonar'] }, { rig: 'drop-shot-nose', presentation: { cadence: 'shake', sinkerG: 3.5, depthM: 11.5 } })], changes('lead', 'weight')],
  ['two hours with everything in vain', 'salt', ['sh-75', 'cb-45', 'jb-90-hang', 'pt-130-fat', 'tw-walk-110', 'bk-28-white', 'jb-55-bream', 'wm-180'].map((id, i) => st(id, 20 * i, 20 * (i + 1), [], snk)), goesOn],
  ['lure lost to a snag twice and a snag', 'river', [st('ck-craw', 0, 15, [ev('lure-lost', 3), ev('snagged', 7), ev('lure-lost', 11)], { species: 'smallmouth-bass', temperatureC: 18, water: 'river', currentMs: 0.4, bottomM: 1.5, cover: ['rock'] })], changes('depth', 'hook', 'line', 'tactic')],
  ['trout nip a streamer thrice', 'river', [st('st-leech', 0, 20, [ev('peck', 4), ev('peck', 9), ev('peck', 15)], trout)], changes('size', 'pace')],
  ['perch follow spinner to the feet', 'lake', [st('is-silver', 0, 12, [ev('follow', 3), ev('follow', 5), ev('follow', 8)], { species: 'perch', temperatureC: 17, visibilityM: 3, bottomM: 3, from: 'bank' })], told(s => s.lureId !== 'is-silver', 'size', 'pace', 'depth', 'action')],
  ['bladed jig swatted in grass: slimmer trailer or smaller, no trailer hook', 'lake', [st('bj-white', 0, 14, [ev('hit', 4), ev('hit', 9)], { ...brush, cover: ['grass'], coverTopM: 1.5, fishFromM: 1, fishToM: 3 }, { trailerId: 'tr-fat' })], changes('trailer')],
  ['landed in the open with colours alternated: second colour brings all', 'lake', [st('md-wide-shad', 0, 30, [], { ...brush, cover: ['rock'], fishFromM: 1, fishToM: 3 }), st('md-wide-hot', 30, 50, [ev('landed', 34, inside), ev('landed', 40, inside), ev('landed', 47, lip)], { ...brush, cover: ['rock'], fishFromM: 1, fishToM: 3 })], either(returns(), stays)],
  ['winding in, on a spoon thrown: horizontal already: stay or tactic moving', 'river', [st('ds-18-silver', 0, 20, [ev('landed', 8, { when: 'winding-in', hookedAt: 'lip' })], { species: 'lake-trout', temperatureC: 8, water: 'lake', bottomM: 10, fishFromM: 6, fishToM: 9, from: 'boat' })], either(stays, changes('tactic'))],
  ['needle fished at the top on a slow night', 'salt', [st('pn-75-dark', 0, 20, [], { species: 'striped-bass', temperatureC: 14, water: 'surf', sky: 'night', currentMs: 0.5, bottomM: 4, fishFromM: 3, fishToM: 4, from: 'bank', forage: [{ kind: 'sand-eel', lengthMm: 120 }] }, { presentation: { cadence: 'steady', speedMs: 1.8, depthM: 0.3 } })], changes('depth', 'pace')],
  ['flutter spoon: two on the fall, landed: stay', 'lake', [st('fs-cupped-19', 0, 25, [ev('landed', 9, { when: 'fall', hookedAt: 'lip' }), ev('landed', 21, { when: 'fall', hookedAt: 'lip' })], { ...brush, temperatureC: 29, bottomM: 7, fishFromM: 4, fishToM: 6, cover: ['shell'], grouping: 'schooled', forage: [{ kind: 'shad-large', lengthMm: 170 }] })], stays],
  ['follows first, then no more; 45 min', 'lake', [st('gl-18', 0, 60, [ev('follow', 4), ev('follow', 9)], { ...pike })], changes()],
  ['hits four at a popper, still coming: stops, colour no', 'salt', [st('tw-pop-50', 0, 15, [ev('hit', 2), ev('hit', 5), ev('hit', 8), ev('hit', 12)], { species: 'sand-whiting', temperatureC: 24, water: 'estuary', bottomM: 1, fishFromM: 0, fishToM: 1, from: 'wading' })], changes('pause', 'size', 'pace')],
]

// prettier-ignore
export const FOURTH: readonly TripCase[] = [
  ['walleye: crank in vain 35 min, jig one bite at once: back once', 'lake', [st('md-wide-shad', 0, 35, [], wal), st('jh-perch-5', 35, 42, [ev('landed', 38, lip)], wal)], returns('md-wide-shad')],
  ['walleye: went back, both bite: stay', 'lake', [st('md-wide-shad', 0, 35, [], wal), st('jh-perch-5', 35, 42, [ev('landed', 38, lip)], wal), st('md-wide-shad', 42, 55, [ev('landed', 47, lip)], wal)], stays],
  ['pike on a spinnerbait hooked outside twice: colour', 'lake', [st('sb-ww-silver', 0, 25, [ev('landed', 8, { hookedAt: 'outside' }), ev('landed', 19, { hookedAt: 'outside' })], pike)], changes('colour')],
  ['colour was changed, still outside: action', 'lake', [st('md-wide-shad', 0, 20, [ev('landed', 5, { hookedAt: 'outside' }), ev('landed', 12, { hookedAt: 'outside' })], lm), st('md-wide-hot', 20, 40, [ev('landed', 29, { hookedAt: 'outside' }), ev('landed', 36, { hookedAt: 'outside' })], lm)], changes('action')],
  ['snags twice only: no change for it', 'lake', [st('jf-dark-14', 0, 8, [ev('snagged', 3), ev('snagged', 6)], brush)], stays],
  ['lure lost once: no change for it', 'lake', [st('sq-shad', 0, 8, [ev('lure-lost', 3)], lm)], stays],
  ['hooked then lost once among three landed: stay', 'lake', [st('jb-silver', 0, 30, [ev('landed', 5, lip), ev('hooked', 11), ev('lost', 12), ev('landed', 20, lip), ev('landed', 27, inside)], sm)], stays],
  ['trout: spoon followed, slower tried, still followed: size, depth or beat', 'river', [st('cs-7-hot', 0, 15, [ev('follow', 4), ev('follow', 9)], trout, { presentation: { speedMs: 0.9 } }), st('cs-7-hot', 15, 30, [ev('follow', 19), ev('follow', 25)], trout, { presentation: { speedMs: 0.6 } })], changes('size', 'depth', 'action')],
  ['trout: size was changed too: pace, depth or beat', 'river', [st('sp-3-silver', 0, 15, [ev('follow', 4), ev('follow', 9)], trout), st('sp-1-silver', 15, 30, [ev('follow', 19), ev('follow', 25)], trout)], changes('pace', 'depth', 'action')],
  ['heavy metal let down too fast for slow grouper, light bites', 'salt', [st('spj-200', 0, 25, [ev('peck', 8), ev('peck', 15)], { species: 'grouper', temperatureC: 22, water: 'sea', bottomM: 50, fishFromM: 45, fishToM: 50, from: 'boat' }, { cadence: 'vertical-fast' })], changes('size', 'pace')],
  ['sea trout: 20 min with the right spoon: stay', 'salt', [st('ds-28-silver', 0, 14, [], { species: 'sea-trout', temperatureC: 8, water: 'sea', visibilityM: 4, bottomM: 2.5, from: 'wading', forage: [{ kind: 'sand-eel', lengthMm: 100 }] })], stays],
  ['a stick fished dead at 27 degrees for a quarter of an hour with stops of 30 s', 'lake', [st('jfb-18', 0, 15, [], { ...lm, temperatureC: 27, mood: 'aggressive', cover: ['rock'], fishFromM: 2, fishToM: 3 }, { presentation: { cadence: 'drag', pauseS: 30, depthM: 3, speedMs: 0.3 } })], changes('pause')],
  ['deep diver ploughing over two metres: shallower or another', 'lake', [st('dd-shad', 0, 12, [ev('snagged', 2), ev('snagged', 5), ev('snagged', 9)], { ...lm, bottomM: 2, fishFromM: 0.8, fishToM: 1.8, cover: ['rock'] })], changes('depth', 'tactic', 'hook')],
  ['frog in open deep water, nothing for 20 min', 'lake', [st('tw-frog-black', 0, 20, [], { ...sm, temperatureC: 15, fishFromM: 3, fishToM: 5, bottomM: 8 })], goesOn],
  ['fish on every other cast: stay', 'salt', [st('cm-20', 0, 12, [ev('landed', 2, lip), ev('landed', 4, lip), ev('lost', 6), ev('landed', 8, lip), ev('landed', 10, lip)], { species: 'mackerel', temperatureC: 15, water: 'sea', bottomM: 9, fishFromM: 1, fishToM: 6, from: 'bank' })], stays],
  ['mackerel gone for half an hour after eight: another size, faster or deeper', 'salt', [st('cm-20', 0, 50, [ev('landed', 2, lip), ev('landed', 4, lip), ev('landed', 6, lip), ev('landed', 8, lip), ev('landed', 12, lip)], { species: 'mackerel', temperatureC: 15, water: 'sea', bottomM: 9, fishFromM: 1, fishToM: 6, from: 'bank' })], changes('size', 'pace', 'depth')],
]

// prettier-ignore
export const FIFTH: readonly TripCase[] = [
  ['perch: four landed in ten minutes: stay', 'river', [st('pt-50', 0, 12, [ev('landed', 2, lip), ev('landed', 5, lip), ev('landed', 8, inside), ev('landed', 11, lip)], { species: 'perch', temperatureC: 14, water: 'river', currentMs: 0.1, visibilityM: 2, bottomM: 3, fishFromM: 2, fishToM: 3, from: 'bank', cover: ['pier'] })], stays],
  ['perch: four landed, then half an hour nothing: another action at the depth', 'river', [st('pt-50', 0, 45, [ev('landed', 2, lip), ev('landed', 5, lip), ev('landed', 8, inside), ev('landed', 13, lip)], { species: 'perch', temperatureC: 14, water: 'river', currentMs: 0.1, visibilityM: 2, bottomM: 3, fishFromM: 2, fishToM: 3, from: 'bank', cover: ['pier'] })], changes('action', 'tactic', 'size', 'depth')],
  ['zander peck at a shad hopped: smaller, longer lying or slimmer', 'river', [st('pt-110-white', 0, 20, [ev('peck', 5), ev('peck', 10), ev('peck', 16)], { species: 'zander', temperatureC: 12, water: 'river', currentMs: 0.2, visibilityM: 1, bottomM: 4, fishFromM: 3.2, fishToM: 4, from: 'bank', cover: ['rock'] })], changes('size', 'pause', 'hook', 'pace')],
  ['pike: big shad bitten off behind the hook twice (pecks): smaller or trailer', 'lake', [st('pt-big-15', 0, 20, [ev('peck', 7), ev('peck', 13)], pike)], changes('size', 'hook', 'pace')],
  ['salmon trolling: follow at the boat, no take: speed step or other', 'river', [st('tr-spoon-blue', 0, 30, [ev('follow', 10), ev('follow', 22)], { species: 'landlocked-salmon', temperatureC: 9, water: 'lake', visibilityM: 4, bottomM: 12, fishFromM: 1, fishToM: 4, from: 'boat', forage: [{ kind: 'smelt', lengthMm: 80 }] })], changes('pace', 'size', 'depth', 'action')],
  ['striper: two landed on the dark needle in the last ten minutes: stay', 'salt', [st('pn-75-dark', 0, 25, [ev('landed', 16, inside), ev('landed', 23, lip)], { species: 'striped-bass', temperatureC: 15, water: 'surf', sky: 'night', currentMs: 0.4, bottomM: 3, fishFromM: 1, fishToM: 3, from: 'bank' })], stays],
  ['striper: needle drags and fouls the bottom three times: faster, shallower or lighter', 'salt', [st('pn-100-dark', 0, 20, [ev('snagged', 4), ev('snagged', 9), ev('snagged', 14)], { species: 'striped-bass', temperatureC: 15, water: 'surf', sky: 'night', currentMs: 0.2, bottomM: 2.5, fishFromM: 1, fishToM: 2.4, from: 'bank', cover: ['boulders'] })], changes('depth', 'pace', 'weight', 'hook', 'tactic')],
  ['redfish: spoon taken by three, all in the corner: stay', 'salt', [st('sp-gold-weed', 0, 30, [ev('landed', 6, lip), ev('landed', 15, lip), ev('landed', 28, lip)], red)], stays],
  ['redfish: spoon picks up grass every cast', 'salt', [st('sp-silver-weed', 0, 15, [ev('snagged', 3), ev('snagged', 6), ev('snagged', 9), ev('snagged', 12)], red)], changes('depth', 'hook', 'tactic', 'line', 'weight', 'pace')],
  ['seatrout slap at a walker and are not hooked: smaller, pause or below the surface', 'salt', [st('tw-walk-110', 0, 15, [ev('hit', 3, { when: 'surface' }), ev('hit', 7, { when: 'surface' }), ev('hit', 12, { when: 'surface' })], { species: 'spotted-seatrout', temperatureC: 22, water: 'estuary', visibilityM: 1.5, bottomM: 1.5, fishFromM: 0, fishToM: 1.2, cover: ['grass'], from: 'kayak' })], changes('pause', 'size', 'pace', 'tactic', 'depth')],
  ['pollack: jig for 45 min in the right depth without a touch: another', 'salt', [st('slj-130', 0, 45, [], { species: 'pollack', temperatureC: 12, water: 'sea', visibilityM: 6, bottomM: 38, fishFromM: 25, fishToM: 36, from: 'boat' })], goesOn],
  ['amberjack: slow jig taken as it falls, three times: stay', 'salt', [st('slj-180', 0, 30, [ev('landed', 8, { when: 'fall', hookedAt: 'lip' }), ev('lost', 15, { when: 'fall' }), ev('landed', 27, { when: 'fall', hookedAt: 'inside' })], { species: 'amberjack', temperatureC: 20, water: 'sea', bottomM: 55, fishFromM: 40, fishToM: 55, from: 'boat' })], stays],
  ['amberjack: slow jig gets hit on the way up only: the fast way', 'salt', [st('slj-180', 0, 25, [ev('hit', 8, { when: 'retrieve' }), ev('hit', 15, { when: 'winding-in' }), ev('landed', 21, { when: 'winding-in', hookedAt: 'lip' })], { species: 'amberjack', temperatureC: 20, water: 'sea', bottomM: 55, fishFromM: 40, fishToM: 55, from: 'boat' })], told(s => s.tactic === 'vertical-fast', 'tactic')],
  ['bass: hooked in the middle of the mouth on natural, then twice outside after the sun came: hot', 'lake', [st('sq-shad', 0, 30, [ev('landed', 4, inside), ev('landed', 17, { hookedAt: 'outside' }), ev('landed', 25, { hookedAt: 'outside' })], lm)], changes('colour')],
  ['bass: frog blown up on four times, none hooked: pause, smaller or slower below', 'lake', [st('tw-frog-white', 0, 20, [ev('hit', 3, { when: 'surface' }), ev('hit', 8, { when: 'surface' }), ev('hit', 12, { when: 'surface' }), ev('hit', 18, { when: 'surface' })], { ...lm, temperatureC: 26, cover: ['pads'], bottomM: 1.2, fishFromM: 0, fishToM: 1 })], changes('pause', 'pace', 'size', 'tactic', 'hook')],
  ['bass: spinnerbait nipped behind in open water, no trailer hook: trailer hook', 'lake', [st('sb-cw', 0, 15, [ev('peck', 4), ev('peck', 8), ev('peck', 12)], { ...lm, cover: ['open'] })], changes('hook', 'trailer', 'size')],
  ['bass: spinnerbait nipped in brush: no trailer hook there', 'lake', [st('sb-cw', 0, 15, [ev('peck', 4), ev('peck', 8), ev('peck', 12)], { ...lm, cover: ['brush'], bottomM: 2 })], told(s => s.trailerHook !== true, 'size', 'trailer', 'action', 'pace')],
  ['bass: worm dragged, picked up and dropped (pecks) in cold: smaller, longer', 'lake', [st('wm-big', 0, 25, [ev('peck', 8), ev('peck', 17)], { ...lm, temperatureC: 11, cover: ['rock'], fishFromM: 2, fishToM: 3 })], changes('size', 'pause', 'hook')],
  ['bass: school offshore bit six, then refuse the crank for 30 min: same depth otherwise', 'lake', [st('dd-shad', 0, 55, [ev('landed', 3, lip), ev('landed', 6, lip), ev('landed', 10, inside), ev('landed', 14, lip), ev('landed', 18, lip), ev('landed', 24, lip)], { ...lm, temperatureC: 28, bottomM: 6, fishFromM: 4.5, fishToM: 6, cover: ['shell'], grouping: 'schooled' })], changes('action', 'tactic')],
  ['bass: followers behind a swimbait at six metres, hot: a fall in the face', 'lake', [st('pt-big-15', 0, 20, [ev('follow', 5), ev('follow', 11), ev('follow', 17)], { ...lm, temperatureC: 28, bottomM: 8, fishFromM: 5, fishToM: 7, grouping: 'schooled', cover: ['clay'], forage: [{ kind: 'shad-large', lengthMm: 180 }] })], changes('tactic', 'pause', 'size')],
  ['smallmouth: tube touched nothing for 18 min although it is right: patience', 'lake', [st('tb-green', 0, 14, [], { ...sm, temperatureC: 14 })], stays],
  ['smallmouth: jerkbait in mud, 25 min without a touch', 'lake', [st('jb-silver', 0, 25, [], { ...sm, visibilityM: 0.3, stain: 'mud', temperatureC: 14 })], goesOn],
  ['trout: three landed on the spinner in twenty minutes of river: stay and go on with it', 'river', [st('sp-2-gold', 0, 22, [ev('landed', 3, lip), ev('landed', 11, lip), ev('landed', 20, lip)], trout)], stays],
  ['trout: spinner snags the gravel three times in ten minutes: lighter, faster, higher', 'river', [st('sp-4-copper', 0, 12, [ev('snagged', 3), ev('snagged', 6), ev('snagged', 10)], { ...trout, bottomM: 0.7, fishFromM: 0.2, fishToM: 0.6 })], changes('depth', 'weight', 'pace', 'size', 'tactic', 'hook', 'line')],
  ['trout: two hours, five spinners of one size in vain: change the size or depth', 'river', ['sp-2-gold', 'sp-2-willow', 'sp-3-silver', 'sp-3-hot', 'sp-3-gold-ham'].map((id, i) => st(id, 24 * i, 24 * (i + 1), [], trout)), either(goesOn)],
  ['a lone follow in an hour of musky fishing: stay', 'lake', [st('gl-18', 0, 25, [ev('follow', 20)], { species: 'muskellunge', temperatureC: 12, visibilityM: 3, bottomM: 5, fishFromM: 1, fishToM: 4, from: 'boat', cover: ['rock'] })], either(stays, changes('tactic', 'pause', 'pace'))],
  ['musky: two followers at the boat: figure it out with a stop or another', 'lake', [st('gl-18', 0, 40, [ev('follow', 20), ev('follow', 36)], { species: 'muskellunge', temperatureC: 12, visibilityM: 3, bottomM: 5, fishFromM: 1, fishToM: 4, from: 'boat', cover: ['rock'] })], changes('pause', 'pace', 'size', 'tactic')],
  ['second colour brought one in five minutes after forty empty: back once', 'river', [st('jb-65-hang', 0, 40, [], trout), st('jb-65-hot', 40, 46, [ev('landed', 44, lip)], trout)], returns('jb-65-hang')],
  ['whiting: popper stopped, fish turn away: keep it moving', 'salt', [st('tw-pop-50', 0, 12, [ev('follow', 3), ev('follow', 6), ev('follow', 10)], { species: 'sand-whiting', temperatureC: 24, water: 'estuary', bottomM: 1, fishFromM: 0, fishToM: 1, from: 'wading', mood: 'aggressive' }, { presentation: { pauseS: 3 } })], changes('pause', 'pace', 'size')],
]

// prettier-ignore
export const SIXTH: readonly TripCase[] = [
  ['the wind dies and the sun comes: the spinnerbait that caught three is over', 'lake', [st('sb-ww-silver', 0, 30, [ev('landed', 5, lip), ev('landed', 14, lip), ev('landed', 26, inside)], { ...lm, windMs: 7, sky: 'overcast' }), st('sb-ww-silver', 30, 65, [], { ...lm, windMs: 0.5, sky: 'sun', visibilityM: 3 })], changes()],
  ['rain makes the water mud: the jerkbait is not found any more', 'lake', [st('jb-silver', 0, 30, [ev('landed', 9, lip), ev('landed', 21, inside)], { ...sm, temperatureC: 14 }), st('jb-silver', 30, 62, [], { ...sm, temperatureC: 14, visibilityM: 0.3, stain: 'mud' })], changes()],
  ['the sun is on the water: below the surface', 'lake', [st('tw-walk-clear', 0, 40, [ev('landed', 10, lip), ev('hit', 22), ev('landed', 30, lip)], { ...lm, temperatureC: 23, sky: 'broken', at: '2026-06-01T04:50:00Z', latitude: 45, longitude: 0, fishFromM: 0, fishToM: 1 }), st('tw-walk-clear', 40, 62, [], { ...lm, temperatureC: 23, sky: 'sun', at: '2026-06-01T08:30:00Z', latitude: 45, longitude: 0, fishFromM: 1.5, fishToM: 3 })], told(s => s.presentation.depthM > 0.5, 'tactic', 'depth', 'action')],
  ['the tide runs: the light bucktail no longer gets down', 'salt', [st('bk-14-white', 0, 25, [ev('landed', 12, lip)], { species: 'striped-bass', temperatureC: 15, water: 'sea', currentMs: 0.1, bottomM: 7, fishFromM: 5, fishToM: 7, from: 'boat' }), st('bk-14-white', 25, 45, [], { species: 'striped-bass', temperatureC: 15, water: 'sea', currentMs: 0.9, bottomM: 7, fishFromM: 5, fishToM: 7, from: 'boat' }, { presentation: { depthM: 2.5, cadence: 'bottom-hop', speedMs: 0.3 } })], changes('lead', 'weight', 'depth', 'tactic')],
  ['fish go down on sonar: the plug runs over them', 'lake', [st('md-wide-shad', 0, 25, [ev('landed', 8, lip), ev('landed', 19, lip)], { ...lm, temperatureC: 25, bottomM: 8, fishFromM: 2, fishToM: 3.5 }), st('md-wide-shad', 25, 50, [], { ...lm, temperatureC: 25, bottomM: 8, fishFromM: 5.5, fishToM: 7, signs: ['fish-on-sonar'] }, { presentation: { depthM: 2.8, speedMs: 0.8, cadence: 'steady' } })], changes('depth', 'tactic')],
  ['a cold front: what was wound is wound slower or left', 'lake', [st('ll-gold', 0, 30, [ev('landed', 7, lip), ev('landed', 18, lip)], { ...lm, temperatureC: 17, mood: 'aggressive', trend: 'warming' }), st('ll-gold', 30, 65, [], { ...lm, temperatureC: 12, mood: 'lethargic', trend: 'cooling', sky: 'sun' }, { presentation: { speedMs: 1.4, depthM: 1.5, cadence: 'steady' } })], changes()],
  ['the river rises brown: the smallest black spinner catches nothing', 'river', [st('sp-0-black', 0, 30, [ev('landed', 6, lip), ev('landed', 20, lip)], trout), st('sp-0-black', 30, 62, [], { ...trout, visibilityM: 0.4, stain: 'brown', currentMs: 1, bottomM: 2.2, fishFromM: 1, fishToM: 2 })], changes()],
  ['three and a half grams over nine metres in a drift', 'lake', [st('ms-flat', 0, 14, [], { ...sm, bottomM: 9, fishFromM: 8, fishToM: 9, windMs: 8 }, { rig: 'drop-shot-nose', presentation: { cadence: 'shake', sinkerG: 3.5, depthM: 6, speedMs: 0.2 } })], changes('lead', 'depth')],
  ['blades burned through cold mud', 'lake', [st('sb-cc-gold', 0, 18, [], { ...lm, temperatureC: 10, visibilityM: 0.3, stain: 'mud', cover: ['wood'], bottomM: 1.8, fishFromM: 0.5, fishToM: 1.6 }, { presentation: { speedMs: 1.6, depthM: 0.2, cadence: 'burn' } })], changes('pace', 'depth')],
  ['metal held twenty metres over the fish on sonar', 'salt', [st('spj-200', 0, 16, [], { species: 'amberjack', temperatureC: 21, water: 'sea', bottomM: 60, fishFromM: 45, fishToM: 58, signs: ['fish-on-sonar'], from: 'boat' }, { presentation: { depthM: 22, speedMs: 1.2, cadence: 'vertical-fast' } })], changes('depth')],
  ['a soft stick wound in like a spoon', 'lake', [st('st-green', 0, 18, [], { ...lm, temperatureC: 20, cover: ['dock'] }, { rig: 'wacky', presentation: { speedMs: 1.2, depthM: 0.5, cadence: 'steady' } })], changes('pace', 'tactic', 'depth', 'pause')],
  ['a loaded needle torn along the top at night', 'salt', [st('pn-75-dark', 0, 18, [], { species: 'striped-bass', temperatureC: 15, water: 'surf', sky: 'night', currentMs: 0.4, bottomM: 3, fishFromM: 1.5, fishToM: 3, from: 'bank' }, { presentation: { speedMs: 1.9, depthM: 0.1, cadence: 'countdown-steady' } })], changes('pace', 'depth')],
  ['two rods worth of bites on the first, none on the second: back', 'lake', [st('sb-cw', 0, 30, [ev('landed', 6, lip), ev('hit', 14), ev('landed', 25, inside)], lm), st('md-wide-shad', 30, 55, [], lm)], either(returns('sb-cw'), changes())],
  ['taken on the pause three times: stay', 'lake', [st('jb-silver', 0, 28, [ev('landed', 7, { ...inside, when: 'pause' }), ev('landed', 16, { ...lip, when: 'pause' }), ev('landed', 26, { ...inside, when: 'pause' })], { ...lm, temperatureC: 13 })], stays],
  ['follows, then pecks: smaller or a pause', 'lake', [st('gl-12', 0, 30, [ev('follow', 5), ev('follow', 11), ev('peck', 18), ev('follow', 22), ev('peck', 27)], { ...lm, temperatureC: 19, visibilityM: 3 })], changes('size', 'pause', 'tactic', 'pace', 'action')],
  ['blues cut it off twice', 'salt', [st('jb-120-eel', 0, 20, [ev('hit', 4), ev('lure-lost', 9), ev('hit', 12), ev('lure-lost', 17)], { species: 'bluefish', temperatureC: 18, water: 'surf', bottomM: 2, fishFromM: 0, fishToM: 2, from: 'bank', signs: ['surface-feeding'] }, { outfitId: 'o-shore' })], changes('line', 'hook', 'tactic')],
  ['one at last, two minutes ago, after fifty empty: stay with it', 'river', [st('jb-65-hang', 0, 52, [ev('landed', 50, inside)], trout)], stays],
  ['three lost outside on trebles: colour or hooks', 'salt', [st('jb-90-hang', 0, 25, [ev('lost', 6, { hookedAt: 'outside' }), ev('lost', 13, { hookedAt: 'outside' }), ev('lost', 22, { hookedAt: 'outside' })], { ...bass, temperatureC: 17 })], changes('colour', 'hook')],
  ['spoon trolled too slowly to kick', 'river', [st('tr-spoon-orange', 0, 30, [], { species: 'landlocked-salmon', temperatureC: 10, water: 'lake', visibilityM: 4, bottomM: 12, fishFromM: 1, fishToM: 4, from: 'boat', forage: [{ kind: 'smelt', lengthMm: 80 }] }, { presentation: { speedMs: 0.3, depthM: 2, cadence: 'troll' } })], changes('pace')],
  ['bream tap at a plug by the racks: smaller or left longer', 'salt', [st('jb-55-bream', 0, 18, [ev('peck', 4), ev('peck', 9), ev('peck', 15)], { species: 'bream', temperatureC: 22, water: 'estuary', visibilityM: 2, bottomM: 2, fishFromM: 0.3, fishToM: 1.6, from: 'kayak', cover: ['shell'] })], changes('size', 'pause', 'pace', 'tactic', 'action')],
  ['pike on wire: a lure lost in open water is a knot, not teeth', 'lake', [st('swb-20', 0, 14, [ev('lure-lost', 6), ev('landed', 12, lip)], { ...pike, cover: ['open'] }, { outfitId: 'o-pike' })], stays],
  ['pike: a jerkbait gone on nylon: wire first', 'lake', [st('jb-gold', 0, 14, [ev('hit', 5), ev('lure-lost', 8)], pike, { outfitId: 'o-jerk' })], changes('line')],
  ['bluefish: gone among snags is a snag', 'salt', [st('cm-40', 0, 20, [ev('snagged', 4), ev('lure-lost', 9), ev('snagged', 15)], { species: 'bluefish', temperatureC: 18, water: 'sea', bottomM: 5, fishFromM: 1, fishToM: 4, from: 'bank', cover: ['boulders'] }, { outfitId: 'o-shore' })], changes('depth', 'hook', 'tactic', 'lead')],
  ['walleye: five landed in the dusk, still biting', 'lake', [st('jh-zander-14', 0, 40, [ev('landed', 6, lip), ev('landed', 15, inside), ev('landed', 22, lip), ev('landed', 31, lip), ev('landed', 38, inside)], wal)], stays],
  ['walleye: pecked off behind the hook on the head: shorter', 'lake', [st('gb-white', 0, 20, [ev('peck', 5), ev('peck', 9), ev('peck', 15)], wal, { rig: 'threaded-head' })], changes('size', 'hook', 'pause')],
  ['the jig snags and is lost on a shell bar: lighter, higher or guarded', 'lake', [st('jfb-18', 0, 25, [ev('snagged', 4), ev('lure-lost', 10), ev('snagged', 15), ev('snagged', 22)], { ...lm, temperatureC: 26, bottomM: 5, fishFromM: 4, fishToM: 5, cover: ['shell'] })], changes('lead', 'weight', 'tactic', 'depth', 'hook', 'line')],
  ['nothing in forty minutes of the third lure of one kind: something else', 'lake', [st('sq-chart', 0, 40, [], lm), st('sq-craw', 40, 80, [], lm), st('sq-shad', 80, 120, [], lm)], changes('size', 'depth', 'tactic', 'action')],
]

// prettier-ignore
export const SEVENTH: readonly TripCase[] = [
  ['smallmouth follow a hard-jerked plug in view: let it hang', 'lake', [st('jb-silver', 0, 18, [ev('follow', 4), ev('follow', 9), ev('follow', 15)], { ...sm, temperatureC: 15, signs: ['followers-seen'] }, { presentation: { cadence: 'jerk-pause', pauseS: 1, depthM: 1.2 } })], changes('pause', 'pace', 'tactic')],
  ['spinnerbait in fallen wood, short hits: no trailer hook in cover', 'lake', [st('sb-cw', 0, 18, [ev('peck', 4), ev('peck', 9), ev('peck', 15)], { ...lm, cover: ['wood'] })], told(() => true, 'trailer', 'size', 'pace', 'action', 'colour', 'tactic')],
  ['spinnerbait in the open, short hits: the trailer hook', 'lake', [st('sb-ww-silver', 0, 18, [ev('peck', 4), ev('peck', 9), ev('peck', 15)], lm)], changes('hook', 'trailer')],
  ['pale grub slapped, dark one taken at once: back to the first once', 'lake', [st('md-wide-shad', 0, 30, [ev('landed', 6, { hookedAt: 'outside' }), ev('lost', 22, { hookedAt: 'outside' })], lm), st('md-wide-hot', 30, 33, [ev('landed', 32, inside)], lm)], either(returns('md-wide-shad'), stays)],
  ['zander in the river, bottom never felt: heavier', 'river', [st('pt-110-white', 0, 25, [], { species: 'zander', temperatureC: 13, water: 'river', currentMs: 0.6, visibilityM: 1, bottomM: 6, fishFromM: 5.3, fishToM: 6, from: 'bank', cover: ['rock'] }, { presentation: { cadence: 'bottom-hop', headG: 5, depthM: 3 } })], changes('lead', 'weight', 'depth')],
  ['kingfish chase fast metal up and turn away: slower, or another fall', 'salt', [st('spj-200', 0, 25, [ev('follow', 6), ev('follow', 13), ev('follow', 20)], { species: 'amberjack', temperatureC: 20, water: 'sea', visibilityM: 8, bottomM: 45, fishFromM: 30, fishToM: 44, from: 'boat', cover: ['rock'], signs: ['fish-on-sonar'] }, { presentation: { cadence: 'vertical-fast' } })], changes('tactic', 'pace', 'pause', 'size')],
  ['slow jig taken on the drop, three times: stay', 'salt', [st('slj-180', 0, 30, [ev('landed', 8, { when: 'fall', hookedAt: 'lip' }), ev('hit', 17, { when: 'fall' }), ev('landed', 26, { when: 'fall', hookedAt: 'inside' })], { species: 'amberjack', temperatureC: 20, water: 'sea', visibilityM: 8, bottomM: 45, fishFromM: 30, fishToM: 44, from: 'boat', cover: ['rock'] }, { presentation: { cadence: 'vertical-slow' } })], stays],
  ['a crank digs into rock and hangs three times: shallower, thicker line, another bait', 'lake', [st('dd-shad', 0, 15, [ev('snagged', 3), ev('snagged', 8), ev('snagged', 13)], { ...lm, bottomM: 2.6, fishFromM: 1.6, fishToM: 2.6, cover: ['rock', 'boulders'] })], changes('depth', 'line', 'tactic', 'hook', 'weight')],
  ['silver metal with a treble fouls the flat’s grass: weedless', 'salt', [st('ds-28-silver', 0, 15, [ev('snagged', 2), ev('snagged', 6), ev('snagged', 11)], red)], changes('tactic', 'depth', 'weight', 'hook', 'lead', 'pace')],
  ['perch: five, then nothing for half an hour though they show', 'lake', [st('jh-perch-5', 0, 52, [ev('landed', 3, lip), ev('landed', 7, lip), ev('landed', 12, lip), ev('landed', 16, inside), ev('landed', 20, lip)], { species: 'perch', temperatureC: 16, visibilityM: 3, bottomM: 5, fishFromM: 3.5, fishToM: 5, from: 'boat', cover: ['gravel'], signs: ['fish-on-sonar'], grouping: 'schooled' })], changes('action', 'tactic', 'pace', 'size', 'colour')],
  ['trout follow the spinner to the feet and turn', 'river', [st('sp-3-hot', 0, 20, [ev('follow', 4), ev('follow', 10), ev('follow', 16)], { ...trout, sky: 'sun' })], changes('size', 'colour', 'pace', 'pause', 'tactic', 'action')],
  ['drop shot eaten while winding in, twice: they want it level', 'lake', [st('ms-fork', 0, 25, [ev('landed', 9, { when: 'winding-in', hookedAt: 'lip' }), ev('hit', 20, { when: 'winding-in' })], { ...sm, bottomM: 7, fishFromM: 4, fishToM: 7 }, { rig: 'drop-shot-nose' })], changes('tactic')],
  ['three smallmouth thrown on the jump from a stiff rod: rod or hooks', 'lake', [st('sq-shad', 0, 25, [ev('lost', 5), ev('lost', 12), ev('lost', 20)], sm, { outfitId: 'o-flip' })], changes('hook')],
  ['two and a half hours, five lures, all at one metre, pike known to be there', 'lake', [st('cs-gold', 0, 30, [], pike), st('cs-silver', 30, 60, [], pike), st('sb-pike', 60, 95, [], pike), st('jb-gold', 95, 130, [], pike), st('cs-redwhite', 130, 155, [], pike)], changes('depth', 'size', 'tactic', 'action')],
  ['sea bass by night: two and a hit on the needle: stay', 'salt', [st('pn-57-wood', 0, 30, [ev('landed', 8, inside), ev('hit', 17), ev('landed', 26, lip)], { ...bass, sky: 'night' })], stays],
  ['snook slap a white jig under the lights: darker', 'salt', [st('bk-28-white', 0, 20, [ev('lost', 6, { hookedAt: 'outside' }), ev('landed', 14, { hookedAt: 'outside' })], snk)], changes('colour')],
  ['cold lake, a plug wound on without stopping', 'lake', [st('jb-deep', 0, 25, [], { ...lm, temperatureC: 7, mood: 'lethargic' }, { presentation: { cadence: 'steady', speedMs: 1, depthM: 2.2 } })], changes('pace', 'pause', 'tactic')],
  ['walleye on the reef in a blow: two at once, stay', 'lake', [st('md-wide-shad', 0, 9, [ev('landed', 4, lip), ev('landed', 8, inside)], { ...wal, windMs: 8 })], stays],
  ['red drum peck a whole shrimp: shorter or left longer', 'salt', [st('sh-90-cut', 0, 18, [ev('peck', 4), ev('peck', 9), ev('peck', 14)], red, { rig: 'threaded-head' })], changes('size', 'pause', 'hook', 'pace')],
  ['a hard thump and the line runs off: stay and pick it apart', 'lake', [st('jf-brown-14', 0, 12, [ev('landed', 10, inside)], { ...lm, cover: ['wood'] }, { trailerId: 'tr-craw-small' })], stays],
]
