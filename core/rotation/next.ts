import { askOf, type AskOptions } from '#core/ask'
import { AFTER_SILENCE, type ChangeWhat, type HandChange, type SignOffer } from '#core/knowledge'
import {
  classOf,
  colourClass,
  DEPTH_CLASSES_M,
  type LureProfile,
  profileOf,
  SIZE_CLASSES_MM,
  SPEED_CLASSES_MS,
  type Trait,
} from '#core/lure'
import { type Candidate, prepareBox, type PreparedBox, rank, type Ranking } from '#core/match'
import { type Message, message, type Said } from '#core/message'
import type { Reading } from '#core/reading'
import type { Box, Stint, Trip } from '#core/tackle'
import { explainLure, type SetupOut } from '#core/tell'
import type { Family } from '#core/terms'
import { type Dimension, quantity } from '#core/units'
import { fishedNow, inHandChanges } from './in-hand'
import { readSigns, type SignRead } from './signs'
import { contactsOf, fellSilent, type Tried } from './tally'

/** What to change next, as the headless command prints it (contract §5 `next`); before it is put in words, `T` is `Said`. */
export interface NextOut<T = string> {
  signs: { sign: string; means: string; do: string }[]
  do: 'stay' | 'change' | 'return' | 'move' | 'rest'
  change: { what: ChangeWhat; from: T; to: T; setup: SetupOut<T> | null; hand?: HandChange } | null
  why: T
  untried: { trait: Trait; values: T[] }[]
  runnersUp: { what: ChangeWhat; to: string }[]
}

export interface NextOptions extends AskOptions {
  /** ISO 8601; absent: the last that the trip knows of. */
  readonly now?: string
  /** More than one thing may change at once. */
  readonly several?: boolean
  /** `false`: scores come from the rules and the physics alone. */
  readonly useLog?: boolean
}

const MS_PER_MIN = 60_000
/** A stretch without a touch says something from here on, and is answered from here on [min]. Assumed. */
const THIN_MIN = 9
const LONG_MIN = 30
/** Everything is looked at again, and another place is worth as much, after so long [min] (handbook §15: two hours). */
const REVIEW_MIN = 120
/** A change that brings a bite this soon is to be confirmed by going back once [min]; the blank before it was at least this long [min]. Assumed. */
const AT_ONCE_MIN = 10
const BLANK_MIN = 15
const OPEN_COVER: readonly string[] = ['open', 'sand', 'gravel']

/**
 * Reads a trip and says what to do next: stay, change one thing, go back to confirm, or move. Deterministic; the signs, their meaning and their offers are rows of `core/knowledge`.
 * Variants of what is in the hand come before another lure, and what was changed already today for the same sign is not offered again.
 */
