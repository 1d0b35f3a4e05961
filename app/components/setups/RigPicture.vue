<script setup lang="ts">
import { computed } from 'vue'
import { typicalOf } from '#core/knowledge'
import type { Lure } from '#core/tackle'
import { formatHookSize, formatQuantity } from '#core/units'
import { rigDrawing, type RigLure, type RigParts } from '~/charts/rig/rig'
import { silhouette } from '~/charts/silhouette/silhouette'
import { words } from '~/text/labels'

const props = defineProps<{
  setup: RigParts['setup'],
  lure: Lure,
  trailer: Lure | null,
  /** Drawn small: without figures, and no wider than the rig. */
  small?: boolean
}>()
const { units } = storeToRefs(useSettingsStore())
const quantity = (dimension: Parameters<typeof formatQuantity>[0], value: number) => formatQuantity(dimension, value, { system: units.value })
/** A spoon stands for the one of the box that carries a fly. */
const SPOON: Lure = { id: 'spoon', name: 'spoon', family: 'casting-spoon', lengthMm: 60, colours: { metal: 'silver', pattern: 'plain' } }
/** Leaders behind a spoon are 60 to 90 cm, behind a sliding sinker about as long (trade §6) [m]. */
const TRAILING_M = 0.75
/** What of the picture the rigs themselves take up. */
const SMALL_BOX = '14 14 270 136'

const drawing = computed(() => {
  const { setup, lure, trailer } = props
  const typical = typicalOf(lure.family, lure.style)
  const lureMm = lure.lengthMm ?? typical.lengthMm
  const grams = setup.headG ?? setup.sinkerG
  const drop = setup.rig === 'spoon-and-fly' || setup.rig === 'sliding-sinker' ? TRAILING_M : setup.presentation.dropLeaderM
  return rigDrawing({
    setup, lureMm, bodyMm: lureMm * typical.slenderness, trailerMm: trailer ? trailer.lengthMm ?? typicalOf(trailer.family, trailer.style).lengthMm : null,
    words: {
      leader: setup.leader ? `${quantity('depth', setup.leader.lengthM)} ${setup.leader.material}` : '',
      holds: setup.leader?.testKg ? quantity('strength', setup.leader.testKg) : '',
      hook: `${setup.hook.count > 1 ? `${setup.hook.count} × ` : ''}${words(setup.hook.kind)}${setup.hook.size ? ` ${formatHookSize(setup.hook.size)}` : ''}`,
      weight: grams ? quantity('weight', grams) : '', drop: drop ? quantity('depth', drop) : '',
    },
  })
})
const embedded = computed(() => drawing.value.lures.map((place: RigLure) => {
  const lure = place.which === 'lure' ? props.lure : place.which === 'spoon' ? SPOON : props.trailer ?? props.lure
  const own = silhouette(lure, { small: true })
  const scale = place.length / own.box.width
  return { marks: own.marks, transform: `translate(${place.x} ${place.y}) rotate(${place.degrees}) scale(${scale}) translate(${-own.box.x} ${-(own.box.y + own.box.height / 2)})` }
}))
/** A small one stands for rigs of its kind: its figures are nobody's, and are not told. */
const label = computed(() => props.small ? `${words(props.setup.rig)} rig` : `${words(props.setup.rig)} rig: ${drawing.value.labels.map(l => l.text).filter(Boolean).join(', ')}`)
</script>

<template>
  <svg class="rig" :viewBox="small ? SMALL_BOX : `0 0 ${drawing.width} ${drawing.height}`" role="img" :aria-label="label">
    <g v-for="(e, i) in embedded" :key="i" :transform="e.transform"><path v-for="(m, k) in e.marks" :key="k" :d="m.d" :fill="m.fill ?? 'none'" :stroke="m.stroke ?? 'none'" :stroke-width="m.width" /></g>
    <path v-for="(m, i) in drawing.marks" :key="`m${i}`" :d="m.d" class="mark" :class="[m.part, { filled: m.filled }]" />
    <circle v-for="(k, i) in drawing.knots" :key="`k${i}`" :cx="k.x" :cy="k.y" r="2.6" class="knot" />
    <template v-if="!small"><text v-for="(l, i) in drawing.labels" :key="`l${i}`" :x="l.x" :y="l.y" :text-anchor="l.anchor">{{ l.text }}</text></template>
  </svg>
</template>

<style scoped>
.rig { width: 100%; max-width: 380px; display: block; }
.mark { fill: none; stroke: var(--ink); stroke-width: 1.4; stroke-linecap: round; stroke-linejoin: round; }
.line { stroke-width: 1.2; }
.leader { stroke: var(--water-ink); stroke-width: 1.2; }
.dropper { stroke: var(--water-ink); stroke-dasharray: 4 2; }
.hook { stroke-width: 2; }
.hidden { stroke-dasharray: 2 2.5; stroke-width: 1.8; }
.weight.filled { fill: color-mix(in srgb, var(--ink) 70%, var(--leaf)); }
.bead.filled { fill: var(--float); }
.blade.filled { fill: var(--brass); }
.bottom { stroke: var(--soft-ink); stroke-dasharray: 8 4; }
.knot { fill: var(--float); }
text { font: 500 11.5px var(--font-figure); fill: var(--ink); font-stretch: 88%; }
</style>
