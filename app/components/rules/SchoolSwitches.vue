<script setup lang="ts">
import { computed } from 'vue'
import { SCHOOL_TABLE } from '#core/knowledge'
import { DEFAULT_SCHOOLS, type SchoolKey, SCHOOLS, type Schools } from '#core/rule'

const props = defineProps<{
  chosen: Partial<Schools>
  /** What holds where nothing is chosen; the handbook's defaults when absent. */
  inherited?: Partial<Schools>
  /** Without the reasons for the defaults. */
  brief?: boolean
}>()
const emit = defineEmits<{ change: [schools: Partial<Schools>] }>()

const KEYS = Object.keys(SCHOOLS) as SchoolKey[]
const base = computed((): Schools => ({ ...DEFAULT_SCHOOLS, ...props.inherited }))
const now = (key: SchoolKey) => props.chosen[key] ?? base.value[key]
const held = (key: SchoolKey, value: string) => (SCHOOL_TABLE[key].holds as Record<string, string>)[value]!

function choose(key: SchoolKey, value: string) {
  const others = Object.fromEntries(Object.entries(props.chosen).filter(([k]) => k !== key))
  emit('change', value === base.value[key] ? others : { ...others, [key]: value })
}
</script>

<template>
  <div class="schools" :class="{ brief }">
    <div v-for="key in KEYS" :key="key" class="school" role="radiogroup" :aria-label="SCHOOL_TABLE[key].question">
      <h3>{{ SCHOOL_TABLE[key].question }}</h3>
      <div class="options">
        <button v-for="value in SCHOOLS[key]" :key="value" type="button" role="radio" :aria-checked="now(key) === value" class="choice" @click="choose(key, value)">
          <b>{{ value.replaceAll('-', ' ') }}</b><span v-if="!brief" class="reason">{{ held(key, value) }}</span>
        </button>
      </div>
      <p v-if="!brief" class="reason why">{{ SCHOOL_TABLE[key].whyDefault }}</p>
    </div>
  </div>
</template>

<style scoped>
.school { border-top: 1px solid var(--rule); padding: 10px 0 12px; }
h3 { font-size: 15px; margin-bottom: 6px; }
.options { display: flex; flex-wrap: wrap; gap: 6px; }
.schools:not(.brief) .choice { flex: 1 1 190px; max-width: 330px; text-align: left; display: flex; flex-direction: column; gap: 2px; min-height: 44px; }
.choice .reason { font-size: 14px; }
.why { color: var(--soft-ink); margin: 6px 0 0; font-size: 14px; }
.brief .school { display: grid; grid-template-columns: 1fr auto; align-items: center; gap: 4px 10px; padding: 5px 0; }
.brief h3 { font-size: 13px; font-weight: 550; margin: 0; }
.brief .choice { padding: 4px 8px; min-height: 36px; font-size: 12.5px; }
.brief .choice b { font-weight: 550; }
</style>
