export { type BandShare, courseAt, shareInBand } from './band'
export { type Course, courseOf, type CoursePoint } from './course'
export { type Boat, type DialWay, levelSpeed, LEVERS, runningDepth, TIP_RANGE_M, waysToChange, withWeight } from './dial'
export type { Presented } from './presented'
