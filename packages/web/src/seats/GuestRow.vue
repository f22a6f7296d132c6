<script setup lang="ts">
import TextField from '../shell/TextField.vue'
import FoldAway from '../shell/FoldAway.vue'
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
const bodies = computed(() => [
  ...builds.flatMap((build) => statures.map((stature) => ({ value: `${build} ${stature}`, label: `${t(`brief.${build}`)}, ${t(`brief.${stature}`)}` }))),
  { value: 'child', label: t('brief.childBody') }
])
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
    <TextField class="name" bare :label="t('brief.guestName')" :model-value="guest.name" @update:model-value="set({ name: $event })" />
    <SelectField class="build" bare :label="t('brief.stature')" :model-value="body" :choices="bodies" @update:model-value="setBody" />
    <TextField
      bare
      class="diet"
      :label="t('seats.diet')"
      :model-value="guest.diet"
      :placeholder="t('seats.dietHint')"
      @update:model-value="set({ diet: $event })"
    />
    <CheckField
      class="hand"
      :label="t('brief.leftHanded')"
      :said="t('seats.left')"
      :model-value="guest.leftHanded"
      @update:model-value="set({ leftHanded: $event })"
    />
    <el-button class="plain remove" :aria-label="t('brief.removeGuest', { name: guest.name })" @click="emit('remove')"><X :size="15" /></el-button>
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
    <FoldAway class="more small" :title="t('seats.more', { name: guest.name })">
      <div class="checks">
        <CheckField :label="t('brief.wheelchair')" :model-value="guest.wheelchair" @update:model-value="set({ wheelchair: $event })" />
        <CheckField v-for="flag in flags" :key="flag" :label="t(`seats.${flag}`)" :model-value="guest[flag]" @update:model-value="set({ [flag]: $event })" />
        <CheckField :label="t('seats.locked')" :model-value="guest.seatLocked" @update:model-value="set({ seatLocked: $event })" />
      </div>
      <p v-for="kind in ['near', 'apart'] as const" :key="kind" class="pairs">
        <el-button
          v-for="id in guest[kind].filter((one) => nameOf(one))"
          :key="id"
          class="plain tag"
          :aria-label="`${t(`seats.${kind}`)} ${nameOf(id)}, ${t('cupboard.close')}`"
          @click="set({ [kind]: guest[kind].filter((one) => one !== id) })"
        >
          {{ t(`seats.${kind}Whom`, { name: nameOf(id) }) }} ×
        </el-button>
        <SelectField
          bare
          :label="t(`seats.${kind}`)"
          :model-value="null"
          :none="t(kind === 'near' ? 'seats.addNear' : 'seats.addApart')"
          :choices="others.map((other) => ({ value: other.id, label: other.name }))"
          @update:model-value="set({ [kind]: [...new Set([...guest[kind], $event])] })"
        />
      </p>
      <div class="pair">
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
        <el-button class="plain" :aria-label="t('seats.up', { name: guest.name })" :disabled="number === 1" @click="emit('move', -1)">
          <ChevronUp :size="16" />
        </el-button>
        <el-button class="plain" :aria-label="t('seats.down', { name: guest.name })" :disabled="number === guests.length" @click="emit('move', 1)">
          <ChevronDown :size="16" />
        </el-button>
      </p>
    </FoldAway>
  </li>
</template>

<style scoped>
/* one row on a wide panel, two on a narrow one */
li {
  display: grid;
  grid-template: 'number name build remove' auto '. diet hand .' auto '. more more .' auto / 26px minmax(0, 1fr) minmax(0, 1fr) 18px;
  gap: 4px 6px;
  align-items: center;
}

.name {
  grid-area: name;
}

.build {
  grid-area: build;
}

.diet {
  grid-area: diet;
}

.hand {
  grid-area: hand;
}

@container work (min-width: 430px) {
  li {
    grid-template: 'number name build diet hand remove' auto '. more more more more .' auto / 26px minmax(0, 1fr) minmax(0, 1.15fr) minmax(0, 1fr) 62px 18px;
  }
}

.number {
  grid-area: number;
  display: flex;
  align-items: center;
  color: var(--soft-ink);
  font-weight: 600;
  cursor: grab;
}

.more {
  grid-column: 2 / -2;
}

.more.pair {
  display: grid;
}

.pairs {
  display: flex;
  flex-wrap: wrap;
  gap: 5px;
  margin: 5px 0;
}

.pairs > .bare {
  width: 150px;
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
  grid-area: remove;
  display: grid;
  place-items: center;
  height: 28px;
  color: var(--soft-ink);
}
</style>
