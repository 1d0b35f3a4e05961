import { type Ask, askOf, type AskOptions } from '#core/ask'
import { TACTICS } from '#core/knowledge'
import { colourClass } from '#core/lure'
import { type Candidate, type Judging, judgingsOn, type PreparedBox, type Ranking, sceneOf } from '#core/match'
import { message, type Said } from '#core/message'
import type { Way } from '#core/rule'
import { MOODS } from '#core/terms'
import { POOR_ROD } from './explain'
import type { HandOut } from './output'

const SEARCHING: readonly Way[] = ['moving', 'surface']
/** What is tied on beside the first is at most so far behind the best of its water [log-odds]; a rod that throws nothing nearer stays in the bag. Assumed. */
const WORTH_TYING = 7
/** Set-ups that are looked at in one go. */
const AT_ONCE = 8
const ROLES: readonly HandOut['role'][] = ['search', 'clean-up', 'contrast', 'other']
const labelOf = Object.fromEntries(TACTICS.map(({ id, label }) => [id, label]))

/**
 * What to have tied on the rods at hand, so that the likely turns are covered: the first of the order, a bait to search with, one to clean up with where fish
 * will not chase, a contrast to the first, then ways that are not in hand yet. Every rod carries one lure at most, and none that it is the wrong rod for.
 */
export function handOf(
  prepared: PreparedBox,
  { ask, scene, candidates }: Ranking,
  options: AskOptions,
): HandOut<Said>[] {
  const [first] = candidates
  if (!first?.outfit) return []
  const here: Turn = { on: judgingsOn(prepared, scene), best: first.odds }
  const hand: { readonly role: HandOut['role']; readonly candidate: Candidate }[] = []
  const isNew = (of: (candidate: Candidate) => unknown, what: unknown) => hand.every(h => of(h.candidate) !== what)
  const take = (role: HandOut['role'], { on, best }: Turn, suits: (candidate: Candidate) => boolean, most = 1) => {
    const before = hand.length
    const left = prepared.outfits.filter(outfit => isNew(c => c.outfit, outfit))
    if (left.length === 0) return false
    for (const c of orderOf(on(left))) {
      if (best - c.odds > WORTH_TYING || hand.length - before === most) break
      if (c.rodGain > POOR_ROD && isNew(h => h.outfit, c.outfit) && isNew(h => h.profile, c.profile) && suits(c))
        hand.push({ role, candidate: c })
    }
    return hand.length > before
  }

  if (isSearching(first)) {
    hand.push({ role: 'search', candidate: first })
    slowerOf(ask, options).some(water => {
      const on = judgingsOn(prepared, sceneOf(prepared, water))
      return take('clean-up', { on, best: on(prepared.outfits).first(1)[0]?.odds ?? 0 }, c => !isSearching(c))
    })
  } else {
    hand.push({ role: 'clean-up', candidate: first })
    take('search', here, isSearching)
  }
  take('contrast', here, c => colourClass(c.profile) !== colourClass(first.profile))
  take('other', here, c => isNew(h => h.tactic.id, c.tactic.id), Infinity)

  return hand
    .sort((a, b) => ROLES.indexOf(a.role) - ROLES.indexOf(b.role))
    .map(({ role, candidate: { outfit, profile, tactic } }) => ({
      outfitId: outfit!.outfit.id,
      lureId: profile.lure.id,
      role,
      why:
        role === 'contrast'
          ? message('hand.contrast', { colour: colourClass(first.profile) })
          : message(`hand.${role}`, { tactic: labelOf[tactic.id]! }),
    }))
}

/** A water that a bait is looked for in: its judgings, and the log-odds of its best. */
interface Turn {
  readonly on: ReturnType<typeof judgingsOn>
  readonly best: number
}

const isSearching = ({ way }: Candidate) => SEARCHING.includes(way)

/** The same water with fish that chase less, step by step; as it is, where they chase nothing. */
function slowerOf(ask: Ask, options: AskOptions): readonly Ask[] {
  const slower = MOODS.slice(MOODS.indexOf(ask.reading.mood) + 1)
  return slower.length > 0 ? slower.map(mood => askOf({ ...ask.reading, mood }, options)) : [ask]
}

/** The order as far as it is asked for. */
function* orderOf(judging: Judging): Generator<Candidate, void> {
  for (let told = 0, asked = AT_ONCE; ; asked *= 2) {
    const order = judging.first(asked)
    yield* order.slice(told)
    if (order.length < asked) return
    told = asked
  }
}
