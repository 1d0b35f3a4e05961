import { clock, dayShort } from './dates'

/** Over the answer that comes with the program, on a first visit. */
export const WEIGHED_BEFOREHAND = 'As it was weighed beforehand, while it is weighed anew'

/** Over an answer of before, until there is one of now. */
export const asItStood = (at: string): string => `As it stood ${dayShort(at)} at ${clock(at)}, while it is weighed anew`
