<script setup lang="ts">
import { useElementSize } from '@vueuse/core'
import { computed, ref, useTemplateRef, watch } from 'vue'
import { GAUGED_AT_M } from '#core/course'
import { FORAGE_HABITS, SPECIES_HABITS } from '#core/knowledge'
import { eatingBesides, isAdrift, mostlyEating } from '#core/reading'
import { activityAt, isStressed, phaseShares, usualDepth, usualForageLength } from '#core/season'
import { type Bottom, BOTTOMS, CASTS_TO, COVERS, CROWDS, FORAGE, type ForageId, type Grouping, GROUPINGS, HOLDS, MOODS, type Phase, PHASES, PRESSURES, SIGNS, SKIES, SPECIES, type SpeciesId, STAINS, STANDS, type Tide, TIDES, TRENDS, WATERS, WINDS_TO } from '#core/terms'
import { formatNumber, formatQuantity } from '#core/units'
import { capital, forageLabel, speciesLabel, words } from '~/text/labels'
import { percent } from '~/text/percent'

const store = useReadingStore()
const { units } = storeToRefs(useSettingsStore())
const reading = computed(() => store.complete.reading)
const isAssumed = (field: string) => store.complete.assumed.includes(field)
const quantity = (dimension: Parameters<typeof formatQuantity>[0], value: number, decimals?: number) => formatQuantity(dimension, value, { system: units.value, ...(decimals === undefined ? {} : { decimals }) })
const ARROW = { warming: '↑', steady: '', cooling: '↓' } as const
const SKY_WORDS = { sun: 'sun', broken: 'broken sun', overcast: 'overcast', rain: 'rain', night: 'night' } as const
const sky = useSkyAbove(() => reading.value)
const afloat = computed(() => reading.value.from === 'boat' || reading.value.from === 'kayak')
const WIND_WORDS = { across: 'across it', behind: 'down the wind', against: 'into the wind' } as const
const CURRENT_WORDS = { across: 'across it', up: 'up the stream', down: 'down the stream' } as const
const TIDE_STEPS = ['0', '1', '2', '3', '4', '5', '6'] as const
/** Steps in which a slope is judged by eye [°], deeper away from the rod +. */
const SLOPE_DEG = { 'falls off steeply': 20, 'falls off': 8, 'flat': 0, 'rises away': -8 } as const
const SLOPES = Object.keys(SLOPE_DEG) as (keyof typeof SLOPE_DEG)[]
const slopeName = computed(() => SLOPES.reduce((a, b) => (Math.abs(SLOPE_DEG[b] - reading.value.slopeDeg) < Math.abs(SLOPE_DEG[a] - reading.value.slopeDeg) ? b : a)))
const speciesOptions = SPECIES.map(id => ({ value: id, title: capital(speciesLabel(id)) }))
const forageOptions = FORAGE.map(id => ({ value: id, title: capital(forageLabel(id)) }))
const mainForage = computed(() => reading.value.forage[0]!)
/** What they eat besides; what is only usual for the fish is not told as if it were seen. */
const besides = computed(() => isAssumed('forage') ? [] : reading.value.forage.slice(1))
/** On the strip: one by its name, more by their number. */
const besidesTold = computed(() => besides.value.length > 1 ? ` + ${besides.value.length}` : besides.value.map(prey => ` + ${forageLabel(prey.kind)}`).join(''))
const preyBesides = computed(() => FORAGE.filter(kind => kind !== mainForage.value.kind))
const allSeen = computed(() => [mainForage.value, ...besides.value] as const)
const band = computed(() => `${formatNumber('depth', reading.value.fishFromM, { system: units.value })}–${formatNumber('depth', reading.value.fishToM, { system: units.value })} of ${quantity('depth', reading.value.bottomM)}`)

