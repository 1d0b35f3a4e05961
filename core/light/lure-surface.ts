import { GLOW, type GlowId, type MirrorMetal, type PreyRow } from '#core/knowledge'
import { clamp } from '#core/numeric'
import type { Colours } from '#core/tackle'
import type { ActionStyle, Family } from '#core/terms'
import { linearRgb, metalReflectance, reflectanceOf } from './reflectance'
import { WAVELENGTHS } from './spectrum'
import { STEP_NM } from './surface'

export type ZoneName = 'back' | 'side' | 'belly' | 'blade'

/** One zone of a lure as light meets it. */
export interface SurfaceZone {
  readonly zone: ZoneName
  readonly reflectance: readonly number[]
  /** Shares of the light that are mirrored and that pass through; the rest is scattered. */
  readonly mirror: number
  readonly through: number
  readonly metal: readonly number[]
  /** How much the mirror turns, 0 still .. 1 all ways. */
  readonly turn: number
  readonly glow: { readonly taken: readonly number[]; readonly given: readonly number[]; readonly yield: number } | null
}

/** A lure's skin, in zones. A blade, where there is one, weighs a quarter of the whole. */
export interface LureSurface {
  readonly zones: readonly SurfaceZone[]
  readonly bladeShare: number
}

const BLADE_SHARE = 0.25
const BLADED: readonly Family[] = ['spinnerbait', 'inline-spinner', 'tail-spinner']
const ALL_METAL: readonly Family[] = [
  'casting-spoon',
  'dense-spoon',
  'flutter-spoon',
  'casting-metal',
  'slow-jig',
  'speed-jig',
  'blade-bait',
]
const QUIET_ACTIONS: readonly ActionStyle[] = ['glide', 'quiver', 'none']
/** Mirror shares and turning by what is on the skin; conventions of the model, assumed. */
const BODY_MIRROR = { side: 0.6, belly: 0.3, turn: 0.3 }
const PEARL_MIRROR = { share: 0.2, turn: 0.3 }
const BLADE_MIRROR = { share: 0.9, turn: 1 }
const HAMMERED_TURN = 1.2
const QUIET_TURN = 0.5
const THROUGH = { back: 0.5, side: 0.65, belly: 0.65, blade: 0 } as const
const UNKNOWN_PAINT = '#8f8b76'

export interface LureLooks {
  readonly colours: Colours
  readonly family: Family
  readonly actionStyle: ActionStyle
}

/** How light meets a lure of these colours. What is not known is a dull grey-olive. */
export function lureSurface({ colours, family, actionStyle }: LureLooks): LureSurface {
  const { metal: named, finish, fluorescent } = colours
  const metal = named && named !== 'none' ? named : null
  const paint = {
    back: colours.back ?? colours.side ?? UNKNOWN_PAINT,
    side: colours.side ?? UNKNOWN_PAINT,
    belly: colours.belly ?? colours.side ?? UNKNOWN_PAINT,
  }
  const isMetal = metal !== null && ALL_METAL.includes(family)
  const hasBlade = metal !== null && BLADED.includes(family)
  const dull = finish === 'matte' || finish === 'painted'
  const polished: MirrorMetal =
    metal === 'gold' || metal === 'copper' ? metal : isMetal || hasBlade ? 'nickel' : 'silver'
  const turnFactor =
    (finish === 'hammered' ? HAMMERED_TURN : 1) * (QUIET_ACTIONS.includes(actionStyle) ? QUIET_TURN : 1)
  const turned = (turn: number) => Math.min(1, turn * turnFactor)
  const glow = fluorescent ? glowOf(paint.side) : null

  const zone = (name: 'back' | 'side' | 'belly'): SurfaceZone => {
    const through = finish === 'translucent' ? THROUGH[name] : 0
    const base = {
      zone: name,
      reflectance: reflectanceOf(paint[name]),
      through,
      glow,
      metal: metalReflectance(polished),
    }
    if (dull || hasBlade) return { ...base, mirror: 0, turn: 0 }
    if (isMetal) return { ...base, mirror: Math.min(BLADE_MIRROR.share, 1 - through), turn: turned(BLADE_MIRROR.turn) }
    if (metal !== null || finish === 'scale') {
      const mirror = name === 'side' ? BODY_MIRROR.side : name === 'belly' ? BODY_MIRROR.belly : 0
      return { ...base, mirror: Math.min(mirror, 1 - through), turn: turned(BODY_MIRROR.turn) }
    }
    if (finish === 'pearl') return { ...base, mirror: PEARL_MIRROR.share, turn: turned(PEARL_MIRROR.turn) }
    return { ...base, mirror: 0, turn: 0 }
  }
  const body = [zone('back'), zone('side'), zone('belly')]
  if (!hasBlade) return { zones: body, bladeShare: 0 }
  const blade: SurfaceZone = {
    zone: 'blade',
    reflectance: reflectanceOf(paint.side),
    through: 0,
    glow: null,
    metal: metalReflectance(polished),
    mirror: finish === 'painted' ? 0 : BLADE_MIRROR.share,
    turn: turned(BLADE_MIRROR.turn),
  }
  return { zones: [...body, blade], bladeShare: BLADE_SHARE }
}

