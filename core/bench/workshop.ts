import { dequal } from 'dequal/lite'
import { MATERIAL_DENSITY, TREBLE_G } from '#core/knowledge'
import { type Message, message, type Said } from '#core/message'
import { massToHang, STANDARD_GRAVITY } from '#core/motion'
import type { Blade } from '#core/tackle'
import { hookSizeRank, quantity } from '#core/units'

const RANKED = Object.entries(TREBLE_G)
  .map(([size, grams]) => ({ rank: hookSizeRank(size)!, grams }))
  .sort((a, b) => a.rank - b.rank)
/** Growth of mass with each size beyond the table. From the table's own ends. */
const STEP = 1.25
/** A single of the same number against a treble. Common practice: the right single is a few sizes larger and weighs about the same. */
const SINGLE_SHARE = 0.45

/**
 * Usual mass of a hook [g], to be replaced by the scale.
 *
 * Error: ±25 %. Source: from memory.
 *
 * @returns `null` when the size is none
 */
export function hookMass(kind: 'treble' | 'single', size: string): number | null {
  const rank = hookSizeRank(size)
  if (rank === null) return null
  const first = RANKED[0]!
  const last = RANKED[RANKED.length - 1]!
  let grams: number
  if (rank <= first.rank) grams = first.grams * STEP ** (rank - first.rank)
  else if (rank >= last.rank) grams = last.grams * STEP ** (rank - last.rank)
  else {
    const i = RANKED.findIndex(r => r.rank >= rank)
    const [a, b] = [RANKED[i - 1]!, RANKED[i]!]
    grams = Math.exp(Math.log(a.grams) + ((rank - a.rank) / (b.rank - a.rank)) * Math.log(b.grams / a.grams))
  }
  return kind === 'treble' ? grams : grams * SINGLE_SHARE
}

/** What one change at the workbench does to a lure. */
export interface Change<T = Message> {
  readonly kind: 'hook-swap' | 'stick-on' | 'load' | 'cut' | 'trim-skirt' | 'weighted-hook' | 'blade'
  /** What is done, for the bill of parts. */
  readonly text: T
  /** Mass added, negative removed [g]. */
  readonly grams: number
  /** Volume added with it [cm³]. */
  readonly volumeCm3: number
  /** New length, when it changes [mm]. */
  readonly lengthMm?: number
  /** Change of bulk on the 1–5 scale. */
  readonly bulk?: number
  /** Where along the body it sits, 0 nose .. 1 tail; absent: it does not move the balance. */
  readonly at?: number
  readonly blades?: readonly Blade[]
  /** The hook that hangs at one place afterwards, front hook 0. */
  readonly hook?: { readonly index: number; readonly kind: Hook['kind']; readonly size: string }
}

/** [g/cm³] */
const STEEL = MATERIAL_DENSITY.steel / 1000
/** Lead is filed to hundredths of a gram. */
const FINE = { decimals: 2 }
const LEAD = MATERIAL_DENSITY.lead / 1000
const SKIRT = MATERIAL_DENSITY.silicone / 1000
const BRASS = MATERIAL_DENSITY.brass / 1000

export interface Hook {
  readonly kind: 'treble' | 'single'
  readonly size: string
}

/** Where plugs carry their hooks, 0 nose .. 1 tail, by how many there are. Common practice. */
const HOOK_PLACES: readonly (readonly { readonly name: string; readonly at: number }[])[] = [
  [],
  [{ name: 'back', at: 1 }],
  [
    { name: 'front', at: 0.42 },
    { name: 'back', at: 1 },
  ],
  [
    { name: 'front', at: 0.28 },
    { name: 'middle', at: 0.6 },
    { name: 'back', at: 1 },
  ],
]

export function hookPlaces(count: number): readonly { readonly name: string; readonly at: number }[] {
  return HOOK_PLACES[Math.min(3, Math.max(0, count))]!
}

/** One hook changed for another at one place; `null` when a size is none. */
export function hookSwap(
  from: Hook,
  to: Hook,
  place: { readonly name: string; readonly at: number },
  index = 0,
): Change | null {
  const [old, fresh] = [hookMass(from.kind, from.size), hookMass(to.kind, to.size)]
  if (old === null || fresh === null) return null
  const grams = fresh - old
  return {
    kind: 'hook-swap',
    text: message('workshop.hook', {
      place: place.name,
      to: `${to.kind} ${to.size}`,
      from: `${from.kind} ${from.size}`,
    }),
    grams,
    volumeCm3: grams / STEEL,
    at: place.at,
    hook: { index, kind: to.kind, size: to.size },
  }
}

/** Middle of an evenly built body. */
const MIDDLE = 0.5

/** How far the changes move the balance toward the tail [mm]. */
export function balanceShift(changes: readonly Change[], weightG: number, lengthMm: number): number {
  const moment = changes.reduce((sum, c) => sum + (c.at === undefined ? 0 : c.grams * (c.at - MIDDLE) * lengthMm), 0)
  return moment / (weightG + changes.reduce((sum, c) => sum + c.grams, 0))
}

