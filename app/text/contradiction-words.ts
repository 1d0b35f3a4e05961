import type { CompleteReading, Contradiction, ContradictionCode } from '#core/reading'
import type { WaterKind } from '#core/terms'
import { clock } from './dates'
import { speciesLabel, words } from './labels'

/** "a lake", "an estuary", "the sea" */
function waterNamed(water: WaterKind): string {
  const article = water === 'sea' || water === 'surf' ? 'the' : water === 'estuary' ? 'an' : 'a'
  return `${article} ${words(water)}`
}

interface Said {
  readonly what: string
  readonly mend: string
}

const WORDS: Readonly<Record<ContradictionCode, (reading: CompleteReading, mend: Contradiction['mend']) => Said>> = {
  'sun-by-night': ({ at }) => ({ what: `Sun at ${clock(at)}, when it is night there`, mend: 'It is night' }),
  'night-by-day': ({ at }) => ({ what: `Night at ${clock(at)}, when the sun is up there`, mend: 'It is day' }),
  'tide-inland': ({ water, tide }) => ({ what: `A ${tide} tide in ${waterNamed(water)}`, mend: 'No tide' }),
  'fish-not-here': ({ species, water }, mend) => ({
    what: `${speciesLabel(species)} in ${waterNamed(water)}`,
    mend: `It is ${waterNamed(mend.water!)}`,
  }),
  'inland-cover-at-sea': ({ water }) => ({ what: `Pads or reeds in ${waterNamed(water)}`, mend: 'Without them' }),
  'kelp-inland': ({ water }) => ({ what: `Kelp in ${waterNamed(water)}`, mend: 'Without it' }),
  'stream-in-still-water': ({ water }) => ({ what: `A strong current in ${waterNamed(water)}`, mend: 'It is a river' }),
}

/** What cannot be at once, and the words on the button that mends it. */
export const contradictionInWords = ({ code, mend }: Contradiction, reading: CompleteReading): Said =>
  WORDS[code](reading, mend)
