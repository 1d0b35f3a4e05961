/** The words by which anglers call plain colours; multi-coloured patterns have several, one a zone. */
export type ColourWord =
  | 'black'
  | 'white'
  | 'grey'
  | 'brown'
  | 'red'
  | 'orange'
  | 'yellow'
  | 'chartreuse'
  | 'green'
  | 'blue'
  | 'purple'
  | 'pink'
export const COLOUR_WORDS: readonly ColourWord[] = [
  'black',
  'white',
  'grey',
  'brown',
  'red',
  'orange',
  'yellow',
  'chartreuse',
  'green',
  'blue',
  'purple',
  'pink',
]

/** Upper hue of each name [°], after hue 0 is moved to the red/purple border at 345°. Assumed: colour names have no sharp borders. */
const HUES: readonly (readonly [number, ColourWord])[] = [
  [28, 'red'],
  [58, 'orange'],
  [72, 'yellow'],
  [96, 'chartreuse'],
  [190, 'green'],
  [270, 'blue'],
  [330, 'purple'],
  [360, 'pink'],
]
const TURN = 15
/** Lightness below which any colour is called black, above which white; chroma under which it has no hue. Assumed. */
const BLACK_BELOW = 0.17
const WHITE_ABOVE = 0.9
const GREY_CHROMA = 0.1
/** Dull or dark oranges and yellows, and what lies just beyond them, are called brown. */
const OLIVE_BELOW = 80
const BROWN = { chroma: 0.42, lightness: 0.42 } as const

/**
 * The everyday name of a paint.
 *
 * Error: names differ from person to person near the borders. Source: common practice, no source.
 *
 * @param hex sRGB `#rrggbb`
 */
export function colourWord(hex: string): ColourWord {
  const [r, g, b] = [1, 3, 5].map(i => Number.parseInt(hex.slice(i, i + 2), 16) / 255) as [number, number, number]
  const [high, low] = [Math.max(r, g, b), Math.min(r, g, b)]
  const lightness = (high + low) / 2
  const chroma = high - low
  if (lightness < BLACK_BELOW) return 'black'
  if (lightness > WHITE_ABOVE) return 'white'
  if (chroma < GREY_CHROMA) return 'grey'
  const sector = high === r ? ((g - b) / chroma + 6) % 6 : high === g ? (b - r) / chroma + 2 : (r - g) / chroma + 4
  const hue = (sector * 60 + TURN) % 360
  const name = HUES.find(([upTo]) => hue <= upTo)![1]
  const isWarm = name === 'orange' || name === 'yellow' || (name === 'chartreuse' && hue < OLIVE_BELOW)
  return isWarm && (chroma < BROWN.chroma || lightness < BROWN.lightness) ? 'brown' : name
}
