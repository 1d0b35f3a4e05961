import type { ForecastHour } from '#core/pack'
import type { Reading } from '#core/reading'

/** What a pack has to hold: at least so many of these; and lures that nobody would take there. Boxes and ids of the corpus (handbook §5, §8, §17, §23.1; common practice, no source). */
export interface DayToPack {
  readonly name: string
  readonly box: 'lake' | 'river' | 'salt'
  readonly from: Reading
  readonly forecast: readonly ForecastHour[]
  readonly rods: number
  readonly lures: number
  readonly holds: readonly (readonly [least: number, of: readonly string[]])[]
  readonly never: readonly string[]
  /** Rods, or parts, of which at least one goes along. */
  readonly with: readonly string[]
}

/** Every hour of a day, with wind by noon. */
function hours(day: string, waterC: number, cloud: number): readonly ForecastHour[] {
  return Array.from({ length: 24 }, (_, h) => ({
    at: `${day}T${String(h).padStart(2, '0')}:00:00Z`,
    waterC,
    cloud: h % 2 === 0 ? cloud : 1 - cloud,
    windMs: 1 + 4 * Math.abs(Math.sin((Math.PI * h) / 24)),
    rainMm: 0,
  }))
}

const HEADS = [
  'hd-round-3-5',
  'hd-round-5',
  'hd-round-7',
  'hd-mushroom-5',
  'hd-dart-7',
  'jh-round-3-5',
  'jh-round-5',
  'jh-foot-7',
  'jh-round-7',
  'jh-round-10-5',
]

