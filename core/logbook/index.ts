export { type Audit, auditRules, type AuditSoFar, type RuleAudit } from './audit'
export { CUT_IDS, type CutId, CUTS, rangeIn } from './cuts'
export { CONDITION_CUTS, explain, type Explained, type ExplainRow } from './explains'
export { daysLike, type LikeDay } from './look-back'
export { CHOSEN_CUTS, type Contrast, DAY_HOURS, MET_CUTS, type Notes, notesOf } from './notes'
export {
  type CrossTable,
  EFFORTS,
  type EffortUnit,
  type RateOptions,
  ratesBy,
  ratesByTwo,
  type RateTable,
  type Return,
  RETURNS,
} from './rates'
export { type Stretch, stretchesOf } from './stretch'
export { type YearSheet, yearSheet, yearsOf } from './year'
