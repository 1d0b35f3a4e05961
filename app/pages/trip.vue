<script setup lang="ts">
import { useWakeLock } from '@vueuse/core'
import { prepareOutfit } from '#core/lure'
import { sinceContact } from '#core/rotation'
import type { SetupOut } from '#core/tell'
import { minutesOf, type TripEvent } from '#core/tackle'
import { EVENT_KINDS } from '#core/terms'
import { formatQuantity } from '#core/units'
import { duration } from '~/text/course-words'
import { cadenceLabel, tacticLabel, words } from '~/text/labels'
import { clock, dayShort } from '~/text/dates'

const trips = useTripStore()
const box = useBoxStore()
const judgement = useJudgementStore()
const settings = useSettingsStore()
const { units } = storeToRefs(settings)
const { turns, setups, offers, tried, nowMin, several, advice, bites, mattering, now } = useNextChange()
const { isSupported, request, release } = useWakeLock()
const awake = computed(() => trips.trip !== null && isSupported.value)
watch(awake, on => void (on ? request('screen') : release()).catch(() => undefined), { immediate: true })

const route = useRoute()
/** The pack list that a trip may begin with: the one that was asked for, else the newest one planned. */
const pack = computed(() => box.packs.find(p => p.id === route.query.pack) ?? [...box.packs].filter(p => p.pack).sort((a, b) => Date.parse(b.at) - Date.parse(a.at))[0] ?? null)
const withPack = ref(true)
const kit = computed(() => (withPack.value && pack.value?.pack ? { packId: pack.value.id, rods: [...pack.value.pack.rods] } : {}))
/** What hangs on the rods, each on its own, then what else goes along; without a pack what fits best. */
const rigged = useSetupsWithin(() => (kit.value.packId ? Object.entries(pack.value?.pack?.rigged ?? {}).map(([rod, lure]) => ({ lureIds: [lure], outfitIds: [rod] })) : []))
const packed = useSetupsWithin(() => (kit.value.packId && pack.value?.pack ? [{ lureIds: pack.value.pack.items, outfitIds: pack.value.pack.rods }] : []))
/** A link may bring the lure to begin with; it stands first. */
const linked = shallowRef<readonly SetupOut[]>([])
watch([() => route.query.tie, () => judgement.judgement], async ([tie]) => {
  const setup = typeof tie === 'string' ? (await judgement.judgeIf({ opened: tie }, 0))?.opened?.setup : null
  linked.value = setup ? [setup] : []
}, { immediate: true })
const usual = computed(() => (kit.value.packId ? [...rigged.value, ...packed.value.filter(s => !rigged.value.some(r => r.lureId === s.lureId))] : setups.value))
const first = computed(() => [...linked.value, ...usual.value.filter(s => !linked.value.some(b => b.lureId === s.lureId))])
const rodIds = computed(() => new Set(trips.trip?.rods ?? box.box.outfits.map(o => o.id)))
function toggleRod(id: string) {
  const next = new Set(rodIds.value)
  if (!next.delete(id)) next.add(id)
  void trips.rig(next.size === box.box.outfits.length ? [] : [...next])
}

