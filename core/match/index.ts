export { Candidate } from './candidate'
export type { Scene, Thrown } from './scene'
export { judgedWays } from './prospect'
export type { Rejection, RejectionCode } from './refusal'
export { doubtsOf } from './doubt'
export { type DrawnWater, type DrawnWaters, drawnWaters } from './drawn-waters'
export { gapNeeded, hookFor } from './hook-size'
export { leadTold } from './lead'
export { usualPace } from './pace'
export {
  type Lesson,
  type LessonTold,
  logBound,
  type LoggedStretch,
  logSays,
  type LogVerdict,
  movedByLog,
  NO_LOG,
  partsOfLight,
} from './log'
export { matches, wayOf } from './marks'
export { presentedOf } from './presented'
export { Judging, type Ranking } from './judging'
export { NO_TRAILERS, trailerHolds } from './trailer'
export { fishedHours, judgingOf, judgingsOn, prepareBox, type PreparedBox, rank, sceneOf, withTrips } from './rank'
export { kindsOver, partOver, rodOver, typicalLures, windowFor } from './shop-window'
export { concerns as concernsLure } from './said'
export { type Contribution, contributionsOf, type Terms, termsOf } from './terms'
export type { NumberField } from './number-fields'
export { type Flip, type FlipField, flips, type Sweep, sweep } from './what-if'
