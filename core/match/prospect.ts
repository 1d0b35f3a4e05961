import type { LureProfile, Mould } from '#core/lure'
import { message } from '#core/message'
import { type AbleRod, onBestRod, rodsFor } from './on-rod'
import { nearerMiss, type Out, type Refusal } from './refusal'
import type { Assembly, Scene, Thrown } from './scene'
import { assembliesOf, type FishableWay, mostOfWays, waysOf } from './ways'

const NONE_LEFT: Out = { code: 'none-left', why: message('match.none-left') }
const NOT_FROM_HERE: Out = { code: 'switched-off', why: message('match.not-from-here') }

/** What is left to try: a way of fishing, what hangs on the line for it, or that on the rods that can throw it. `most`: log-odds that it comes to at most. */
type Step =
  | { readonly most: number; readonly way: FishableWay }
  | { readonly most: number; readonly assembly: Assembly; readonly rods: readonly AbleRod[] | null }

const byMost = (a: Step, b: Step) => b.most - a.most

/**
 * The search for the best set-up of one lure, a step at a time: those that could become best are followed first, and those that cannot come over what was found are not
 * put in the water. What the lure itself wins stands beside all of them.
 */
export class Prospect {
  /** What could become best first; `null`: its ways are not laid out yet. */
  private left: Step[] | null = null
  private best: Thrown | null = null
  private refusal: Refusal | null = null
  private readonly mostOfAll: number

  constructor(
    private readonly profile: LureProfile,
    private readonly scene: Scene,
  ) {
    this.mostOfAll = mostOfWays(profile, scene)
  }

  /** Log-odds that no set-up of it comes over: those of the best one, once it is settled. */
  get most(): number {
    return Math.max(this.bestOdds, this.mostLeft)
  }

  get isSettled(): boolean {
    return this.mostLeft <= this.bestOdds
  }

  private get bestOdds(): number {
    return this.best?.odds ?? -Infinity
  }

  private get mostLeft(): number {
    return this.left === null ? this.mostOfAll : (this.left[0]?.most ?? -Infinity)
  }

  tryNext(): void {
    const { scene } = this
    const left = (this.left ??= waysOf(this.profile, scene)
      .map((way): Step => ({ most: way.most, way }))
      .sort(byMost))
    const follow = (steps: readonly Step[]) => {
      left.push(...steps)
      left.sort(byMost)
    }
    const step = left.shift()!
    if ('way' in step)
      follow(
        assembliesOf(step.way, scene).map(assembly => ({
          most: assembly.odds + assembly.mostPlaced,
          assembly,
          rods: null,
        })),
      )
    else if (step.rods === null) {
      const { able, refusal } = rodsFor(step.assembly, scene)
      this.refusal = nearerMiss(this.refusal, refusal)
      // A rod never adds.
      if (able.length > 0) follow([{ ...step, most: step.most + scene.scales.rod * able[0]!.gain, rods: able }])
    } else {
      const found = onBestRod(step.assembly, step.rods, scene)
      if ('code' in found) this.refusal = nearerMiss(this.refusal, found)
      else if (found.odds > this.bestOdds) this.best = found
    }
  }

  /** The best set-up, or why there is none. */
  settled(): Thrown | Out {
    while (!this.isSettled) this.tryNext()
    return this.best ?? this.refusal ?? NOT_FROM_HERE
  }
}

/** Looks at each lure under this reading; lures out of one mould are looked at once. */
export function prospects(scene: Scene): (profile: LureProfile) => Prospect | Out {
  const known = new Map<Mould, Prospect>()
  return profile => {
    if (profile.lure.quantity === 0) return NONE_LEFT
    let prospect = known.get(profile.mould)
    if (prospect === undefined) known.set(profile.mould, (prospect = new Prospect(profile, scene)))
    return prospect
  }
}

/** Every way of fishing a lure here, each on its best rod, with its best trailer and lead; in no order. What its paint wins or loses stands beside all of them. */
export function judgedWays(profile: LureProfile, scene: Scene): readonly Thrown[] {
  if (profile.lure.quantity === 0) return []
  return waysOf(profile, scene)
    .flatMap(way => assembliesOf(way, scene))
    .flatMap(assembly => {
      const { able } = rodsFor(assembly, scene)
      const found = able.length > 0 ? onBestRod(assembly, able, scene) : null
      return found === null || 'code' in found ? [] : [found]
    })
}
