export { type Ask, type AskedAxis, askOf, type AskOptions, desirabilityAt, type Reason, type Taste } from './ask'
export type { OwnRules } from './user-rules'
