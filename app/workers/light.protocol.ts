import type { ColourScene, LureLooks, View } from '#core/light'

/** A question to the colour bench: some lures in one water, at several depths, from several distances. */
export interface ColourRequest {
  readonly scene: Omit<ColourScene, 'depthM'>
  readonly lures: readonly { readonly id: string; readonly looks: LureLooks }[]
  /** At which it is judged [m]. */
  readonly depthM: number
  /** At which swatches are painted [m]. */
  readonly depthsM: readonly number[]
}

export interface SeenLure {
  readonly id: string
  readonly conspicuousness: number
  readonly naturalness: number
  /** Per view: how strong (0..1), whether brighter than the water, and how much of it is hue (JND). */
  readonly views: readonly {
    readonly view: View
    readonly score: number
    readonly isBright: boolean
    readonly hue: number
    readonly brightness: number
  }[]
  /** Level distance at which it is lost [m]; `null`: not seen at all. */
  readonly reachM: number | null
  /** Contrast over distance [m, JND]. */
  readonly curve: readonly { readonly distanceM: number; readonly jnd: number }[]
  /** By depth, back, side, belly and blade. */
  readonly swatches: readonly (readonly string[])[]
}

export interface ColourAnswer {
  readonly lures: readonly SeenLure[]
  /** By depth: the water beside, its light [lx], and whether a swatch still means something. */
  readonly water: readonly { readonly hex: string; readonly lux: number; readonly isDark: boolean }[]
  readonly tookMs: number
}

export interface LightApi {
  colours: (request: ColourRequest) => ColourAnswer
}