/** Lead on the belly so that a plug with this surplus [g, + floats] hangs; `null` when it sinks already. */
export function stickOnToHang(surplusG: number, waterDensity: number): Change | null {
  if (surplusG <= 0) return null
  const grams = massToHang(surplusG, MATERIAL_DENSITY.lead, waterDensity)
  return {
    kind: 'stick-on',
    text: message('workshop.hang', { grams: quantity('weight', grams, FINE) }),
    grams,
    volumeCm3: grams / LEAD,
  }
}

/**
 * Lead for a sink at a chosen rate: weight in water = ½ ρ CdA v².
 *
 * @param dragArea fall drag area [m²]
 * @returns `null` when it sinks faster already
 */
export function stickOnToSink(surplusG: number, rateMs: number, dragArea: number, waterDensity: number): Change | null {
  const wantedG = ((waterDensity * dragArea * rateMs * rateMs) / 2 / STANDARD_GRAVITY) * 1000
  const missing = wantedG + surplusG
  if (!(rateMs > 0) || missing <= 0) return null
  const grams = massToHang(missing, MATERIAL_DENSITY.lead, waterDensity)
  return {
    kind: 'stick-on',
    text: message('workshop.sink', { grams: quantity('weight', grams, FINE), rate: quantity('sink', rateMs) }),
    grams,
    volumeCm3: grams / LEAD,
  }
}

/** Loaded inside: the volume of the body stays. */
export function loadTo(targetG: number, weightG: number): Change | null {
  if (!(targetG > weightG)) return null
  return {
    kind: 'load',
    text: message('workshop.load', { grams: quantity('weight', targetG - weightG) }),
    grams: targetG - weightG,
    volumeCm3: 0,
  }
}

/** A soft body cut shorter: its mass goes with the length cut off (even thickness). Error: 10–20 % where the part is thinner than the rest. */
export function cutTo(lengthMm: number, newLengthMm: number, weightG: number, volumeCm3: number): Change | null {
  if (!(newLengthMm > 0 && newLengthMm < lengthMm)) return null
  const share = 1 - newLengthMm / lengthMm
  return {
    kind: 'cut',
    text: message('workshop.cut', {
      from: quantity('length', lengthMm, { bare: true }),
      to: quantity('length', newLengthMm),
    }),
    grams: -share * weightG,
    volumeCm3: -share * volumeCm3,
    lengthMm: newLengthMm,
  }
}

/** Half a step of bulk for each gram of skirt. Assumed. */
const BULK_PER_G = 0.5
export function trimSkirt(grams: number): Change | null {
  return grams > 0
    ? {
        kind: 'trim-skirt',
        text: message('workshop.skirt', { grams: quantity('weight', grams) }),
        grams: -grams,
        volumeCm3: -grams / SKIRT,
        bulk: -BULK_PER_G * grams,
      }
    : null
}

export function weightedHook(grams: number): Change | null {
  return grams > 0
    ? {
        kind: 'weighted-hook',
        text: message('workshop.weighted-hook', { grams: quantity('weight', grams) }),
        grams,
        volumeCm3: grams / LEAD,
      }
    : null
}

/** Sheet thickness of brass blades [mm]; assumed. Length by number as drawn: no. 0 about 14 mm, 5 mm a number (from memory). */
const BLADE_MM = 0.7
const BLADE_WIDTH: Readonly<Record<Blade['shape'], number>> = {
  willow: 0.3,
  turtleback: 0.45,
  indiana: 0.62,
  colorado: 0.85,
  oval: 0.5,
  fluted: 0.4,
}
const BLADE_FILL = 0.75

function bladeMass({ shape, size }: Blade): number {
  const length = 14 + 5 * (size ?? 4)
  return (length * length * BLADE_WIDTH[shape] * BLADE_FILL * BLADE_MM * BRASS) / 1000
}

/** Where each of so many blades sits, in the order in which they are noted: front blade last. */
export function bladePlaces(count: number): readonly Said[] {
  if (count <= 1) return ['blade']
  return Array.from({ length: count }, (_, i) =>
    i === 0
      ? 'back'
      : i === count - 1
        ? 'front'
        : count === 3
          ? 'middle'
          : message('workshop.nth-blade', { nth: i + 1 }),
  )
}

/** Blades changed for others: mass from their size (±30 %, assumed); thump follows from the shapes. `null`: none is left, or nothing changes. */
export function bladeChange(from: readonly Blade[], to: readonly Blade[]): Change | null {
  if (to.length === 0 || dequal(from, to)) return null
  const mass = (blades: readonly Blade[]) => blades.reduce((sum, b) => sum + bladeMass(b), 0)
  const grams = mass(to) - mass(from)
  return {
    kind: 'blade',
    text: message('workshop.blades', {
      blades: {
        joined: to.map(b =>
          [b.shape, b.size, b.finish === 'smooth' ? null : b.finish, b.metal]
            .filter(word => word != null && word !== 'none')
            .join(' '),
        ),
      },
    }),
    grams,
    volumeCm3: grams / BRASS,
    blades: to,
  }
}
