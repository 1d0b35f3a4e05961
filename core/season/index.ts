export { activityAt, dayOfYear, isStressed, phaseShares } from './phases'
export { usualDepth, usualForageLength } from './usual-depth'
export {
  type DatedTemperature,
  type PhaseSpan,
  phasesOfYear,
  type UsualTemperature,
  type UsualYear,
  usualYear,
} from './usual-year'
