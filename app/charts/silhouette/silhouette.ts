import { typicalOf } from '#core/knowledge'
import { Remembered } from '#core/numeric'
import type { Lure } from '#core/tackle'
import type { Family } from '#core/terms'
import { hookSizeRank } from '#core/units'
import type { Draw, Drawing, DrawSpec, Mark } from './drawing'
import * as metals from './metals'
import * as plugs from './plugs'
import * as softs from './softs'

/** One small parametric shape a family; a newcomer adds a function and a place in this list. */
const DRAW: Record<Family, Draw> = {
  'inline-spinner': metals.inlineSpinner,
  'tail-spinner': metals.tailSpinner,
  'casting-spoon': metals.thinSpoon,
  'dense-spoon': metals.denseSpoon,
  'flutter-spoon': metals.flutterSpoon,
  'casting-metal': metals.castingMetal,
  'slow-jig': metals.slowJig,
  'speed-jig': metals.speedJig,
  'blade-bait': metals.bladeBait,
  'crankbait': plugs.crankbait,
  'lipless-crank': plugs.lipless,
  'jerkbait': plugs.jerkbait,
  'pencil': plugs.pencil,
  'topwater': plugs.topwater,
  'glide-bait': plugs.glideBait,
  'swimbait': plugs.swimbait,
  'spinnerbait': metals.spinnerbait,
  'bladed-jig': metals.bladedJig,
  'skirted-jig': metals.skirtedJig,
  'hair-jig': metals.hairJig,
  'jighead-soft': softs.jigHeadSoft,
  'stick-worm': softs.stickWorm,
  'paddle-tail': softs.paddleTail,
  'minnow-soft': softs.minnowSoft,
  'craw': softs.craw,
  'creature': softs.creature,
  'grub': softs.grub,
  'worm': softs.worm,
  'tube': softs.tube,
  'shrimp-soft': softs.shrimp,
  'soft-jerk': softs.softJerk,
  'streamer': metals.streamer,
  'umbrella-rig': metals.umbrellaRig,
}

const METAL_PAINT = { none: '#b9b7ac', silver: '#c9d0d2', gold: '#cba04a', copper: '#b9703f' } as const
const UNKNOWN = { back: '#5b5a4c', side: '#a7a48f', belly: '#dcd7c3' }

/** Parts that blur a drawing of a few dozen pixels. */
const FINE_PARTS: readonly string[] = ['finish', 'ring', 'segment', 'glint', 'eye-white', 'guard', 'feeler']
/** Thinnest stroke of a small drawing, as a share of its length: about one pixel at 64. */
const SMALL_STROKE = 0.016

/** Drawings met so far: a tray holds many lures that look the same. Of so many the latest are remembered [count, assumed]. */
const drawn = new Remembered<string, Drawing>(600)

/**
 * A lure in its real proportions and colours, made from its data; what is not known is the family's.
 *
 * @param small for drawings of a few dozen pixels: without fine marks, and no stroke thinner than shows
 */
export function silhouette(lure: Lure, { small = false }: { readonly small?: boolean } = {}): Drawing {
  const spec = specOf(lure)
  const key = JSON.stringify([lure.family, small, spec])
  let drawing = drawn.get(key)
  if (drawing === undefined) drawn.set(key, (drawing = drawingOf(lure.family, spec, small)))
  return drawing
}

function drawingOf(family: Family, spec: DrawSpec, small: boolean): Drawing {
  const all = DRAW[family](spec)
  const marks = small
    ? all
        .filter(m => !FINE_PARTS.includes(m.part))
        .map(m =>
          m.stroke && m.part !== 'outline' ? { ...m, width: Math.max(m.width, SMALL_STROKE * spec.lengthMm) } : m,
        )
    : all
  return { marks, box: bounds(marks) }
}

