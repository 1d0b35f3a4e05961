<script setup lang="ts">
import { until } from '@vueuse/core'
import { computed, nextTick, watch } from 'vue'
import type { Pack } from '#core/pack'
import { formatHookSize, formatQuantity } from '#core/units'
import { cadenceLabel, words } from '~/text/labels'
import { leaderTold } from '~/text/line-words'
import { WISH_WORDS } from '~/text/pack-words'
import { dayShort, weekday } from '~/text/dates'
import { percent, percentChange } from '~/text/percent'

const box = useBoxStore()
const { units } = storeToRefs(useSettingsStore())
const { lists, list, chosen, spelled, explained, proof, isStale, working, conflicts, problem, forecastNote, outline, create, change, remake, plan, stop, take, swaps, lock, tick } = usePack()
const route = useRoute()
/** A lure sent here from its card must go along: on the list that is planned, or on one for tomorrow. */
watch([() => route.query.take, () => box.ready], async ([lureId, ready]) => {
  if (typeof lureId !== 'string' || !ready) return
  await navigateTo('/pack', { replace: true })
  if (!box.lureById.has(lureId)) return
  await (list.value ? lock(lureId, 'take') : create([lureId]))
}, { immediate: true })
/** Each reading by the moment that it belongs to; its changes go by the same name. */
const names = computed(() => spelled.value.map(r => list.value?.readings.find(l => r.name === l.name || r.name.startsWith(`${l.name}, `))?.name ?? r.name))
const lureName = (id: string) => box.lureById.get(id)?.name ?? id
const rodName = (id: string) => box.outfitById.get(id)?.name ?? id
const partName = (id: string) => box.box.parts.find(p => p.id === id)?.name ?? id
const metres = (value: number) => formatQuantity('depth', value, { system: units.value })
const purposeOf = (id: string) => explained.value?.purposes.find(p => p.id === id) ?? null
const locked = (id: string) => list.value?.take.includes(id) ?? false

/** What is on the list, box by box and slot by slot; parts last, in their tin. */
const groups = computed(() => {
  const by = new Map<string, NonNullable<typeof explained.value>['items'][number][]>()
  for (const item of explained.value?.items ?? []) {
    const from = item.kind === 'part' ? 'Tin of weights' : box.lureById.get(item.id)?.box ?? 'no box noted'
    by.set(from, [...by.get(from) ?? [], item])
  }
  const slot = (id: string) => box.lureById.get(id)?.slot ?? ''
  return [...by].sort((a, b) => Number(a[0] === 'Tin of weights') - Number(b[0] === 'Tin of weights') || a[0].localeCompare(b[0])).map(([name, items]) => ({ name, items: items.sort((a, b) => slot(a.id).localeCompare(slot(b.id), undefined, { numeric: true })) }))
})
const rods = computed(() => (explained.value?.pack.rods ?? []).map((id) => {
  const lureId = explained.value!.pack.rigged[id] ?? null
  const setup = explained.value!.rigged.find(s => s.outfitId === id && s.lureId === lureId) ?? null
  // What else of the pack is thrown with this rod, most often first.
  const times = new Map<string, number>()
  for (const { setups } of explained.value!.covers) for (const { setup: s } of setups) if (s.outfitId === id && s.lureId !== lureId) times.set(s.lureId, (times.get(s.lureId) ?? 0) + 1)
  return { id, lureId, setup, changes: [...times].sort((a, b) => b[1] - a[1]).slice(0, 4).map(([lure]) => lure) }
}))
/** The likely readings themselves, with what their changes do to them left aside. */
const covers = computed(() => spelled.value.flatMap((r, i) => {
  const cover = explained.value?.covers[i]
  return cover && list.value?.readings.some(l => l.name === r.name) ? [{ name: r.name, ...cover }] : []
}))
/** Below this another pack is no better to speak of. */
const LEAST_GAP = 1e-6
const PROVEN_IN = { proven: 'Proven', time: 'As near as it can be shown', stopped: 'Stopped' } as const
const percentOf = (share: number) => Math.round(100 * share)
const state = computed(() => {
  if (working.value?.stage === 'judging') return `Judging every lure on every rod… ${percent(working.value.done)}`
  if (working.value) return working.value.gap === null ? 'A good pack at once; how much better could another be …' : `No pack within the limits is more than ${percent(working.value.gap, 1)} better; looking closer …`
  if (!explained.value) return ''
  if (isStale.value) return 'The waters, limits or locks have changed: plan again.'
  if (!proof.value) return 'Changed by hand: how much better another could be is not known.'
  if (proof.value.gap < LEAST_GAP) return 'Proven: no pack within the limits is better.'
  return `${PROVEN_IN[proof.value.ended]}: no pack within the limits is more than ${percent(proof.value.gap, 1)} better.`
})

