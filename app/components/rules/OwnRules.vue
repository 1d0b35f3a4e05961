<script setup lang="ts">
import { nanoid } from 'nanoid'
import { shallowRef } from 'vue'
import type { UserRule } from '#core/tackle'

const box = useBoxStore()
const judgement = useJudgementStore()
const opened = shallowRef<UserRule | null>(null)
const placeName = (id: string | null | undefined) => (id ? box.places.find(p => p.id === id)?.name ?? 'a water that is gone' : 'every water')
const strength = (rule: UserRule) => judgement.shown?.strengths[`user.${rule.id}`] ?? 0

function begin() {
  opened.value = { id: nanoid(), name: '', on: true, placeId: null, when: [], prefer: { pattern: ['hot'] }, weight: 0.5 }
}
function toggle(rule: UserRule) {
  const on = rule.on === false
  void box.change({ put: { rules: [{ ...rule, on }] } }, `Your rule “${rule.name}” is ${on ? 'on' : 'off'}.`)
}
function remove(rule: UserRule) {
  void box.change({ remove: { rules: [rule.id] } }, `Your rule “${rule.name}” is gone.`)
}
</script>

<template>
  <section class="own" aria-label="Your own rules">
    <p class="reason lead">What holds on your water and stands in no handbook. An own rule counts at most as much as a strong rule of the handbook, and can never make a lure reach deeper than it does.</p>
    <p v-if="box.own.rules.length === 0" class="reason">None yet. For example: at one water, under cloud, prefer white and chartreuse.</p>
    <ul>
      <li v-for="rule in box.own.rules" :key="rule.id" :class="{ off: rule.on === false }">
        <div class="line">
          <p class="reason name">{{ rule.name }}</p>
          <span class="where">{{ placeName(rule.placeId) }} · counts {{ (rule.weight ?? 0.5) > 0 ? '+' : '' }}{{ (rule.weight ?? 0.5).toFixed(1) }} · {{ rule.on === false ? 'off' : strength(rule) > 0 ? 'speaks now' : 'silent now' }}</span>
          <button type="button" class="quiet" :aria-pressed="rule.on !== false" @click="toggle(rule)">{{ rule.on === false ? 'switch on' : 'switch off' }}</button>
          <button type="button" class="quiet" :aria-expanded="opened?.id === rule.id" @click="opened = opened?.id === rule.id ? null : rule">change</button>
          <button type="button" class="quiet" :aria-label="`Remove ${rule.name}`" @click="remove(rule)">remove</button>
        </div>
        <OwnRuleForm v-if="opened?.id === rule.id" :key="rule.id" :rule="rule" @done="opened = null" />
      </li>
    </ul>
    <OwnRuleForm v-if="opened && !box.own.rules.some(r => r.id === opened!.id)" :key="opened.id" :rule="opened" @done="opened = null" />
    <button v-else type="button" class="hot" @click="begin">Write a rule</button>
  </section>
</template>

<style scoped>
.lead { color: var(--soft-ink); max-width: 64ch; margin: 4px 0 10px; }
ul { list-style: none; padding: 0; margin: 0 0 10px; }
li { border-top: 1px solid var(--rule); }
.line { display: flex; flex-wrap: wrap; align-items: center; gap: 4px 14px; min-height: 48px; }
.name { margin: 0; flex: 1 1 260px; font-size: 16.5px; }
.where { color: var(--soft-ink); font-size: 13px; }
.off .name { color: var(--soft-ink); text-decoration: line-through; text-decoration-thickness: 1px; }
.quiet { min-height: 44px; }
</style>
