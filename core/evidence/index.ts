export { probabilityHigher } from './compare'
export { sumOf, type Tally, tallyOf } from './effort'
export { type Group, pooledRates } from './pool'
export { type RateEstimate, rateOf } from './rate'
