<script setup lang="ts">
import { ACTION_TABLE, FAMILY_TABLE, TECHNIQUES } from '#core/knowledge'
import type { Sketch } from '#core/tell'
import type { Lure } from '#core/tackle'
import type { Cadence, Rig } from '#core/terms'
import { ACTION_SIZE, actionMarks, BODY_PATH } from '~/charts/action'
import type { RigParts } from '~/charts/rig/rig'
import { blade, bladeLength } from '~/charts/silhouette/drawing'
import type { Pictured } from '~/text/book'

/** The picture of one entry of the book, drawn by what draws the angler's own. */
const props = defineProps<{ picture: Pictured, name: string, cadences: Partial<Record<Cadence, Sketch>> }>()
const BLADE_NUMBER = 4
const bladeBox = `-4 ${-bladeLength(BLADE_NUMBER) / 2} ${bladeLength(BLADE_NUMBER) * 1.15 + 4} ${bladeLength(BLADE_NUMBER)}`

const kind = computed((): Lure | null => (props.picture.of === 'kind' ? { id: 'kind', name: props.name, family: props.picture.family } : null))
const bladeMark = computed(() => (props.picture.of === 'blade' ? blade(0, 0, 0, { shape: props.picture.shape, size: BLADE_NUMBER, paint: '#c9b24a' }) : null))
const action = computed(() => (props.picture.of === 'action' ? actionMarks(ACTION_TABLE[props.picture.action]) : null))
const sketch = computed(() => (props.picture.of === 'cadence' ? props.cadences[props.picture.cadence] ?? null : null))
const rigged = computed(() => (props.picture.of === 'rig' ? riggedUsually(props.picture.rig) : null))

/** Weights and leaders of the pictures; a head is lighter than a sinker. Assumed. */
const USUAL = { headG: 7, sinkerG: 10, dropM: 0.45, leaderM: 1 } as const

/** A rig with the first kind of bait that is fished on it. */
function riggedUsually(rig: Rig): { readonly setup: RigParts['setup'], readonly lure: Lure, readonly trailer: Lure | null } {
  const { families: [family], styles, hook, adds } = TECHNIQUES.find(t => t.rig === rig)!
  const usual = FAMILY_TABLE[family!].hook
  const hasTrailer = rig === 'jig-and-trailer' || rig === 'blade-and-trailer'
  return {
    setup: {
      rig,
      hook: { kind: hook === 'own' ? usual.kind : hook, size: usual.size, count: hook === 'own' ? usual.count : 1, advice: '' },
      leader: { lengthM: USUAL.leaderM, material: 'fluorocarbon', testKg: null } as RigParts['setup']['leader'],
      connection: rig === 'snap' ? 'snap' : 'direct',
      headG: adds === 'head' || adds === 'weighted-hook' ? USUAL.headG : null,
      sinkerG: adds === 'bullet' || adds === 'drop-sinker' ? USUAL.sinkerG : null,
      trailerId: hasTrailer ? 'trailer' : null,
      trailerHook: false,
      presentation: { dropLeaderM: USUAL.dropM },
    },
    lure: { id: 'bait', name: props.name, family: family!, style: styles?.[0] ?? null },
    trailer: hasTrailer ? { id: 'trailer', name: 'trailer', family: rig === 'jig-and-trailer' ? 'craw' : 'paddle-tail' } : null,
  }
}
</script>

<template>
  <div class="picture">
    <LureDrawing v-if="kind" :lure="kind" />
    <RigPicture v-else-if="rigged" v-bind="rigged" small />
    <svg v-else-if="bladeMark" class="blade" :viewBox="bladeBox" role="img" :aria-label="`${name} blade`"><path :d="bladeMark.d" :fill="bladeMark.fill ?? 'none'" /></svg>
    <svg v-else-if="action" :viewBox="`0 0 ${ACTION_SIZE.width} ${ACTION_SIZE.height}`" role="img" :aria-label="`${name}, drawn`">
      <path :d="action.way" class="way" />
      <path v-for="(b, i) in action.bodies" :key="i" :d="BODY_PATH" class="body" :class="{ ghost: action.rings && i !== 1 }" :transform="`translate(${b.x} ${b.y}) rotate(${b.degrees})`" />
    </svg>
    <TacticSketch v-else-if="sketch" :sketch="sketch" :label="`${name}, as it goes through the water`" />
    <span v-else class="blank" aria-hidden="true" />
  </div>
</template>

<style scoped>
.picture { display: grid; place-items: center; min-height: 84px; }
.picture > :deep(svg) { width: 100%; max-height: 124px; }
.blade path { stroke: var(--ink); stroke-width: .6; }
.way { fill: none; stroke: var(--water-ink); stroke-width: 1.6; stroke-dasharray: 5 3; stroke-linejoin: round; }
.body { fill: color-mix(in srgb, var(--ink) 78%, var(--leaf)); stroke: var(--ink); stroke-width: .8; }
.ghost { fill: none; stroke-dasharray: 3 2; }
.blank { display: block; width: 100%; aspect-ratio: 220 / 92; border: 1px dashed var(--rule); }
</style>
