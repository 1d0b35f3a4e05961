import type { CompleteReading, Contradiction, ContradictionCode } from '#core/reading'
import { clock } from './dates'
import { speciesLabel, words } from './labels'

interface Said { readonly what: string, readonly mend: string }

const WORDS: Readonly<Record<ContradictionCode, (reading: CompleteReading, mend: Contradiction['mend']) => Said>> = {
  'sun-by-night': ({ at }) => ({ what: `Sun at ${clock(at)}, when it is night there`, mend: 'It is night' }),
  'night-by-day': ({ at }) => ({ what: `Night at ${clock(at)}, when the sun is up there`, mend: 'It is day' }),
  'tide-inland': ({ water, tide }) => ({ what: `A ${tide} tide in a ${words(water)}`, mend: 'No tide' }),
  'fish-not-here': ({ species, water }, mend) => ({ what: `${speciesLabel(species)} in a ${words(water)}`, mend: `It is ${mend.water === 'estuary' ? 'an' : 'a'} ${words(mend.water)}` }),
  'inland-cover-at-sea': ({ water }) => ({ what: `Pads or reeds in the ${words(water)}`, mend: 'Without them' }),
  'kelp-inland': ({ water }) => ({ what: `Kelp in a ${words(water)}`, mend: 'Without it' }),
  'stream-in-still-water': ({ water }) => ({ what: `A strong current in a ${words(water)}`, mend: 'It is a river' }),
}

/** What cannot be at once, and the words on the button that mends it. */
export const contradictionInWords = ({ code, mend }: Contradiction, reading: CompleteReading): Said => WORDS[code](reading, mend)