export function nextOf(box: Box, trip: Trip, options: NextOptions = {}): NextOut<Said> {
  const stints = trip.stints ?? []
  const current = stints[stints.length - 1]
  const quiet: NextOut<Said> = {
    signs: [],
    do: 'stay',
    change: null,
    why: message('next.nothing-fished'),
    untried: [],
    runnersUp: [],
  }
  if (!current) return quiet
  const now = Date.parse(options.now ?? current.end ?? lastMoment(trip))
  const profiles = new Map(
    box.lures.map(lure => [
      lure.id,
      profileOf(
        lure,
        box.tests.filter(t => t.lureId === lure.id),
      ),
    ]),
  )
  const tried = stints.map(stint =>
    triedOf(stint, profiles.get(stint.lureId)?.lure.family ?? null, Date.parse(trip.start), now),
  )
  const profile = profiles.get(current.lureId)
  const reading = [...stints].reverse().find(s => s.reading)?.reading as Reading | undefined
  if (!profile || !reading)
    return { ...quiet, why: profile ? message('next.no-reading') : message('next.no-lure', { id: current.lureId }) }

  const prepared = prepareBox(box, options)
  const ranking = rank(prepared, askOf(reading, options))
  const day = new Today(prepared, ranking, stints, tried, profiles, options)
  const signs = day.signs
  const told = signs.map(({ sign }) => ({ sign: sign.id, means: sign.means, do: sign.do }))
  const base = { signs: told, untried: day.untried() }
  const stay = (why: Said): NextOut<Said> => ({ ...base, do: 'stay', change: null, why, runnersUp: [] })

  const back = day.confirmation()
  if (back)
    return {
      ...base,
      do: 'return',
      change: {
        what: 'tactic',
        from: day.nameOf(current.lureId),
        to: day.nameOf(back.lureId),
        setup: day.setupOf(back.lureId),
      },
      why: back.why,
      runnersUp: [],
    }

  const offers = signs.flatMap(({ sign }) =>
    sign.offers.filter(offer => day.applies(offer) && !day.wasChanged(offer.what)).map(offer => ({ sign, offer })),
  )
  const [first, ...others] = offers
  if (first)
    return {
      ...base,
      do: 'change',
      change: day.changeOf(first.offer),
      why: first.sign.means,
      runnersUp: others.map(({ offer: { what, to } }) => ({ what, to })),
    }
  if (signs.some(({ sign }) => (sign.pushes.stay ?? 0) > 0))
    return stay(signs.find(({ sign }) => (sign.pushes.stay ?? 0) > 0)!.sign.means)

  if (fellSilent(day.now)) {
    const { why, offers: silent } = AFTER_SILENCE.find(
      ({ species }) => species === null || species.includes(reading.species),
    )!
    const left = silent.filter(o => !day.wasChanged(o.what))
    if (left[0])
      return {
        ...base,
        do: 'change',
        change: day.changeOf(left[0]),
        why,
        runnersUp: left.slice(1).map(({ what, to }) => ({ what, to })),
      }
    return { ...base, do: 'rest', change: null, why: message('next.seen-all'), runnersUp: [] }
  }
  const blank = day.blankMin()
  if (day.now.minutes < THIN_MIN || (blank < LONG_MIN && contactsOf(day.now.events) > 0))
    return stay(message('next.too-early', { minutes: Math.round(day.now.minutes) }))
  if (blank >= LONG_MIN || day.now.minutes >= LONG_MIN) {
    const gap = day.widestGap()
    if (gap)
      return {
        ...base,
        do: 'change',
        change: gap,
        why: message('next.never-tried', { minutes: Math.round(blank) }),
        runnersUp: [],
      }
    if (blank >= REVIEW_MIN)
      return {
        ...base,
        do: 'move',
        change: null,
        why: message('next.move', { minutes: Math.round(blank) }),
        runnersUp: [],
      }
  }
  return stay(
    contactsOf(day.now.events) > 0
      ? message('next.draws')
      : message('next.no-touch', { minutes: Math.round(day.now.minutes) }),
  )
}

/** The newest moment that a trip knows of. */
function lastMoment({ start, stints }: Trip): string {
  const moments = (stints ?? [])
    .flatMap(s => [s.start, s.end, ...(s.events ?? []).map(e => e.at)])
    .filter(m => m != null)
  return moments.reduce((a, b) => (Date.parse(b) > Date.parse(a) ? b : a), start)
}

function triedOf(stint: Stint, family: Family | null, dayStart: number, now: number): Tried {
  const start = Date.parse(stint.start)
  const end = stint.end ? Date.parse(stint.end) : now
  const min = (ms: number) => (ms - dayStart) / MS_PER_MIN
  return {
    offerId: stint.lureId,
    family,
    traits: { colour: '', size: 0, depth: 0, speed: 0, action: '' },
    way: 'moving',
    beganMin: min(start),
    minutes: Math.max(0, (end - start) / MS_PER_MIN),
    casts: stint.casts ?? 0,
    events: (stint.events ?? []).map(({ kind, when, hookedAt, at, depthM, groupSize }) => ({
      kind,
      atMin: min(at ? Date.parse(at) : end),
      ...(when === undefined ? {} : { when }),
      ...(hookedAt === undefined ? {} : { hookedAt }),
      ...(depthM === undefined ? {} : { depthM }),
      ...(groupSize === undefined ? {} : { groupSize }),
    })),
  }
}

/** Colours that anglers set against each other first (handbook §15). */
const OPPOSITE: Readonly<Record<string, readonly string[]>> = {
  natural: ['hot', 'dark'],
  silver: ['hot', 'gold'],
  gold: ['silver', 'natural'],
  hot: ['natural', 'silver', 'plain'],
  dark: ['plain', 'natural'],
  plain: ['hot', 'dark'],
}

/** The day so far, as far as the next change needs it. */
class Today {
  readonly now: Tried
  private readonly current: Stint
  private readonly mine: LureProfile
  private readonly candidate: Candidate | undefined
  /** What the fish of the present stretch say. */
  readonly signs: readonly SignRead[]

  constructor(
    private readonly prepared: PreparedBox,
    private readonly ranking: Ranking,
    private readonly stints: readonly Stint[],
    private readonly tried: readonly Tried[],
    private readonly profiles: ReadonlyMap<string, LureProfile>,
    private readonly options: NextOptions,
  ) {
    this.current = stints[stints.length - 1]!
    this.now = tried[tried.length - 1]!
    this.mine = profiles.get(this.current.lureId)!
    this.candidate = ranking.candidates.find(c => c.profile.lure.id === this.current.lureId)
    this.signs = readSigns(this.now, {
      family: this.mine.lure.family,
      species: ranking.ask.reading.species,
      fishedM: this.depthNow(),
    })
  }

