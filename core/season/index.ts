export { usualDepth, usualForageLength } from './usual-depth'
export { activityAt, dayOfYear, isStressed, phaseShares, type SeasonInput } from './phases'
