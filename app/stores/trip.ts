import { nanoid } from 'nanoid'
import { defineStore } from 'pinia'
import { computed, shallowRef, toRaw } from 'vue'
import type { SetupOut } from '#core/match'
import { ended, openStint, type Trip, type TripEvent, withCasts, withDetail, withEvent, withoutEvent, withStint, withStock } from '#core/tackle'
import { changeTrip, changeTripAndLure } from '~/db/trip'
import { useBoxStore } from './box'
import { useReadingStore } from './reading'

/** The trip that is being fished. Every tap is stored before it is shown: the screen follows the database. */
export const useTripStore = defineStore('trip', () => {
  const box = useBoxStore()
  const readings = useReadingStore()
  /** The newest trip without an end. */
  const trip = computed((): Trip | null => [...box.box.trips].filter(t => !t.end && (t.stints ?? []).length > 0).sort((a, b) => Date.parse(b.start) - Date.parse(a.start))[0] ?? null)
  const stint = computed(() => (trip.value ? openStint(trip.value) : null))
  /** What the last tap wrote, so that it can be taken back. */
  const lastTap = shallowRef<{ readonly id: string, readonly kind: TripEvent['kind'], readonly lureId: string } | null>(null)
  const now = () => new Date().toISOString()
  const plain = <T>(value: T): T => JSON.parse(JSON.stringify(toRaw(value))) as T

  function stintOf(setup: SetupOut) {
    const { lureId, trailerId, rig, outfitId, presentation } = setup
    return { id: nanoid(), lureId, trailerId, rig, outfitId, depthM: presentation.depthM, speedMs: presentation.speedMs, cadence: presentation.cadence, reading: plain(readings.reading) }
  }

  async function start(setup: SetupOut): Promise<void> {
    const begun: Trip = { id: nanoid(), placeId: readings.place?.id ?? null, start: now(), end: null, stints: [] }
    await box.database().trips.put(plain(withStint(begun, stintOf(setup), begun.start)))
  }

  /** Ties another set-up on. */
  async function change(setup: SetupOut): Promise<void> {
    if (!trip.value) return start(setup)
    const next = stintOf(setup)
    await changeTrip(box.database(), trip.value.id, t => plain(withStint(t, next, now())))
    lastTap.value = null
  }

  async function tap(kind: TripEvent['kind']): Promise<void> {
    if (!trip.value || !stint.value) return
    const id = nanoid()
    const { lureId } = stint.value
    const event = { id, kind, species: kind === 'snagged' || kind === 'lure-lost' ? null : readings.reading.species }
    const write = (t: Trip) => plain(withEvent(t, event, now()))
    if (kind === 'lure-lost') await changeTripAndLure(box.database(), trip.value.id, write, lureId, lure => withStock(lure, -1))
    else await changeTrip(box.database(), trip.value.id, write)
    lastTap.value = { id, kind, lureId }
    navigator.vibrate?.(VIBRATION_MS)
  }

  async function takeBack(): Promise<void> {
    const last = lastTap.value
    if (!last || !trip.value) return
    const write = (t: Trip) => plain(withoutEvent(t, last.id))
    if (last.kind === 'lure-lost') await changeTripAndLure(box.database(), trip.value.id, write, last.lureId, lure => withStock(lure, 1))
    else await changeTrip(box.database(), trip.value.id, write)
    lastTap.value = null
  }

  const detail = async (eventId: string, about: Partial<TripEvent>) => void (trip.value && await changeTrip(box.database(), trip.value.id, t => plain(withDetail(t, eventId, about))))
  const remove = async (eventId: string) => void (trip.value && await changeTrip(box.database(), trip.value.id, t => plain(withoutEvent(t, eventId))))
  const cast = async (more: number) => void (trip.value && await changeTrip(box.database(), trip.value.id, t => plain(withCasts(t, more))))
  const finish = async () => void (trip.value && await changeTrip(box.database(), trip.value.id, t => plain(ended(t, now()))))

  return { trip, stint, lastTap, start, change, tap, takeBack, detail, remove, cast, finish }
})

/** A short buzz says that the tap is stored [ms]. */
const VIBRATION_MS = 30
