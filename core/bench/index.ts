export { type Carried, type ChangedFigures, type ChangedLure, changedLure } from './changed-lure'
export { checkTest } from './check'
export { tearForce, TEST_GUIDES } from './guide'
export { summarise } from './summary'
export {
  balanceShift,
  bladeChange,
  bladePlaces,
  type Change,
  cutTo,
  hookMass,
  hookPlaces,
  hookSwap,
  loadTo,
  stickOnToHang,
  stickOnToSink,
  trimSkirt,
  weightedHook,
} from './workshop'
export { type FishedAs, type WorthTesting, worthTesting } from './worth-testing'
