export { AXES, type Axis, AXIS_IDS, type AxisId, type ScaleAxisId, type TasteAxisId } from './axes'
export type { Features, NumberFeature, SetFeature } from './features'
export { effectPeak, jointMembership, type Shape, shapeOf } from './membership'
export {
  type Advice,
  ADVICE_SUBJECTS,
  type AdviceSubject,
  type AdviceFor,
  type Condition,
  type Effect,
  type Favour,
  isPush,
  type LureMarks,
  type PushEffect,
  type Rule,
  type ScaleEffect,
  type Way,
} from './rule'
export { DEFAULT_SCHOOLS, isOfSchools, type SchoolChoice, type SchoolKey, SCHOOLS, type Schools } from './schools'
export { fillIn } from './wording'
