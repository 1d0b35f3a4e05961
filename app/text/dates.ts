const MS_PER_MIN = 60_000
const MIN_PER_HOUR = 60

/** A moment as it is written down: ISO 8601 by the wall clock here with its offset, so that the day is the angler's own and not that of Greenwich. */
export function localIso(at: Date | string | number): string {
  const moment = new Date(at)
  const offset = -moment.getTimezoneOffset()
  const two = (n: number) => String(Math.floor(Math.abs(n))).padStart(2, '0')
  return `${new Date(moment.getTime() + offset * MS_PER_MIN).toISOString().slice(0, -1)}${offset < 0 ? '-' : '+'}${two(offset / MIN_PER_HOUR)}:${two(Math.abs(offset) % MIN_PER_HOUR)}`
}

/** For an input of date and time, by the wall clock here; nothing for no moment. */
export const forInput = (at: string | null | undefined): string =>
  at ? localIso(at).slice(0, 'YYYY-MM-DDTHH:MM'.length) : ''

const said = (options: Intl.DateTimeFormatOptions) => {
  // Made when it is first asked for: the first of them takes as long as a tenth of the start.
  let format: Intl.DateTimeFormat | null = null
  return (at: Date | string | number | null | undefined): string =>
    at === null || at === undefined || at === ''
      ? ''
      : (format ??= new Intl.DateTimeFormat([], options)).format(new Date(at))
}

/** "06:40" */
export const clock = said({ hour: '2-digit', minute: '2-digit' })
/** "6 May" */
export const dayShort = said({ day: 'numeric', month: 'short' })
/** "6 May 2026" */
export const dayLong = said({ day: 'numeric', month: 'long', year: 'numeric' })
/** "Wednesday 6 May" */
export const weekday = said({ weekday: 'long', day: 'numeric', month: 'long' })
/** "Wednesday 6 May 2026" */
export const weekdayLong = said({ weekday: 'long', day: 'numeric', month: 'long', year: 'numeric' })
/** "6 May 2026, 06:40" */
export const moment = said({ day: 'numeric', month: 'long', year: 'numeric', hour: '2-digit', minute: '2-digit' })
export const momentShort = said({ day: 'numeric', month: 'short', year: 'numeric', hour: '2-digit', minute: '2-digit' })
