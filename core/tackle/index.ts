export { dayOf, ended, merged, minutesOf, openStint, resumed, type StintStart, withCasts, withChanged, withDetail, withEvent, withForgotten, withLineEmpty, withoutEvent, withoutLastStint, withoutStint, withStint, withStock } from './trip-log'
export type { Assembly, BenchTest, Blade, Box, Colours, FishedAs, Lure, LureHook, Outfit, Part, Stint, Trip, TripEvent, UserRule } from './types'
export { type Fish, fishOf, fishOfStint, isContact } from './fish-chain'
