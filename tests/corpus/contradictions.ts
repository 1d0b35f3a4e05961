import type { SetupOut } from '#core/tell'

type Says = (setup: SetupOut, text: string) => boolean
const says = (pattern: RegExp): Says => (_, text) => pattern.test(text)

/** Pairs of things that may not stand on one sheet (docs/judgement.md): what is told belongs to the set-up that is told. */
export const CONTRADICTIONS: readonly { readonly name: string, readonly one: Says, readonly other: Says }[] = [
  { name: 'the pace is kept, and never straight', one: says(/keep the pace exactly|^one pace/i), other: says(/never straight/i) },
  { name: 'wound steadily, and never straight', one: s => ['steady', 'countdown-steady', 'slow-roll', 'burn', 'troll'].includes(s.presentation.cadence), other: says(/never straight/i) },
  { name: 'left lying, and wound at a pace', one: s => s.presentation.cadence === 'dead-stick', other: says(/then wind at|wind fast/i) },
  { name: 'a trailer hook, and cover', one: s => s.trailerHook, other: says(/never a trailer hook|no trailer hook/i) },
  { name: 'no trailer, and a trailer told', one: s => s.trailerId === null, other: s => s.trailerHooking !== null },
  { name: 'it does not touch the bottom, and is told to hop there', one: s => !s.presentation.touches && s.presentation.mode === 'cast', other: s => ['bottom-hop', 'drag'].includes(s.presentation.cadence) },
  { name: 'stays on the surface, and is counted down', one: s => s.presentation.depthM < 0.05, other: s => (s.presentation.countdownS ?? 0) > 0 },
  { name: 'a hidden hook, and open trebles told', one: s => s.hook.kind === 'weedless', other: says(/round-bend trebles|triple-grip trebles/i) },
  { name: 'trolled, and cast in a fan', one: s => s.presentation.mode === 'troll', other: says(/cast a fan/i) },
  { name: 'under the boat, and cast', one: s => s.presentation.mode === 'vertical', other: s => s.presentation.castM !== null },
  { name: 'tick the tops, and rip', one: s => s.presentation.cadence === 'tick', other: says(/snatch it free at speed/i) },
  { name: 'aggressive and barely taking', one: says(/they strike hard/i), other: says(/they barely take/i) },
]
