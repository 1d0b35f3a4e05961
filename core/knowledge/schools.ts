import type { SchoolKey, Schools } from '#core/rule'

/** One question on which good anglers disagree (trade §19), with what each school holds and why the first is the default here. Common practice, no source. */
export interface SchoolRow<K extends SchoolKey = SchoolKey> {
  readonly question: string
  readonly holds: Readonly<Record<Schools[K], string>>
  readonly whyDefault: string
}

export const SCHOOL_TABLE: { readonly [K in SchoolKey]: SchoolRow<K> } = {
  grass: {
    question: 'A plug over grass',
    holds: {
      tick: 'tick the tops: line and depth so that it comes through with a light pull',
      rip: 'rip free: let it catch, snatch it out at speed; the snatch makes the bite',
    },
    whyDefault: 'Ticking is the default: it works in cold water too, and keeps the hooks clean.',
  },
  retrieve: {
    question: 'The retrieve of moving baits',
    holds: {
      vary: 'never straight: snap, sweep, pause, burn and stop',
      steady: 'one pace, never changed under a follower',
    },
    whyDefault:
      'Varying is the default: most bites come at a change. Trout spoons are where the other school is strongest.',
  },
  colour: {
    question: 'Colour',
    holds: {
      forage: 'match the forage',
      contrast: 'contrast only: dark in low light, light in high',
      pair: 'one natural and one hot, and let the fish choose',
      sky: 'gold in cloud, silver in sun',
    },
    whyDefault:
      'Matching the forage is the default: it agrees with what the light model finds in clear water, and does least harm elsewhere.',
  },
  rattle: {
    question: 'Rattles',
    holds: { quiet: 'silent unless it is muddy, before spawning or the fish are aggressive', loud: 'loud to search' },
    whyDefault: 'Quiet is the default: a rattle cannot be taken back on fished-for water.',
  },
  hooks: {
    question: 'Hooks on plugs',
    holds: { trebles: 'trebles, better than the factory’s', singles: 'singles in their place' },
    whyDefault:
      'Trebles are the default because plugs are balanced for them. Where barbs or trebles are limited, check the local rules.',
  },
  trailerHook: {
    question: 'A trailer hook (never in cover)',
    holds: { 'short-strikes': 'only in open water when they nip short', 'open-water': 'always in open water' },
    whyDefault: 'For short strikes is the default: a second hook fouls more.',
  },
  crankReel: {
    question: 'The reel for slow cranking',
    holds: { fast: 'about 6.4:1, and slow down yourself', slow: 'about 5:1' },
    whyDefault: 'The faster one is the default: it picks up slack, and one reel does both.',
  },
  vertical: {
    question: 'Vertical metal',
    holds: {
      'by-mood': 'as the fish are: fast when active, slow when not',
      'slow': 'slow: short flat jigs that flutter',
      'fast': 'fast: long slim jigs',
      'long-fall': 'the long fall: lift high, drop on slack',
    },
    whyDefault: 'By mood is the default: none of the three is better, the fish decide.',
  },
  order: {
    question: 'What comes first',
    holds: { search: 'search with moving baits, then clean up', finesse: 'target fish with finesse from the start' },
    whyDefault: 'Searching is the default: most water holds no fish.',
  },
}
