export { boxOf, check, countsOf, type Issue, LISTS, type ListName, type Outcome, ownOf, parseFile, parseJson, parseLure, parseReading, parseSchools, parseTest } from './parse'
export { fileSchema, type Place, type Settings, type YgrionFile } from './schemas'
