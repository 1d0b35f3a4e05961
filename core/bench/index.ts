export { checkTest } from './check'
export { tearForce, TEST_GUIDES } from './guide'
export { summarise } from './summary'
export { balanceShift, bladeChange, type Change, cutTo, hookMass, hookPlaces, hookSwap, loadTo, stickOnToHang, stickOnToSink, trimSkirt, weightedHook } from './workshop'
