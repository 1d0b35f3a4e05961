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
]
