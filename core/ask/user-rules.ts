import { type CompleteReading, isAt } from '#core/reading'
import { AXES, AXIS_IDS, type Effect, type Favour, type Rule, type ScaleAxisId } from '#core/rule'
import type { UserRule } from '#core/tackle'

/** Where a rule of the angler's may be at home. */
export interface RulePlace {
  readonly id: string
  readonly latitude?: number | null | undefined
  readonly longitude?: number | null | undefined
}
export interface OwnRules {
  readonly rules: readonly UserRule[]
  readonly places: readonly RulePlace[]
}

/** How wide a wished figure is, as a share of its axis. Assumed. */
const WIDTH = 0.15
/** Log-odds of an own rule at full weight: as much as a strong rule of the handbook, so that no own rule breaks the ranking. Assumed. */
const OWN_LIFT = 1.2

const SUIT_KEYS = ['family', 'style', 'rig', 'tactic', 'blade', 'action'] as const
const COLOUR_KEYS = ['pattern', 'metal', 'finish'] as const

/** The angler's own rules that hold for this reading, as rows like any other: bounded in weight, with their own source. */
export function ownRules({ rules, places }: OwnRules, reading: CompleteReading): Rule[] {
  return rules
    .filter(
      rule =>
        rule.on !== false &&
        isHere(rule, places, reading) &&
        (rule.when ?? []).every(condition => holds(condition, reading)),
    )
    .map((rule): Rule => {
      const weight = Math.min(1, Math.max(-1, rule.weight ?? 0.5))
      return {
        id: `user.${rule.id}`,
        when: [],
        weight: Math.abs(weight),
        text: `${rule.name.replace(/\.$/, '')}.`,
        source: 'user',
        effects: effectsOf(rule.prefer ?? {}, weight < 0),
      }
    })
    .filter(({ weight, effects }) => weight > 0 && effects.length > 0)
}

/** A rule without a place holds everywhere; one with a place only near it. */
function isHere({ placeId }: UserRule, places: readonly RulePlace[], reading: CompleteReading): boolean {
  const place = places.find(p => p.id === placeId)
  return !placeId || (place !== undefined && isAt(place, reading))
}

function holds({ field, op, value }: NonNullable<UserRule['when']>[number], reading: CompleteReading): boolean {
  const given = reading[field as keyof CompleteReading] as unknown
  const list = Array.isArray(given)
    ? given.map(item => (typeof item === 'object' && item !== null && 'kind' in item ? item.kind : item))
    : [given]
  switch (op) {
    case 'in':
      return Array.isArray(value) && list.some(item => value.includes(item))
    case '=':
      return list.includes(value)
    default: {
      if (typeof given !== 'number' || typeof value !== 'number') return false
      return op === '<' ? given < value : op === '<=' ? given <= value : op === '>' ? given > value : given >= value
    }
  }
}

function effectsOf(prefer: Record<string, unknown>, avoid: boolean): Effect[] {
  const naming = (axis: 'suit' | 'colour', marks: Favour): Effect =>
    avoid ? { axis, against: marks, lift: OWN_LIFT } : { axis, favours: marks, lift: OWN_LIFT }
  return Object.entries(prefer).flatMap(([key, value]): Effect[] => {
    const list = (Array.isArray(value) ? value : [value]).filter(item => typeof item === 'string')
    if ((SUIT_KEYS as readonly string[]).includes(key)) return list.length > 0 ? [naming('suit', { [key]: list })] : []
    if ((COLOUR_KEYS as readonly string[]).includes(key))
      return list.length > 0 ? [naming('colour', { [key]: list })] : []
    if ((AXIS_IDS as readonly string[]).includes(key) && typeof value === 'number' && !avoid) {
      const { min, max, kind } = AXES[key as ScaleAxisId]
      const half = WIDTH * (max - min)
      return (kind as string) === 'scale'
        ? [{ axis: key as ScaleAxisId, about: value, low: value - half, high: value + half }]
        : []
    }
    return []
  })
}
