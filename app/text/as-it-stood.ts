import { clock, dayShort } from './dates'

/** Over an answer of before, until there is one of now. */
export const asItStood = (at: string): string => `As it stood ${dayShort(at)} at ${clock(at)}, while it is weighed anew`
