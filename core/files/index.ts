export { boxOf, check, countsOf, type Issue, LISTS, type ListName, type Outcome, parseFile, parseJson, parseLure, parseReading, parseSchools } from './parse.ts'
export { fileSchema, FORMAT, type Place, type Settings, VERSION, type YgrionFile } from './schemas.ts'
