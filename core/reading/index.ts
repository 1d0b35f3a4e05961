export { completeReading } from './complete'
export type {
  Bottom, Cover, ForageId, Grouping, Mood, Phase, PhaseShares, Pressure, Sky, SpeciesId, Stain, Stand, Tide, Trend, WaterKind,
} from './ids'
export {
  BOTTOMS, COVERS, FORAGE, GROUPINGS, MOODS, PHASES, PRESSURES, SKIES, SPECIES, STAINS, STANDS, TIDES, TRENDS, WATERS,
} from './ids'
export type { CompleteReading, ForageSeen, Reading, WaterLayer } from './reading'
export { type LikenessPart, readingDistance, unlikeness, worthAsEvidence } from './likeness'
export { distanceKm, type HomeWater, isAt, lastAt, type NotedReading, placeAt, usualAt } from './place'
