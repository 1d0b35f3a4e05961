import { type AloneRow, CADENCE_WAY, type ChangeWhat, type SignOffer, TECHNIQUES } from '#core/knowledge'
import { colourClass, isBiteProof, type LureProfile } from '#core/lure'
import type { Candidate, PreparedBox, Ranking } from '#core/match'
import { type Message, message, type Said } from '#core/message'
import type { Outfit, Stint } from '#core/tackle'
import { explainLure, type SetupOut } from '#core/tell'
import type { NextOptions } from './next-out'
import { readSigns, type SignRead } from './signs'
import { contactsOf, silentMin, type Tried } from './tally'

/** A change that brings a bite this soon is to be confirmed by going back once [min]; the blank before it was at least this long [min]. Assumed. */
const AT_ONCE_MIN = 10
const BLANK_MIN = 15
/** A bait of this share of the length is another size. Assumed. */
export const ANOTHER_SIZE = 0.85
const isAnotherSize = (a: number, b: number) => Math.min(a, b) < ANOTHER_SIZE * Math.max(a, b)
/** From this guard on the point lies hidden, 0..3. */
const POINT_HIDDEN = 2
const OPEN_COVER: readonly string[] = ['open', 'sand', 'gravel']

/** The day so far, as far as the next change needs it. */
export class TripSoFar {
  readonly now: Tried
  /** What is fished now: its stretch, its lure, and how the judgement would fish it here. */
  readonly current: Stint
  readonly mine: LureProfile
  readonly candidate: Candidate | undefined
  /** What the fish of the present stretch say. */
  readonly signs: readonly SignRead[]

  constructor(
    readonly prepared: PreparedBox,
    readonly ranking: Ranking,
    readonly stints: readonly Stint[],
    private readonly tried: readonly Tried[],
    readonly profiles: ReadonlyMap<string, LureProfile>,
    readonly options: NextOptions,
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

  /** How well it sheds what it meets, as it is rigged, 0..3. */
  private get guard(): number {
    const { rig } = this.current
    const { guard } = TECHNIQUES.find(t => t.rig === rig) ?? this.candidate?.technique ?? { guard: 'own' }
    return guard === 'own' ? this.mine.snagGuard.value : guard
  }

  /** On the rod it is fished with, as noted, else as it would be. */
  private get leader(): Outfit['leader'] {
    const { outfitId } = this.current
    const noted = this.prepared.outfits.find(({ outfit }) => outfit.id === outfitId)
    return (noted ?? this.candidate?.outfit)?.outfit.leader ?? null
  }

  /** Hopped, dragged or lying: what fouls there is not too deep, it is too heavy or the wrong bait. */
  private get isOnBottom(): boolean {
    const cadence = this.current.presentation?.cadence ?? this.current.cadence ?? this.candidate?.cadence
    return cadence !== undefined && CADENCE_WAY[cadence] === 'bottom'
  }

  /** Whether the lure of a set-up was on the line today. */
  wasFished({ profile }: Candidate): boolean {
    return this.stints.some(({ lureId }) => lureId === profile.lure.id)
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

  /** How deep it is fished now, as noted, else as it would be [m]. */
  depthNow(): number | null {
    return this.current.presentation?.depthM ?? this.current.depthM ?? this.candidate?.placement.depthM ?? null
  }

  /** Whether fish stand alone here, and the one that was here has been had. */
  isAlone({ grouping, notCover, afterMin }: AloneRow): boolean {
    const { reading } = this.ranking.ask
    return (
      reading.grouping === grouping &&
      !reading.cover.some(c => notCover.includes(c)) &&
      this.now.events.some(e => e.kind === 'landed' || e.kind === 'lost') &&
      silentMin(this.now) >= afterMin
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
      case 'off-bottom':
        return !this.isOnBottom
      case 'on-bottom':
        return this.isOnBottom
      case 'open-point':
        return this.guard < POINT_HIDDEN
      case 'cuttable':
        return !isBiteProof(this.leader)
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
          return !!a && !!b && isAnotherSize(a.lengthMm.value, b.lengthMm.value)
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
}

/** Lead that was hung on [g]; 0: none is noted. */
function leadOf({ presentation }: Stint): number {
  return presentation?.headG ?? presentation?.sinkerG ?? 0
}