const phases = computed(() => phaseShares({ species: reading.value.species, temperatureC: reading.value.temperatureC, trend: reading.value.trend, at: reading.value.at, latitude: reading.value.latitude }))
const usual = computed(() => usualDepth(reading.value.species, phases.value))
const handling = computed(() => SPECIES_HABITS[reading.value.species].handling)
const shares = computed(() => Object.entries(phases.value).filter(([, share]) => share >= 0.05).sort((a, b) => b[1] - a[1]))
const phaseText = computed(() => words(reading.value.phase ?? shares.value[0]?.[0] ?? ''))
const phaseReason = computed(() => `Worked out from temperature, trend and date: ${shares.value.map(([phase, share]) => `${words(phase)} ${percent(share)}`).join(', ')}. Activity ${percent(activityAt(reading.value.species, reading.value.temperatureC))}.`)
/** Heads of tables stay below the strip. */
const strip = useTemplateRef<HTMLElement>('strip')
const { height } = useElementSize(strip, undefined, { box: 'border-box' })
watch(height, px => document.documentElement.style.setProperty('--strip', `${px}px`))
/** On a narrow screen the figures are folded into a line of words until they are asked for. */
const isUnfolded = ref(false)
const inWords = computed(() => [speciesLabel(reading.value.species), quantity('temperature', reading.value.temperatureC), `${quantity('depth', reading.value.visibilityM)} ${reading.value.stain}`, SKY_WORDS[sky.value], `wind ${quantity('speed', reading.value.windMs, 0)}`, `at ${band.value}`].join(' · '))
const stressed = computed(() => isStressed(reading.value.species, reading.value.temperatureC))

/** The band moves with the bottom: fish cannot lie below it. */
function setBottom(bottomM: number) {
  store.change({ bottomM, fishToM: Math.min(reading.value.fishToM, bottomM), fishFromM: Math.min(reading.value.fishFromM, bottomM) })
}
</script>

