import type { Said } from '#core/message'
import type { Box, Part } from '#core/tackle'
import type { SetupOut } from '#core/tell'
import { isSoftBody, type LineMaterial, type PartKind } from '#core/terms'

/** Hardware, leaders and hooks that go along with a pack: what its set-ups hang on, with spares. */
export interface SmallThing {
  /** Stable, for ticking off. */
  readonly id: string
  readonly kind: 'snap' | 'swivel' | 'leader' | 'hook'
  readonly pieces: number
  /** Of these spares [pieces]. */
  readonly spares: number
  /** Must hold at least [kg]: the strongest line it is tied to; `null`: not known. */
  readonly holdsKg: number | null
  readonly leader: { readonly material: LineMaterial; readonly testKg: number | null; readonly lengthM: number } | null
  readonly hook: { readonly kind: string; readonly size: string } | null
  /** The angler's own that will do; `null`: none among the parts. */
  readonly partId: string | null
  readonly lureIds: readonly string[]
}

/** Beyond one for each rod that uses it. Assumed: a day costs some; bite-proof leaders kink and are bitten, hooks bend. */
const SPARES = { snap: 2, swivel: 2, leader: 2, biteProof: 3, hook: 2 } as const
/** Hooks for a soft bait come apart from it: one in use on the rod and these in the tin. Assumed. */
const LOOSE_HOOKS = 3

/**
 * What the set-ups of a pack need beside lures, heads and sinkers, most needed first.
 *
 * @param setups the set-ups told under the likely readings, by the lures and rods of the pack
 */
export function smallThings(
  setups: readonly SetupOut<Said>[],
  { parts, outfits, lures }: Pick<Box, 'parts' | 'outfits' | 'lures'>,
): readonly SmallThing[] {
  const things = new Map<
    string,
    { thing: Omit<SmallThing, 'pieces' | 'holdsKg' | 'lureIds' | 'partId'>; rods: Set<string>; lureIds: Set<string> }
  >()
  const need = (
    thing: Omit<SmallThing, 'pieces' | 'holdsKg' | 'lureIds' | 'partId'>,
    { lureId, outfitId }: SetupOut<Said>,
  ) => {
    const entry = things.get(thing.id) ?? { thing, rods: new Set(), lureIds: new Set() }
    entry.lureIds.add(lureId)
    if (outfitId !== null) entry.rods.add(outfitId)
    things.set(thing.id, entry)
  }
  const families = new Map(lures.map(l => [l.id, l.family]))
  for (const setup of setups) {
    const { connection, leader, hook, lureId } = setup
    if (connection !== 'direct')
      need({ id: `small:${connection}`, kind: connection, spares: SPARES[connection], leader: null, hook: null }, setup)
    if (leader)
      need(
        {
          id: `small:leader:${leader.material}:${leader.testKg ?? ''}`,
          kind: 'leader',
          spares: leader.material === 'wire' ? SPARES.biteProof : SPARES.leader,
          leader,
          hook: null,
        },
        setup,
      )
    const family = families.get(lureId)
    const isLoose = family !== undefined && isSoftBody(family) && setup.headG === null
    const isTreble = hook.kind.startsWith('treble')
    if (hook.size && (isLoose || isTreble))
      need(
        {
          id: `small:hook:${hook.kind}:${hook.size}`,
          kind: 'hook',
          spares: isLoose ? LOOSE_HOOKS : SPARES.hook,
          leader: null,
          hook: { kind: hook.kind, size: hook.size },
        },
        setup,
      )
  }
  return [...things.values()]
    .map(({ thing, rods, lureIds }): SmallThing => {
      // A plug brings its own hooks: only the spares are packed.
      const inUse = thing.kind === 'hook' && thing.hook!.kind.startsWith('treble') ? 0 : Math.max(1, rods.size)
      const tests = outfits.filter(o => rods.has(o.id)).flatMap(o => (o.line.testKg == null ? [] : [o.line.testKg]))
      const holdsKg = thing.kind === 'hook' || tests.length === 0 ? null : Math.max(...tests)
      return {
        ...thing,
        pieces: inUse + thing.spares,
        holdsKg,
        partId: ownPart(thing, holdsKg, parts)?.id ?? null,
        lureIds: [...lureIds],
      }
    })
    .sort(
      (a, b) =>
        ORDER.indexOf(a.kind) - ORDER.indexOf(b.kind) || b.lureIds.length - a.lureIds.length || (a.id < b.id ? -1 : 1),
    )
}
const ORDER: readonly SmallThing['kind'][] = ['leader', 'snap', 'swivel', 'hook']
const PART_OF: Readonly<Record<SmallThing['kind'], PartKind>> = {
  snap: 'snap',
  swivel: 'swivel',
  leader: 'leader-spool',
  hook: 'hook',
}

/** One of the angler's own parts that will do: of the kind, strong enough, of the size or the material. */
function ownPart(
  { kind, hook, leader }: Pick<SmallThing, 'kind' | 'hook' | 'leader'>,
  holdsKg: number | null,
  parts: readonly Part[],
): Part | undefined {
  return parts.find(part => {
    if (part.kind !== PART_OF[kind] || part.quantity === 0) return false
    if (hook) return part.size === hook.size && (part.hookKind == null || part.hookKind === hook.kind)
    if (leader)
      return (
        part.material === leader.material &&
        (leader.testKg === null || part.strengthKg == null || part.strengthKg >= leader.testKg)
      )
    return holdsKg === null || part.strengthKg == null || part.strengthKg >= holdsKg
  })
}
