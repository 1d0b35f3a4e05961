import { TACTICS } from '#core/knowledge'
import { classRange, DEPTH_CLASSES_M } from '#core/lure'
import { type Candidate, type LessonTold, partsOfLight } from '#core/match'
import { type Message, message, type Said } from '#core/message'
import { sourceText } from '#core/sources'
import { quantity } from '#core/units'
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
export function logReasons({ score, fromLog }: Candidate): ReasonOut<Said>[] {
  if (!fromLog) return []
  const percent = Math.round(100 * (score / fromLog.before - 1))
  if (Math.abs(percent) < TOLD_FROM_PERCENT) return []
  const size = ({ ratio }: LessonTold) => Math.abs(Math.log(ratio.mean))
  const told = fromLog.verdict.told
    .filter(lesson => size(lesson) >= Math.log(TOLD_FROM_RATIO))
    .sort((a, b) => size(b) - size(a))
    .slice(0, MOST_TOLD)
  return told.map((lesson, i) => {
    const { mean, low, high } = lesson.ratio
    const values = { about: about(lesson), gave: gave(lesson), mean, low, high }
    return {
      rule: `log.${lesson.lesson}`,
      text:
        i === 0
          ? message('log.told-and-all', { ...values, all: `${percent > 0 ? '+' : '−'}${Math.abs(percent)}` })
          : message('log.told', values),
      source: message('log.source', { source: sourceText('clayton-1987') }),
    }
  })
}

function about({ lesson, value }: LessonTold): Said {
  const plain = value.replaceAll('-', ' ')
  switch (lesson) {
    case 'lure':
      return message('log.this-lure')
    case 'tactic':
      return TACTIC_LABEL.get(value) ?? value
    case 'light': {
      const { colour, light } = partsOfLight(plain)
      return message('log.in-light', { colour, light: light.split(' ')[0]! })
    }
    case 'kind':
      return message('log.kind', { kind: plain })
    case 'colour':
      return message('log.colour', { colour: plain })
    case 'depth': {
      const [from, to] = classRange(DEPTH_CLASSES_M, Number(value))
      return to === Infinity
        ? message('log.deeper', { from: quantity('depth', from) })
        : message('log.deep', { from: quantity('depth', from, { bare: true }), to: quantity('depth', to) })
    }
  }
}

function gave({ landed, contacts, hours }: LessonTold): Message {
  const time = hours < WHOLE_HOURS ? hours.toFixed(1) : Math.round(hours)
  return contacts === 0
    ? message('log.nothing', { hours: time })
    : message('log.landed', { landed, others: contacts - landed, hours: time })
}