const lure = computed(() => (trips.stint ? box.lureById.get(trips.stint.lureId) ?? null : null))
const minutes = computed(() => (trips.stint ? minutesOf(trips.stint, now.value.toISOString()) : 0))
const quiet = computed(() => (tried.value.length > 0 ? sinceContact(tried.value, nowMin.value) : null))
const setup = computed(() => setups.value.find(s => s.lureId === trips.stint?.lureId) ?? null)
const { fished, changes } = useInHand()
const asked = computed(() => (bites.value?.do === 'change' ? bites.value.change?.hand ?? null : null))
/** How it is fished now, as one reads it between two casts. */
const how = computed(() => {
  const f = fished.value
  const outfit = box.outfitById.get(trips.stint?.outfitId ?? '')
  if (!f) return ''
  const turns = f.speedMs && outfit ? prepareOutfit(outfit).pickUpM : null
  return [
    f.depthM == null ? '' : formatQuantity('depth', f.depthM, { system: units.value }), f.countdownS ? `count ${f.countdownS} s` : '',
    f.speedMs ? `${formatQuantity('speed', f.speedMs, { system: units.value })}${turns ? ` (${(f.speedMs / turns).toFixed(1)} turns a second)` : ''}` : '',
    f.cadence ? cadenceLabel(f.cadence) : '', f.pauseS ? `pause ${f.pauseS} s` : '', outfit?.name ?? '',
  ].filter(Boolean).join(' · ')
})
/** The trip that ended last today: it can go on. */
const endedToday = computed(() => box.box.trips.filter(t => t.end && new Date(t.end).toDateString() === now.value.toDateString()).sort((a, b) => Date.parse(b.end!) - Date.parse(a.end!))[0] ?? null)
const packedIds = computed(() => box.packs.find(p => p.id === trips.trip?.packId)?.pack?.items ?? [])
const undoWords = computed(() => {
  const last = trips.lastStep
  if (!last || last.does === 'end') return null
  if (last.does === 'pair') return last.what === 'casts' ? 'a cast of the pair' : 'a contact of the pair'
  return last.does === 'event' ? words(last.kind) : last.does === 'stint' ? last.says : `${last.more > 0 ? '+' : '−'}${Math.abs(last.more)} ${Math.abs(last.more) === 1 ? 'cast' : 'casts'}`
})
const opened = ref<string | null>(null)
const events = computed(() => (trips.trip?.stints ?? []).flatMap(s => (s.events ?? []).map(e => ({ event: e as TripEvent, lureId: s.lureId }))).reverse())
const EVENT_SHOWN = 12
const showOthers = ref(false)
const justTapped = computed(() => events.value.find(e => e.event.id === trips.lastTap?.id)?.event ?? null)
const caught = computed(() => events.value.filter(e => e.event.kind === 'landed').length)
const name = (id: string) => box.lureById.get(id)?.name ?? id
async function tieLinked(s: SetupOut) {
  await trips.change(s)
  await navigateTo('/trip', { replace: true })
}
async function tap(kind: TripEvent['kind']) {
  await trips.tap(kind)
  opened.value = trips.lastTap?.id ?? null
}
</script>

