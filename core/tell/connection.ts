import type { Ask } from '#core/ask'
import { SPECIES_TABLE } from '#core/knowledge'
import { isBiteProof } from '#core/lure'
import type { Candidate } from '#core/match'
import { type Message, message } from '#core/message'
import type { Part } from '#core/tackle'
import type { PartKind } from '#core/terms'
import { quantity } from '#core/units'
import type { SetupOut } from './output'

/** A bite-proof trace: about 0.4 m; fluorocarbon must be 0.7 mm and more (trade §6). */
const BITE_PROOF = { lengthM: 0.4, material: 'wire', testKg: null } as const

/** A plain leader tied in for the day [m]. Assumed. */
const PLAIN_LEADER_M = 1

/** Longer and thinner where fish look long, shorter where they cannot (handbook §10). Factors assumed. */
const BY_CLARITY = { clearFromM: 3, clear: 1.3, muddyBelowM: 0.8, muddy: 0.75, thinner: 0.8 } as const

export function leaderOf({ outfit }: Candidate, { reading }: Ask): SetupOut['leader'] {
  const leader = outfit?.outfit.leader ?? null
  const { toothy, strength } = SPECIES_TABLE[reading.species]
  if (toothy === 'yes' && !isBiteProof(leader)) return BITE_PROOF
  if (!leader) return null
  // Wire where nothing has teeth only costs bites: a plain leader as strong as the line takes its place.
  if (toothy === 'no' && leader.material === 'wire')
    return {
      lengthM: PLAIN_LEADER_M,
      material: 'fluorocarbon',
      testKg: outfit!.outfit.line.testKg ?? leader.testKg ?? null,
    }
  const times =
    reading.visibilityM >= BY_CLARITY.clearFromM
      ? BY_CLARITY.clear
      : reading.visibilityM < BY_CLARITY.muddyBelowM
        ? BY_CLARITY.muddy
        : 1
  const thinner =
    reading.visibilityM >= BY_CLARITY.clearFromM && reading.pressure === 'high' && toothy === 'no' && strength < 2
      ? BY_CLARITY.thinner
      : 1
  return {
    lengthM: Number(((leader.lengthM ?? 1) * times).toFixed(1)),
    material: leader.material,
    testKg: leader.testKg == null ? null : Number((leader.testKg * thinner).toFixed(1)),
  }
}

/** What spins needs a swivel, what must swing freely a snap, the rest a knot (trade §2, §4, §7). */
export function connectionOf({ profile: { lure }, technique }: Candidate): SetupOut['connection'] {
  if (lure.family === 'inline-spinner' || lure.family === 'flutter-spoon') return 'swivel'
  return technique.rig === 'snap' ? 'snap' : 'direct'
}

/** Swivels, snaps and split rings must be stronger than the line (trade §7): what is wrong with the angler's own. */
export function weakHardware(candidate: Candidate, parts: readonly Part[]): Message[] {
  const testKg = candidate.outfit?.outfit.line.testKg
  if (testKg == null) return []
  const connection = connectionOf(candidate)
  const hasRings =
    candidate.technique.hook === 'own' && candidate.profile.hooks.value.some(h => h.kind.startsWith('treble'))
  const used: PartKind[] = [
    ...(connection === 'direct' ? [] : [connection]),
    ...(hasRings ? ['split-ring' as const] : []),
  ]
  return used.flatMap(kind => {
    const strengths = parts
      .filter(p => p.kind === kind && p.quantity !== 0)
      .flatMap(p => (p.strengthKg == null ? [] : [p.strengthKg]))
    if (strengths.length === 0 || strengths.some(kg => kg >= testKg)) return []
    return [
      message('caution.weak-hardware', {
        kind,
        most: quantity('strength', Math.max(...strengths)),
        line: quantity('strength', testKg),
      }),
    ]
  })
}
