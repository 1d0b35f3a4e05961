import type { ChangeWhat } from '#core/knowledge'
import { classOf, colourClass, DEPTH_CLASSES_M, SIZE_CLASSES_MM, SPEED_CLASSES_MS, type Trait } from '#core/lure'
import type { Candidate } from '#core/match'
import { message, type Said } from '#core/message'
import { type Dimension, quantity } from '#core/units'
import type { Change, NextOut } from './next-out'
import type { TripSoFar } from './trip-so-far'

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

/** Set-ups of the lures that were fished. */
const fished = ({ stints, ranking }: TripSoFar): readonly Candidate[] =>
  stints.flatMap(s => ranking.candidates.filter(c => c.profile.lure.id === s.lureId))

/** What of each trait the box could show these fish and has not today. */
export function untriedOn(trip: TripSoFar): NextOut<Said>['untried'] {
  const done = fished(trip)
  return GAPS.flatMap(({ trait, of, name }) => {
    const seen = new Set(done.map(of))
    const values = [...new Set(trip.ranking.candidates.map(of).filter(v => !seen.has(v)))].map(name)
    return values.length > 0 ? [{ trait, values }] : []
  })
}

/** The trait that was the same all day, changed by the best lure that differs in it; with `several` in two. */
export function widestGap(trip: TripSoFar): Change | null {
  const done = fished(trip)
  const left = trip.ranking.candidates.filter(c => !trip.wasFished(c))
  const same = GAPS.filter(({ of }) => new Set(done.map(of)).size === 1 && left.some(c => of(c) !== of(done[0]!)))
  const [gap, second] =
    same.length > 0 ? same : GAPS.filter(({ of }) => left.some(c => !done.some(d => of(d) === of(c))))
  if (!gap) return null
  const differs = ({ of }: typeof gap, c: Candidate) => !done.some(d => of(d) === of(c))
  const found =
    (trip.options.several && second ? left.find(c => differs(gap, c) && differs(second, c)) : undefined) ??
    left.find(c => differs(gap, c))
  return found
    ? {
        what: gap.what,
        from: gap.name(gap.of(trip.candidate ?? done[0]!)),
        to: message('next.to-lure', { what: gap.name(gap.of(found)), lure: trip.nameOf(found.profile.lure.id) }),
        setup: trip.setupOf(found.profile.lure.id),
      }
    : null
}