  nameOf(lureId: string): string {
    return this.profiles.get(lureId)?.lure.name ?? lureId
  }

  setupOf(lureId: string): SetupOut<Said> | null {
    return explainLure(this.prepared, this.ranking, lureId)
  }

  /** Minutes since the last contact of the day, or since it began. */
  blankMin(): number {
    const end = this.now.beganMin + this.now.minutes
    return (
      end -
      this.tried
        .flatMap(t => t.events.filter(e => e.kind !== 'snagged' && e.kind !== 'lure-lost').map(e => e.atMin))
        .reduce((a, b) => Math.max(a, b), this.tried[0]!.beganMin)
    )
  }

  applies({ only }: SignOffer): boolean {
    switch (only) {
      case 'open-water':
        return this.ranking.ask.reading.cover.every(c => OPEN_COVER.includes(c))
      case 'nose-hooked':
        return (this.current.rig ?? this.candidate?.technique.rig) === 'drop-shot-nose'
      case 'has-trailer':
        return (this.current.trailerId ?? this.candidate?.trailer?.lure.id ?? null) !== null
      case 'jerked':
        return (this.current.presentation?.cadence ?? this.current.cadence ?? this.candidate?.cadence) === 'jerk-pause'
      default:
        return true
    }
  }

  /** Whether this was changed already on the way to what is fished now. */
  wasChanged(what: ChangeWhat): boolean {
    return this.stints.slice(1).some((stint, i) => {
      const before = this.stints[i]!
      const [a, b] = [this.profiles.get(before.lureId), this.profiles.get(stint.lureId)]
      const same = before.lureId === stint.lureId
      switch (what) {
        case 'colour':
          return !!a && !!b && a.lure.family === b.lure.family && colourClass(a) !== colourClass(b)
        case 'size':
          return !!a && !!b && classOf(SIZE_CLASSES_MM, a.lengthMm.value) !== classOf(SIZE_CLASSES_MM, b.lengthMm.value)
        case 'action':
          return !!a && !!b && !same && a.action.value !== b.action.value
        case 'tactic':
          return !!a && !!b && a.lure.family !== b.lure.family
        case 'trailer':
          return same && (before.trailerId ?? null) !== (stint.trailerId ?? null)
        case 'hook':
          return same && (before.rig ?? null) !== (stint.rig ?? null)
        case 'pause':
          return same && (before.presentation?.pauseS ?? null) !== (stint.presentation?.pauseS ?? null)
        case 'pace':
          return (
            same &&
            (before.presentation?.speedMs ?? before.speedMs ?? null) !==
              (stint.presentation?.speedMs ?? stint.speedMs ?? null)
          )
        case 'depth':
          return (
            same &&
            (before.presentation?.depthM ?? before.depthM ?? null) !==
              (stint.presentation?.depthM ?? stint.depthM ?? null)
          )
        case 'lead':
        case 'weight':
          return same && leadOf(before) !== leadOf(stint)
        default:
          return false
      }
    })
  }

  /** When a change brought a bite at once after a blank: once back to the first; when the first stays blank again, settle on the second. */
  confirmation(): { readonly lureId: string; readonly why: Message } | null {
    const [before, previous] = [this.tried[this.tried.length - 2], this.stints[this.stints.length - 2]]
    if (!before || !previous || previous.lureId === this.current.lureId) return null
    const first = this.now.events.find(e => e.kind !== 'snagged' && e.kind !== 'follow')
    const third = this.stints[this.stints.length - 3]
    if (
      first &&
      first.atMin - this.now.beganMin <= AT_ONCE_MIN &&
      contactsOf(before.events) === 0 &&
      before.minutes >= BLANK_MIN &&
      third?.lureId !== this.current.lureId
    )
      return { lureId: previous.lureId, why: message('next.confirm', { lure: this.nameOf(previous.lureId) }) }
    if (
      third?.lureId === this.current.lureId &&
      contactsOf(this.now.events) === 0 &&
      contactsOf(before.events) > 0 &&
      this.now.minutes >= AT_ONCE_MIN
    )
      return {
        lureId: previous.lureId,
        why: message('next.settle', { blank: this.nameOf(this.current.lureId), lure: this.nameOf(previous.lureId) }),
      }
    return null
  }

