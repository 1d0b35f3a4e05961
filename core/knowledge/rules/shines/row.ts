import type { Condition, Favour, Rule } from '#core/rule'
import type { TacticId } from '#core/terms'

/** Narrows a row to some of what is fished by its tactics. */
type Marks = Omit<Favour, 'tactic'>

/** A row that speaks for tactics where they do well. */
export const shines = (
  id: string,
  tactic: readonly TacticId[],
  when: readonly Condition[],
  weight: number,
  text: string,
  marks: Marks = {},
): Rule => ({
  id: `shines.${id}`,
  weight,
  when,
  section: '§23.1',
  source: 'common-practice',
  text,
  effects: [{ axis: 'tactic', favours: { tactic, ...marks }, lift: 1 }],
})

/** A row that speaks against tactics where they do badly. */
export const poor = (
  id: string,
  tactic: readonly TacticId[],
  when: readonly Condition[],
  weight: number,
  text: string,
  marks: Marks = {},
): Rule => ({
  id: `poor.${id}`,
  weight,
  when,
  section: '§23.1',
  source: 'common-practice',
  text,
  effects: [{ axis: 'tactic', against: { tactic, ...marks }, lift: 1 }],
})
