import type { Rule } from '#core/rule'

/** The outfit's share of the judgement (trade §9); `core/match` works out the figure. */
export const ROD_RULES: readonly Rule[] = [
  {
    id: 'rod.window',
    weight: 2,
    when: [],
    source: 'common-practice',
    text: 'The whole weight inside the rod’s window; trebles want a softer rod, single stout hooks in cover a stiffer one.',
    effects: [{ axis: 'rod', favours: {}, lift: 0.33 }],
  },
]
