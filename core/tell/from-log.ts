import { TACTICS } from '#core/knowledge'
import { classRange, DEPTH_CLASSES_M } from '#core/lure'
import type { Candidate, LessonTold } from '#core/match'
import { sourceText } from '#core/sources'
import { formatNumber, formatQuantity, type UnitSystem } from '#core/units'
import type { ReasonOut } from './output'

/** A change of the score, or of one rate, below this is not worth a line. */
const TOLD_FROM_PERCENT = 1
const TOLD_FROM_RATIO = 1.05
/** Lessons told of one set-up. */
const MOST_TOLD = 2
const TACTIC_LABEL = new Map<string, string>(TACTICS.map(({ id, label }) => [id, label]))
/** From so many hours on they are told whole [h]. */
const WHOLE_HOURS = 10

/** What the angler's own log changed, with its size and its doubt: the lessons that moved most. */
export function logReasons({ score, fromLog }: Candidate, units: UnitSystem): ReasonOut[] {
  if (!fromLog) return []
  const percent = Math.round(100 * (score / fromLog.before - 1))
  if (Math.abs(percent) < TOLD_FROM_PERCENT) return []
  const size = ({ ratio }: LessonTold) => Math.abs(Math.log(ratio.mean))
  const told = fromLog.verdict.told
    .filter(lesson => size(lesson) >= Math.log(TOLD_FROM_RATIO))
    .sort((a, b) => size(b) - size(a))
    .slice(0, MOST_TOLD)
  return told.map((lesson, i) => ({
    rule: `log.${lesson.lesson}`,
    text: `Your log in water like this, ${about(lesson, units)}: ${gave(lesson)}, ${lesson.ratio.mean.toFixed(1)} × the usual rate (90 %: ${lesson.ratio.low.toFixed(1)} to ${lesson.ratio.high.toFixed(1)})${i === 0 ? `; all in all ${percent > 0 ? '+' : '−'}${Math.abs(percent)} %` : ''}.`,
    source: `your own log; ${sourceText('clayton-1987')}`,
  }))
}

function about({ lesson, value }: LessonTold, system: UnitSystem): string {
  if (lesson === 'lure') return 'this lure'
  if (lesson === 'tactic') return TACTIC_LABEL.get(value) ?? value
  if (lesson === 'light') return value.replaceAll('-', ' ')
  if (lesson !== 'depth') return `${lesson} ${value.replaceAll('-', ' ')}`
  const [from, to] = classRange(DEPTH_CLASSES_M, Number(value))
  return to === Infinity
    ? `below ${formatQuantity('depth', from, { system })}`
    : `${formatNumber('depth', from, { system })} to ${formatQuantity('depth', to, { system })} deep`
}

function gave({ landed, contacts, hours }: LessonTold): string {
  const time = `${hours < WHOLE_HOURS ? hours.toFixed(1) : Math.round(hours)} h`
  if (contacts === 0) return `nothing in ${time}`
  const others = contacts - landed
  return `${landed} landed${others > 0 ? ` and ${others} other ${others === 1 ? 'contact' : 'contacts'}` : ''} in ${time}`
}
