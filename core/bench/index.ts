export { checkTest, type TestIssue } from './check'
export { tearForce, TEST_GUIDES, type TestGuide } from './guide'
export { type Summary, summarise } from './summary'
export {
  balanceShift, bladeChange, type Change, cutTo, hookMass, hookPlaces, hookSwap, loadTo, stickOnToHang, stickOnToSink, trimSkirt, weightedHook,
} from './workshop'
