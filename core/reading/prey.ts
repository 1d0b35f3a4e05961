import type { ForageId } from '#core/terms'
import type { Reading } from './reading'

type Seen = NonNullable<Reading['forage']>[number]

/** What they mostly eat stands first and is another now; what was seen that they eat besides stays. */
export function mostlyEating(seen: readonly Seen[] | null | undefined, prey: Seen): Seen[] {
  return [prey, ...(seen ?? []).slice(1).filter(({ kind }) => kind !== prey.kind)]
}

/** What they eat besides are these kinds now, at the lengths that were noted of them; what they mostly eat stays. */
export function eatingBesides(seen: readonly [Seen, ...Seen[]], kinds: readonly ForageId[]): Seen[] {
  const [mostly, ...besides] = seen
  return [
    mostly,
    ...kinds.filter(kind => kind !== mostly.kind).map(kind => besides.find(known => known.kind === kind) ?? { kind }),
  ]
}
