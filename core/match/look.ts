import type { Ask } from '#core/ask'
import { FORAGE_PREY } from '#core/knowledge'
import {
  type ColourJudge,
  colourJudge,
  type ColourLook,
  type ColourScene,
  DEFAULT_PREY,
  type LureLooks,
  skyOver,
  zoneOfFish,
} from '#core/light'
import type { LureProfile } from '#core/lure'
import { Remembered } from '#core/numeric'

/** Judges of colours that are remembered: most readings that follow one another differ in something that no colour hears, and a search comes back to the same waters [count, assumed]. */
const judges = new Remembered<string, ColourJudge>(128)

/** Judges how colours look at the depth of this ask, to this fish, beside this prey. */
export function colourJudgeFor({ reading, features: { numbers } }: Ask): ColourJudge {
  const { species, visibilityM, stain, forage } = reading
  const prey = [...new Set(forage.map(f => FORAGE_PREY[f.kind]))]
  const scene: ColourScene = {
    species,
    visibilityM,
    stain,
    ...skyOver(reading),
    depthM: numbers.presentM,
    zone: zoneOfFish(numbers.fishM, numbers.bottomM),
    prey: prey.length > 0 ? prey : DEFAULT_PREY,
  }
  const key = JSON.stringify(scene)
  let judge = judges.get(key)
  if (judge === undefined) judges.set(key, (judge = colourJudge(scene)))
  return judge
}

/** What an eye looks at on each lure: no water changes it. */
const looks = new WeakMap<LureProfile, LureLooks>()

export function lookOf(profile: LureProfile, judge: ColourJudge): ColourLook {
  let seen = looks.get(profile)
  if (seen === undefined) looks.set(profile, (seen = looksOf(profile)))
  return judge.look(seen)
}

/** A blade's metal counts where the body itself has none. */
function looksOf({ lure, colours, blades, action }: LureProfile): LureLooks {
  const metal = colours.value.metal === 'none' ? (blades[0]?.metal ?? 'none') : colours.value.metal
  return { colours: { ...colours.value, metal }, family: lure.family, actionStyle: action.value }
}
