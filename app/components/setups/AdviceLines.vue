<script setup lang="ts">
import { group } from 'd3'
import { computed } from 'vue'
import type { AdviceOut } from '#core/tell'

const props = defineProps<{ advice: readonly AdviceOut[] }>()
const subjects = computed(() => [...group(props.advice, line => line.about)])
const LABEL = { bait: 'bait', hook: 'hook', tie: 'tie', line: 'line', rod: 'rod', place: 'place', depth: 'depth', retrieve: 'work it', follower: 'follower', next: 'next' } as const
</script>

<template>
  <dl class="advice">
    <div v-for="[about, lines] in subjects" :key="about"><dt class="small-label">{{ LABEL[about] }}</dt><dd class="reason"><span v-for="line in lines" :key="line.rule" :title="line.source">{{ line.text }} </span></dd></div>
  </dl>
</template>

<style scoped>
.advice { margin: 4px 0; }
.advice > div { display: grid; grid-template-columns: 62px 1fr; gap: 6px; padding: 3px 0; align-items: baseline; }
dd { margin: 0; }
</style>
