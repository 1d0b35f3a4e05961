import { type Contrast, DAY_HOURS, type Notes } from '#core/logbook'
import { capital, counted } from './labels'
import { CUT_WORDS, hoursFigure, type Names, rateFigure, valueInWords } from './log-words'

const SURE: Record<Exclude<Contrast['sure'], 'open'>, string> = {
  'worth-believing': 'worth believing',
  'leaning': 'it leans that way, no more',
}
/** Cuts that are named beside their value: "depth 1 to 2 m", but "Weir runner". */
const NAMES_ITSELF: readonly string[] = ['lure', 'family', 'place']

const uncapital = (text: string) => text.charAt(0).toLowerCase() + text.slice(1)
const valueOf = ({ cut, value }: Pick<Contrast, 'cut' | 'value'>, names: Names) =>
  NAMES_ITSELF.includes(cut)
    ? valueInWords(cut, value, names)
    : `${CUT_WORDS[cut]} ${uncapital(valueInWords(cut, value, names))}`

/** Three sentences: what was done and what was not tried, what is believed and how sure, what a day of trying would settle. */
export function notesInWords({ all, lures, believed, untried, settle }: Notes, names: Names): readonly string[] {
  const only = untried.map(u => valueOf(u, names))
  const done = `${hoursFigure(all.hours)} h with ${counted(lures, 'lure')}: ${counted(all.contacts, 'contact')}, ${all.landed} landed${all.follows > 0 ? `, ${counted(all.follows, 'follow')}` : ''}${only.length > 0 ? `; nothing but ${only.join(', ')} was tried` : ''}.`
  if (!believed)
    return [
      done,
      'Nothing was fished two ways for half an hour each: nothing can be compared.',
      'Change one thing and give both sides an hour: that is where comparing begins.',
    ]
  const { times, sure } = believed
  const more = times.mean >= 1
  const factor = more ? times : { mean: 1 / times.mean, low: 1 / times.high, high: 1 / times.low }
  const said =
    sure === 'open'
      ? `Nothing stands out: what differed most, ${valueOf(believed, names)}, may as well be chance.`
      : `${capital(valueOf(believed, names))} drew ${rateFigure(factor.mean)} times as ${more ? 'many' : 'few'} contacts an hour as the rest (90 %: ${rateFigure(factor.low)} to ${rateFigure(factor.high)}): ${SURE[sure]}.`
  if (!settle) return [done, said]
  return [
    done,
    said,
    `To know more: ${valueOf(settle, names)} and the rest by turns. A day of ${DAY_HOURS} h tells them apart only if one draws ${rateFigure(settle.times)} times as much.`,
  ]
}
