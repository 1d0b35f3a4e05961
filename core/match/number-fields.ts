import { type CompleteReading, mostlyEating, type Reading } from '#core/reading'

/** Parts of a reading that are numbers, how they are changed, and the steps that are tried outward on each side. */
export const NUMBER_FIELDS = {
  /** [°C] */
  temperatureC: {
    at: r => r.temperatureC,
    steps: [1, 2, 3, 4, 6, 8, 11, 14],
    least: -1,
    most: 34,
    set: temperatureC => ({ temperatureC }),
  },
  /** [m]; by factors, as eyes judge it. */
  visibilityM: {
    at: r => r.visibilityM,
    factors: [1.2, 1.5, 2, 3, 5, 8, 13],
    least: 0.1,
    most: 12,
    set: visibilityM => ({ visibilityM }),
  },
  windMs: { at: r => r.windMs, steps: [1, 2, 3, 4, 6, 8, 10], least: 0, most: 16, set: windMs => ({ windMs }) },
  currentMs: {
    at: r => r.currentMs,
    steps: [0.1, 0.2, 0.3, 0.5, 0.8, 1.2],
    least: 0,
    most: 2,
    set: currentMs => ({ currentMs }),
  },
  /** Top of the fish band [m]; the whole band moves. */
  fishFromM: {
    at: r => r.fishFromM,
    steps: [0.5, 1, 1.5, 2, 3, 4, 6, 8],
    least: 0,
    most: 60,
    set: (fishFromM, r) => {
      const fishToM = Math.min(r.bottomM, fishFromM + (r.fishToM - r.fishFromM))
      return { fishFromM: Math.min(fishFromM, fishToM), fishToM }
    },
  },
  /** Length of what they mostly eat [mm]. */
  forageLengthMm: {
    at: r => r.forage[0]!.lengthMm,
    factors: [1.2, 1.5, 2, 2.8, 4],
    least: 10,
    most: 350,
    set: (lengthMm, r) => ({
      forage: mostlyEating(r.forage, { kind: r.forage[0]!.kind, lengthMm: Math.round(lengthMm) }),
    }),
  },
} as const satisfies Record<string, NumberPart>
export type NumberField = keyof typeof NUMBER_FIELDS

export interface NumberPart {
  readonly at: (reading: CompleteReading) => number
  readonly steps?: readonly number[]
  readonly factors?: readonly number[]
  readonly least: number
  readonly most: number
  readonly set: (value: number, reading: CompleteReading) => Partial<Reading>
}
