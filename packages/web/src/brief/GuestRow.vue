<script setup lang="ts">
import CountField from '../shell/CountField.vue'
import type { Guest, Stature } from '@hestiad/core'
import { X } from '@lucide/vue'
import { computed } from 'vue'
import { useI18n } from 'vue-i18n'
import LengthField from '../shell/LengthField.vue'

/** One guest: name, build and what the seat must know. */
const props = defineProps<{ guest: Guest; number: number }>()
const emit = defineEmits<{ change: [guest: Guest]; remove: [] }>()
const { t } = useI18n()
const builds = ['unstated', 'woman', 'man'] as const
const statures = ['short', 'average', 'tall'] as const
const body = computed(() => (props.guest.body.kind === 'child' ? 'child' : `${props.guest.body.build} ${props.guest.body.stature}`))

function setBody(value: string): void {
  const [build, stature] = value.split(' ') as ['woman' | 'man' | 'unstated', Stature]
  emit('change', { ...props.guest, body: value === 'child' ? { kind: 'child', ageYears: 7, boosterMm: 0 } : { kind: 'adult', build, stature } })
}

function setChild(part: { ageYears?: number; boosterMm?: number }): void {
  if (props.guest.body.kind === 'child') emit('change', { ...props.guest, body: { ...props.guest.body, ...part } })
}
</script>

<template>
  <li>
    <span class="number">{{ number }}</span>
    <input
      class="native name"
      :value="guest.name"
      :aria-label="t('brief.guestName')"
      maxlength="200"
      @change="emit('change', { ...guest, name: ($event.target as HTMLInputElement).value })"
    />
    <select class="native" :value="body" :aria-label="t('brief.stature')" @change="setBody(($event.target as HTMLSelectElement).value)">
      <optgroup v-for="build in builds" :key="build" :label="t(`brief.${build}`)">
        <option v-for="stature in statures" :key="stature" :value="`${build} ${stature}`">{{ t(`brief.${build}`) }}, {{ t(`brief.${stature}`) }}</option>
      </optgroup>
      <option value="child">{{ t('brief.childBody') }}</option>
    </select>
    <button class="plain remove" :aria-label="t('brief.removeGuest', { name: guest.name })" @click="emit('remove')"><X :size="15" /></button>
    <div class="more small">
      <label
        ><input type="checkbox" :checked="guest.leftHanded" @change="emit('change', { ...guest, leftHanded: ($event.target as HTMLInputElement).checked })" />
        {{ t('brief.leftHanded') }}</label
      >
      <label
        ><input type="checkbox" :checked="guest.wheelchair" @change="emit('change', { ...guest, wheelchair: ($event.target as HTMLInputElement).checked })" />
        {{ t('brief.wheelchair') }}</label
      >
    </div>
    <div v-if="guest.body.kind === 'child'" class="more pair">
      <CountField :label="t('brief.child')" :model-value="guest.body.ageYears" :min="1" :max="17" @update:model-value="setChild({ ageYears: $event })" />
      <LengthField
        :label="t('brief.booster')"
        :model-value="guest.body.boosterMm"
        :min-mm="0"
        :max-mm="300"
        @update:model-value="setChild({ boosterMm: $event })"
      />
    </div>
  </li>
</template>

<style scoped>
li {
  display: grid;
  grid-template-columns: 20px 1fr 1fr 22px;
  gap: 4px 6px;
  align-items: center;
}

.number {
  color: var(--soft-ink);
  font-weight: 600;
}

.more {
  grid-column: 2 / 4;
  display: flex;
  gap: 14px;
}

.more.pair {
  display: grid;
}

.remove {
  display: grid;
  place-items: center;
  height: 28px;
  color: var(--soft-ink);
}

input[type='checkbox'] {
  accent-color: var(--ember);
}
</style>
