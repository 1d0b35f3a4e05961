import type { Ask } from '#core/ask'
import type { LureProfile } from '#core/lure'
import { bestTastes, Candidate, scoreOf } from './candidate'
import type { LogSays } from './log'
import type { Scene } from './scene'
import { Layouts, NONE_LEFT, type Prospect, prospects } from './prospect'
import type { Out, Rejection } from './refusal'

export interface Ranking {
  readonly ask: Ask
  /** What the set-ups were judged under. */
  readonly scene: Scene
  /** One best set-up per lure, best first. */
  readonly candidates: readonly Candidate[]
  readonly rejected: readonly Rejection[]
}

/** Far below what any rule weighs: sums in another order differ by less [log-odds]. */
const ROUNDING = 1e-9

/** A lure that nobody looked at: it comes no higher than `atMost`. */
interface Unseen {
  readonly profile: LureProfile
  /** What it wins by itself at most [log-odds]. */
  readonly own: number
  readonly atMost: number
  readonly candidate: null
}

/** A lure on its way into the order: it stands where it comes to at most, once it is settled and that is its score. */
interface Open {
  readonly profile: LureProfile
  readonly prospect: Prospect
  /** What it wins by itself [log-odds]; at most, while its paint was not looked at. */
  own: number
  isLookedAt: boolean
  atMost: number
  isSettled: boolean
  /** `null` when settled: it cannot be fished here. */
  candidate: Candidate | null
}

/**
 * One judging of lures under one ask, worked out as far as it is asked for. For the first of the order always the lure that could come next is looked at
 * (best-first search with a bound that is never too low: Hart, Nilsson & Raphael 1968), so that those far behind are never put in the water.
 */
export class Judging {
  /** Not looked at yet, what could come first at the end. */
  private readonly unseen: Unseen[] = []
  /** Looked at, not told yet; what could come first at the front. */
  private readonly seen: Open[] = []
  private readonly told: Candidate[] = []
  private readonly rejected: Rejection[] = []
  private readonly tastes = bestTastes(most => this.first(most))
  private readonly prospectOf: (profile: LureProfile) => Prospect

  constructor(
    readonly scene: Scene,
    lures: readonly LureProfile[],
    private readonly says: LogSays,
    layouts = new Layouts(scene, lures),
  ) {
    this.prospectOf = prospects(scene, layouts)
    for (const profile of lures) {
      if (profile.lure.quantity === 0) {
        this.reject(profile, NONE_LEFT)
        continue
      }
      const own = layouts.ofItself(profile) + scene.mostLook
      this.unseen.push({ profile, own, atMost: this.comesTo(own, layouts.mostOf(profile)), candidate: null })
    }
    this.unseen.sort((a, b) => a.atMost - b.atMost)
  }

  get ask(): Ask {
    return this.scene.ask
  }

  /** The first set-ups of the order, fewer where no more can be fished: the same, at the same places, as the whole has them. */
  first(most: number): readonly Candidate[] {
    while (this.told.length < most && this.step());
    return this.told.slice(0, most)
  }

  /** The first of the order as far down as they come to a score, and at least so many; fewer where no more can be fished. */
  downTo(score: number, fewest: number): readonly Candidate[] {
    while ((this.told.length < fewest || (this.told.at(-1)?.score ?? 1) >= score) && this.step());
    return this.told.filter((candidate, place) => place < fewest || candidate.score >= score)
  }

  /** The order as far as it was told. */
  get soFar(): Pick<Ranking, 'ask' | 'scene' | 'candidates'> {
    return { ask: this.ask, scene: this.scene, candidates: this.told }
  }

  /** Looks for the places of all lures, so many at a time, so that a caller can stop between them. */
  *inSteps(lures: number): Generator<void, void> {
    const left = this.openAll()
    for (let i = 0; i < left.length; i += lures) {
      for (const open of left.slice(i, i + lures)) this.settle(open)
      yield
    }
  }

  /** Every lure at its place. */
  whole(): Ranking {
    const left = this.openAll()
    for (const open of left) this.settle(open)
    this.told.push(...left.flatMap(({ candidate }) => candidate ?? []).sort(byPlace))
    this.seen.length = 0
    this.rejected.sort((a, b) => compareIds(a.lureId, b.lureId))
    return { ask: this.ask, scene: this.scene, candidates: this.told, rejected: this.rejected }
  }

  /** All that are not told yet, each looked at from now on. */
  private openAll(): readonly Open[] {
    this.seen.push(...this.unseen.map(unseen => this.opened(unseen)))
    this.seen.sort(byPromise)
    this.unseen.length = 0
    return [...this.seen]
  }

  private opened({ profile, own, atMost }: Unseen): Open {
    const prospect = this.prospectOf(profile)
    return { profile, prospect, own, isLookedAt: false, atMost, isSettled: false, candidate: null }
  }

  /** Brings the order one step on; false: there is no more to tell. */
  private step(): boolean {
    const { seen, unseen } = this
    const fresh = unseen[unseen.length - 1]
    if (fresh && !(seen[0] && byPromise(seen[0], fresh) < 0)) seen.unshift(this.opened(unseen.pop()!))
    const open = seen.shift()
    if (!open) return false
    const { prospect } = open
    if (open.candidate && open.candidate.score === open.atMost) {
      this.told.push(open.candidate)
      return true
    }
    if (!open.isLookedAt) this.lookAt(open)
    // It comes to less where its paint does not win all, or where a lure out of the same mould has shown it meanwhile.
    if (!prospect.isSettled && this.comesTo(open.own, prospect.most) >= open.atMost) prospect.tryNext()
    if (prospect.isSettled) this.settle(open)
    if (open.isSettled && !open.candidate) return true
    open.atMost = open.candidate?.score ?? this.comesTo(open.own, prospect.most)
    const behind = seen.findIndex(other => byPromise(open, other) < 0)
    seen.splice(behind < 0 ? seen.length : behind, 0, open)
    return true
  }

  private lookAt(open: Open): void {
    const { scene } = this
    open.isLookedAt = true
    open.own = scene.gainsOf(open.profile).total + scene.lookGainsOf(open.profile).total
  }

  /** Gives a lure its set-up, or tells why it has none. */
  private settle(open: Open): void {
    if (open.isSettled) return
    open.isSettled = true
    const { profile, prospect } = open
    const found = prospect.settled()
    if ('code' in found) {
      this.reject(profile, found)
      return
    }
    // The log moves the score of a set-up, never whether it can be fished.
    const verdict = this.says.of(profile, found.placement.depthM, found.tackle.tactic.id)
    open.candidate = new Candidate(profile, found, this.scene, verdict, this.tastes)
  }

  private reject({ lure }: LureProfile, { code, why }: Out): void {
    this.rejected.push({ lureId: lure.id, code, why })
  }

  private comesTo(own: number, most: number): number {
    return this.says.atMost(scoreOf(own + most + ROUNDING))
  }
}

/** What could come first stands first; what only could before what does. */
function byPromise(a: Open | Unseen, b: Open | Unseen): number {
  return (
    b.atMost - a.atMost ||
    (a.candidate && b.candidate
      ? byPlace(a.candidate, b.candidate)
      : Number(a.candidate !== null) - Number(b.candidate !== null))
  )
}

/** The order in which set-ups are told: ties by log-odds, then by the lure's id, so that the answer never depends on the order of the file. */
function byPlace(a: Candidate, b: Candidate): number {
  return b.score - a.score || b.odds - a.odds || compareIds(a.profile.lure.id, b.profile.lure.id)
}

function compareIds(a: string, b: string): number {
  return a < b ? -1 : a > b ? 1 : 0
}