<template>
  <section ref="strip" class="strip" :class="{ unfolded: isUnfolded }" aria-label="The water now">
    <button type="button" class="fold" :aria-expanded="isUnfolded" aria-controls="water-figures" @click="isUnfolded = !isUnfolded"><span class="figure">{{ capital(inWords) }}</span><span class="small-label">{{ isUnfolded ? 'fold' : 'change' }}</span></button>
    <div id="water-figures" class="figures">
      <StripFigure label="where">
        <template #value>{{ store.place?.name ?? capital(reading.water) }}, {{ reading.from }}</template>
        <LazyPlaceSlip />
        <ChoiceRow label="you stand" :options="STANDS" :chosen="[reading.from]" @change="([from]) => store.change({ from })" />
        <ChoiceRow v-if="afloat" :label="`the boat is${store.reading.hold == null ? ' (assumed)' : ''}`" :options="HOLDS" :chosen="[reading.hold]" @change="([hold]) => store.change({ hold })" />
        <ChoiceRow label="water" :options="WATERS" :chosen="[reading.water]" @change="([water]) => store.change({ water })" />
        <LazyNumberStep label="Salinity" dimension="salinity" :value="reading.salinityPsu" :step="1" :min="0" :max="42" @change="salinityPsu => store.change({ salinityPsu })" />
      </StripFigure>
      <StripFigure label="fish">
        <template #value>{{ capital(speciesLabel(reading.species)) }}</template>
        <LazyOneOfMany :chosen="reading.species" :of="speciesOptions" label="Target fish" @choose="(species: SpeciesId) => store.change({ species })" />
        <p v-if="handling" class="reason caution" role="note">{{ handling }}</p>
      </StripFigure>
      <StripFigure label="season" :assumed="reading.phase === null">
        <template #value>{{ phaseText }}</template>
        <p class="reason hint">{{ phaseReason }}</p>
        <ChoiceRow label="phase" :options="['as worked out', ...PHASES]" :chosen="[reading.phase ?? 'as worked out']" @change="([phase]) => store.change({ phase: phase === 'as worked out' ? null : phase as Phase })" />
      </StripFigure>
      <StripFigure label="water">
        <template #value>{{ quantity('temperature', reading.temperatureC) }} {{ ARROW[reading.trend] }}</template>
        <LazyNumberStep label="Temperature" dimension="temperature" :value="reading.temperatureC" :step="0.5" :min="-2" :max="40" @change="temperatureC => store.change({ temperatureC })" />
        <LazyMeasuredMark field="temperatureC" />
        <ChoiceRow label="trend" :options="TRENDS" :chosen="[reading.trend]" @change="([trend]) => store.change({ trend })" />
        <LazyQuantityField label="Change over a day" dimension="difference" :value="reading.change24C" :min="-20" :max="20" placeholder="not known" @change="change24C => store.change({ change24C })" />
        <LazyLayersField :layers="reading.layers" @change="layers => store.change({ layers })" />
        <p v-if="stressed" class="reason caution" role="note">{{ capital(speciesLabel(reading.species)) }} suffers in water this warm: leave it alone, or fish for another. Check the local rules.</p>
      </StripFigure>
      <StripFigure label="a lure vanishes at" :assumed="isAssumed('visibilityM')">
        <template #value>{{ quantity('depth', reading.visibilityM) }}, {{ reading.stain }}</template>
        <LazyNumberStep label="Visibility" dimension="depth" :value="reading.visibilityM" :step="reading.visibilityM < 1 ? 0.1 : 0.25" :min="0.05" :max="30" @change="visibilityM => store.change({ visibilityM })" />
        <LazyMeasuredMark field="visibilityM" />
        <div class="stains" role="group" aria-label="stain">
          <button v-for="stain in STAINS" :key="stain" type="button" class="choice" :aria-pressed="reading.stain === stain" @click="store.change({ stain })"><LazyStainPicture :stain="stain" :visibility-m="reading.visibilityM" />{{ stain }}</button>
        </div>
        <p class="reason hint">Lower something white (a disc or a lure) on the shaded side until it is gone, raise it until it shows; the mean of both depths is the visibility. The pictures show a white lure in such water, from the surface to where it is lost.</p>
      </StripFigure>
      <StripFigure label="light" :assumed="isAssumed('sky')">
        <template #value>{{ capital(SKY_WORDS[sky]) }}</template>
        <ChoiceRow label="sky" :options="SKIES" :chosen="[sky]" :text="said => SKY_WORDS[said]" @change="([said]) => store.change(said === 'night' ? { sky: said } : { sky: said, nightCloud: null })" />
        <LazyTimeSlip />
      </StripFigure>
      <StripFigure label="wind" :assumed="isAssumed('windMs')">
        <template #value>{{ quantity('speed', reading.windMs, 0) }}</template>
        <LazyNumberStep label="Wind" dimension="speed" :value="reading.windMs" :step="1" :min="0" :max="40" @change="windMs => store.change({ windMs })" />
        <LazyMeasuredMark field="windMs" />
        <ChoiceRow :label="`you cast with the wind${store.reading.windTo == null ? ' (assumed)' : ''}`" :options="WINDS_TO" :chosen="[reading.windTo]" :text="to => WIND_WORDS[to]" @change="([windTo]) => store.change({ windTo })" />
        <LazyNumberStep label="Waves" dimension="depth" :value="reading.waveM" :step="0.1" :min="0" :max="10" @change="waveM => store.change({ waveM })" />
      </StripFigure>
      <StripFigure label="stream" :assumed="isAssumed('currentMs') && reading.currentMs > 0">
        <template #value>{{ reading.currentMs > 0 ? quantity('speed', reading.currentMs, 1) : 'none' }}{{ reading.tide ? `, ${reading.tide}` : '' }}</template>
        <LazyNumberStep label="Current" dimension="speed" :value="reading.currentMs" :step="0.1" :min="0" :max="4" @change="currentMs => store.change({ currentMs })" />
        <LazyMeasuredMark field="currentMs" />
        <ChoiceRow v-if="reading.currentMs > 0 && !isAdrift(reading)" :label="`you cast to the current${store.reading.castTo == null ? ' (assumed)' : ''}`" :options="CASTS_TO" :chosen="[reading.castTo]" :text="to => CURRENT_WORDS[to]" @change="([castTo]) => store.change({ castTo })" />
        <ChoiceRow label="tide" :options="['none', ...TIDES]" :chosen="[reading.tide ?? 'none']" @change="([tide]) => store.change({ tide: tide === 'none' ? null : tide as Tide })" />
        <ChoiceRow v-if="reading.tide === 'rising' || reading.tide === 'falling'" label="hours since it turned" :options="TIDE_STEPS" :chosen="reading.tideHours === null ? [] : [String(Math.round(reading.tideHours)) as typeof TIDE_STEPS[number]]" @change="([hours]) => store.change({ tideHours: Number(hours) })" />
        <p v-if="reading.tideHours !== null && isAssumed('currentMs')" class="reason hint">The stream of {{ quantity('speed', reading.currentMs, 2) }} is assumed from the tide: most at half tide, slack at its turns. Type the current to correct it.</p>
      </StripFigure>
      <StripFigure label="fish lie at" :assumed="isAssumed('fishFromM')">
        <template #value>{{ band }}</template>
        <p class="reason hint"><span class="known typical">Usual for {{ speciesLabel(reading.species) }} now: {{ formatNumber('depth', usual[0], { system: units }) }}–{{ quantity('depth', usual[1]) }}</span> (from memory; what you see outranks it).</p>
        <LazyNumberStep label="Fish from" dimension="depth" :value="reading.fishFromM" :step="0.5" :min="0" :max="reading.fishToM" @change="fishFromM => store.change({ fishFromM })" />
        <LazyNumberStep label="Fish down to" dimension="depth" :value="reading.fishToM" :step="0.5" :min="reading.fishFromM" :max="reading.bottomM" @change="fishToM => store.change({ fishToM })" />
        <LazyMeasuredMark field="fishFromM" label="seen on the sounder, or bitten there" />
        <LazyNumberStep label="Bottom" dimension="depth" :value="reading.bottomM" :step="0.5" :min="0.3" :max="200" @change="setBottom" />
        <ChoiceRow :label="`the bottom, read ${quantity('depth', GAUGED_AT_M, 0)} out`" :options="SLOPES" :chosen="[slopeName]" @change="([name]) => name && store.change({ slopeDeg: SLOPE_DEG[name] })" />
        <LazyQuantityField label="No oxygen below" dimension="depth" :value="reading.oxygenToM" :min="0.5" :max="200" placeholder="not known" @change="oxygenToM => store.change({ oxygenToM })" />
        <ChoiceRow label="they are" :options="['not known', ...GROUPINGS]" :chosen="[reading.grouping ?? 'not known']" @change="([grouping]) => store.change({ grouping: grouping === 'not known' ? null : grouping as Grouping })" />
        <ChoiceRow label="bottom of" :options="['not known', ...BOTTOMS]" :chosen="[reading.bottom ?? 'not known']" @change="([bottom]) => store.change({ bottom: bottom === 'not known' ? null : bottom as Bottom })" />
      </StripFigure>
      <StripFigure label="cover" :assumed="isAssumed('cover')">
        <template #value>{{ words(reading.cover.slice(0, 2).join(', ')) }}{{ reading.cover.length > 2 ? ' …' : '' }}</template>
        <ChoiceRow label="cover" :options="COVERS" :chosen="reading.cover" many @change="cover => store.change({ cover })" />
        <LazyQuantityField label="Its top is at" dimension="depth" :value="reading.coverTopM" :max="reading.bottomM" placeholder="not known" @change="coverTopM => store.change({ coverTopM })" />
      </StripFigure>
      <StripFigure label="they eat" :assumed="isAssumed('forage')">
        <template #value>{{ forageLabel(mainForage.kind) }} {{ quantity('length', mainForage.lengthMm) }}{{ besidesTold }}</template>
        <LazyOneOfMany :chosen="mainForage.kind" :of="forageOptions" label="Prey" @choose="(kind: ForageId) => store.change({ forage: mostlyEating(allSeen, { kind }) })" />
        <p class="reason hint"><span class="known typical">Usual now: {{ quantity('length', usualForageLength(mainForage.kind, phases)) }}</span>; {{ FORAGE_HABITS[mainForage.kind].movement }}.</p>
        <LazyNumberStep label="Prey length" dimension="length" :value="mainForage.lengthMm" :step="10" :min="5" :max="500" @change="lengthMm => store.change({ forage: mostlyEating(allSeen, { kind: mainForage.kind, lengthMm }) })" />
        <LazyMeasuredMark field="forage" />
        <ChoiceRow label="and besides" :options="preyBesides" :chosen="besides.map(prey => prey.kind)" many none :text="forageLabel" @change="kinds => store.change({ forage: eatingBesides(allSeen, kinds) })" />
        <LazyNumberStep v-for="prey in besides" :key="prey.kind" :label="`Length of ${forageLabel(prey.kind)}`" dimension="length" :value="prey.lengthMm" :step="10" :min="5" :max="500" @change="lengthMm => store.change({ forage: allSeen.map(other => other === prey ? { kind: prey.kind, lengthMm } : other) })" />
      </StripFigure>
      <StripFigure label="mood" :assumed="isAssumed('mood')">
        <template #value>{{ capital(reading.mood) }}</template>
        <ChoiceRow label="mood" :options="MOODS" :chosen="[reading.mood]" @change="([mood]) => store.change({ mood })" />
        <LazyMeasuredMark field="mood" label="read from their bites" />
        <ChoiceRow label="fishing pressure" :options="PRESSURES" :chosen="[reading.pressure]" @change="([pressure]) => store.change({ pressure })" />
        <ChoiceRow label="what you see" :options="SIGNS" :chosen="reading.signs" many none @change="signs => store.change({ signs })" />
        <ChoiceRow label="others fishing" :options="CROWDS" :chosen="reading.crowd === null ? [] : [reading.crowd]" @change="([crowd]) => store.change({ crowd })" />
        <ChoiceRow label="bites" :options="['normal', 'short']" :chosen="[reading.shortStrikes ? 'short' : 'normal']" @change="([bites]) => store.change({ shortStrikes: bites === 'short' })" />
      </StripFigure>
      <button v-if="store.past.length > 0" type="button" class="quiet undo-reading" @click="store.undo()">undo</button>
      <StripFigure v-if="store.past.length > 0" label="changes">
        <template #value>{{ store.past.length }}</template>
        <LazyHistorySlip />
      </StripFigure>
    </div>
    <LazyContradictionLine />
    <p v-if="store.issues.length > 0" class="refused reason" role="alert">
      Not taken: {{ store.issues[0]!.path }} {{ store.issues[0]!.message }}.
      <button class="quiet" type="button" @click="store.clearIssues()">understood</button>
    </p>
    <span class="units small-label">units
      <select v-model="units" aria-label="Units"><option>metric</option><option>imperial</option><option>mixed</option></select>
    </span>
  </section>
