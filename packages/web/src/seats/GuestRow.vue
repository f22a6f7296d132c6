<script setup lang="ts">
import type { Guest, Stature } from '@hestiad/core'
import { ChevronDown, ChevronUp, GripVertical, X } from '@lucide/vue'
import { computed } from 'vue'
import { useI18n } from 'vue-i18n'
import CheckField from '../shell/CheckField.vue'
import CountField from '../shell/CountField.vue'
import LengthField from '../shell/LengthField.vue'
import SelectField from '../shell/SelectField.vue'

/** A guest's card: name, build, what the seat must know, and wishes. Dragged onto another card the two change places. */
const props = defineProps<{ guest: Guest; number: number; guests: readonly Guest[] }>()
const emit = defineEmits<{ change: [guest: Guest]; remove: []; move: [by: 1 | -1]; exchange: [otherId: string] }>()
const { t } = useI18n()
const builds = ['unstated', 'woman', 'man'] as const
const statures = ['short', 'average', 'tall'] as const
const flags = ['host', 'hearing', 'sight'] as const
const body = computed(() => (props.guest.body.kind === 'child' ? 'child' : `${props.guest.body.build} ${props.guest.body.stature}`))
const others = computed(() => props.guests.filter((other) => other.id !== props.guest.id))
const nameOf = (id: string) => props.guests.find((other) => other.id === id)?.name ?? ''
const set = (part: Partial<Guest>) => emit('change', { ...props.guest, ...part })

function setBody(value: string): void {
  const [build, stature] = value.split(' ') as ['woman' | 'man' | 'unstated', Stature]
  set({ body: value === 'child' ? { kind: 'child', ageYears: 7, boosterMm: 0 } : { kind: 'adult', build, stature } })
}

function setChild(part: { ageYears?: number; boosterMm?: number }): void {
  if (props.guest.body.kind === 'child') set({ body: { ...props.guest.body, ...part } })
}

function addPair(kind: 'near' | 'apart', event: Event): void {
  const select = event.target as HTMLSelectElement
  if (select.value) set({ [kind]: [...new Set([...props.guest[kind], select.value])] })
  select.value = ''
}

function drop(event: DragEvent): void {
  const id = event.dataTransfer?.getData('text/plain')
  if (id && id !== props.guest.id) emit('exchange', id)
}
</script>

<template>
  <li @dragover.prevent @drop.prevent="drop">
    <span class="number" draggable="true" :title="t('seats.drag')" @dragstart="$event.dataTransfer?.setData('text/plain', guest.id)"
      ><GripVertical :size="12" aria-hidden="true" />{{ number }}</span
    >
    <input
      class="native name"
      :value="guest.name"
      :aria-label="t('brief.guestName')"
      maxlength="200"
      @change="set({ name: ($event.target as HTMLInputElement).value })"
    />
    <select class="native" :value="body" :aria-label="t('brief.stature')" @change="setBody(($event.target as HTMLSelectElement).value)">
      <optgroup v-for="build in builds" :key="build" :label="t(`brief.${build}`)">
        <option v-for="stature in statures" :key="stature" :value="`${build} ${stature}`">{{ t(`brief.${build}`) }}, {{ t(`brief.${stature}`) }}</option>
      </optgroup>
      <option value="child">{{ t('brief.childBody') }}</option>
    </select>
    <button class="plain remove" :aria-label="t('brief.removeGuest', { name: guest.name })" @click="emit('remove')"><X :size="15" /></button>
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
    <details class="more small">
      <summary>{{ t('seats.more', { name: guest.name }) }}</summary>
      <div class="checks">
        <CheckField :label="t('brief.leftHanded')" :model-value="guest.leftHanded" @update:model-value="set({ leftHanded: $event })" />
        <CheckField :label="t('brief.wheelchair')" :model-value="guest.wheelchair" @update:model-value="set({ wheelchair: $event })" />
        <CheckField v-for="flag in flags" :key="flag" :label="t(`seats.${flag}`)" :model-value="guest[flag]" @update:model-value="set({ [flag]: $event })" />
        <CheckField :label="t('seats.locked')" :model-value="guest.seatLocked" @update:model-value="set({ seatLocked: $event })" />
      </div>
      <p v-for="kind in ['near', 'apart'] as const" :key="kind" class="pairs">
        <button
          v-for="id in guest[kind].filter((one) => nameOf(one))"
          :key="id"
          class="tag"
          :aria-label="`${t(`seats.${kind}`)} ${nameOf(id)}, ${t('cupboard.close')}`"
          @click="set({ [kind]: guest[kind].filter((one) => one !== id) })"
        >
          {{ t(`seats.${kind}Whom`, { name: nameOf(id) }) }} ×
        </button>
        <select class="native" :aria-label="t(`seats.${kind}`)" @change="addPair(kind, $event)">
          <option value="">{{ t(kind === 'near' ? 'seats.addNear' : 'seats.addApart') }}</option>
          <option v-for="other in others" :key="other.id" :value="other.id">{{ other.name }}</option>
        </select>
      </p>
      <div class="pair">
        <div class="field">
          <label :for="`diet-${guest.id}`">{{ t('seats.diet') }}</label>
          <input
            :id="`diet-${guest.id}`"
            class="native"
            maxlength="200"
            :placeholder="t('seats.dietHint')"
            :value="guest.diet"
            @change="set({ diet: ($event.target as HTMLInputElement).value })"
          />
        </div>
        <SelectField
          :label="t('seats.chair')"
          :model-value="guest.chair"
          :none="t('seats.usualChair')"
          :choices="(['armchair', 'high-chair'] as const).map((value) => ({ value, label: t(`seats.${value}`) }))"
          @update:model-value="set({ chair: $event })"
          @none="set({ chair: null })"
        />
      </div>
      <p class="pairs">
        <button class="plain" :aria-label="t('seats.up', { name: guest.name })" :disabled="number === 1" @click="emit('move', -1)">
          <ChevronUp :size="16" />
        </button>
        <button class="plain" :aria-label="t('seats.down', { name: guest.name })" :disabled="number === guests.length" @click="emit('move', 1)">
          <ChevronDown :size="16" />
        </button>
      </p>
    </details>
  </li>
</template>

<style scoped>
li {
  display: grid;
  grid-template-columns: 26px minmax(76px, 1fr) minmax(0, 132px) 18px;
  gap: 4px;
  align-items: center;
}

li > .native {
  padding-inline: 6px;
  font-size: 13px;
}

.number {
  display: flex;
  align-items: center;
  color: var(--soft-ink);
  font-weight: 600;
  cursor: grab;
}

.more {
  grid-column: 2 / 4;
}

.more.pair {
  display: grid;
}

summary {
  color: var(--soft-ink);
  cursor: pointer;
}

.pairs {
  display: flex;
  flex-wrap: wrap;
  gap: 5px;
  margin: 5px 0;
}

.pairs select {
  width: auto;
  max-width: 130px;
}

.tag {
  border: 1px solid var(--hairline-strong);
  border-radius: 12px;
  background: var(--paper);
  color: var(--ink);
  font: inherit;
  cursor: pointer;
}

.remove {
  display: grid;
  place-items: center;
  height: 28px;
  color: var(--soft-ink);
}
</style>
