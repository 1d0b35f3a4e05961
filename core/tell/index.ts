export { doubtedSetups, explainFirst, explainLure, explainRanking, inFull, match, presentedSetups } from './answer'
export { type AxisDifference, differenceOf, knownShares } from './difference'
export { askedAxes } from './explain'
export type {
  AdviceOut,
  AxisOut,
  FirstOut,
  HandOut,
  HowSureOut,
  MatchOut,
  RankingOut,
  RestOut,
  SetupOut,
  WayOut,
} from './output'
export { howSure } from './how-sure'
export { fairPairs } from './pairs'
export { type Sketch, type Sketches, sketches } from './sketches'
