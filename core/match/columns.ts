import type { TacticRow } from '#core/knowledge'
import type { LureProfile, Mould } from '#core/lure'
import type { AxisId, ScaleAxisId } from '#core/rule'
import type { ReadyTactic, Scene } from './scene'
import { type Said, saidOfLure, silence } from './said'
import { type Figures, figuresOf, type LevelTerms, mostOf, type MouldWay, type Term, wornFigures } from './terms'
import { isFrom, mostPlacedOf, mostWorn, type Suited, suitedTo, wayIn } from './ways'

/** What one level of the rules is asked of: a lure, or a way of fishing it. */
interface Row {
  readonly profile: LureProfile
  readonly way: MouldWay | null
  readonly said: Said
  readonly figures: Figures
}

/** Rows of which an axis says the same, with one that speaks for each, and what was said of these last, at a strength of 1. */
interface Alike {
  readonly of: Int32Array
  readonly spokenFor: readonly Row[]
  readonly known: Map<string, Float64Array>
}
/** What so many shapes say of an axis is kept: those of a search through readings [count, assumed]. */
const SHAPES_KEPT = 24

/**
 * Lures, or ways of fishing them, side by side: for each effect of the handbook the rows of which it says anything, and for each axis which rows are alike on it.
 * Nothing of it changes with a reading; under one, only effects that speak cost an addition for each of their rows.
 */
class Columns {
  /** Where each effect's rows begin, by place. */
  private readonly starts: Int32Array
  private readonly rowOf: Int32Array
  private readonly verdicts: Float64Array
  private readonly alike = new Map<AxisId, Alike>()

  constructor(readonly rows: readonly Row[]) {
    const places = silence().length
    this.starts = new Int32Array(places + 1)
    for (const { said } of rows) for (const place of said.places) this.starts[place + 1]!++
    for (let place = 0; place < places; place++) this.starts[place + 1]! += this.starts[place]!
    const next = this.starts.slice()
    this.rowOf = new Int32Array(this.starts[places]!)
    this.verdicts = new Float64Array(this.starts[places]!)
    rows.forEach(({ said }, r) =>
      said.places.forEach((place, i) => {
        const at = next[place]!++
        this.rowOf[at] = r
        this.verdicts[at] = said.verdicts[i]!
      }),
    )
  }

  /** Log-odds that a level of an ask gives each row, at most where a figure is not known yet. */
  totals({ strengths, others }: LevelTerms): Float64Array {
    const { starts, rowOf, verdicts, rows } = this
    const totals = new Float64Array(rows.length)
    for (let place = 0; place < strengths.length; place++) {
      const strength = strengths[place]!
      if (strength === 0) continue
      for (let i = starts[place]!, end = starts[place + 1]!; i < end; i++) totals[rowOf[i]!]! += strength * verdicts[i]!
    }
    for (const term of others) {
      if (term.shape !== null) this.add(term, term.shape, totals)
      else
        rows.forEach(
          ({ profile, way, figures }, r) => (totals[r]! += term.push.strength * term.value(profile, way, figures)),
        )
    }
    return totals
  }

  private add(term: Term, shape: string, totals: Float64Array): void {
    const { strength } = term.push
    const { of, spokenFor, known } = this.alikeOn(term.axis as ScaleAxisId)
    let values = known.get(shape)
    if (values === undefined) {
      if (known.size === SHAPES_KEPT) known.clear()
      known.set(shape, (values = new Float64Array(spokenFor.length)))
      for (let i = 0; i < values.length; i++) values[i] = mostOf(term, spokenFor[i]!)
    }
    for (let r = 0; r < totals.length; r++) totals[r]! += strength * values[of[r]!]!
  }

  /** What an axis says of a lure hangs on its figure, on the kind of lure, and on the way it is fished. */
  private alikeOn(axis: ScaleAxisId): Alike {
    let known = this.alike.get(axis)
    if (known === undefined) {
      const places = new Map<string, number>()
      const spokenFor: Row[] = []
      const of = new Int32Array(this.rows.length)
      this.rows.forEach((row, r) => {
        const key = `${row.figures[axis]} ${row.profile.lure.family} ${row.way?.way}`
        let place = places.get(key)
        if (place === undefined) places.set(key, (place = spokenFor.push(row) - 1))
        of[r] = place
      })
      this.alike.set(axis, (known = { of, spokenFor, known: new Map() }))
    }
    return known
  }
}

/** A way of fishing a lure, with the place of the lure. */
interface WayRow extends Row {
  readonly way: MouldWay
  readonly lure: number
  /** Place of what it may trail: fished in the same way with as much thump, all of it comes to the same. −1: it trails nothing. */
  readonly worn: number
  /** Place of its pace: lures that work at the same speeds, fished by the same tactic, are placed as well at most. */
  readonly pace: number
}

