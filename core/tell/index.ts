export {
  doubtedSetups,
  explainFirst,
  explainLure,
  explainRanking,
  explainRest,
  inFull,
  match,
  presentedSetups,
} from './answer'
export { type AxisDifference, differenceOf, knownShares } from './difference'
export { askedAxes } from './explain'
export type { AdviceOut, AxisOut, FirstOut, HandOut, MatchOut, RestOut, SetupOut, WayOut } from './output'
export { fairPairs } from './pairs'
export { type Sketch, type Sketches, sketches } from './sketches'