<template>
  <div class="trip">
    <section v-if="!trips.trip" class="begin">
      <h1>On the water</h1>
      <p class="reason">Choose what you tie on first. From then on every follow, peck and fish is one tap; minutes are counted, and what to change next is worked out from what happened and what was never tried.</p>
      <p v-if="endedToday" class="with"><button type="button" class="plain" @click="trips.resume(endedToday.id)">Go on with the trip that ended at {{ clock(endedToday.end) }}</button></p>
      <section v-if="endedToday" aria-label="The trip that ended"><NotesLines :trip-id="endedToday.id" /><NuxtLink :to="`/logbook/trip/${endedToday.id}`" class="quiet">open it in the logbook</NuxtLink></section>
      <p v-if="pack" class="with"><button type="button" class="choice" :aria-pressed="withPack" @click="withPack = !withPack">with the pack “{{ pack.name }}” of {{ dayShort(pack.at) }}</button></p>
      <button v-for="s in first.slice(0, 6)" :key="s.lureId" type="button" class="plain first" @click="trips.start(s, kit)"><LureDrawing v-if="box.lureById.get(s.lureId)" :lure="box.lureById.get(s.lureId)!" small class="drawing" /><span><b>{{ name(s.lureId) }}</b><template v-if="rigged.includes(s)"> · rigged on {{ box.outfitById.get(s.outfitId ?? '')?.name }}</template><br />{{ [tacticLabel(s.tactic), formatQuantity('depth', s.presentation.depthM, { system: units }), formatQuantity('speed', s.presentation.speedMs, { system: units }), rigged.includes(s) ? '' : box.outfitById.get(s.outfitId ?? '')?.name].filter(Boolean).join(' · ') }}</span></button>
      <p v-if="setups.length === 0" class="reason">{{ judgement.judgement ? 'Nothing in the box can be fished in this water yet.' : 'Weighing the box against this water …' }}</p>
      <button type="button" class="quiet" :aria-expanded="showOthers" @click="showOthers = !showOthers">begin with something else</button>
      <TieAny v-if="showOthers" :setups="setups" :packed="kit.packId ? pack?.pack?.items ?? [] : []" @tie="s => { showOthers = false; trips.start(s, kit) }" />
      <LastTrip v-if="!endedToday" />
    </section>
    <template v-else>
      <p v-if="linked[0] && linked[0].lureId !== trips.stint?.lureId" class="with"><button type="button" class="plain" @click="tieLinked(linked[0])">Tie on {{ name(linked[0].lureId) }}</button></p>
      <section class="now" aria-label="On the line">
        <LureDrawing v-if="lure" :lure="lure" class="drawing" />
        <div class="what"><h1>{{ lure?.name ?? 'no lure on the line' }}</h1><p class="figures"><b class="figure">{{ Math.floor(minutes) }} min</b> · {{ trips.stint?.casts ?? 0 }} casts · {{ caught }} landed today<template v-if="quiet !== null"> · last contact {{ Math.round(quiet) }} min ago</template></p><p v-if="how" class="how">{{ how }}</p></div>
      </section>
      <InHandBar :changes="changes" :asked="asked" @make="trips.adjust" />
      <section class="taps" aria-label="What happened">
        <button v-for="kind in EVENT_KINDS" :key="kind" type="button" class="tap" :class="kind" @click="tap(kind)">{{ words(kind) }}</button>
      </section>
      <div class="casts"><button type="button" class="plain" aria-label="One cast less" :disabled="(trips.stint?.casts ?? 0) === 0" @click="trips.cast(-1)">−1</button><button type="button" class="plain" aria-label="One cast more" @click="trips.cast(1)">+1 cast</button><button type="button" class="plain" aria-label="Five casts more" @click="trips.cast(5)">+5</button></div>
      <p v-if="undoWords" class="stored" role="status"><span><b>{{ undoWords }}</b> is stored.</span> <button type="button" class="quiet" @click="trips.takeBack(); opened = null">take it back</button></p>
      <EventDetail v-if="justTapped && opened === justTapped.id" :key="justTapped.id" :event="justTapped" :trip-id="trips.trip.id" @detail="about => trips.detail(justTapped!.id, about)" @remove="trips.takeBack(); opened = null" @close="opened = null" />
      <p v-if="trips.problem" class="reason" role="alert">{{ trips.problem }}</p>
      <NextChangeCard :changes="changes" :advice="advice" :bites="bites" :setups="setups" :several="several" :turns="turns" @make="trips.adjust" @tie="s => trips.change(s)" @several="on => several = on" />
      <TripTimers :countdown-s="setup?.presentation.countdownS ?? null" :pause-s="setup?.presentation.pauseS ?? null" />
      <section class="log" aria-label="Events">
        <h3>Today</h3>
        <p v-if="events.length === 0" class="reason">Nothing yet. {{ duration(60 * nowMin) }} on the water.</p>
        <ul><li v-for="{ event, lureId } in events.slice(0, EVENT_SHOWN)" :key="event.id">
          <button type="button" class="line" :aria-expanded="opened === event.id" @click="opened = opened === event.id ? null : event.id"><span class="figure">{{ clock(event.at) }}</span> <b>{{ words(event.kind) }}</b> {{ name(lureId) }}<template v-if="event.when">, {{ words(event.when) }}</template><template v-if="event.lengthMm">, {{ formatQuantity('length', event.lengthMm, { system: units }) }}</template></button>
          <EventDetail v-if="opened === event.id && event.id !== justTapped?.id" :event="event" :trip-id="trips.trip.id" @detail="about => trips.detail(event.id, about)" @remove="trips.remove(event.id); opened = null" @close="opened = null" />
        </li></ul>
      </section>
      <TriedGrid :offers="offers" :tried="tried" :mattering="mattering" />
      <FairPair :setups="setups" />
      <section class="others">
        <button type="button" class="quiet" :aria-expanded="showOthers" @click="showOthers = !showOthers">tie on something else</button>
        <TieAny v-if="showOthers" :setups="setups" :packed="packedIds" @tie="s => { trips.change(s); showOthers = false }" />
      </section>
      <section v-if="box.box.outfits.length > 1" class="rods" aria-label="Rods that are rigged">
        <h3>Rods at hand</h3>
        <div class="choices"><button v-for="o in box.box.outfits" :key="o.id" type="button" class="choice" :aria-pressed="rodIds.has(o.id)" @click="toggleRod(o.id)">{{ o.name }}</button></div>
        <p class="reason">Advice and set-ups keep to these<template v-if="trips.trip.packId">, and to the lures of the pack</template>.</p>
      </section>
      <label class="where"><input v-model="settings.keepPlace" type="checkbox" /> <span>Keep the place of each event. It stays on this device; files that leave it name the water, not the spot, unless you say so.</span></label>
      <p v-if="trips.placeTrouble" class="reason" role="alert">{{ trips.placeTrouble }}</p>
      <section class="cautions"><p v-for="caution in judgement.shown?.out.cautions ?? []" :key="caution" class="reason">{{ caution }}</p></section>
      <button type="button" class="plain end" @click="trips.finish()">End the trip</button>
    </template>
  </div>
