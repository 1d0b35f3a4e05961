export {
  type Ask,
  type AskedAxis,
  askOf,
  type AskOptions,
  desirabilityAt,
  effectKey,
  liftOf,
  type Push,
  type Reason,
} from './ask'
export type { OwnRules } from './user-rules'
