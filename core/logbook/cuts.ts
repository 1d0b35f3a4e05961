import { LIGHTS, lightWord, type LightWord } from '#core/light'
import { classOf, classRange, DEPTH_CLASSES_M, SIZE_CLASSES_MM, SPEED_CLASSES_MS } from '#core/lure'
import type { Stretch } from './stretch'

/** Water temperatures [°C] and visibilities [m] are told apart at these borders. Assumed: steps that an angler would call different. */
export const TEMPERATURE_BORDERS_C = [4, 8, 12, 16, 20, 24, Infinity] as const
export const CLARITY_BORDERS_M = [0.4, 0.9, 1.8, 3.5, Infinity] as const
/** Winds [m/s] and hours of the local day at which anglers draw lines. Assumed. */
export const WIND_BORDERS_MS = [2, 5, 8, 12, Infinity] as const
export const HOUR_BORDERS = [4, 7, 10, 14, 17, 20, 24] as const
const SEASONS = ['winter', 'spring', 'summer', 'autumn'] as const
const MONTHS = 12

/** One way to sort the log: by lure, by colour, by light … */
export interface Cut {
  readonly id: CutId
  /** Where a stretch belongs; `null`: not known. Classes by their index, names as they are. */
  readonly of: (stretch: Stretch) => string | number | null
  /** Every value there is, where that is known beforehand: what was never fished shows as a blank. */
  readonly all: readonly (string | number)[] | null
  /** Borders of classes, for their names. */
  readonly borders?: readonly number[]
}

export const CUT_IDS = [
  'lure',
  'family',
  'colour',
  'size',
  'depth',
  'speed',
  'action',
  'light',
  'temperature',
  'clarity',
  'wind',
  'hour',
  'tide',
  'place',
  'season',
  'month',
  'species',
] as const
export type CutId = (typeof CUT_IDS)[number]

const indices = (borders: readonly number[]) => borders.map((_, i) => i)
const named = (id: CutId, of: Cut['of'], all: Cut['all'] = null): Cut => ({ id, of, all })
const classed = (id: CutId, borders: readonly number[], of: Cut['of']): Cut => ({
  id,
  of,
  all: indices(borders),
  borders,
})

export const CUTS: Readonly<Record<CutId, Cut>> = {
  lure: named('lure', s => s.lureId),
  family: named('family', s => s.profile?.lure.family ?? null),
  colour: named('colour', s => s.traits?.colour ?? null),
  size: classed('size', SIZE_CLASSES_MM, s => s.traits?.size ?? null),
  depth: classed('depth', DEPTH_CLASSES_M, s => (s.stint.depthM == null ? null : (s.traits?.depth ?? null))),
  speed: classed('speed', SPEED_CLASSES_MS, s => (s.stint.speedMs == null ? null : (s.traits?.speed ?? null))),
  action: named('action', s => s.traits?.action ?? null),
  light: named('light', lightOf, LIGHTS),
  temperature: classed('temperature', TEMPERATURE_BORDERS_C, s =>
    s.reading ? classOf(TEMPERATURE_BORDERS_C, s.reading.temperatureC) : null,
  ),
  clarity: classed('clarity', CLARITY_BORDERS_M, s =>
    s.reading ? classOf(CLARITY_BORDERS_M, s.reading.visibilityM) : null,
  ),
  wind: classed('wind', WIND_BORDERS_MS, s => (s.reading ? classOf(WIND_BORDERS_MS, s.reading.windMs) : null)),
  hour: classed('hour', HOUR_BORDERS, s => classOf(HOUR_BORDERS, hourOf(s))),
  tide: named('tide', s => s.reading?.tide ?? null, null),
  place: named('place', s => s.placeId),
  season: named('season', s => SEASONS[Math.floor(((monthOf(s) + 1) % MONTHS) / 3)]!, SEASONS),
  month: named(
    'month',
    s => monthOf(s),
    Array.from({ length: MONTHS }, (_, i) => i),
  ),
  species: named('species', s => s.reading?.species ?? null),
}

/** The almanac is asked once for each stretch: a page cuts by light several times. */
const lights = new WeakMap<Stretch, LightWord | null>()

function lightOf(stretch: Stretch): LightWord | null {
  let light = lights.get(stretch)
  if (light === undefined) {
    const { reading, start } = stretch
    light = reading && lightWord({ ...reading, at: start })
    lights.set(stretch, light)
  }
  return light
}

/** Month of the year, 0 January, by the northern calendar: south of the equator half a year is added. */
function monthOf({ start, reading }: Stretch): number {
  // The local date as it was written down, where the text has it.
  const month = Number(start.slice(5, 7)) - 1
  return (month + (reading && reading.latitude < 0 ? MONTHS / 2 : 0)) % MONTHS
}

/** Hour of the local day in the middle of a stretch, as it was written down: a text has its own clock. */
function hourOf({ start, hours }: Stretch): number {
  return (Number(start.slice(11, 13)) + Number(start.slice(14, 16)) / 60 + hours / 2) % 24
}

/** The borders of a cut's class in its own unit; `null` where the cut has no classes. */
export function rangeIn({ borders }: Cut, value: string | number): readonly [number, number] | null {
  return borders && typeof value === 'number' ? classRange(borders, value) : null
}
