import { localIso } from '~/text/dates'

/** What a reading holds before its angler has said a word: a fish and a temperature it must have. Assumed. */
const UNTOLD = { species: 'perch', temperatureC: 15 } as const

/** A box of one's own, on a water of one's own: nothing of the demo is left. */
export function useOwnStart() {
  const box = useBoxStore()
  const readings = useReadingStore()
  return async () => {
    const before = readings.reading
    await box.startOwn(() => readings.begin(before))
    readings.begin({ ...UNTOLD, at: localIso(new Date()) })
  }
}
