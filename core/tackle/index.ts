export { ended, merged, minutesOf, openStint, withCasts, withChanged, withDetail, withEvent, withoutEvent, withoutStint, withStint, withStock } from './trip-log'
export type { Assembly, BenchTest, Blade, Box, Colours, Lure, LureHook, Outfit, Part, Stint, Trip, TripEvent, UserRule } from './types'
