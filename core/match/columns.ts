import { type TacticRow } from '#core/knowledge'
import type { LureProfile, Mould } from '#core/lure'
import type { AxisId, ScaleAxisId } from '#core/rule'
import type { ReadyTactic, Scene } from './scene'
import { type Figures, figuresOf, type LevelTerms, type MouldWay, type Term } from './terms'
import { saidOfLure, type Said } from './said'
import { isFrom, mostOfWay, mostPlacedOf, type Suited, suitedTo, wayIn } from './ways'

/** What one level of the rules is asked of: a lure, or a way of fishing it. */
interface Row {
  readonly profile: LureProfile
  readonly way: MouldWay | null
  readonly said: Said
  readonly figures: Figures
}

/** Rows of which an axis says the same, with one that speaks for each. */
interface Alike {
  readonly of: Int32Array
  readonly spokenFor: readonly Row[]
}

/**
 * Lures, or ways of fishing them, side by side: what the handbook says of each as one list of places and verdicts, one row after the other, and for each axis which of them are alike on it.
 * Nothing of it changes with a reading; under one, a row costs an addition for each effect that says anything of it.
 */
class Columns {
  private readonly starts: Int32Array
  private readonly places: Uint16Array
  private readonly verdicts: Float64Array
  private readonly alike = new Map<AxisId, Alike>()

  constructor(readonly rows: readonly Row[]) {
    this.starts = new Int32Array(rows.length + 1)
    rows.forEach(({ said }, r) => (this.starts[r + 1] = this.starts[r]! + said.places.length))
    const end = this.starts[rows.length]!
    this.places = new Uint16Array(end)
    this.verdicts = new Float64Array(end)
    rows.forEach(({ said }, r) => {
      this.places.set(said.places, this.starts[r])
      this.verdicts.set(said.verdicts, this.starts[r])
    })
  }

  /** Log-odds that a level of an ask gives each row. */
  totals({ strengths, others }: LevelTerms): Float64Array {
    const { starts, places, verdicts, rows } = this
    const totals = new Float64Array(rows.length)
    for (let r = 0; r < totals.length; r++) {
      let sum = 0
      for (let i = starts[r]!, end = starts[r + 1]!; i < end; i++) sum += strengths[places[i]!]! * verdicts[i]!
      totals[r] = sum
    }
    for (const term of others) {
      if (term.isFigure) {
        const { of, spokenFor } = this.alikeOn(term.axis as ScaleAxisId)
        const gains = spokenFor.map(row => gainOf(term, row))
        for (let r = 0; r < totals.length; r++) totals[r]! += gains[of[r]!]!
      } else rows.forEach((row, r) => (totals[r]! += gainOf(term, row)))
    }
    return totals
  }

  /** What an axis says of a lure hangs on its figure, on the kind of lure, and on the way it is fished. */
  private alikeOn(axis: ScaleAxisId): Alike {
    let known = this.alike.get(axis)
    if (known === undefined) {
      const places = new Map<string, number>()
      const spokenFor: Row[] = []
      const of = Int32Array.from(this.rows, row => {
        const key = `${row.figures[axis]} ${row.profile.lure.family} ${row.way?.way}`
        let place = places.get(key)
        if (place === undefined) places.set(key, (place = spokenFor.push(row) - 1))
        return place
      })
      this.alike.set(axis, (known = { of, spokenFor }))
    }
    return known
  }
}

function gainOf({ push, value }: Term, { profile, way, figures }: Row): number {
  return push.strength * value(profile, way, figures)
}

/** The ways of one tactic, worked like this, with the lure of each. */
interface WaysOfTactic {
  readonly columns: Columns
  readonly ways: readonly MouldWay[]
  /** Place of the lure, by row. */
  readonly lure: Int32Array
}

/** The lures of a box in columns, one of each mould: what they come to at most under a reading, before any of them is looked at by itself. */
export class LureColumns {
  private readonly profiles: readonly LureProfile[]
  private readonly places = new Map<Mould, number>()
  private readonly itself: Columns
  private readonly byTactic = new Map<TacticRow, { readonly profile: LureProfile; readonly suited: Suited }[]>()
  private readonly ways = new Map<string, WaysOfTactic>()

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
    const most = new Float64Array(this.profiles.length).fill(-Infinity)
    for (const ready of scene.tactics.values()) {
      const { columns, ways, lure } = this.waysBy(ready)
      const totals = columns.totals(scene.terms.way)
      for (let r = 0; r < totals.length; r++) {
        const way = ways[r]!
        if (!isFrom(way.technique, scene.ask)) continue
        const l = lure[r]!
        const profile = this.profiles[l]!
        const mostOfThis = mostOfWay(profile, ready, totals[r]!, mostPlacedOf(profile, way, scene), scene)
        if (mostOfThis > most[l]!) most[l] = mostOfThis
      }
    }
    return most
  }

  private waysBy({ tactic, cadence }: ReadyTactic): WaysOfTactic {
    const key = `${tactic.id} ${cadence}`
    let known = this.ways.get(key)
    if (known === undefined) {
      const found = (this.byTactic.get(tactic) ?? []).map(({ profile, suited }) => ({
        profile,
        way: wayIn(profile, suited, cadence),
      }))
      known = {
        columns: new Columns(found.map(({ profile, way }) => ({ profile, way, said: way.said, figures: way.figures }))),
        ways: found.map(({ way }) => way),
        lure: Int32Array.from(found, ({ profile }) => this.placeOf(profile)),
      }
      this.ways.set(key, known)
    }
    return known
  }
}

const ofLures = new WeakMap<readonly LureProfile[], LureColumns>()

/** Laid out once for a box. */
export function columnsOf(lures: readonly LureProfile[]): LureColumns {
  let known = ofLures.get(lures)
  if (known === undefined) ofLures.set(lures, (known = new LureColumns(lures)))
  return known
}
