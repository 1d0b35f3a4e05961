<script setup lang="ts">
import { computed } from 'vue'
import type { Lure } from '#core/tackle'

/** Where a modified lure comes from, what was done to it, and what was made of it. */
const props = defineProps<{ lure: Lure }>()
const emit = defineEmits<{ open: [id: string] }>()
const box = useBoxStore()
const parent = computed(() => (props.lure.parentId ? box.lureById.get(props.lure.parentId) : undefined))
const children = computed(() => box.box.lures.filter(l => l.parentId === props.lure.id))
const changes = computed(() => (props.lure.changes ?? []).map(change => (typeof change === 'object' && change !== null && 'text' in change ? String(change.text) : String(change))))
</script>

<template>
  <section v-if="lure.parentId || children.length > 0" class="lineage reason" aria-label="Modified">
    <p v-if="lure.parentId">Made from <button v-if="parent" type="button" class="quiet" @click="emit('open', parent.id)">{{ parent.name }}</button><template v-else>a lure that is no longer here</template>{{ changes.length > 0 ? ':' : '.' }}</p>
    <ul v-if="changes.length > 0"><li v-for="change in changes" :key="change">{{ change }}</li></ul>
    <p v-if="children.length > 0">Made of it: <template v-for="(child, i) in children" :key="child.id">{{ i > 0 ? ', ' : '' }}<button type="button" class="quiet" @click="emit('open', child.id)">{{ child.name }}</button></template>.</p>
  </section>
</template>

<style scoped>
.lineage { border-left: 2px dashed var(--rule); padding-left: 10px; margin-bottom: 10px; }
p { margin: 2px 0; }
ul { margin: 0; padding-left: 18px; }
.quiet { padding: 0; min-height: 0; font: inherit; }
</style>
