export { completeReading } from './complete.ts'
export type {
  Bottom, Cover, ForageId, Mood, Phase, Pressure, Sky, SpeciesId, Stain, Stand, Tide, Trend, WaterKind,
} from './ids.ts'
export {
  BOTTOMS, COVERS, FORAGE, MOODS, PHASES, PRESSURES, SKIES, SPECIES, STAINS, STANDS, TIDES, TRENDS, WATERS,
} from './ids.ts'
export type { CompleteReading, ForageSeen, Reading, WaterLayer } from './reading.ts'
