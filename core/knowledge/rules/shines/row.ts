import type { Condition, Favour, Rule } from '#core/rule'
import type { TacticId } from '#core/terms'

/** A row of the table of tactics; `marks` narrow it to some of what is fished by them. */
type TacticRule = (
  id: string,
  tactic: readonly TacticId[],
  when: readonly Condition[],
  weight: number,
  text: string,
  marks?: Omit<Favour, 'tactic'>,
) => Rule

const rule =
  (kind: 'shines' | 'poor', effect: (favour: Favour) => Rule['effects'][number]): TacticRule =>
  (id, tactic, when, weight, text, marks = {}) => ({
    id: `${kind}.${id}`,
    weight,
    when,
    section: '§23.1',
    source: 'common-practice',
    text,
    effects: [effect({ tactic, ...marks })],
  })

/** A row that speaks for tactics where they do well. */
export const shines = rule('shines', favours => ({ axis: 'tactic', favours, lift: 1 }))

/** A row that speaks against tactics where they do badly. */
export const poor = rule('poor', against => ({ axis: 'tactic', against, lift: 1 }))
