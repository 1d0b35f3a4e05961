import { lab, rgb } from 'd3-color'
import { kmeans } from 'ml-kmeans'

/** A small picture, row by row: red, green, blue, alpha, 0–255 each. */
export interface Pixels {
  readonly width: number
  readonly height: number
  readonly data: ArrayLike<number>
}

export interface Swatch {
  readonly hex: string
  /** Part of the picture's opaque pixels, 0..1. */
  readonly share: number
  /** Mean height in the picture, 0 top .. 1 bottom. */
  readonly at: number
  /** It holds the picture's border: most likely what the lure lies on. */
  readonly isBackground: boolean
}

/** More clusters split one paint into light and shade, fewer join two. Assumed. */
const CLUSTERS = 6
const MOST_PIXELS = 4096
/** A cluster with more than this share of the border is background. Assumed. */
const BORDER_SHARE = 0.2
const OPAQUE = 128
/** Any number: it only makes the answer the same each time. */
const SEED = 42

/**
 * The colours of a photo, by k-means in CIELAB (D50), largest first; background apart.
 *
 * Valid:  pictures of some thousand pixels; larger ones are thinned to about 4,000.
 * Error:  light and shade shift every colour; glints become a near-white swatch.
 * Source: Lloyd's algorithm with k-means++ seeding; CIELAB as the space because distances in it are near to what is seen.
 *
 * @throws {RangeError} if the data do not fill width × height × 4
 */
export function paletteOf({ width, height, data }: Pixels): readonly Swatch[] {
  if (!(width > 0 && height > 0) || data.length !== width * height * 4)
    throw new RangeError(`paletteOf: data must hold ${width}×${height}×4 values, got ${data.length}`)
  const step = Math.max(1, Math.ceil(Math.sqrt((width * height) / MOST_PIXELS)))
  const points: { colour: [number, number, number]; y: number; onBorder: boolean }[] = []
  for (let y = 0; y < height; y += step) {
    for (let x = 0; x < width; x += step) {
      const i = (y * width + x) * 4
      if (data[i + 3]! < OPAQUE) continue
      const { l, a, b } = lab(rgb(data[i]!, data[i + 1]!, data[i + 2]!))
      points.push({
        colour: [l, a, b],
        y: height > 1 ? y / (height - 1) : 0.5,
        onBorder: x < step || y < step || x >= width - step || y >= height - step,
      })
    }
  }
  if (points.length === 0) return []
  const distinct = new Set(points.map(p => p.colour.join()))
  const { clusters, centroids } = kmeans(
    points.map(p => p.colour),
    Math.min(CLUSTERS, distinct.size),
    { seed: SEED, initialization: 'kmeans++' },
  )
  const borderCount = points.filter(p => p.onBorder).length
  return centroids
    .map((centre, k): Swatch => {
      const members = points.filter((_, i) => clusters[i] === k)
      const [l, a, b] = centre as [number, number, number]
      return {
        hex: lab(l, a, b).formatHex(),
        share: members.length / points.length,
        at: members.reduce((sum, p) => sum + p.y, 0) / Math.max(1, members.length),
        isBackground: members.filter(p => p.onBorder).length > BORDER_SHARE * borderCount,
      }
    })
    .filter(s => s.share > 0)
    .sort((a, b) => b.share - a.share)
}

export interface Zones {
  readonly back: string
  readonly side: string
  readonly belly: string
}

/**
 * Which swatch is the lure's back, side and belly: of those that are not background, the highest, the largest and the lowest in the picture.
 *
 * @returns `null` when everything is background
 */
export function zonesOf(swatches: readonly Swatch[]): Zones | null {
  const own = swatches.filter(s => !s.isBackground)
  const side = own[0]
  if (!side) return null
  const pick = (better: (a: Swatch, b: Swatch) => boolean) => own.reduce((best, s) => (better(s, best) ? s : best)).hex
  return { back: pick((a, b) => a.at < b.at), side: side.hex, belly: pick((a, b) => a.at > b.at) }
}
