import type { SpeciesId } from '#core/terms'

/** Visual pigments: A1 of sea fish and trout, A2 of many freshwater fish, which is broader. */
export type Chromophore = 'A1' | 'A2'
export interface Cone {
  readonly lambdaMaxNm: number
  readonly chromophore: Chromophore
  readonly number: number
}
export interface EyeRow {
  readonly label: string
  readonly cones: readonly Cone[]
  /** Peaks of the cones that carry brightness [nm]. */
  readonly brightness: readonly number[]
  readonly rod: { readonly lambdaMaxNm: number; readonly chromophore: Chromophore; readonly gain: number }
  /** Wavelength at which the lens lets half through [nm]. */
  readonly lensNm: number
  /** `measured`: cones from the source named; `assumed`: a guess by kinship or habitat. */
  readonly known: 'measured' | 'assumed'
  readonly source: string
}

const a2 = (lambdaMaxNm: number, number: number): Cone => ({ lambdaMaxNm, chromophore: 'A2', number })
const a1 = (lambdaMaxNm: number, number: number): Cone => ({ lambdaMaxNm, chromophore: 'A1', number })

/**
 * What the eyes of the fishes are like. All quoted from memory; rods and lenses of most are assumed.
 * Left out: double cones as a channel of their own, change with age and season.
 */
export const EYES = {
  blackBass: {
    label: 'black bass',
    cones: [a2(535, 1), a2(614, 2)],
    brightness: [614],
    rod: { lambdaMaxNm: 528, chromophore: 'A2', gain: 1 },
    lensNm: 400,
    known: 'measured',
    source: 'Mitchem et al. 2018',
  },
  walleye: {
    label: 'walleye and zander',
    cones: [a2(533, 1), a2(605, 2)],
    brightness: [605],
    rod: { lambdaMaxNm: 533, chromophore: 'A2', gain: 3 },
    lensNm: 420,
    known: 'measured',
    source: 'Burkhardt et al. 1980; gain of the bright layer assumed',
  },
  troutAdult: {
    label: 'trout',
    cones: [a1(434, 1), a2(531, 2), a2(576, 2)],
    brightness: [531, 576],
    rod: { lambdaMaxNm: 512, chromophore: 'A1', gain: 1 },
    lensNm: 385,
    known: 'measured',
    source: 'Hawryshyn & Harosi 1994, ±15 %',
  },
  pikePerch: {
    label: 'pike and perch',
    cones: [a2(535, 1), a2(612, 2)],
    brightness: [612],
    rod: { lambdaMaxNm: 533, chromophore: 'A2', gain: 1 },
    lensNm: 420,
    known: 'assumed',
    source: 'perch: Loew & Lythgoe 1978; pike assumed alike',
  },
  stripedBass: {
    label: 'striped bass',
    cones: [a2(542, 1), a2(605, 2)],
    brightness: [605],
    rod: { lambdaMaxNm: 528, chromophore: 'A2', gain: 1 },
    lensNm: 400,
    known: 'measured',
    source: 'Miller & Korenbrot 1993, ±15 %',
  },
  seaBass: {
    label: 'coastal fish',
    cones: [a1(475, 1), a1(535, 2)],
    brightness: [535],
    rod: { lambdaMaxNm: 500, chromophore: 'A1', gain: 1 },
    lensNm: 400,
    known: 'assumed',
    source: 'coastal pattern, Lythgoe 1979',
  },
  drumSnook: {
    label: 'drums, snook and their like',
    cones: [a1(460, 1), a1(540, 2)],
    brightness: [540],
    rod: { lambdaMaxNm: 503, chromophore: 'A1', gain: 1 },
    lensNm: 400,
    known: 'assumed',
    source: 'drums: Horodysky et al. 2008; the rest assumed alike',
  },
  flatfish: {
    label: 'flatfish and flathead',
    cones: [a1(450, 1), a1(525, 1), a1(548, 2)],
    brightness: [525, 548],
    rod: { lambdaMaxNm: 505, chromophore: 'A1', gain: 1 },
    lensNm: 400,
    known: 'assumed',
    source: 'Horodysky et al. 2010, Iwanicki et al. 2017',
  },
} as const satisfies Record<string, EyeRow>
export type EyeId = keyof typeof EYES

/** Whose eyes each fish is given. */
export const SPECIES_EYES: Record<SpeciesId, EyeId> = {
  'largemouth-bass': 'blackBass',
  'smallmouth-bass': 'blackBass',
  'spotted-bass': 'blackBass',
  'walleye': 'walleye',
  'zander': 'walleye',
  'northern-pike': 'pikePerch',
  'muskellunge': 'pikePerch',
  'perch': 'pikePerch',
  'rainbow-trout': 'troutAdult',
  'brown-trout': 'troutAdult',
  'landlocked-salmon': 'troutAdult',
  'lake-trout': 'troutAdult',
  'sea-trout': 'troutAdult',
  'striped-bass': 'stripedBass',
  'sea-bass': 'seaBass',
  'pollack': 'seaBass',
  'mackerel': 'seaBass',
  'bluefish': 'seaBass',
  'kahawai': 'seaBass',
  'amberjack': 'seaBass',
  'bream': 'seaBass',
  'sand-whiting': 'seaBass',
  'red-drum': 'drumSnook',
  'black-drum': 'drumSnook',
  'spotted-seatrout': 'drumSnook',
  'snook': 'drumSnook',
  'tarpon': 'drumSnook',
  'cobia': 'drumSnook',
  'grouper': 'drumSnook',
  'flounder': 'flatfish',
  'flathead': 'flatfish',
}
