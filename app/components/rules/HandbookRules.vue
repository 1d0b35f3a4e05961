<script setup lang="ts">
import { group } from 'd3'
import { computed, ref, shallowRef, watch } from 'vue'
import { ADVICE, RULES } from '#core/knowledge'
import { sourceText } from '#core/sources'
import { capital, words } from '~/text/labels'
import { plainRule } from '~/text/rule-words'
import type { Spoken } from '~/workers/judge.protocol'

const judgement = useJudgementStore()
const settings = useSettingsStore()
const search = ref('')
const onlySpeaking = ref(true)
const TOLD = 'told'
const subjects = [...group(RULES, ({ id }) => id.split('.')[0]!).keys()]
const subject = ref<string>('all')
const strength = (id: string) => judgement.shown?.strengths[id] ?? 0
const changed = computed(() => Object.keys(settings.ruleWeights).length)

/** Lures at the head of the order in which effects are drawn. */
const DRAWN = 100
const spoken = shallowRef<Spoken | null>(null)
watch(() => judgement.judgement, async () => (spoken.value = await judgement.spoken(DRAWN)), { immediate: true })
const spokenBy = (id: string) => {
  const gains = spoken.value?.gains[id]
  return gains ? { lureIds: spoken.value!.lureIds, gains } : undefined
}
const needle = computed(() => search.value.trim().toLowerCase())
const shown = computed(() => RULES
  .filter(rule => subject.value === 'all' || rule.id.startsWith(`${subject.value}.`))
  .filter(rule => !onlySpeaking.value || strength(rule.id) > 0 || rule.id in settings.ruleWeights)
  .filter(rule => !needle.value || `${rule.id} ${rule.text}`.toLowerCase().includes(needle.value))
  .map(rule => ({ rule, strength: strength(rule.id) }))
  .sort((a, b) => (onlySpeaking.value ? b.strength - a.strength : 0)))
const told = computed(() => ADVICE.filter(row => !needle.value || `${row.id} ${row.text}`.toLowerCase().includes(needle.value)))
</script>

<template>
  <section aria-label="The handbook">
    <div class="bar">
      <v-text-field v-model="search" label="Search the rules" clearable class="search" />
      <label class="speaking"><input v-model="onlySpeaking" type="checkbox" /> only what speaks in this water</label>
      <button v-if="changed > 0" type="button" class="quiet" @click="settings.ruleWeights = {}">{{ changed }} changed: put all back</button>
    </div>
    <div class="choices subjects" role="group" aria-label="Subject">
      <button v-for="s in ['all', ...subjects, TOLD]" :key="s" type="button" class="choice" :aria-pressed="subject === s" @click="subject = s">{{ s === TOLD ? 'told beside a set-up' : words(s) }}</button>
    </div>
    <template v-if="subject === TOLD">
      <p class="reason lead">No axis can carry these: they are told beside a set-up and never enter a score.</p>
      <article v-for="row in told" :key="row.id" class="told">
        <p class="reason">{{ plainRule(row.text, settings.units) }}</p>
        <span class="small-label">{{ row.about }}</span> <span class="source">{{ sourceText(row.source) }}</span>
      </article>
    </template>
    <template v-else>
      <p class="reason lead">{{ capital(`${shown.length} of ${RULES.length} rules`) }}{{ onlySpeaking ? ' speak in this water, the loudest first' : '' }}. What a rule counts can be changed; it can be switched off, never turned round.</p>
      <RuleRow v-for="{ rule, strength: s } in shown" :key="rule.id" :rule="rule" :strength="s" :spoken="spokenBy(rule.id)" />
    </template>
  </section>
</template>

<style scoped>
.bar { display: flex; flex-wrap: wrap; align-items: center; gap: 6px 24px; }
.search { flex: 1 1 220px; max-width: 360px; }
.speaking { display: flex; align-items: center; gap: 8px; min-height: 44px; }
.speaking input { width: 18px; height: 18px; accent-color: var(--ink); }
.subjects { margin: 10px 0 6px; }
.subjects .choice { min-height: 38px; padding: 4px 10px; font-size: 13px; }
.lead { color: var(--soft-ink); margin: 6px 0; }
.told { border-top: 1px solid var(--rule); padding: 8px 0; }
.told p { margin: 0; max-width: 70ch; }
.source { color: var(--soft-ink); font-style: italic; font-family: var(--font-reason); font-size: 13px; margin-left: 10px; }
</style>
