import type { Pixels, Swatch } from '#core/palette'

export interface PhotoApi {
  palette: (pixels: Pixels) => readonly Swatch[]
}