/** A list for tomorrow, and at once a pack for it: what it is made from is changed afterwards. */
async function planTomorrow() {
  await create()
  if (problem.value) return
  // The list comes back from the disk, and is taken up before it is planned.
  await until(list).toMatch(made => made !== null)
  await nextTick()
  await plan()
}
async function leave(id: string) {
  await lock(id, 'leave')
  await dropped(id)
}
async function dropped(id: string) {
  const pack = explained.value?.pack
  if (!pack) return
  const next: Pack = { items: pack.items.filter(i => i !== id), rods: pack.rods.filter(r => r !== id), rigged: Object.fromEntries(Object.entries(pack.rigged).filter(([rod, lure]) => rod !== id && lure !== id)) }
  await take(next)
}
async function add(lureId: string) {
  const pack = explained.value!.pack
  await take({ ...pack, items: [...pack.items, lureId] })
}
const dayText = computed(() => weekday(list.value?.at))
function printList() {
  window.print()
}
async function removeList() {
  await box.change({ remove: { packs: [list.value!.id] } }, 'The pack list is gone.')
}
const { additions, isBusy: looksForGaps, problem: gapProblem, ask } = useWorth()
/** The season: every trip's water, and tomorrow's. */
async function lookForGaps() {
  const fished = box.box.trips.flatMap(trip => (trip.stints ?? []).slice(0, 1).flatMap(s => (s.reading ? [{ reading: s.reading as never, weight: 1 }] : [])))
  await ask([...fished, ...(list.value?.readings ?? []).map(({ reading, weight }) => ({ reading, weight }))])
}
</script>

