export { activityAt, dayOfYear, isStressed, phaseShares } from './phases'
export { usualDepth, usualForageLength } from './usual-depth'
