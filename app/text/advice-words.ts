import type { ChangeWhat } from '#core/knowledge'
import type { Trait } from '#core/lure'
import type { AdviceReason, NextOut, Turn } from '#core/rotation'

export const TRAIT_WORDS: Record<Trait, string> = {
  colour: 'colour',
  size: 'size',
  depth: 'depth',
  speed: 'speed',
  action: 'action',
}

export const WHAT_WORDS: Record<ChangeWhat, string> = {
  ...TRAIT_WORDS,
  pace: 'pace',
  pause: 'pause',
  trailer: 'trailer',
  hook: 'hook',
  lead: 'lead',
  line: 'line',
  sound: 'sound',
  weight: 'weight',
  tactic: 'bait',
}

/** What the bites say to do, as a heading. */
export function biteTitle({ do: what, change }: NextOut): string {
  switch (what) {
    case 'change':
      return `Change the ${change ? WHAT_WORDS[change.what] : 'bait'}`
    case 'return':
      return 'Back to the one before, once'
    case 'move':
      return 'Change the place'
    case 'rest':
      return 'Rest the place'
    case 'stay':
      return 'Stay with it'
  }
}

/** A reason of the adviser as a sentence. */
export function adviceInWords({ rule, values }: AdviceReason): string {
  switch (rule) {
    case 'area':
      return `A bite just now: stay ${values.minutes} min and work the place, fish group up.`
    case 'thin':
      return `${values.minutes} min with this lure prove nothing yet.`
    case 'works':
      return Number(values.contacts) > 0
        ? `It draws fish (${values.contacts} so far) and nothing in the box promises clearly more.`
        : 'Nothing in the box promises clearly more than this.'
    case 'untried':
      return `Another ${values.trait} has not been tried today.`
    case 'review':
      return `${values.minutes} min without a touch: after two hours at the latest everything is looked at again.`
    case 'conditioned':
      return `${values.contacts} came, then ${values.minutes} min nothing: they have seen it. Same depth, another action, then slower.`
    case 'clean-up':
      return 'Found with a moving bait: now slow down and clean up.'
    case 'belief':
      return `What was fished so far makes it ${values.percent}\u00A0% likely that ${values.trait} matters today.`
    case 'two-changes':
      return `Nothing at hand differs in one thing only: this changes ${values.traits}. Sort out later which it was.`
    case 'place':
      return `${values.minutes} min and ${values.setups} different set-ups without a touch here: another place is worth as much as another lure.`
    case 'nothing-left':
      return 'Everything that differs a little has been tried; change the place, or allow several changes at once.'
  }
}

const COLOUR_WORDS: Record<string, string> = {
  natural: 'natural',
  hot: 'hot',
  dark: 'dark',
  plain: 'plain',
  silver: 'silver',
  gold: 'gold',
}
export const colourWord = (id: string): string => COLOUR_WORDS[id] ?? id

const TURN_WORDS: Record<Turn['turn'], [ahead: string, over: string]> = {
  'sun-up': ['The sun rises', 'The sun rose'],
  'sun-down': ['The sun sets', 'The sun set'],
  'tide': ['The tide turns (by your note)', 'The tide turned (by your note)'],
}

/** "The sun rises in 12 min." */
export function turnInWords({ turn, inMin }: Turn): string {
  const [ahead, over] = TURN_WORDS[turn]
  return inMin > 0 ? `${ahead} in ${inMin} min.` : inMin === 0 ? `${ahead} now.` : `${over} ${-inMin} min ago.`
}