<template>
  <div class="pack-page">
    <section v-if="!list" class="empty">
      <h1>Pack for tomorrow</h1>
      <p class="reason">The night before: what goes along, and what hangs ready on which rod. The planner chooses lures, trailers, weights and rods that serve these waters best within what you can carry, and proves how good that is.</p>
      <PackOutline v-if="box.box.lures.length > 0" :outline="outline" />
      <p v-else class="reason">There is nothing to pack yet: <NuxtLink to="/box">enter your lures</NuxtLink> first.</p>
      <button type="button" class="hot" :disabled="!box.ready || box.box.lures.length === 0" @click="planTomorrow">Plan for tomorrow</button>
      <p v-if="forecastNote" class="reason soft">{{ forecastNote }}</p>
    </section>
    <template v-else>
      <aside class="plan" aria-label="What is planned for">
        <div class="title"><h1>Pack</h1><select v-if="lists.length > 1" :value="list.id" aria-label="Pack list" @change="chosen = ($event.target as HTMLSelectElement).value"><option v-for="l in lists" :key="l.id" :value="l.id">{{ l.name }}, {{ dayShort(l.at) }}</option></select></div>
        <div class="fields">
          <label><span class="small-label">name</span><input :value="list.name" @change="change({ name: ($event.target as HTMLInputElement).value || 'Tomorrow' })" /></label>
          <label><span class="small-label">day</span><input type="date" :value="list.at.slice(0, 10)" @change="($event.target as HTMLInputElement).value && remake({ at: `${($event.target as HTMLInputElement).value}T12:00:00Z` })" /></label>
          <label><span class="small-label">water</span><select :value="list.placeId ?? ''" @change="remake({ placeId: ($event.target as HTMLSelectElement).value || null })"><option value="">where the reading is</option><option v-for="p in box.places" :key="p.id" :value="p.id">{{ p.name }}</option></select></label>
          <label><span class="small-label">plan B</span><select :value="list.planBId ?? ''" @change="remake({ planBId: ($event.target as HTMLSelectElement).value || null })"><option value="">none</option><option v-for="p in box.places.filter(p => p.id !== list!.placeId)" :key="p.id" :value="p.id">{{ p.name }}</option></select></label>
        </div>
        <h2>Likely waters</h2>
        <LikelyReadings :readings="list.readings" @change="readings => change({ readings: [...readings] })" />
        <p v-if="forecastNote" class="reason note">{{ forecastNote }}</p>
        <p class="reason note">Each is also planned for with the fish higher, deeper, and gone quiet.</p>
        <h2>What may go along</h2>
        <LimitRow :limits="list.limits" @change="limits => change({ limits })" />
        <div class="rod-locks">
          <span class="small-label">rods</span>
          <div class="choices"><button v-for="o in box.box.outfits" :key="o.id" type="button" class="choice" :aria-pressed="locked(o.id)" :class="{ out: list.leave.includes(o.id) }" @click="lock(o.id, locked(o.id) ? 'leave' : list.leave.includes(o.id) ? null : 'take')">{{ o.name }}<span class="mark">{{ locked(o.id) ? ' · must' : list.leave.includes(o.id) ? ' · stays' : '' }}</span></button></div>
        </div>
        <p v-if="list.take.length + list.leave.length > 0" class="locks"><template v-for="id in [...list.take, ...list.leave].filter(i => !box.outfitById.has(i))" :key="id"><button type="button" class="quiet" @click="lock(id, null)">{{ list.take.includes(id) ? 'must go' : 'stays' }}: {{ box.lureById.has(id) ? lureName(id) : partName(id) }} ✕</button></template></p>
      </aside>
      <section class="result" aria-label="The pack">
        <div class="bar">
          <button v-if="!working" type="button" class="planner" :class="explained && !isStale ? 'plain' : 'hot'" @click="plan">{{ explained ? 'Plan again' : 'Plan the pack' }}</button>
          <button v-else type="button" class="plain" @click="stop">Stop here</button>
          <p class="state" role="status">{{ state }}</p>
          <button v-if="explained" type="button" class="plain" @click="printList">Print</button>
        </div>
        <progress v-if="working" :value="working.stage === 'judging' ? working.done : undefined" max="1" aria-label="Planning" />
        <p v-for="c in conflicts" :key="c.message" class="reason problem" role="alert"><b>{{ words(c.limit) }}</b>: {{ c.message }}.</p>
        <p v-if="problem" class="reason problem" role="alert">{{ problem }}</p>
        <p v-for="b in explained?.breaches ?? []" :key="b.message" class="reason problem">Over the limit: {{ b.message }}.</p>
        <template v-if="explained">
          <h2 class="print-title">{{ list.name }}, {{ dayText }}</h2>
          <ul class="rods">
            <li v-for="r in rods" :key="r.id">
              <div class="rod"><b>{{ rodName(r.id) }}</b><button type="button" class="quiet" :aria-label="`Leave ${rodName(r.id)} at home`" @click="leave(r.id)">leave</button></div>
              <div v-if="r.lureId" class="rigged"><LureDrawing v-if="box.lureById.get(r.lureId)" :lure="box.lureById.get(r.lureId)!" small class="drawing" /><p><span class="small-label">hangs ready</span><br /><b>{{ lureName(r.lureId) }}</b><template v-if="r.setup?.trailerId"> with {{ lureName(r.setup.trailerId) }}</template><br /><span v-if="r.setup" class="soft">{{ words(r.setup.rig) }}<template v-if="r.setup.headG">, {{ formatQuantity('weight', r.setup.headG, { system: units }) }} head</template><template v-if="r.setup.sinkerG">, {{ formatQuantity('weight', r.setup.sinkerG, { system: units }) }} sinker</template> · {{ cadenceLabel(r.setup.presentation.cadence) }} · {{ metres(r.setup.presentation.depthM) }}<br />{{ r.setup.connection === 'direct' ? 'direct knot' : r.setup.connection }}<template v-if="r.setup.leader">, leader {{ leaderTold(r.setup.leader, box.outfitById.get(r.id)?.leader, units) }}</template>, hook {{ words(r.setup.hook.kind) }}{{ r.setup.hook.size ? ` ${formatHookSize(r.setup.hook.size)}` : '' }}</span></p></div>
              <p v-else class="soft">nothing tied on yet</p>
              <p v-if="r.changes.length > 0" class="soft changes"><span class="small-label">then</span> {{ r.changes.map(lureName).join(', ') }}</p>
            </li>
          </ul>
          <p class="sum"><b class="figure">{{ explained.used.lures }}</b> of {{ list.limits.lures }} lures · <b class="figure">{{ explained.used.slots }}</b> of {{ list.limits.boxes * list.limits.slotsPerBox }} slots · <b class="figure">{{ formatQuantity('weight', explained.used.grams, { system: units }) }}</b><template v-if="list.limits.grams !== null"> of {{ formatQuantity('weight', list.limits.grams, { system: units }) }}</template> · {{ list.ticked.length }} ticked</p>
          <div v-for="g in groups" :key="g.name" class="group">
            <h3>{{ g.name }}</h3>
            <ul><PackThing v-for="item in g.items" :key="item.id" :item="item" :purpose="purposeOf(item.id)" :names="names" :ticked="list.ticked.includes(item.id)" :locked="locked(item.id)" :swaps-for="swaps" @tick="tick(item.id)" @lock="lock(item.id, locked(item.id) ? null : 'take')" @leave="leave(item.id)" @swap="s => take(s.pack)" /></ul>
          </div>
          <div v-if="explained.small.length > 0" class="group">
            <h3>Leaders, snaps and hooks</h3>
            <ul><SmallThingRow v-for="thing in explained.small" :key="thing.id" :thing="thing" :ticked="list.ticked.includes(thing.id)" @tick="tick(thing.id)" /></ul>
          </div>
          <p v-if="explained.next.length > 0" class="next"><span class="small-label">next to add</span> <button v-for="n in explained.next" :key="n.lureId" type="button" class="plain" @click="add(n.lureId)">{{ lureName(n.lureId) }} <span class="figure">{{ percentChange(n.gain / explained.value, 2) }}</span></button></p>
          <p v-else class="reason note">Nothing else in the box would add to this day.</p>
        </template>
        <p v-else-if="!working" class="reason note">Look through the likely waters and the limits, then plan. The first answer comes at once; then it is shown how much better any other could be.</p>
      </section>
      <aside class="beside" aria-label="What the pack covers">
        <template v-if="explained">
          <NuxtLink :to="{ path: '/trip', query: { pack: list.id } }" class="start" :class="isStale ? 'plain' : 'hot'">Start the trip with it</NuxtLink>
          <h2>Covered</h2>
          <p class="reason note">Bar: the pack, against all that the whole box could do with every rod rigged (the line). An empty bag is nothing. The pack itself is chosen for what it catches over many days that may come of these waters: nobody knows what the fish will want, the judgement errs, and lures are lost.</p>
          <div v-for="c in covers" :key="c.name" class="cover">
            <p><b>{{ c.name }}</b> <span class="figure">{{ percentOf(c.pack) }}</span> <span class="soft">of {{ percentOf(c.box) }}</span></p>
            <div class="track"><span class="fill" :style="{ width: `${percentOf(c.pack)}%` }" /><span class="mark" :style="{ left: `${percentOf(c.box)}%` }" /></div>
            <p class="soft best">{{ c.setups.map(s => lureName(s.setup.lureId)).join(', ') }}</p>
          </div>
          <h2>Wishes for a day</h2>
          <ul class="wishes"><li v-for="w in explained.wishes" :key="w" :class="{ met: explained.met.includes(w) }">{{ explained.met.includes(w) ? '✓' : '–' }} {{ WISH_WORDS[w] }}</li></ul>
          <h2>Missing over the season</h2>
          <button type="button" class="plain" :disabled="looksForGaps" @click="lookForGaps">{{ looksForGaps ? 'Looking…' : 'Which kind of lure would add most?' }}</button>
          <p v-if="gapProblem" class="reason problem" role="alert">{{ gapProblem }}</p>
          <WorthList v-if="additions" :additions="additions" />
        </template>
        <p class="cautions reason">Licence, seasons, limits of hooks and lead differ by water: check the local rules. Trebles travel capped; pliers, and eye protection for heavy lures, go along with every pack.</p>
        <button type="button" class="quiet" @click="create()">plan another day</button>
        <button type="button" class="quiet" @click="removeList">put this list away</button>
      </aside>
    </template>
  </div>
