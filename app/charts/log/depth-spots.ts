import { group, mean } from 'd3'

/** A contact at its depth in the year. */
export interface DepthMark {
  /** ISO 8601. */
  readonly at: string
  readonly kind: string
  readonly lureId: string
  readonly species: string | null
  readonly depthM: number
}
/** Contacts that would lie on one another in the drawing. */
export interface DepthSpot {
  /** How far through the year, 0..1, and how deep [m]: the mean of them. */
  readonly share: number
  readonly depthM: number
  readonly count: number
  readonly isLanded: boolean
  /** The one that is told. */
  readonly first: DepthMark
}

const MONTHS = 12
const DAYS_IN_MONTH = 31
/** So many marks beside and below one another before they touch. */
const ACROSS = 80
const DOWN = 36

/** The day as it is written, so that it is the angler's own whatever the offset; months are equally wide. */
function shareOfYear({ at }: DepthMark): number {
  return (Number(at.slice(5, 7)) - 1 + (Number(at.slice(8, 10)) - 0.5) / DAYS_IN_MONTH) / MONTHS
}

/** Gathers contacts into spots, the larger the more lie there; sixty thousand give no more than fit beside one another. */
export function depthSpots(marks: readonly DepthMark[], deepestM: number): readonly DepthSpot[] {
  const cellOf = (m: DepthMark) => `${Math.round(shareOfYear(m) * ACROSS)} ${Math.round((m.depthM / deepestM) * DOWN)}`
  return [...group(marks, cellOf).values()].map(here => ({
    share: mean(here, shareOfYear)!,
    depthM: mean(here, m => m.depthM)!,
    count: here.length,
    isLanded: here.some(m => m.kind === 'landed'),
    first: here[0]!,
  }))
}
