import type { WishId } from '#core/pack'

export const WISH_WORDS: Record<WishId, string> = {
  'above-natural': 'natural, above the fish',
  'above-hot': 'hot, above the fish',
  'at-natural': 'natural, at the fish',
  'at-hot': 'hot, at the fish',
  'under-natural': 'natural, under the fish',
  'under-hot': 'hot, under the fish',
  'search': 'search bait',
  'clean-up': 'clean-up bait',
  'noisy': 'noisy one',
  'silent': 'silent one',
}
const PLACES = ['first', 'second', 'third'] as const
export const placeWord = (place: number): string => PLACES[place] ?? `${place + 1}th`
