export { type RateEstimate, rateOf } from './rate'
