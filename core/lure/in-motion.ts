import {
  BLADE_BODIES,
  type FamilyRow,
  ROUND_BLADE_MM,
  TRAILER_DRAG,
  TRAILER_LIFT_PER_THUMP,
  USUAL_BLADE_NUMBER,
  USUAL_BLADES,
} from '#core/knowledge'
import type { Blade, Lure } from '#core/tackle'

/** Lift over drag, positive up: blades and plates lift, plain bodies do not; a slender needle planes on its line (assumed). From memory; bladed 0.15–0.3. */
const LIFT_RATIO: Partial<Record<string, number>> = {
  'spinnerbait': 0.3,
  'bladed-jig': 0.2,
  'inline-spinner': 0.15,
  'casting-spoon': 0.15,
  'flutter-spoon': 0.3,
  'umbrella-rig': 0.2,
  'pencil': 0.25,
}
/** A sinking bait holds the bottom with this share of the criterion's weight. Assumed: the criterion is made for bait and jig together in a drift. */
export const BOTTOM_SHARE = 0.5

/** Drag area and lift area of a bait [cm²], on the retrieve and on the fall; lift up +. */
export interface WaterBody {
  readonly towAreaCm2: number
  readonly liftAreaCm2: number
  readonly fallAreaCm2: number
}

/** Whatever its blades, so much of the family's drag and fall is left to the rest of the bait. Assumed. */
const LEAST_SHARE = 0.3

/**
 * A lure without a trailer as a body in the water: its family's areas at its length, with its own blades in place of the usual ones. A falling blade turns as a wound one does.
 *
 * @param size its length over the family's
 */
export function bareBody(
  { family }: Pick<Lure, 'family'>,
  row: FamilyRow,
  size: number,
  blades: readonly Blade[],
): WaterBody {
  const scale = size ** 2
  const plain = {
    towAreaCm2: row.towAreaCm2 * scale,
    liftAreaCm2: (LIFT_RATIO[family] ?? 0) * row.towAreaCm2 * scale,
    fallAreaCm2: row.fallAreaCm2 * scale,
  }
  if (blades.length === 0) return plain
  const own = bladesInWater(blades)
  const usual = bladesInWater(USUAL_BLADES[family] ?? [])
  const dragged = own.drag - scale * usual.drag
  return {
    towAreaCm2: Math.max(LEAST_SHARE * plain.towAreaCm2, plain.towAreaCm2 + dragged),
    liftAreaCm2: Math.max(0, plain.liftAreaCm2 + own.lift - scale * usual.lift),
    fallAreaCm2: Math.max(LEAST_SHARE * plain.fallAreaCm2, plain.fallAreaCm2 + dragged),
  }
}

/** Drag and lift of a set of blades [cm²]. */
function bladesInWater(blades: readonly Blade[]): { readonly drag: number; readonly lift: number } {
  let drag = 0
  let lift = 0
  for (const { shape, size } of blades) {
    const body = BLADE_BODIES[shape]
    const diameterCm = (ROUND_BLADE_MM.atNought + ROUND_BLADE_MM.perNumber * (size ?? USUAL_BLADE_NUMBER)) / 10
    const area = (Math.PI / 4) * diameterCm ** 2 * body.area * body.drag
    drag += area
    lift += area * body.lift
  }
  return { drag, lift }
}

/** A lure with what is threaded on behind it, by how hard that kicks, 1–5. */
export function bodyInWater(
  host: WaterBody,
  trailer: (WaterBody & { readonly vibration: { readonly value: number } }) | null,
): WaterBody {
  if (!trailer) return host
  const tow = TRAILER_DRAG.tow * trailer.towAreaCm2
  return {
    towAreaCm2: host.towAreaCm2 + tow,
    liftAreaCm2: host.liftAreaCm2 + tow * TRAILER_LIFT_PER_THUMP * (trailer.vibration.value - 1),
    fallAreaCm2: host.fallAreaCm2 + TRAILER_DRAG.fall * trailer.fallAreaCm2,
  }
}
