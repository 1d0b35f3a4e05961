export { usualDepth, usualForageLength } from './usual-depth'
export { activityAt, dayOfYear, isStressed, phaseShares, type PhaseShares, type SeasonInput } from './phases'