  changeOf({ what, to, hand }: SignOffer): NonNullable<NextOut<Said>['change']> {
    const found = this.lureFor(what)
    if (found)
      return {
        what,
        from: this.valueOf(what),
        to: message('next.to-lure', { what: to, lure: this.nameOf(found.profile.lure.id) }),
        setup: this.setupOf(found.profile.lure.id),
      }
    return { what, from: this.valueOf(what), to, setup: this.ownWith(hand), ...(hand ? { hand } : {}) }
  }

  /** What is on the line, fished as the change in the hand has it. */
  private ownWith(hand: HandChange | undefined): SetupOut<Said> | null {
    const own = this.setupOf(this.current.lureId)
    if (!own || !hand) return own
    const { box, trailers } = this.prepared
    const atHand = {
      window: this.mine.speed.value,
      bottomM: this.ranking.ask.reading.bottomM,
      parts: box.parts,
      trailers: trailers.map(t => t.lure),
    }
    const { depthM: told, speedMs: pace, pauseS: pause, cadence, countdownS: count } = own.presentation
    const fished = {
      ...this.current,
      trailerId: this.current.trailerId ?? own.trailerId,
      presentation: {
        depthM: told,
        speedMs: pace,
        pauseS: pause,
        cadence,
        countdownS: count,
        headG: own.headG,
        sinkerG: own.sinkerG,
        ...fishedNow(this.current),
      },
    }
    const changed = inHandChanges(fished, atHand).find(c => c.id === hand)
    if (!changed) return own
    const { trailerId = null, presentation } = changed.stint
    const { speedMs, pauseS, depthM, countdownS } = presentation ?? {}
    return {
      ...own,
      trailerId,
      presentation: {
        ...own.presentation,
        ...(speedMs == null ? {} : { speedMs }),
        ...(pauseS == null ? {} : { pauseS }),
        ...(depthM == null ? {} : { depthM }),
        ...(countdownS == null ? {} : { countdownS }),
      },
    }
  }

  /** How deep it is fished now, as noted, else as it would be [m]. */
  private depthNow(): number | null {
    return this.current.presentation?.depthM ?? this.current.depthM ?? this.candidate?.placement.depthM ?? null
  }

  private valueOf(what: ChangeWhat): Said {
    switch (what) {
      case 'colour':
        return colourClass(this.mine)
      case 'size':
        return message('figure', { figure: quantity('length', this.mine.lengthMm.value) })
      case 'action':
        return this.mine.action.value
      case 'trailer': {
        const trailer = this.current.trailerId ?? this.candidate?.trailer?.lure.id
        return trailer == null ? message('next.no-trailer') : this.nameOf(trailer)
      }
      case 'pause':
        return message('figure.seconds', { seconds: this.current.presentation?.pauseS ?? this.candidate?.pauseS ?? 0 })
      case 'pace':
        return message('figure', {
          figure: quantity(
            'speed',
            this.current.presentation?.speedMs ?? this.current.speedMs ?? this.candidate?.placement.speedMs ?? 0,
          ),
        })
      case 'depth':
        return message('figure', { figure: quantity('depth', this.depthNow() ?? 0) })
      case 'hook':
        return this.current.rig ?? this.candidate?.technique.rig ?? message('next.as-it-is')
      default:
        return this.mine.lure.family
    }
  }

  /** The best lure of the box that makes this change and as few others as may be. */
  private lureFor(what: ChangeWhat): Candidate | undefined {
    const mm = this.mine.lengthMm.value
    const near = (c: Candidate) => Math.abs(Math.log(c.profile.lengthMm.value / mm)) < 0.25
    const others = this.ranking.candidates.filter(c => c.profile.lure.id !== this.current.lureId)
    const kin = others.filter(c => c.profile.lure.family === this.mine.lure.family)
    const twins = kin.filter(c => (c.profile.lure.style ?? null) === (this.mine.lure.style ?? null))
    switch (what) {
      case 'colour': {
        const wanted = OPPOSITE[colourClass(this.mine)] ?? []
        const differ = (list: readonly Candidate[]) =>
          [
            ...wanted.map(w => list.find(c => colourClass(c.profile) === w)),
            list.find(c => colourClass(c.profile) !== colourClass(this.mine)),
          ].find(c => c !== undefined)
        return differ(twins.filter(near)) ?? differ(kin.filter(near)) ?? differ(kin)
      }
      case 'size':
        return (
          kin.find(c => c.profile.lengthMm.value < 0.85 * mm) ??
          others.find(c => c.profile.lengthMm.value < 0.75 * mm && c.way === this.candidate?.way)
        )
      case 'action':
        return (
          others.find(
            c =>
              c.profile.action.value !== this.mine.action.value &&
              sameDepth(c, this.candidate) &&
              c.way === this.candidate?.way,
          ) ?? others.find(c => sameDepth(c, this.candidate))
        )
      case 'tactic': {
        const moving = this.candidate?.way === 'moving' || this.candidate?.way === 'surface'
        const wantsMoving = this.signs.some(s => s.sign.id === 'bite.winding-in')
        return others.find(c =>
          wantsMoving
            ? c.way === 'moving'
            : moving
              ? c.way === 'falling' || c.way === 'vertical' || c.way === 'bottom'
              : c.way !== this.candidate?.way,
        )
      }
      case 'weight':
        return kin.find(c => c.totalG > (this.candidate?.totalG ?? 0))
      case 'sound':
        return others.find(
          c => c.profile.sound.value !== this.mine.sound.value && c.profile.lure.family === this.mine.lure.family,
        )
      default:
        return undefined
    }
  }

