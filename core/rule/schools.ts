/** Where good anglers disagree (trade §19): the first value of each is the default. */
export const SCHOOLS = {
  grass: ['tick', 'rip'],
  retrieve: ['vary', 'steady'],
  colour: ['forage', 'contrast', 'pair', 'sky'],
  rattle: ['quiet', 'loud'],
  hooks: ['trebles', 'singles'],
  trailerHook: ['short-strikes', 'open-water'],
  crankReel: ['fast', 'slow'],
  vertical: ['by-mood', 'slow', 'fast', 'long-fall'],
  order: ['search', 'finesse'],
} as const

export type SchoolKey = keyof typeof SCHOOLS
export type Schools = { [K in SchoolKey]: (typeof SCHOOLS)[K][number] }
export type SchoolChoice = Partial<Schools>

export const DEFAULT_SCHOOLS = Object.fromEntries(
  Object.entries(SCHOOLS).map(([key, values]) => [key, values[0]]),
) as Schools

/** Whether a row holds under these schools: rows of no school always do. */
export function isOfSchools({ school }: { readonly school?: SchoolChoice }, schools: Schools): boolean {
  return !school || Object.entries(school).every(([key, value]) => schools[key as SchoolKey] === value)
}
