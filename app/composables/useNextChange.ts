import { computed, shallowRef, watch } from 'vue'
import { useNow } from '@vueuse/core'
import { traitsOf } from '#core/lure'
import { wayOf } from '#core/match'
import { completeReading, type Reading } from '#core/reading'
import {
  believed,
  matters,
  nextChange,
  type NextOut,
  type Offer,
  type Today,
  type Tried,
  turnsAbout,
  turnsSince,
} from '#core/rotation'
import { minutesOf } from '#core/tackle'
import type { SetupOut } from '#core/tell'

const MS_PER_MINUTE = 60_000
/** The advice is looked at again so often [ms]. */
const AGAIN_MS = 15_000

/** What to change next on the present trip, with what was tried. */
export function useNextChange() {
  const trips = useTripStore()
  const readings = useReadingStore()
  const catalogue = useCatalogueStore()
  const box = useBoxStore()
  const judgement = useJudgementStore()
  const now = useNow({ interval: AGAIN_MS })
  const several = shallowRef(false)
  /** What is at hand: the lures of the pack list that the trip was begun with, and the rods that are rigged. */
  const only = computed(() => {
    const pack = box.packs.find(p => p.id === trips.trip?.packId)?.pack
    const rods = trips.trip?.rods
    return pack || rods ? { lureIds: pack?.items, outfitIds: rods ?? pack?.rods } : {}
  })
  const setups = useSetupsWithin(() => [only.value])

  /** What is searched with, and what comes after when they are found. */
  const paceOf = ({ presentation: { control, cadence } }: SetupOut): Offer['way'] =>
    ['surface', 'moving'].includes(wayOf(control, cadence)) ? 'moving' : 'slow'
  const offers = computed((): readonly Offer[] =>
    setups.value.flatMap(setup => {
      const profile = catalogue.profiles.get(setup.lureId)
      return profile && profile.lure.quantity !== 0
        ? [
            {
              id: setup.lureId,
              lureId: setup.lureId,
              traits: traitsOf(profile, setup.presentation),
              score: setup.score,
              way: paceOf(setup),
            },
          ]
        : []
    }),
  )
  const begins = computed(() => Date.parse(trips.trip?.start ?? ''))
  const inTrip = (at: string) => (Date.parse(at) - begins.value) / MS_PER_MINUTE
  const tried = computed((): readonly Tried[] =>
    (trips.trip?.stints ?? []).flatMap(stint => {
      const profile = catalogue.profiles.get(stint.lureId)
      if (!profile) return []
      const offer = offers.value.find(o => o.id === stint.lureId)
      return [
        {
          offerId: stint.lureId,
          family: profile.lure.family,
          traits: traitsOf(profile, {
            depthM: stint.depthM ?? 1,
            speedMs: stint.speedMs ?? profile.speed.value.best,
            cadence: stint.cadence ?? null,
          }),
          way: offer?.way ?? 'moving',
          beganMin: inTrip(stint.start),
          minutes: minutesOf(stint, now.value.toISOString()),
          casts: stint.casts ?? 0,
          events: (stint.events ?? []).map(e => ({
            kind: e.kind,
            when: e.when ?? null,
            hookedAt: e.hookedAt ?? null,
            atMin: inTrip(e.at ?? stint.start),
          })),
        },
      ]
    }),
  )
  const nowMin = computed(() => Math.max(0, (now.value.getTime() - begins.value) / MS_PER_MINUTE))
  /** The water of the present stretch. */
  const reading = computed(
    () => completeReading((trips.stint?.reading as Reading | undefined) ?? readings.reading).reading,
  )
  const clockwork = computed(() => {
    const { latitude, longitude, tide, at } = reading.value
    return { latitude, longitude, tide, tideAt: at }
  })
  /** Sun and tide about to turn, and when they have turned since the trip began [min]. */
  const turns = computed(() => turnsAbout(now.value.toISOString(), clockwork.value))
  const turnsAtMin = computed(() =>
    trips.trip ? turnsSince(trips.trip.start, now.value.toISOString(), clockwork.value) : [],
  )
  const today = computed((): Today => ({
    offers: offers.value,
    tried: tried.value,
    nowMin: nowMin.value,
    species: reading.value.species,
    several: several.value,
    turnsAtMin: turnsAtMin.value,
  }))
  const advice = computed(() =>
    trips.stint && offers.value.length > 0 && tried.value.length > 0 ? nextChange(today.value) : null,
  )
  /** What the bites say, by the same reading as the headless command; where they say nothing yet, the search above speaks. */
  const bites = shallowRef<NextOut | null>(null)
  let newest = 0
  watch(
    [() => trips.trip, only, several, now, () => judgement.boxesLoaded] as const,
    async ([trip, atHand, mayChangeSeveral, at]) => {
      const mine = ++newest
      const answer = trip
        ? await judgement.next({ trip, now: at.toISOString(), several: mayChangeSeveral, only: atHand })
        : null
      if (mine === newest) bites.value = answer
    },
    { immediate: true },
  )
  const mattering = computed(() => (offers.value.length > 0 ? matters(believed(today.value)) : null))
  return { turns, setups, offers, tried, nowMin, several, advice, bites, mattering, now }
}