// prettier-ignore
export const DAYS_TO_PACK: readonly DayToPack[] = [
  { name: 'bass round docks in summer', box: 'lake', rods: 3, lures: 8, forecast: hours('2026-06-20', 26, 0.2),
    from: { species: 'largemouth-bass', latitude: 34, longitude: -85, water: 'reservoir', from: 'boat', temperatureC: 26, visibilityM: 2, stain: 'green', bottomM: 3, fishFromM: 0.5, fishToM: 2.5, cover: ['dock', 'wood'], forage: [{ kind: 'shad-small', lengthMm: 80 }], mood: 'neutral' },
    holds: [[1, ['st-green', 'st-black', 'wm-fin', 'wm-rib', 'jn-7', 'jf-dark-10', 'jf-dark-14', 'jf-brown-14', 'sj-white']], [1, ['sq-shad', 'sq-craw', 'sq-chart', 'sb-cw', 'sb-red', 'sb-ww-silver', 'sb-ww-gold', 'js-white', 'tw-pop', 'tw-walk-bone']]],
    never: ['is-micro', 'um-5', 'gl-18', 'swb-20', 'is-buck-orange', 'fly-minnow'], with: ['o-ds-fast', 'o-sb', 'o-spin', 'o-flip', 'o-crank'] },
  { name: 'pike over grass in autumn', box: 'lake', rods: 3, lures: 8, forecast: hours('2026-10-12', 12, 0.9),
    from: { species: 'northern-pike', latitude: 52, longitude: 10, water: 'lake', from: 'boat', temperatureC: 12, visibilityM: 2, stain: 'green', bottomM: 4, fishFromM: 1, fishToM: 3, coverTopM: 2, cover: ['grass'], forage: [{ kind: 'bleak', lengthMm: 130 }], mood: 'neutral' },
    holds: [[2, ['gl-18', 'gl-12', 'swb-20', 'pt-big-15', 'pt-giant-22', 'sb-pike', 'is-buck-orange', 'is-buck-black', 'jb-float', 'jb-gold', 'jb-sink']]],
    never: ['is-micro', 'vj-10', 'wm-leech', 'bl-gold-7', 'jh-perch-5', 'cr-perch', 'fly-minnow'], with: ['o-pike', 'o-big', 'o-flip'] },
  { name: 'perch on gravel in autumn', box: 'lake', rods: 2, lures: 8, forecast: hours('2026-09-20', 14, 0.4),
    from: { species: 'perch', latitude: 52, longitude: 10, water: 'lake', from: 'boat', temperatureC: 14, visibilityM: 3, stain: 'clear', bottomM: 6, fishFromM: 4, fishToM: 6, cover: ['gravel'], forage: [{ kind: 'bleak', lengthMm: 50 }], mood: 'neutral' },
    holds: [[3, ['ms-fork', 'ms-flat', 'jh-perch-5', 'pt-thin-7', 'gb-white', 'wm-leech', 'wm-fin', 'hj-black']], [1, ['is-silver', 'is-micro', 'ts-shad', 'bl-gold-7', 'cr-perch', 'cr-flat', 'vj-10', 'jb-small', 'md-tight-hot', 'll-gold']]],
    never: ['gl-18', 'swb-20', 'pt-giant-22', 'sb-pike', 'wm-big', 'fs-cupped-19', 'um-5', 'tw-frog-black'], with: HEADS },
  { name: 'trout, wading a river', box: 'river', rods: 1, lures: 8, forecast: hours('2026-05-10', 11, 0.4),
    from: { species: 'brown-trout', latitude: 52, longitude: 10, water: 'river', from: 'wading', temperatureC: 11, visibilityM: 2.5, stain: 'clear', currentMs: 0.4, bottomM: 1.5, fishFromM: 0.4, fishToM: 1.3, cover: ['gravel', 'boulders'], forage: [{ kind: 'minnow', lengthMm: 55 }], mood: 'neutral' },
    holds: [[1, ['sp-1-silver', 'sp-2-gold', 'sp-2-willow', 'sp-3-silver', 'sp-3-gold-ham']], [1, ['jb-50-sink', 'jb-55-float', 'jb-65-hang', 'jb-90-smelt', 'ck-mini-nat', 'ck-craw']]],
    never: ['lj-40', 'sw-140', 'hj-21-white', 'salmon-plug', 'cm-28', 'tube-100-white'], with: ['o-light', 'o-long-light', 'o-ul'] },
  { name: 'zander from the bank of a river', box: 'river', rods: 2, lures: 8, forecast: hours('2026-10-10', 13, 0.9),
    from: { species: 'zander', latitude: 52, longitude: 10, water: 'river', from: 'bank', temperatureC: 13, visibilityM: 1, stain: 'green', currentMs: 0.2, bottomM: 4, fishFromM: 3.2, fishToM: 4, cover: ['rock'], forage: [{ kind: 'bleak', lengthMm: 90 }], mood: 'neutral' },
    holds: [[2, ['pt-75', 'pt-75-chart', 'pt-110-white', 'tube-100-white', 'ft-65', 'hj-10-white', 'hj-21-white', 'bb-10-gold']], [1, ['jb-110-deep', 'ck-deep-55', 'salmon-plug', 'sp-4-copper', 'bb-10-gold']]],
    never: ['micro-olive', 'micro-white', 'sp-0-black', 'st-bug', 'tw-pop-60', 'tr-spoon-orange', 'lj-40'], with: HEADS },
  { name: 'stripers in the surf by night', box: 'salt', rods: 2, lures: 8, forecast: hours('2026-10-02', 15, 0.5),
    from: { species: 'striped-bass', sky: 'night', latitude: 41, longitude: -71, water: 'surf', from: 'wading', salinityPsu: 32, temperatureC: 15, visibilityM: 2, stain: 'clear', currentMs: 0.4, bottomM: 3, fishFromM: 1, fishToM: 3, cover: ['sand', 'boulders'], forage: [{ kind: 'sand-eel', lengthMm: 130 }], mood: 'neutral' },
    holds: [[1, ['pn-75-dark', 'pn-75-treble', 'pn-85-dark', 'pn-48-dark', 'pn-100-dark']], [3, ['pn-75-dark', 'pn-75-treble', 'pn-85-dark', 'pn-48-dark', 'pn-75-bone', 'jb-120-eel', 'jb-140-bone', 'jb-140-dark', 'pt-150-eel', 'jh-eel-20', 'sjk-125']]],
    never: ['jb-55-bream', 'ck-36', 'tw-pop-50', 'cb-45', 'wm-50', 'st-fry', 'spj-200', 'cm-10'], with: ['o-surf'] },
  { name: 'mackerel from a pier', box: 'salt', rods: 2, lures: 6, forecast: hours('2026-07-10', 15, 0.2),
    from: { species: 'mackerel', latitude: 50, longitude: -2, water: 'sea', from: 'bank', salinityPsu: 35, temperatureC: 15, visibilityM: 4, stain: 'clear', bottomM: 8, fishFromM: 1, fishToM: 5, cover: ['pier'], forage: [{ kind: 'whitebait', lengthMm: 55 }], mood: 'aggressive' },
    holds: [[3, ['cm-10', 'cm-20', 'cm-30-eel', 'cm-40', 'cm-40-pink', 'ds-28-silver']]],
    never: ['jb-55-bream', 'cb-45', 'wm-180', 'sw-180', 'tw-pop-120', 'pn-57-wood', 'bj-9-dark'], with: ['o-shore'] },
  { name: 'kingfish on a reef', box: 'salt', rods: 3, lures: 6, forecast: hours('2026-02-09', 20, 0.3),
    from: { species: 'amberjack', latitude: -34, longitude: 151, water: 'sea', from: 'boat', salinityPsu: 35, temperatureC: 20, visibilityM: 8, stain: 'clear', currentMs: 0.3, bottomM: 60, fishFromM: 40, fishToM: 60, cover: ['rock'], mood: 'neutral' },
    holds: [[1, ['spj-200', 'spj-200-pink', 'spj-250', 'spj-100', 'spj-150-short']], [2, ['slj-80', 'slj-130', 'slj-180', 'slj-180-pink', 'slj-250']]],
    never: ['pt-75', 'ck-36', 'sh-75', 'sp-gold-weed', 'jb-90-hang', 'cb-45'], with: ['o-slow', 'o-long'] },
  { name: 'red drum on a flat', box: 'salt', rods: 2, lures: 8, forecast: hours('2026-10-05', 23, 0.2),
    from: { species: 'red-drum', latitude: 29, longitude: -90, water: 'estuary', from: 'kayak', salinityPsu: 18, temperatureC: 23, visibilityM: 0.8, stain: 'brown', bottomM: 1, fishFromM: 0.2, fishToM: 1, cover: ['grass'], forage: [{ kind: 'shrimp', lengthMm: 70 }], mood: 'neutral' },
    holds: [[1, ['sp-gold-weed', 'sb-14-gold', 'bj-9-dark', 'pt-100-dark']], [1, ['sh-75', 'sh-90-cut', 'sh-50', 'cb-45', 'pt-75', 'sjk-125']]],
    never: ['spj-200', 'slj-180', 'pn-85-dark', 'cm-85', 'jb-130-deep', 'st-fry'], with: ['o-flats', 'o-shore'] },
  { name: 'walleye in spring', box: 'lake', rods: 2, lures: 8, forecast: hours('2026-05-10', 10, 0.9),
    from: { species: 'walleye', latitude: 46, longitude: -93, water: 'lake', from: 'boat', temperatureC: 10, visibilityM: 2, stain: 'green', bottomM: 5, fishFromM: 3.5, fishToM: 5, cover: ['gravel', 'rock'], forage: [{ kind: 'minnow', lengthMm: 70 }], mood: 'neutral' },
    holds: [[2, ['ms-fork', 'ms-flat', 'gb-white', 'jh-zander-14', 'pt-slim-10', 'pt-slim-hot', 'pt-thin-10', 'wm-fin', 'hj-black', 'bl-gold-14']], [1, ['md-wide-shad', 'dd-shad', 'll-gold', 'jb-deep', 'jb-silver', 'cr-flat', 'md-tight-hot', 'md-wide-hot']]],
    never: ['tw-frog-black', 'tw-frog-white', 'gl-18', 'swb-20', 'is-buck-orange', 'um-5', 'sb-pike'], with: HEADS },
  { name: 'smallmouth on a rocky lake in summer', box: 'lake', rods: 3, lures: 8, forecast: hours('2026-07-15', 22, 0.2),
    from: { species: 'smallmouth-bass', latitude: 45, longitude: -80, water: 'lake', from: 'boat', temperatureC: 22, visibilityM: 5, stain: 'clear', bottomM: 8, fishFromM: 4, fishToM: 7.5, cover: ['boulders', 'rock'], forage: [{ kind: 'crayfish', lengthMm: 60 }], mood: 'neutral' },
    holds: [[2, ['ms-flat', 'ms-fork', 'wm-fin', 'wm-leech', 'tb-green', 'gb-white', 'jn-7', 'jfb-18', 'hj-black']], [1, ['jb-deep', 'jb-silver', 'jb-sink', 'sb-burn', 'tw-walk-clear', 'md-tight-hot', 'dd-shad', 'pt-slim-10', 'pt-thin-10', 'tw-pop', 'cr-flat']]],
    never: ['tw-frog-black', 'tw-frog-white', 'swb-20', 'um-5', 'is-buck-orange', 'is-buck-black', 'pt-giant-22', 'wm-big', 'sb-cc-black'], with: ['o-ds-fast', 'o-spin'] },
  { name: 'bass in muddy spring water', box: 'lake', rods: 3, lures: 8, forecast: hours('2026-04-08', 13, 0.9),
    from: { species: 'largemouth-bass', latitude: 35, longitude: -85, water: 'reservoir', from: 'boat', temperatureC: 13, trend: 'warming', visibilityM: 0.4, stain: 'mud', bottomM: 2.5, fishFromM: 0.5, fishToM: 2.2, cover: ['wood', 'rock'], forage: [{ kind: 'crayfish', lengthMm: 60 }], mood: 'neutral' },
    holds: [[1, ['sb-cc-gold', 'sb-cc-black', 'sb-painted', 'sb-cw', 'sb-red']], [1, ['jf-dark-10', 'jf-dark-14', 'jf-dark-21', 'bj-dark', 'cre-beaver', 'jf-brown-14']], [1, ['sq-chart', 'sq-craw', 'll-red', 'md-wide-hot', 'bj-chart', 'bj-dark', 'll-gold']]],
    never: ['tw-walk-clear', 'ms-fork', 'is-micro', 'fly-minnow', 'jb-small', 'um-5', 'gl-18', 'vj-10'], with: ['o-flip', 'o-sb', 'o-crank'] },
  { name: 'schooled bass deep offshore in August', box: 'lake', rods: 3, lures: 8, forecast: hours('2026-08-10', 29, 0.1),
    from: { species: 'largemouth-bass', latitude: 34, longitude: -86, water: 'reservoir', from: 'boat', temperatureC: 29, visibilityM: 2, stain: 'green', bottomM: 7, fishFromM: 5, fishToM: 7, cover: ['shell', 'brush'], forage: [{ kind: 'shad-large', lengthMm: 130 }], mood: 'neutral', grouping: 'schooled' },
    holds: [[1, ['fs-cupped-19', 'fs-flat-19', 'fs-cupped-13']], [1, ['dd-shad', 'jfb-18', 'wm-big', 'wm-rib', 'pt-big-15', 'pt-fat-10', 'sb-deep-w', 'sb-deep-c', 'um-5']]],
    never: ['is-micro', 'tw-frog-black', 'tw-frog-white', 'sq-craw', 'jh-perch-5', 'fly-minnow', 'sb-pike'], with: ['o-big', 'o-sb', 'o-pike', 'o-crank', 'o-flip'] },
  { name: 'winter bass on steep rock', box: 'lake', rods: 2, lures: 6, forecast: hours('2026-01-20', 6, 0.5),
    from: { species: 'spotted-bass', latitude: 35, longitude: -84, water: 'reservoir', from: 'boat', temperatureC: 6, visibilityM: 3, stain: 'clear', bottomM: 11, fishFromM: 8, fishToM: 11, cover: ['rock'], forage: [{ kind: 'shad-small', lengthMm: 60 }], mood: 'lethargic' },
    holds: [[2, ['vj-10', 'bl-gold-14', 'bl-gold-7', 'ts-shad', 'jfb-18', 'ms-fork', 'ms-flat', 'wm-fin', 'hj-black', 'gb-white', 'pt-thin-7']]],
    never: ['tw-buzz-black', 'tw-frog-black', 'tw-pop', 'sq-chart', 'sb-burn', 'bj-chart', 'gl-12', 'swb-20', 'is-buck-orange', 'sb-pike'], with: ['o-ds-fast', 'o-ds-xf', 'o-spin'] },
  { name: 'stocked trout in a pond', box: 'river', rods: 1, lures: 8, forecast: hours('2026-04-05', 10, 0.5),
    from: { species: 'rainbow-trout', latitude: 50, longitude: 8, water: 'pond', from: 'bank', temperatureC: 10, visibilityM: 2, stain: 'green', bottomM: 3, fishFromM: 0.3, fishToM: 2, cover: ['open'], mood: 'neutral' },
    holds: [[3, ['micro-olive', 'micro-hot', 'micro-white', 'cs-5-silver', 'cs-7-hot', 'sp-0-black', 'sp-1-silver', 'sp-2-gold', 'ck-mini-nat', 'ck-mini-hot', 'jb-50-sink', 'worm-60', 'hj-2-black', 'grub-50-smoke', 'pt-50']]],
    never: ['lj-40', 'sw-140', 'hj-21-white', 'salmon-plug', 'cm-28', 'tube-100-white', 'pt-110-white', 'sb-10-col'], with: ['o-ul', 'o-light', 'o-long-light'] },
  { name: 'landlocked salmon in May, trolling after ice-out', box: 'river', rods: 2, lures: 8, forecast: hours('2026-05-02', 7, 0.8),
    from: { species: 'landlocked-salmon', latitude: 45, longitude: -70, water: 'lake', from: 'boat', temperatureC: 7, trend: 'warming', visibilityM: 5, stain: 'clear', bottomM: 15, fishFromM: 0.5, fishToM: 4, cover: ['open'], forage: [{ kind: 'smelt', lengthMm: 90 }], mood: 'neutral' },
    holds: [[2, ['tr-spoon-blue', 'tr-spoon-purple', 'tr-spoon-orange', 'tr-spoon-green', 'st-smelt', 'jb-90-smelt', 'cs-12-silver', 'jb-110-deep', 'st-hot']]],
    never: ['sb-10-col', 'tw-pop-60', 'tw-wake-dark', 'craw-60', 'bb-10-gold', 'micro-olive', 'worm-60', 'st-bug'], with: ['o-troll'] },
  { name: 'sea bass off boulders in autumn, from the shore', box: 'salt', rods: 2, lures: 8, forecast: hours('2026-10-08', 15, 0.8),
    from: { species: 'sea-bass', latitude: 51, longitude: -5, water: 'surf', from: 'bank', salinityPsu: 35, temperatureC: 15, visibilityM: 2, stain: 'green', currentMs: 0.3, waveM: 0.8, windMs: 6, bottomM: 3, fishFromM: 0.3, fishToM: 2.5, cover: ['boulders', 'kelp'], forage: [{ kind: 'sand-eel', lengthMm: 130 }], mood: 'neutral' },
    holds: [[2, ['jb-120-eel', 'jb-140-bone', 'jb-140-dark', 'jb-90-hang', 'sjk-125', 'pt-150-eel', 'jh-eel-20', 'pn-57-wood', 'pn-75-bone', 'pn-48-dark', 'pn-28-bone', 'pn-75-dark']], [1, ['tw-walk-110', 'tw-walk-90', 'tw-pop-120', 'cm-30-eel', 'cm-40', 'cm-60', 'ds-28-silver', 'jb-140-bone', 'jb-140-dark', 'jb-120-eel']]],
    never: ['jb-55-bream', 'ck-36', 'tw-pop-50', 'spj-200', 'spj-250', 'slj-180', 'slj-250', 'st-fry', 'wm-50', 'cb-45', 'sb-14-gold'], with: ['o-shore', 'o-surf', 'o-heavy'] },
  { name: 'pollack over a wreck', box: 'salt', rods: 2, lures: 6, forecast: hours('2026-06-15', 12, 0.5),
    from: { species: 'pollack', latitude: 50, longitude: -4, water: 'sea', from: 'boat', salinityPsu: 35, temperatureC: 12, visibilityM: 5, stain: 'clear', currentMs: 0.4, bottomM: 35, fishFromM: 18, fishToM: 32, cover: ['rock'], forage: [{ kind: 'sand-eel', lengthMm: 150 }], mood: 'neutral' },
    holds: [[2, ['pt-150-eel', 'jh-eel-20', 'sjk-125', 'pt-130-fat', 'pt-100-dark', 'wm-180', 'spj-100', 'spj-150-short', 'slj-80', 'slj-130', 'slj-180', 'cm-85', 'spj-200', 'slj-180-pink']]],
    never: ['jb-55-bream', 'ck-36', 'tw-pop-50', 'tw-walk-90', 'sh-50', 'wm-50', 'sb-14-gold', 'bj-9-white', 'cb-45', 'st-fry', 'sp-gold-weed', 'cm-10'], with: ['o-slow', 'o-long', 'o-speed-sp', 'o-speed-oh', 'o-heavy'] },
  { name: 'bream in a summer estuary', box: 'salt', rods: 1, lures: 8, forecast: hours('2026-01-12', 23, 0.2),
    from: { species: 'bream', latitude: -34, longitude: 151, water: 'estuary', from: 'kayak', salinityPsu: 25, temperatureC: 23, visibilityM: 1.8, stain: 'green', currentMs: 0.1, bottomM: 2, fishFromM: 0.3, fishToM: 1.9, cover: ['shell', 'mangrove'], forage: [{ kind: 'shrimp', lengthMm: 45 }], mood: 'neutral' },
    holds: [[1, ['ck-36', 'jb-55-bream', 'tw-pop-50', 'bb-7-gold']], [2, ['sh-50', 'wm-50', 'gr-60', 'cb-45', 'ms-75', 'sh-75', 'ck-36', 'tw-pop-50', 'jb-55-bream', 'st-fry']]],
    never: ['pn-75-dark', 'pn-100-dark', 'spj-200', 'slj-180', 'cm-60', 'cm-85', 'jb-140-dark', 'bk-57-dark', 'sw-180', 'wm-180', 'jh-eel-20', 'pt-150-eel'], with: ['o-est'] },
  { name: 'snook and their bridge by night', box: 'salt', rods: 2, lures: 6, forecast: hours('2026-06-18', 28, 0.3),
    from: { species: 'snook', sky: 'night', latitude: 27, longitude: -80, water: 'estuary', from: 'bank', salinityPsu: 28, temperatureC: 28, visibilityM: 2, stain: 'green', currentMs: 0.5, bottomM: 5, fishFromM: 1.5, fishToM: 5, cover: ['pier', 'current-seam'], forage: [{ kind: 'mullet', lengthMm: 120 }], mood: 'neutral' },
    holds: [[2, ['bk-14-white', 'bk-28-white', 'bk-43-white', 'bk-57-dark', 'pt-130-fat', 'pt-100-dark', 'pt-100-pearl', 'sh-90-cut', 'sh-150', 'jb-130-deep', 'jb-140-dark', 'jb-140-bone', 'sh-75', 'sjk-125']]],
    never: ['jb-55-bream', 'ck-36', 'tw-pop-50', 'st-fry', 'spj-200', 'spj-250', 'slj-180', 'cm-10', 'wm-50', 'cb-45', 'fl-180'], with: ['o-heavy', 'o-shore'] },
]