function specOf(lure: Lure): DrawSpec {
  const typical = typicalOf(lure.family, lure.style)
  const lengthMm = lure.lengthMm ?? typical.lengthMm
  const colours = lure.colours ?? {}
  const metal = METAL_PAINT[colours.metal ?? 'none']
  const hooks = lure.hooks?.length ? lure.hooks : [typical.hook]
  return {
    lengthMm,
    bodyMm: lengthMm * typical.slenderness,
    style: lure.style ?? null,
    finish: colours.finish ?? 'gloss',
    back: colours.back ?? UNKNOWN.back,
    side: colours.side ?? UNKNOWN.side,
    belly: colours.belly ?? UNKNOWN.belly,
    accent: colours.accent ?? null,
    metal: colours.metal && colours.metal !== 'none' ? metal : (colours.side ?? metal),
    divesM: typical.runsAtM === null ? null : (lure.runsAt?.depthM ?? typical.runsAtM),
    blades: (lure.blades ?? []).map(({ shape, size, metal: bladeMetal, finish }) => ({
      shape,
      size: size ?? 4,
      paint:
        finish === 'painted' ? (colours.side ?? UNKNOWN.side) : METAL_PAINT[bladeMetal ?? colours.metal ?? 'silver'],
    })),
    hooks: hooks.flatMap(({ kind, size, count }) =>
      Array.from({ length: Math.min(5, count ?? 1) }, () => ({ kind, gapeMm: gape(size ?? typical.hook.size) })),
    ),
  }
}

/** Gape of a hook [mm] from its size: no. 6 about 8 mm, 1/0 about 15 mm. From memory. */
function gape(size: string): number {
  return Math.max(3, 14 + 1.2 * (hookSizeRank(size) ?? -5))
}

const MARGIN_MM = 1.5

/** Box round every number pair of the paths: control points lie outside the curve at most, so nothing is cut off. */
function bounds(marks: readonly Mark[]): Drawing['box'] {
  let [left, top, right, bottom] = [Infinity, Infinity, -Infinity, -Infinity]
  for (const { d, width } of marks) {
    for (const [x, y] of points(d)) {
      left = Math.min(left, x - width)
      right = Math.max(right, x + width)
      top = Math.min(top, y - width)
      bottom = Math.max(bottom, y + width)
    }
  }
  return {
    x: left - MARGIN_MM,
    y: top - MARGIN_MM,
    width: right - left + 2 * MARGIN_MM,
    height: bottom - top + 2 * MARGIN_MM,
  }
}

const ARGUMENTS: Record<string, number> = { M: 2, L: 2, H: 1, V: 1, C: 6, Q: 4, T: 2, A: 7, Z: 0 }

/** The points of an SVG path, relative commands followed; arcs count with the box of their ellipse. */
export function points(d: string): [number, number][] {
  const found: [number, number][] = []
  let [x, y] = [0, 0]
  for (const [, letter, rest] of d.matchAll(/([a-zA-Z])([^a-zA-Z]*)/g)) {
    const command = letter!.toUpperCase()
    const relative = letter !== command
    const numbers = [...rest!.matchAll(/-?\d*\.?\d+(?:e-?\d+)?/g)].map(Number)
    const step = ARGUMENTS[command]!
    for (let i = 0; i + step <= numbers.length && step > 0; i += step) {
      const [baseX, baseY] = relative ? [x, y] : [0, 0]
      if (command === 'H') x = baseX + numbers[i]!
      else if (command === 'V') y = baseY + numbers[i]!
      else {
        for (let k = command === 'A' ? step - 2 : 0; k < step; k += 2)
          found.push([baseX + numbers[i + k]!, baseY + numbers[i + k + 1]!])
        const [fromX, fromY] = [x, y]
        ;[x, y] = [baseX + numbers[i + step - 2]!, baseY + numbers[i + step - 1]!]
        if (command === 'A') {
          // Every arc drawn here is half an ellipse: its centre is the middle of its chord.
          const [rx, ry] = [numbers[i]!, numbers[i + 1]!]
          const [centreX, centreY] = [(fromX + x) / 2, (fromY + y) / 2]
          found.push([centreX - rx, centreY - ry], [centreX + rx, centreY + ry])
        }
      }
      found.push([x, y])
    }
  }
  return found
}
