export { ASSUMPTIONS } from './assumptions'
export { CITATIONS, type SourceRef, sourceText } from './citations'
