export { type BandShare, courseAt, shareInBand } from './band'
export {
  bottomAt,
  coarseCourseOf,
  type Course,
  courseOf,
  type CoursePoint,
  GAUGED_AT_M,
  overWork,
  reelSpeed,
  TOLD_SWING,
} from './course'
export { type Boat, type DialWay, LEVERS, runningDepth, TIP_RANGE_M, waysToChange, withWeight } from './dial'
export { levelSpeed, SLOWEST_MS, streamHalfWay } from './level'
export type { Bait, Presented } from './presented'
export { type BandPoint, type Doubts, type Spread, spreadOf } from './spread'
export { towedDepth } from './towed'
