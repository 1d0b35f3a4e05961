import { scaleLinear, type ScaleLinear } from 'd3'
import { bandAttenuation, lightLeft } from '#core/light'
import type { CompleteReading } from '#core/reading'

export interface ColumnScales {
  readonly x: ScaleLinear<number, number>
  readonly y: ScaleLinear<number, number>
  /** Pixel height of the water's surface. */
  readonly surface: number
  readonly bottom: number
}

/** Water from the surface down to a little below the bottom; air above it for rod and line. */
export function columnScales(
  reading: Pick<CompleteReading, 'bottomM'>,
  farM: number,
  size: { width: number; height: number },
  margin: { left: number; right: number; air: number; ground: number },
): ColumnScales {
  const y = scaleLinear([0, reading.bottomM], [margin.air, size.height - margin.ground])
  const x = scaleLinear([0, farM], [margin.left, size.width - margin.right])
  return { x, y, surface: y(0), bottom: y(reading.bottomM) }
}

export interface LightStop {
  readonly offset: number
  readonly colour: string
}

const STOPS = 14
/** Colour of daylight that comes back from just under the surface, on paper (day) or screen (night). Assumed. */
const PAPER: readonly [number, number, number] = [206, 219, 208]
/** The eye adapts: light is shown as a power of what is left, so that depth reads as darkening and not as black. Assumed. */
const ADAPTATION = 0.3

/** How the light fades with depth in this water: computed per band, drawn as a vertical gradient. */
export function lightStops({
  visibilityM,
  stain,
  bottomM,
  sky,
}: Pick<CompleteReading, 'visibilityM' | 'stain' | 'bottomM' | 'sky'>): LightStop[] {
  const Kd = bandAttenuation(visibilityM, stain)
  const night = sky === 'night' ? 0.18 : 1
  return Array.from({ length: STOPS + 1 }, (_, i) => {
    const left = lightLeft(Kd, (i / STOPS) * bottomM)
    const channel = (band: 0 | 1 | 2) => Math.round(PAPER[band] * night * left[band] ** ADAPTATION)
    return { offset: i / STOPS, colour: `rgb(${channel(0)} ${channel(1)} ${channel(2)})` }
  })
}