</template>

<style scoped>
.trip { font-family: var(--font-trip); max-width: 760px; margin: 0 auto; padding: 10px 14px 90px; display: flex; flex-direction: column; gap: 12px; font-size: 16px; }
h1 { font-size: 24px; font-family: var(--font-trip); }
h3 { font-size: 16px; }
.begin { display: flex; flex-direction: column; gap: 8px; }
.first { display: grid; grid-template-columns: 96px 1fr; gap: 12px; align-items: center; text-align: left; min-height: 64px; width: 100%; margin-bottom: 4px; }
.first .drawing { width: 96px; height: 44px; }
.now { display: grid; grid-template-columns: 130px 1fr; gap: 12px; align-items: center; }
.now .drawing { width: 130px; height: 64px; }
.figures { margin: 2px 0 0; }
.figures b { font-size: 22px; }
.how { margin: 2px 0 0; font-size: 15px; }
.casts { display: grid; grid-template-columns: 1fr 2fr 2fr; gap: 6px; }
.casts .plain { min-height: 56px; font-size: 16px; }
.taps { display: grid; grid-template-columns: repeat(4, 1fr); gap: 6px; }
.tap { min-height: 68px; border: 2px solid var(--ink); border-radius: 3px; background: var(--leaf); font-size: 17px; font-weight: 650; cursor: pointer; }
.tap.landed { background: var(--ink); color: var(--leaf); }
.tap.snagged, .tap.lure-lost { border-color: var(--rule); font-weight: 500; }
.stored { margin: 0; display: flex; justify-content: space-between; align-items: center; border-left: 4px solid var(--float); padding-left: 10px; }
.stored .quiet { min-height: 56px; }
ul { list-style: none; padding: 0; margin: 0; }
li { border-top: 1px solid var(--rule); }
.line { background: none; border: 0; width: 100%; text-align: left; min-height: 52px; cursor: pointer; }
.with .choice, .with .plain, .rods .choice { min-height: 56px; }
.rods p { margin: 4px 0 0; color: var(--soft-ink); font-size: 14px; }
.where { display: flex; gap: 12px; align-items: center; min-height: 56px; cursor: pointer; font-size: 15px; }
.where input { width: 22px; height: 22px; accent-color: var(--ink); flex: none; }
.cautions p { margin: 2px 0; font-size: 14px; color: var(--soft-ink); }
.end { min-height: 56px; }
@media (max-width: 480px) { .now { grid-template-columns: 84px 1fr; } .now .drawing { width: 84px; } .trip { gap: 8px; } .tap { min-height: 60px; } }
</style>
