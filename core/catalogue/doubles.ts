import { colourClass, type LureProfile } from '#core/lure'

/** Two lures within these shares of each other are the same tool. Assumed: half the step of packet weights and of lengths. */
const WEIGHT_SHARE = 0.12
const LENGTH_SHARE = 0.12
const DEPTH_SHARE = 0.25

/** Lures that do the same: family, style, colouring, sound, floating or sinking, and size and depth within a step. Two and more, largest groups first. */
export function doubled(profiles: readonly LureProfile[]): readonly (readonly LureProfile[])[] {
  const groups: LureProfile[][] = []
  for (const profile of profiles) {
    const group = groups.find(([first]) => doTheSame(first!, profile))
    if (group) group.push(profile)
    else groups.push([profile])
  }
  return groups
    .filter(group => group.length > 1)
    .sort((a, b) => b.length - a.length || (a[0]!.lure.id < b[0]!.lure.id ? -1 : 1))
}

function doTheSame(a: LureProfile, b: LureProfile): boolean {
  return (
    a.lure.family === b.lure.family &&
    (a.lure.style ?? null) === (b.lure.style ?? null) &&
    colourClass(a) === colourClass(b) &&
    a.sound.value === b.sound.value &&
    a.buoyancy.value === b.buoyancy.value &&
    near(a.weightG.value, b.weightG.value, WEIGHT_SHARE) &&
    near(a.lengthMm.value, b.lengthMm.value, LENGTH_SHARE) &&
    near(a.runsAt?.value.depthM ?? 1, b.runsAt?.value.depthM ?? 1, DEPTH_SHARE)
  )
}

function near(a: number, b: number, share: number): boolean {
  return Math.abs(a - b) <= share * Math.max(a, b)
}

/** The other lures that do the same as this one. */
export function doublesOf(profile: LureProfile, all: Iterable<LureProfile>): LureProfile[] {
  return [...all].filter(other => other.lure.id !== profile.lure.id && doTheSame(profile, other))
}
