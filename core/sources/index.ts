export { ASSUMPTIONS, type AssumptionId } from './assumptions.ts'
export { CITATIONS, type Citation, type CitationId, type SourceRef, sourceText } from './citations.ts'
