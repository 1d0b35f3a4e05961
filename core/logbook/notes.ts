import { probabilityHigher, type RateEstimate, rateRatio, standOut, sumOf, type Tally } from '#core/evidence'
import { type CutId, CUTS } from './cuts'
import { bunched, groupBy } from './rates'
import type { Stretch } from './stretch'

/** One value of a cut against all the others that were fished. */
export interface Contrast {
  readonly cut: CutId
  readonly value: string | number
  /** How many times as many contacts an hour it drew as the rest, with the 90 % interval. */
  readonly times: RateEstimate
  /** `worth-believing`: it stands out although so many were looked at; `leaning`: nine in ten for one direction; else `open`. */
  readonly sure: 'worth-believing' | 'leaning' | 'open'
}

/** What some stretches teach: what was done, what is now believed and how sure, what was not tried, and what a day of trying would settle. */
export interface Notes {
  readonly all: Tally
  readonly lures: number
  readonly believed: Contrast | null
  /** Cuts in which only one value was fished, with that value. */
  readonly untried: readonly { readonly cut: CutId; readonly value: string | number }[]
  /** What to fish by turns with the rest, and the factor that one day of it tells apart; `null`: nothing was fished two ways. */
  readonly settle: { readonly cut: CutId; readonly value: string | number; readonly times: number } | null
}

/** What an angler can choose; conditions are looked at only over more than one day. */
export const CHOSEN_CUTS: readonly CutId[] = ['depth', 'size', 'colour', 'action', 'speed', 'family', 'lure']
export const MET_CUTS: readonly CutId[] = ['light', 'temperature', 'clarity', 'place']
/** Less than this on either side says nothing [h]. Assumed. */
const LEAST_HOURS = 0.5
/** Of what is called worth believing no more than this share is chance. Assumed, as usual. */
const FALSE_SHARE = 0.1
/** A chance of the other direction below this (two-sided) leans. Assumed: nine in ten for one direction. */
const LEANS = 0.2
/** A day of trying [h], half of it for each side. Assumed. */
export const DAY_HOURS = 6
/** Half a contact, so that a blank day has a rate (Jeffreys). */
const BLANK = 0.5
/** Half-width of a 90 % interval of a normal [sd]. */
const NINETY = 1.6449

/**
 * Notes on some stretches of the log: each value of each cut against the rest, by contacts an hour, bunched bites weighing less.
 * Source: intervals as `rateRatio`, bunches as `dispersionOf`; the factor of a day from the variance of a log rate ratio, D (1/a + 1/b) (McCullagh & Nelder 1989), with the usual rate of these stretches.
 */
export function notesOf(stretches: readonly Stretch[], cuts: readonly CutId[]): Notes {
  const all = sumOf(stretches)
  const found = cuts.flatMap(cut => contrastsOf(stretches, cut))
  const told = standOut(
    found.map(c => c.chance),
    FALSE_SHARE,
  )
  const contrasts = found.map(({ chance, dispersion, ...c }, i) => ({
    chance,
    dispersion,
    contrast: { ...c, sure: told[i] ? 'worth-believing' : chance < LEANS ? 'leaning' : 'open' } satisfies Contrast,
  }))
  const believed = [...contrasts].sort((a, b) => a.chance - b.chance)[0] ?? null
  // The most may be gained where the upper end is highest and nothing is known for sure.
  const open =
    [...contrasts]
      .filter(c => c.contrast.sure !== 'worth-believing')
      .sort((a, b) => b.contrast.times.high - a.contrast.times.high)[0] ?? null
  const expected = ((all.contacts + BLANK) / Math.max(all.hours, LEAST_HOURS)) * (DAY_HOURS / 2)
  return {
    all,
    lures: new Set(stretches.map(s => s.lureId)).size,
    believed: believed?.contrast ?? null,
    untried: cuts.flatMap(cut => {
      const values = new Set(stretches.map(CUTS[cut].of).filter(v => v !== null))
      return values.size === 1 && CUTS[cut].all ? [{ cut, value: [...values][0]! }] : []
    }),
    settle: open && {
      cut: open.contrast.cut,
      value: open.contrast.value,
      times: Math.exp(NINETY * Math.sqrt((2 * open.dispersion) / expected)),
    },
  }
}

function contrastsOf(stretches: readonly Stretch[], cut: CutId) {
  const { of } = CUTS[cut]
  const known = stretches.flatMap(stretch => {
    const group = of(stretch)
    return group === null ? [] : [{ group, stretch }]
  })
  const dispersion = bunched(known, 'contacts', 'hour')
  const weighed = (list: readonly Stretch[]) => {
    const { contacts, hours } = sumOf(list)
    return { events: contacts / dispersion, effort: hours / dispersion }
  }
  return [...groupBy(known, k => k.group)].flatMap(([value, list]) => {
    const own = list.map(k => k.stretch)
    const rest = known.filter(k => k.group !== value).map(k => k.stretch)
    if (sumOf(own).hours < LEAST_HOURS || sumOf(rest).hours < LEAST_HOURS) return []
    const [a, b] = [weighed(own), weighed(rest)]
    const higher = probabilityHigher(a, b)
    return [{ cut, value, times: rateRatio(a, b)!, chance: 2 * Math.min(higher, 1 - higher), dispersion }]
  })
}