/** The lures of a box in columns, one of each mould: what they come to at most under a reading, before any of them is looked at by itself. */
export class LureColumns {
  private readonly profiles: readonly LureProfile[]
  private readonly places = new Map<Mould, number>()
  private readonly itself: Columns
  private readonly byTactic = new Map<TacticRow, { readonly profile: LureProfile; readonly suited: Suited }[]>()
  /** Ways by all tactics that were asked for, and from where to where those of each stand. */
  private readonly rows: WayRow[] = []
  private readonly ranges = new Map<string, readonly [number, number]>()
  private readonly worn = new Map<string, number>()
  private readonly paces = new Map<string, number>()
  private ways = new Columns([])

  constructor(lures: readonly LureProfile[]) {
    const profiles: LureProfile[] = []
    for (const profile of lures) {
      if (this.places.has(profile.mould)) continue
      this.places.set(profile.mould, profiles.push(profile) - 1)
    }
    this.profiles = profiles
    this.itself = new Columns(
      profiles.map(profile => ({ profile, way: null, said: saidOfLure(profile), figures: figuresOf(profile) })),
    )
    for (const profile of profiles)
      for (const suited of suitedTo(profile)) {
        const known = this.byTactic.get(suited.tactic)
        if (known) known.push({ profile, suited })
        else this.byTactic.set(suited.tactic, [{ profile, suited }])
      }
  }

  /** @throws when no lure out of this mould is here */
  placeOf({ mould, lure }: LureProfile): number {
    const place = this.places.get(mould)
    if (place === undefined) throw new Error(`lure ${lure.id} is not among those that are judged`)
    return place
  }

  /** Log-odds that each lure wins by itself, but for its paint. */
  ofThemselves({ terms }: Scene): Float64Array {
    return this.itself.totals(terms.lure)
  }

  /** Log-odds that no way of each lure comes over. */
  mostOfWays(scene: Scene): Float64Array {
    const { terms, tactics, ask } = scene
    const asked = [...tactics.values()].map(ready => ({ ready, range: this.rangeOf(ready) }))
    if (this.ways.rows.length < this.rows.length) this.ways = new Columns([...this.rows])
    const fished = this.ways.totals(terms.way)
    const bare = this.ways.totals(terms.hung)
    const dressed = new Float64Array(this.worn.size).fill(NaN)
    const placed = new Float64Array(this.paces.size).fill(NaN)
    const most = new Float64Array(this.profiles.length).fill(-Infinity)
    for (const { ready, range } of asked)
      for (let r = range[0]; r < range[1]; r++) {
        const { profile, way, lure, worn, pace } = this.rows[r]!
        if (!isFrom(way, ask)) continue
        if (Number.isNaN(placed[pace])) placed[pace] = mostPlacedOf(profile, way, scene)
        if (worn >= 0 && Number.isNaN(dressed[worn])) dressed[worn] = mostWorn(profile, way, scene)
        const comesTo = fished[r]! + ready.lift + placed[pace]! + (worn < 0 ? bare[r]! : dressed[worn]!)
        if (comesTo > most[lure]!) most[lure] = comesTo
      }
    return most
  }

  private rangeOf({ tactic, cadence }: ReadyTactic): readonly [number, number] {
    const key = `${tactic.id} ${cadence}`
    let known = this.ranges.get(key)
    if (known === undefined) {
      const from = this.rows.length
      for (const { profile, suited } of this.byTactic.get(tactic) ?? [])
        this.rows.push(this.rowOf(profile, wayIn(profile, suited, cadence)))
      this.ranges.set(key, (known = [from, this.rows.length]))
    }
    return known
  }

  private rowOf(profile: LureProfile, way: MouldWay): WayRow {
    const { technique } = way
    const lure = this.placeOf(profile)
    const figures = { ...way.figures, ...wornFigures(profile, null, technique) }
    return {
      profile,
      way,
      said: way.said,
      figures,
      lure,
      worn: profile.typical.takesTrailer ? placeIn(this.worn, `${lure} ${way.way} ${technique.thump}`) : -1,
      pace: placeIn(this.paces, paceKey(profile, way)),
    }
  }
}

/** All that `mostPlacedOf` asks of a lure and of the way it is fished. */
function paceKey({ speed }: LureProfile, { tactic, technique, isWoundAsWanted }: MouldWay): string {
  const { min, best, max } = speed.value
  return `${tactic.id} ${technique.mode} ${isWoundAsWanted} ${min} ${best} ${max}`
}

/** The place of a key among those that were met so far. */
function placeIn(places: Map<string, number>, key: string): number {
  const place = places.get(key) ?? places.size
  places.set(key, place)
  return place
}

const ofLures = new WeakMap<readonly LureProfile[], LureColumns>()

/** Laid out once for a box. */
export function columnsOf(lures: readonly LureProfile[]): LureColumns {
  let known = ofLures.get(lures)
  if (known === undefined) ofLures.set(lures, (known = new LureColumns(lures)))
  return known
}