</template>

<style scoped>
.pack-page { display: grid; grid-template-columns: 320px minmax(0, 1fr) 280px; gap: 28px; padding: 10px 18px 60px; align-items: start; }
.empty { grid-column: 1 / -1; display: flex; flex-direction: column; gap: 12px; align-items: flex-start; }
.empty > .reason { margin: 0; max-width: 70ch; }
.empty > .outline { width: 100%; }
h1 { font-size: 24px; }
h2 { font-size: 17px; margin-top: 14px; }
h3 { font-size: 14px; color: var(--soft-ink); margin-top: 10px; }
.title { display: flex; gap: 14px; align-items: baseline; }
.fields { display: grid; grid-template-columns: 1fr 1fr; gap: 6px 12px; margin-top: 6px; }
.fields label { display: flex; flex-direction: column; min-width: 0; }
input, select { font: inherit; min-height: 40px; border: 0; border-bottom: 1px solid var(--soft-ink); background: transparent; color: var(--ink); min-width: 0; width: 100%; }
.title select { width: auto; }
.note { color: var(--soft-ink); font-size: 13.5px; margin: 4px 0; }
.rod-locks { margin-top: 8px; }
.rod-locks .choice { padding: 4px 9px; min-height: 38px; }
.choice.out { text-decoration: line-through; color: var(--soft-ink); }
.locks { display: flex; flex-wrap: wrap; gap: 2px 10px; margin: 4px 0; }
.bar { display: flex; gap: 14px; align-items: center; flex-wrap: wrap; }
.state { margin: 0; flex: 1; min-width: 200px; color: var(--soft-ink); }
progress { width: 100%; height: 5px; accent-color: var(--float); }
.problem { color: var(--float); margin: 6px 0; }
ul { list-style: none; padding: 0; margin: 0; }
.print-title { font-size: 20px; }
.rods { display: grid; grid-template-columns: repeat(auto-fit, minmax(210px, 1fr)); gap: 10px; margin-top: 8px; }
.rods li { border: 1px solid var(--ink); background: var(--leaf); padding: 8px 12px; }
.rod { display: flex; justify-content: space-between; align-items: baseline; }
.rigged { display: grid; grid-template-columns: 84px 1fr; gap: 10px; align-items: center; }
.rigged p { margin: 0; }
.drawing { width: 84px; height: 44px; }
.soft { color: var(--soft-ink); }
.changes { margin: 4px 0 0; font-size: 13px; }
.sum { margin: 10px 0 0; }
.sum .figure { font-size: 17px; }
.next { display: flex; flex-wrap: wrap; gap: 6px; align-items: center; border-top: 1px solid var(--ink); padding-top: 8px; }
.start { display: flex; align-items: center; justify-content: center; text-decoration: none; min-height: 52px; }
.cover { padding: 4px 0; border-top: 1px solid var(--rule); }
.cover p { margin: 0; }
.cover b::first-letter { text-transform: uppercase; }
.track { position: relative; height: 9px; background: color-mix(in srgb, var(--rule) 55%, transparent); margin: 3px 0; }
.track .fill { position: absolute; inset: 0 auto 0 0; background: var(--water-ink); }
.track .mark { position: absolute; top: -3px; bottom: -3px; width: 2px; background: var(--float); }
.best { font-size: 12.5px; }
.wishes { display: grid; grid-template-columns: 1fr 1fr; gap: 2px 8px; color: var(--soft-ink); }
.wishes .met { color: var(--ink); }
.cautions { color: var(--soft-ink); font-size: 13.5px; margin: 14px 0 6px; border-left: 3px solid var(--brass); padding-left: 8px; }
@media (max-width: 1100px) { .pack-page { grid-template-columns: 300px minmax(0, 1fr); } .beside { grid-column: 1 / -1; } }
@media (max-width: 760px) { .pack-page { grid-template-columns: minmax(0, 1fr); padding-inline: 10px; gap: 14px; } }
@media screen { .print-title { display: none; } }
@media print { .plan, .beside, .bar, .next { display: none; } .pack-page { display: block; } .rods li { background: none; } .rod button { display: none; } }
</style>
