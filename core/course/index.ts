export { type BandShare, courseAt, shareInBand } from './band'
export { type Course, courseOf, type CoursePoint, type Stage } from './course'
export { type Boat, type DialWay, type Lever, LEVERS, levelSpeed, runningDepth, TIP_RANGE_M, waysToChange, withWeight } from './dial'
export type { Bait, Presented } from './presented'
