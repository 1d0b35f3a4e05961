export { ASSUMPTIONS, type AssumptionId } from './assumptions'
export { CITATIONS, type Citation, type CitationId, type SourceRef, sourceText } from './citations'
