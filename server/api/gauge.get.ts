import { gaugeReading } from '../utils/simulated-gauge'

/** A simulated river gauge: `{ at, temperatureC, flowM3S, levelM, visibilityM, "simulated": true }`. */
export default defineEventHandler(() => gaugeReading(new Date()))