/** How light meets a prey. */
export function preySurface({ back, side, belly, mirror, turn, through }: PreyRow): LureSurface {
  const zone = (name: 'back' | 'side' | 'belly', hex: string, mirrored: number, passing: number): SurfaceZone => ({
    zone: name,
    reflectance: reflectanceOf(hex, 'skin'),
    through: passing,
    glow: null,
    metal: metalReflectance('silver'),
    mirror: mirrored,
    turn,
  })
  return {
    zones: [
      zone('back', back, 0, through[0]),
      zone('side', side, mirror[0], through[1]),
      zone('belly', belly, mirror[1], through[2]),
    ],
    bladeShare: 0,
  }
}

/** Nothing but black: the yardstick of conspicuousness. */
export const BLACK: LureSurface = {
  zones: (['back', 'side', 'belly'] as const).map(zone => ({
    zone,
    reflectance: WAVELENGTHS.map(() => 0),
    through: 0,
    glow: null,
    metal: metalReflectance('silver'),
    mirror: 0,
    turn: 0,
  })),
  bladeShare: 0,
}

/** Width of the edge below which a dye takes up light, and spread of what it gives back, below and above its peak [nm]. Assumed. */
const EDGE_NM = 10
const SPREAD_BELOW_NM = 16
const SPREAD_ABOVE_NM = 22

function glowOf(sideHex: string): SurfaceZone['glow'] {
  const id = glowId(sideHex)
  if (!id) return null
  const { cutNm, absorbed, peakNm, yield: quantum } = GLOW[id]
  const given = WAVELENGTHS.map(l =>
    Math.exp(-0.5 * ((l - peakNm) / (l < peakNm ? SPREAD_BELOW_NM : SPREAD_ABOVE_NM)) ** 2),
  )
  const area = given.reduce((a, b) => a + b, 0) * STEP_NM
  return {
    taken: WAVELENGTHS.map(l => absorbed / (1 + Math.exp((l - cutNm) / EDGE_NM))),
    given: given.map(g => g / area),
    yield: quantum,
  }
}

/** Which dye a side of this hue wears; blues, whites and darks none. Borders of hue [°]: assumed. */
function glowId(hex: string): GlowId | null {
  const [r, g, b] = linearRgb(hex).map(c => clamp(c, 0, 1) ** 0.45) as [number, number, number]
  const [high, low] = [Math.max(r, g, b), Math.min(r, g, b)]
  if (high - low < 0.15) return null
  const sector =
    high === r ? ((g - b) / (high - low) + 6) % 6 : high === g ? (b - r) / (high - low) + 2 : (r - g) / (high - low) + 4
  const hue = sector * 60
  if (hue >= 310 || hue < 8) return 'pink'
  if (hue < 45) return 'orange'
  if (hue < 90) return 'chartreuse'
  return hue < 165 ? 'green' : null
}
