import type { SourceRef } from '#core/sources'

/** How far one part of a reading is usually off, and what settles it. */
export interface ReadingErrorRow {
  readonly id: string
  /** The field of a reading that it stands in. */
  readonly field: string
  /** How an error enters: added to the figure, as ln of a factor on it, as a share of the depth of the bottom that the fish lie higher or lower, or as the chance that it is the next of its list. */
  readonly how: 'plus' | 'times' | 'of-bottom' | 'next'
  /** Standard error where it was measured, where it was judged by eye, and where nobody said anything. */
  readonly measured: number
  readonly judged: number
  readonly blank: number
  /** What settles it, as an errand. */
  readonly text: string
  readonly source: SourceRef
}

/** Parts of a reading that are drawn about what was read. The order of the errors is common practice; the figures are assumed. */
export const READING_ERRORS = {
  temperatureC: {
    id: 'error.temperature',
    field: 'temperatureC',
    how: 'plus',
    measured: 0.3,
    judged: 1.5,
    blank: 2.5,
    text: 'let a thermometer down to the fish',
    source: 'common-practice',
  },
  visibilityM: {
    id: 'error.visibility',
    field: 'visibilityM',
    how: 'times',
    measured: 0.1,
    judged: 0.35,
    blank: 0.6,
    text: 'lower something white until it is gone, and raise it until it shows',
    source: 'common-practice',
  },
  fishFromM: {
    id: 'error.depth',
    field: 'fishFromM',
    how: 'of-bottom',
    measured: 0.05,
    judged: 0.2,
    blank: 0.25,
    text: 'look for them with the sounder, or count every cast down and keep the count that is bitten',
    source: 'common-practice',
  },
  currentMs: {
    id: 'error.stream',
    field: 'currentMs',
    how: 'times',
    measured: 0.1,
    judged: 0.35,
    blank: 0.6,
    text: 'time a floating leaf over a length you know',
    source: 'common-practice',
  },
  windMs: {
    id: 'error.wind',
    field: 'windMs',
    how: 'times',
    measured: 0.1,
    judged: 0.3,
    blank: 0.5,
    text: 'read the wind off an instrument',
    source: 'common-practice',
  },
  forageLengthMm: {
    id: 'error.prey',
    field: 'forage',
    how: 'times',
    measured: 0.1,
    judged: 0.25,
    blank: 0.4,
    text: 'hold one of what they eat against a rule',
    source: 'common-practice',
  },
  mood: {
    id: 'error.mood',
    field: 'mood',
    how: 'next',
    measured: 0,
    judged: 0.25,
    blank: 0.5,
    text: 'read it from the first bites: whether they follow, peck or take hard',
    source: 'common-practice',
  },
} as const satisfies Readonly<Record<string, ReadingErrorRow>>

/** A part of a reading that is drawn. */
export type ErrorField = keyof typeof READING_ERRORS
