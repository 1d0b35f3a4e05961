import { defineStore } from 'pinia'
import { computed, ref, shallowRef, toRaw } from 'vue'
import { type Issue, parseReading } from '#core/files'
import { completeReading, type HomeWater, type NotedReading, placeAt, type Reading, usualAt } from '#core/reading'
import type { Schools } from '#core/rule'
import { recall, remember } from '~/db/box'
import { localIso } from '~/text/dates'
import { plain } from '~/workers/plain'
import { told } from '~/text/told'
import { useBoxStore } from './box'

const READING = 'reading'
const UNDO_STEPS = 50

/** Where a first visit stands: the demo's spring morning on Averin Water. Invented. */
const FIRST: Reading = {
  species: 'northern-pike',
  at: '2026-05-06T06:40:00+02:00',
  latitude: 58.4,
  longitude: 13.2,
  water: 'lake',
  temperatureC: 11.5,
  trend: 'warming',
  visibilityM: 1.2,
  stain: 'brown',
  sky: 'broken',
  windMs: 5,
  bottomM: 4,
  fishFromM: 1,
  fishToM: 3,
  cover: ['reeds'],
  forage: [{ kind: 'bleak', lengthMm: 90 }],
  mood: 'neutral',
  pressure: 'medium',
  from: 'boat',
}

/** What the water is like now; every change is checked, kept, and can be undone. */
export const useReadingStore = defineStore('reading', () => {
  const reading = shallowRef<Reading>(FIRST)
  const past = shallowRef<readonly Reading[]>([])
  const issues = ref<readonly Issue<string>[]>([])
  /** Schools chosen for this reading alone; they win over the settings and are gone with a reload. */
  const schools = shallowRef<Partial<Schools>>({})
  const complete = computed(() => completeReading(reading.value))

  async function open(): Promise<void> {
    const kept = await recall<Reading>(useBoxStore().database(), READING)
    const outcome = kept ? parseReading(kept) : null
    if (outcome?.ok) reading.value = outcome.value
  }

  async function refuse(found: readonly Issue[]): Promise<void> {
    const about = reading.value
    const words = await told(found)
    // A sound change came meanwhile: nothing is wrong any more.
    if (reading.value === about) issues.value = words
  }

  /** What stays measured: not what is set anew, and nothing on another day. */
  function stillNoted(part: Partial<Reading>): Pick<Reading, 'noted'> {
    const { noted, at } = reading.value
    if (!noted) return {}
    const day = (moment?: string | null) => moment?.slice(0, 'YYYY-MM-DD'.length)
    const isAnotherDay = 'at' in part && day(part.at) !== day(at)
    return { noted: isAnotherDay ? [] : noted.filter(field => !(field in part)) }
  }

  /** Takes the change if the reading stays sound; else says why not and changes nothing. */
  function change(part: Partial<Reading>): boolean {
    const outcome = parseReading({ ...toRaw(reading.value), ...stillNoted(part), ...part })
    if (!outcome.ok) {
      void refuse(outcome.issues)
      return false
    }
    past.value = [...past.value, reading.value].slice(-UNDO_STEPS)
    return settle(outcome.value)
  }

  function undo(): void {
    goBack(past.value.length - 1)
  }

  /** Back to a reading of the history; what came after it is forgotten. */
  function goBack(step: number): void {
    const previous = past.value[step]
    if (!previous) return
    past.value = past.value.slice(0, step)
    settle(previous)
  }

  /** The home water one is at, by position. */
  const place = computed(() => placeAt(useBoxStore().places, complete.value.reading))

  /** Goes to a home water: its position, and what it is usually like. */
  function goTo(water: HomeWater): boolean {
    return change(usualAt(water, reading.value))
  }

  /** A water of one's own, with nothing left of what was read before: what is not given is assumed, and marked so. */
  function begin(water: Reading): boolean {
    const outcome = parseReading(water)
    if (!outcome.ok) {
      void refuse(outcome.issues)
      return false
    }
    past.value = []
    schools.value = {}
    return settle(outcome.value)
  }

  /** Everything written down of a water: noted readings, and those of the trips. */
  const written = computed((): readonly NotedReading[] => {
    const box = useBoxStore()
    const fromTrips = box.box.trips.flatMap(trip =>
      (trip.stints ?? []).flatMap(({ id, start, reading: fished }) =>
        fished ? [{ id, placeId: trip.placeId ?? null, at: start, reading: fished as Reading }] : [],
      ),
    )
    return [...box.noted, ...fromTrips].sort((a, b) => Date.parse(a.at) - Date.parse(b.at))
  })

  /** Writes the reading down, for the charts and for "as last time here"; `levelM`: with the water standing so high at the angler's mark. */
  async function note(id: string, now: Date, levelM: number | null = null): Promise<void> {
    const noted: NotedReading = {
      id,
      placeId: place.value?.id ?? null,
      at: localIso(now),
      reading: plain(reading.value),
      ...(levelM === null ? {} : { levelM }),
    }
    await useBoxStore().change(
      { put: { readings: [noted] } },
      `The reading is written down${place.value ? ` for ${place.value.name}` : ''}.`,
    )
  }

  function settle(next: Reading): true {
    reading.value = next
    issues.value = []
    void remember(useBoxStore().database(), READING, next)
    return true
  }

  return {
    reading,
    schools,
    complete,
    issues,
    past,
    place,
    written,
    open,
    begin,
    change,
    undo,
    goBack,
    goTo,
    note,
    clearIssues: () => {
      issues.value = []
    },
  }
})
