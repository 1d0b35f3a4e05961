import type { SourceRef } from '#core/sources'

/** Questions on the water; the physics beneath stands apart. */
export const CALC_TASKS = ['deep', 'heavy', 'fast', 'line', 'hang', 'season', 'luck', 'physics'] as const
export type CalcTask = (typeof CALC_TASKS)[number]

/** What a calculator answers, for people: a title, its limits, its source, a worked start, and what its chart shows. */
export interface CalcAbout {
  readonly title: string
  /** What the angler wants to know. */
  readonly task: CalcTask
  readonly says: string
  /** Error of the answer as a share of it, for ordinary inputs; absent: as good as its inputs. */
  readonly error?: number
  readonly source: SourceRef
  /** A sound starting input. Invented where no default exists. */
  readonly start: Readonly<Record<string, unknown>>
  /** Input that is swept and output that is drawn. */
  readonly chart: { readonly x: string; readonly from: number; readonly to: number; readonly y: string } | null
}

const RATED = { depthM: 3 }

/** By the contract's names. */
export const CALC_ABOUT: Readonly<Record<string, CalcAbout>> = {
  'water-density': {
    title: 'Density of water',
    task: 'physics',
    says: 'One atmosphere. Heaviest near 4 °C when fresh.',
    source: 'millero-1981',
    start: { temperatureC: 12 },
    chart: { x: 'temperatureC', from: 0, to: 30, y: 'densityKgM3' },
  },
  'water-viscosity': {
    title: 'Viscosity of water',
    task: 'physics',
    says: 'Only small shot feels it; lures do not.',
    source: 'patek-2009',
    start: { temperatureC: 12 },
    chart: { x: 'temperatureC', from: 0, to: 30, y: 'viscosityMPas' },
  },
  'sphere-fall': {
    title: 'A falling ball',
    task: 'physics',
    says: 'Shot and round weights without line.',
    source: 'clift-1970',
    start: { diameterMm: 8, densityKgM3: 11340, temperatureC: 15 },
    chart: { x: 'diameterMm', from: 1, to: 20, y: 'speedMs' },
  },
  'fall-speed': {
    title: 'How fast it falls',
    task: 'fast',
    error: 0.2,
    says: 'Steady speed, and the time to a depth with the line pulled down. ±15–30 % while the drag area is a guess.',
    source: 'derived',
    start: { weightG: 10, volumeCm3: 1.6, dragAreaCm2: 4.5, depthM: 5, lineDiameterMm: 0.2 },
    chart: { x: 'weightG', from: 3, to: 40, y: 'speedMs' },
  },
  'fit-fall': {
    title: 'Drag from timed drops',
    task: 'hang',
    says: 'Two metres and more; 10 % in time is 20 % in drag.',
    source: 'derived',
    start: { weightG: 9.1, volumeCm3: 7.9, depthM: 2, timesS: [12.4, 12.7, 12.3], temperatureC: 14, salinityPsu: 0 },
    chart: null,
  },
  'hang': {
    title: 'Weight that makes it hang',
    task: 'hang',
    says: 'At one temperature and salinity only. The plastic’s own expansion may turn the direction: test it in the water.',
    source: 'derived',
    start: { weightG: 14.5, volumeCm3: 14.8, temperatureC: 8 },
    chart: { x: 'temperatureC', from: 2, to: 30, y: 'addG' },
  },
  'hang-from-speeds': {
    title: 'Weight to hang, from two rises',
    task: 'hang',
    says: 'Bare, and with a known sinker: better than any measuring of the volume.',
    source: 'derived',
    start: { rise1Ms: 0.06, rise2Ms: 0.02, sinkerG: 0.4, temperatureC: 12, salinityPsu: 0 },
    chart: null,
  },
  'dive-tow': {
    title: 'A plug behind the boat',
    task: 'deep',
    error: 0.1,
    says: 'From one towed depth. Speed hardly matters.',
    source: 'derived',
    start: { rated: RATED, lineOutM: 30, lineDiameterMm: 0.3, tipM: 0.5 },
    chart: { x: 'lineOutM', from: 8, to: 100, y: 'depthM' },
  },
  'tow-line': {
    title: 'A weight behind the boat',
    task: 'deep',
    error: 0.1,
    says: 'With the line’s own weight and drag.',
    source: 'derived',
    start: {
      dragAreaCm2: 5,
      liftAreaCm2: 0,
      netWeightN: 0.5,
      lineDiameterMm: 0.35,
      lineDensityKgM3: 1140,
      speedMs: 0.8,
      lineOutM: 30,
      tipM: 1,
    },
    chart: { x: 'speedMs', from: 0.3, to: 2, y: 'depthM' },
  },
  'dive-cast': {
    title: 'A plug on a cast',
    task: 'deep',
    error: 0.1,
    says: 'From one known depth; deepest a third of the cast from the rod.',
    source: 'derived',
    start: { rated: RATED, castM: 30, lineDiameterMm: 0.3, tipM: 0.8, speedMs: 0.8 },
    chart: { x: 'castM', from: 10, to: 55, y: 'deepestM' },
  },
  'sink-retrieve': {
    title: 'Wound in from a depth',
    task: 'deep',
    error: 0.1,
    says: 'Slow goes down, fast comes up, heavier stays down.',
    source: 'derived',
    start: { netWeightG: 6, dragAreaCm2: 3, lineDiameterMm: 0.2, castM: 25, tipM: 1.5, speedMs: 0.7, startDepthM: 3 },
    chart: { x: 'speedMs', from: 0.2, to: 1.6, y: 'deepestM' },
  },
  'hold-speed': {
    title: 'Speed that holds a depth',
    task: 'fast',
    error: 0.1,
    says: 'At one distance; none when the current alone lifts it.',
    source: 'derived',
    start: { netWeightG: 6, dragAreaCm2: 3, lineDiameterMm: 0.2, depthM: 3, distanceM: 15, tipM: 1.5 },
    chart: { x: 'depthM', from: 0.5, to: 8, y: 'speedMs' },
  },
  'bottom-weight': {
    title: 'Lead that keeps contact',
    task: 'heavy',
    error: 0.1,
    says: 'Line at most 45° from the vertical, on the bottom within 12 s; meets the trade’s weights within about 10 %.',
    source: 'common-practice',
    start: { depthM: 6 },
    chart: { x: 'depthM', from: 1, to: 25, y: 'weightG' },
  },
  'drop-shot': {
    title: 'How high a drop shot stands',
    task: 'deep',
    says: 'A taut line lies at an angle: on a cast it stands far lower than its leader is long.',
    source: 'derived',
    start: { leaderM: 0.61, depthM: 6, distanceM: 15 },
    chart: { x: 'distanceM', from: 1, to: 30, y: 'heightM' },
  },
  'downrigger': {
    title: 'Downrigger blow-back',
    task: 'deep',
    says: 'Angle of the cable from the vertical, and the cable to let out. Turns and waves are not in it.',
    source: 'derived',
    start: { ballKg: 4.5, depthM: 15, speedMs: 1.1 },
    chart: { x: 'speedMs', from: 0.4, to: 1.8, y: 'surfaceAngleDeg' },
  },
  'pick-up': {
    title: 'Line taken in by a turn',
    task: 'line',
    says: 'A turn a second is a medium retrieve.',
    source: 'derived',
    start: { spoolDiameterMm: 36, ratio: 6.3 },
    chart: { x: 'fill', from: 0.2, to: 1, y: 'metresPerTurn' },
  },
  'line-diameter': {
    title: 'Diameter from a label',
    task: 'line',
    error: 0.15,
    says: 'Labels differ by 10–55 % between two conventions: measure when it matters.',
    source: 'from-memory',
    start: { material: 'nylon', testKg: 5 },
    chart: { x: 'testKg', from: 1, to: 25, y: 'diameterMm' },
  },
  'sun': {
    title: 'Height of the sun',
    task: 'season',
    says: 'Geometric, without refraction.',
    source: 'derived',
    start: { at: '2026-06-21T12:00:00Z', latitude: 50, longitude: 0 },
    chart: null,
  },
  'pigment': {
    title: 'What a visual pigment takes in',
    task: 'physics',
    says: 'Alpha and beta band of vitamin-A1 pigments.',
    source: 'govardovskii-2000',
    start: { lambdaMaxNm: 535, wavelengthNm: 550 },
    chart: { x: 'wavelengthNm', from: 380, to: 700, y: 'absorbance' },
  },
  'phase': {
    title: 'Season and activity',
    task: 'season',
    says: 'A mixture of phases, not a switch; the model is assumed.',
    source: 'assumed',
    start: {
      species: 'northern-pike',
      temperatureC: 11.5,
      trend: 'warming',
      at: '2026-05-06T06:40:00+02:00',
      latitude: 58.4,
    },
    chart: { x: 'temperatureC', from: 0, to: 30, y: 'activity' },
  },
  'rate': {
    title: 'Rate from a count',
    task: 'luck',
    says: 'Gamma–Poisson: the mean, and the interval that holds it with 90 % probability. Small counts leave it wide.',
    source: 'derived',
    start: { events: 3, effort: 6, priorShape: 1, priorEffort: 3 },
    chart: { x: 'effort', from: 0.5, to: 40, y: 'mean' },
  },
  'desirability': {
    title: 'Joining desirabilities',
    task: 'physics',
    says: 'The weighted geometric mean: any zero gives zero.',
    source: 'derringer-1980',
    start: { values: [0.25, 1], weights: [1, 1] },
    chart: null,
  },
}
