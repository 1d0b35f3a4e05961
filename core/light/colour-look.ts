import { type EyeId, PREY, type PreyId, SPECIES_EYES } from '#core/knowledge'
import type { SpeciesId } from '#core/terms'
import { type Eye, eyeOf } from './eye'
import { type LureLooks, type LureSurface, lureSurface, preySurface } from './lure-surface'
import { type LightScene, lightScene, type WaterAndSky } from './scene'
import { conspicuousness, likenessTo, type LureZone, naturalness, type SightLines, sightLines } from './sight'

/** Where and by whom colours are looked at. */
export interface ColourScene extends WaterAndSky {
  readonly species: SpeciesId
  /** Where the fish look from. */
  readonly zone: LureZone
  /** Prey that a likeness is judged by; the best of them counts. */
  readonly prey: readonly PreyId[]
}

export interface ColourLook {
  readonly conspicuousness: number
  readonly naturalness: number
}

/** Everything of one scene that all lures share. */
export interface ColourJudge {
  readonly scene: LightScene
  readonly eye: Eye
  readonly eyeId: EyeId
  readonly lines: SightLines
  readonly look: (looks: LureLooks) => ColourLook
}

/** What is eaten where nobody said what. */
export const DEFAULT_PREY: readonly PreyId[] = ['baitfish', 'fry']

/** Fish that hold above or below these shares of the depth look up at a lure, or down on the bed. Conventions of the model. */
const TOP_ABOVE = 0.4
const BOTTOM_BELOW = 0.8

/** From where a lure is mostly seen, by where the fish lie. */
export function zoneOfFish(fishM: number, bottomM: number): LureZone {
  const share = fishM / bottomM
  return share < TOP_ABOVE ? 'top' : share > BOTTOM_BELOW ? 'bottom' : 'mid'
}

/**
 * How strong and how prey-like colours look to one fish in one water: physics only, no habits.
 *
 * Valid:  homogeneous water of 0.05..30 m visibility. Differences of conspicuousness under 0.03 are ties.
 * Error:  ranks agree with other eyes by 0.87 and better; pike, coastal fish, drums and flatfish have assumed eyes.
 * Source: the light model (docs/sources.md): Kirk 1984, Preisendorfer 1986, Duntley 1952, Govardovskii et al. 2000, Vorobyev & Osorio 1998.
 */
export function colourJudge({ species, zone, prey, ...water }: ColourScene): ColourJudge {
  const scene = lightScene(water)
  const eyeId = SPECIES_EYES[species]
  const eye = eyeOf(eyeId)
  const lines = sightLines(scene, eye, zone)
  const likeness = likenessTo(
    prey.map(id => preySurface(PREY[id])),
    scene,
    eye,
  )
  const known = new Map<string, ColourLook>()
  return {
    scene,
    eye,
    eyeId,
    lines,
    look(looks) {
      const key = keyOf(looks)
      let found = known.get(key)
      if (!found) {
        const surface = surfaceOf(key, looks)
        found = { conspicuousness: conspicuousness(surface, lines).value, naturalness: naturalness(surface, likeness) }
        known.set(key, found)
      }
      return found
    },
  }
}

/** Skins met so far; no scene changes them. Of many more paints than a box holds [count, assumed], the earlier ones are let go. */
const SURFACES = new Map<string, LureSurface>()
const MOST_SURFACES = 5000

function surfaceOf(key: string, looks: LureLooks): LureSurface {
  let surface = SURFACES.get(key)
  if (!surface) {
    if (SURFACES.size >= MOST_SURFACES) SURFACES.clear()
    surface = lureSurface(looks)
    SURFACES.set(key, surface)
  }
  return surface
}

/** Lures of the same paint look the same: their look is worked out once a scene. */
const keys = new WeakMap<LureLooks, string>()

function keyOf(looks: LureLooks): string {
  let key = keys.get(looks)
  if (key === undefined) {
    const { colours: c, family, actionStyle } = looks
    key = [c.back, c.side, c.belly, c.metal, c.finish, c.fluorescent, family, actionStyle].join()
    keys.set(looks, key)
  }
  return key
}
