import type { LureProfile, Mould } from '#core/lure'
import { message } from '#core/message'
import { type AbleRod, onBestRod, rodsFor } from './on-rod'
import { nearerMiss, type Out, type Refusal } from './refusal'
import type { Assembly, Scene, Thrown } from './scene'
import { columnsOf, type LureColumns } from './columns'
import { assembliesOf, type FishableWay, waysOf } from './ways'

export const NONE_LEFT: Out = { code: 'none-left', why: message('match.none-left') }
const NOT_FROM_HERE: Out = { code: 'switched-off', why: message('match.not-from-here') }

/** What is left to try: a way of fishing, what hangs on the line for it, or that on the rods that can throw it. `most`: log-odds that it comes to at most. */
type Step =
  | { readonly most: number; readonly way: FishableWay }
  | { readonly most: number; readonly assembly: Assembly; readonly rods: readonly AbleRod[] | null }

const byMost = (a: Step, b: Step) => b.most - a.most

/** The ways of fishing the lures of one mould here, and what can hang on the line for each, laid out as it is asked for. No rod changes them. */
class Layout {
  private knownWays: readonly Step[] | null = null
  private readonly hung = new Map<FishableWay, readonly Step[]>()

  /** `profile`: any of the mould; `most`: log-odds that no way comes over. */
  constructor(
    private readonly profile: LureProfile,
    private readonly scene: Scene,
    readonly most: number,
  ) {}

  /** The best first. */
  get ways(): readonly Step[] {
    return (this.knownWays ??= waysOf(this.profile, this.scene)
      .map((way): Step => ({ most: way.most, way }))
      .sort(byMost))
  }

  /** In no order. */
  assemblies(way: FishableWay): readonly Step[] {
    let known = this.hung.get(way)
    if (known === undefined)
      this.hung.set(
        way,
        (known = assembliesOf(way, this.scene).map(assembly => ({
          most: assembly.odds + assembly.mostPlaced,
          assembly,
          rods: null,
        }))),
      )
    return known
  }
}

/** What was laid out of each mould under one ask with the same trailers, whatever the rods. */
export class Layouts {
  private readonly known = new Map<Mould, Layout>()
  private readonly columns: LureColumns
  private readonly mostOfWays: Float64Array
  private readonly ofThemselves: Float64Array

  constructor(
    private readonly scene: Scene,
    lures: readonly LureProfile[],
  ) {
    this.columns = columnsOf(lures)
    this.mostOfWays = this.columns.mostOfWays(scene)
    this.ofThemselves = this.columns.ofThemselves(scene)
  }

  /** Log-odds that a lure wins by itself, but for its paint. */
  ofItself(profile: LureProfile): number {
    return this.ofThemselves[this.columns.placeOf(profile)]!
  }

  /** Log-odds that no way of a lure comes over. */
  mostOf(profile: LureProfile): number {
    return this.mostOfWays[this.columns.placeOf(profile)]!
  }

  of(profile: LureProfile): Layout {
    const { mould } = profile
    let known = this.known.get(mould)
    if (known === undefined) this.known.set(mould, (known = new Layout(profile, this.scene, this.mostOf(profile))))
    return known
  }
}

/**
 * The search for the best set-up of one lure, a step at a time: those that could become best are followed first, and those that cannot come over what was found are not
 * put in the water. What the lure itself wins stands beside all of them.
 */
export class Prospect {
  /** What could become best first; `null`: its ways are not looked at yet. */
  private left: Step[] | null = null
  private best: Thrown | null = null
  private refusal: Refusal | null = null

  constructor(
    private readonly layout: Layout,
    private readonly scene: Scene,
  ) {}

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
    return this.left === null ? this.layout.most : (this.left[0]?.most ?? -Infinity)
  }

  tryNext(): void {
    const { scene, layout } = this
    const left = (this.left ??= [...layout.ways])
    const follow = (steps: readonly Step[]) => {
      left.push(...steps)
      left.sort(byMost)
    }
    const step = left.shift()!
    if ('way' in step) follow(layout.assemblies(step.way))
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
export function prospects(scene: Scene, layouts: Layouts): (profile: LureProfile) => Prospect {
  const known = new Map<Mould, Prospect>()
  return profile => {
    let prospect = known.get(profile.mould)
    if (prospect === undefined) known.set(profile.mould, (prospect = new Prospect(layouts.of(profile), scene)))
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
