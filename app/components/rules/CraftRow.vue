<script setup lang="ts">
import { plainRule } from '~/text/rule-words'

/** One row of the craft that enters the judgement: its sentence, what it asks, and how much it counts. */
const props = defineProps<{
  id: string
  text: string
  /** What it asks, in words and figures. */
  asks: string
  /** What it says in the present water; absent: it speaks wherever its job is done. */
  strength?: number | undefined
}>()
const settings = useSettingsStore()
const sentence = computed(() => plainRule(props.text, settings.units))
const isOff = computed(() => settings.ruleWeights[props.id] === 0)
</script>

<template>
  <article class="craft" :class="{ off: isOff, silent: strength === 0 }" :aria-label="sentence">
    <p class="reason sentence">{{ sentence }}</p>
    <p class="foot"><span class="asks">{{ asks }}</span><span v-if="strength !== undefined" class="now">{{ isOff ? 'switched off' : strength > 0 ? `speaks now, ${strength.toFixed(2)}` : 'silent now' }}</span><HowMuch :id="id" :sentence="sentence" /></p>
  </article>
</template>

<style scoped>
.craft { border-top: 1px solid var(--rule); padding: 7px 0 3px; }
.sentence { margin: 0; font-size: 15.5px; max-width: 68ch; }
.silent .sentence { color: var(--soft-ink); }
.off .sentence { text-decoration: line-through; text-decoration-thickness: 1px; }
.foot { display: flex; flex-wrap: wrap; align-items: center; gap: 2px 16px; margin: 0; font-size: 13px; min-height: 38px; }
.asks { color: var(--soft-ink); flex: 1 1 300px; }
.now { min-width: 110px; }
</style>