</template>

<style scoped>
.strip { position: sticky; top: 0; z-index: 10; background: var(--paper); border-bottom: 1px solid var(--ink); display: flex; align-items: stretch; flex-wrap: wrap; }
.figures { display: flex; flex: 1 1 0; min-width: 0; overflow-x: auto; padding-left: 6px; scrollbar-width: none; }
.undo-reading { margin: auto 10px; min-height: 44px; flex: none; white-space: nowrap; }
.refused { flex-basis: 100%; order: 3; margin: 0; padding: 6px 18px; background: var(--leaf); border-top: 1px solid var(--float); color: var(--float); }
.stains { display: flex; gap: 6px; margin-top: 10px; }
.stains .choice { display: flex; flex-direction: column; align-items: center; gap: 4px; padding: 6px; }
.caution { border-left: 3px solid var(--float); padding-left: 8px; margin: 10px 0 0; max-width: 40ch; }
.hint .known { white-space: normal; }
.hint { margin: 10px 0 0; color: var(--soft-ink); max-width: 40ch; }
.units { display: flex; align-items: center; gap: 6px; padding: 0 16px; }
.units select { font: inherit; text-transform: none; letter-spacing: 0; font-size: 13px; color: inherit; background: transparent; border: 0; border-bottom: 1px solid var(--rule); min-height: 32px; }
.units option { background: var(--leaf); color: var(--ink); }
.fold { display: none; }
.fold .small-label { white-space: nowrap; }
@media (max-width: 700px) {
  .fold { display: flex; justify-content: space-between; align-items: center; gap: 12px; width: 100%; min-height: 52px; padding: 6px 12px; background: none; border: 0; text-align: left; cursor: pointer; }
  .figures, .units { display: none; }
  .unfolded { position: static; }
  .unfolded .figures { display: grid; grid-template-columns: repeat(3, minmax(0, 1fr)); flex-basis: 100%; padding: 0; border-top: 1px solid var(--rule); }
  .unfolded .figures > :deep(.strip-figure) { border-bottom: 1px solid var(--rule); white-space: normal; min-height: 58px; padding: 5px 8px 6px; justify-content: flex-start; }
  .unfolded .units { display: flex; padding: 6px 12px; }
}
@media print {
  .strip { position: static; }
  .fold { display: block; border: 0; background: none; padding: 0 18px 6px; text-align: left; }
  .fold .small-label, .figures, .units { display: none; }
}
</style>
