export { CSV_COLUMNS, csvColumn } from './csv-columns'
export { fieldAt, lureRows, luresToCsv, type ReadingRows, withField, type WordRead, wordsOf } from './csv-lures'
export { belowHeading, type ColumnMapping, type Corrections, guessMapping, isTable, MORE } from './csv-mapping'
export { type CsvTable, listOfLines, readCsv, writeCsv } from './csv-table'
export { compareTrips, tripsFromCsv, type TripsRead, tripsToCsv } from './csv-trips'
export { type BoatMoment, type NmeaCounts, type NmeaLog, NmeaReader, nmeaSentence, parseNmea } from './nmea'
export { type OtherRow, otherRows, planOther, type PlannedOther } from './other-tackle'
export {
  boxOf,
  check,
  countsOf,
  type Issue,
  type ListName,
  LISTS,
  type Outcome,
  ownOf,
  parseAssembly,
  parseCase,
  parseFile,
  parseJson,
  parseLure,
  parseOutfit,
  parsePack,
  parsePart,
  parsePlace,
  parseReading,
  parseRow,
  parseRule,
  parseSchools,
  parseTest,
  parseTrip,
} from './parse'
export { type FilePlan, type MergeBy, planFile, planLures, type PlannedLure } from './plan-import'
export { type Precision, PRECISIONS, tripsToGeoJson, tripsToGpx, withSpots } from './positions'
export { writeFile } from './write-file'
export { fileSchema, FORMAT, type Place, type Settings, VERSION, type YgrionFile } from './schemas'