  /** What of each trait the box could show these fish and has not today. */
  untried(): NextOut<Said>['untried'] {
    const done = this.stints.flatMap(s => this.ranking.candidates.filter(c => c.profile.lure.id === s.lureId))
    return GAPS.flatMap(({ trait, of, name }) => {
      const seen = new Set(done.map(of))
      const values = [...new Set(this.ranking.candidates.map(of).filter(v => !seen.has(v)))].map(name)
      return values.length > 0 ? [{ trait, values }] : []
    })
  }

  /** The trait that was the same all day, changed by the best lure that differs in it; with `several` in two. */
  widestGap(): NextOut<Said>['change'] {
    const done = this.stints.flatMap(s => this.ranking.candidates.filter(c => c.profile.lure.id === s.lureId))
    const left = this.ranking.candidates.filter(c => !this.stints.some(s => s.lureId === c.profile.lure.id))
    const same = GAPS.filter(({ of }) => new Set(done.map(of)).size === 1 && left.some(c => of(c) !== of(done[0]!)))
    const [gap, second] =
      same.length > 0 ? same : GAPS.filter(({ of }) => left.some(c => !done.some(d => of(d) === of(c))))
    if (!gap) return null
    const differs = ({ of }: typeof gap, c: Candidate) => !done.some(d => of(d) === of(c))
    const found =
      (this.options.several && second ? left.find(c => differs(gap, c) && differs(second, c)) : undefined) ??
      left.find(c => differs(gap, c))
    return found
      ? {
          what: gap.what,
          from: gap.name(gap.of(this.candidate ?? done[0]!)),
          to: message('next.to-lure', { what: gap.name(gap.of(found)), lure: this.nameOf(found.profile.lure.id) }),
          setup: this.setupOf(found.profile.lure.id),
        }
      : null
  }
}

/** Lead that was hung on [g]; 0: none is noted. */
function leadOf({ presentation }: Stint): number {
  return presentation?.headG ?? presentation?.sinkerG ?? 0
}

function sameDepth(a: Candidate, b: Candidate | undefined): boolean {
  return !b || classOf(DEPTH_CLASSES_M, a.placement.depthM) === classOf(DEPTH_CLASSES_M, b.placement.depthM)
}

type TraitValue = string | number
interface TraitOf {
  readonly trait: Trait
  readonly what: ChangeWhat
  readonly of: (c: Candidate) => TraitValue
  readonly name: (v: TraitValue) => Said
}
const upTo = (classes: readonly number[], dimension: Dimension) => (v: TraitValue) =>
  Number.isFinite(classes[Number(v)])
    ? message('next.up-to', { most: quantity(dimension, classes[Number(v)]!) })
    : message('next.over', { least: quantity(dimension, classes[Number(v) - 1]!) })
/** In the order in which they are most often what was never tried (handbook §15). */
const GAPS: readonly TraitOf[] = [
  {
    trait: 'size',
    what: 'size',
    of: c => classOf(SIZE_CLASSES_MM, c.profile.lengthMm.value),
    name: upTo(SIZE_CLASSES_MM, 'length'),
  },
  {
    trait: 'depth',
    what: 'depth',
    of: c => classOf(DEPTH_CLASSES_M, c.placement.depthM),
    name: upTo(DEPTH_CLASSES_M, 'depth'),
  },
  {
    trait: 'speed',
    what: 'pace',
    of: c => classOf(SPEED_CLASSES_MS, c.placement.speedMs),
    name: upTo(SPEED_CLASSES_MS, 'speed'),
  },
  { trait: 'colour', what: 'colour', of: c => colourClass(c.profile), name: String },
  { trait: 'action', what: 'action', of: c => c.profile.action.value, name: String },
]
