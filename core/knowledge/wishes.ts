/** Chances that the fish care about nothing, about one value of one trait, about two, on a day of which nothing is known. Assumed. */
export const FISH_CARE = { nothing: 0.25, one: 0.55, two: 0.2 } as const

/** What is not wanted is met at this share of the full rate. Assumed. */
export const UNWANTED = 0.3
