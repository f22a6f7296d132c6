<script setup lang="ts">
import { numberedId, sides, viewKinds, type Look, type RoomView } from '@hestiad/core'
import { useI18n } from 'vue-i18n'
import SelectField from '../shell/SelectField.vue'
import { useLook } from '../stores/lookStore.js'
import WallItem from './WallItem.vue'

/** What one sees on the walls round the table, and where people come in. */
defineProps<{ look: Look }>()
const { t } = useI18n()
const store = useLook()
const measures = ['xMm', 'widthMm', 'bottomMm', 'heightMm'] as const
const leastMm = { xMm: -5000, bottomMm: 0, widthMm: 20, heightMm: 20 }

function set(i: number, part: Partial<RoomView>): void {
  store.edit('room', (d) => void Object.assign(d.room.views[i] ?? {}, part))
}

function add(): void {
  store.edit('room', (d) => {
    d.room.views.push({
      id: numberedId('view', d.room.views),
      name: t('seats.picture'),
      kind: 'picture',
      side: 'north',
      xMm: 0,
      widthMm: 800,
      bottomMm: 1200,
      heightMm: 600
    })
  })
}
</script>

<template>
  <SelectField
    :label="t('seats.door')"
    :model-value="look.room.door"
    :none="t('seats.noDoor')"
    :choices="sides.map((value) => ({ value, label: t(`seats.sides.${value}`) }))"
    @update:model-value="store.edit('room', (d) => void (d.room.door = $event))"
    @none="store.edit('room', (d) => void (d.room.door = null))"
  />
  <span class="soft small">{{ t('seats.views') }}</span>
  <WallItem
    v-for="(view, i) in look.room.views"
    :key="view.id"
    :name="view.name"
    :drop="t('seats.dropView', { name: view.name })"
    :sizes="measures.map((size) => ({ label: t(`seats.pictureSizes.${size}`), mm: view[size], leastMm: leastMm[size] }))"
    @set="(size, mm) => set(i, { [measures[size]!]: mm })"
    @remove="store.edit('room', (d) => void d.room.views.splice(i, 1))"
  >
    <div class="field wide">
      <label :for="`view-name-${view.id}`">{{ t('seats.viewName') }}</label>
      <input
        :id="`view-name-${view.id}`"
        class="native"
        maxlength="200"
        :value="view.name"
        @change="set(i, { name: ($event.target as HTMLInputElement).value })"
      />
    </div>
    <SelectField
      :label="t('seats.viewKind')"
      :model-value="view.kind"
      :choices="viewKinds.map((value) => ({ value, label: t(`seats.viewKinds.${value}`) }))"
      @update:model-value="set(i, { kind: $event })"
    />
    <SelectField
      :label="t('seats.viewSide')"
      :model-value="view.side"
      :choices="sides.map((value) => ({ value, label: t(`seats.sides.${value}`) }))"
      @update:model-value="set(i, { side: $event })"
    />
  </WallItem>
  <button class="plain link small add" @click="add">{{ t('seats.addView') }}</button>
</template>

<style scoped>
.wide {
  grid-column: 1 / -1;
}

.add {
  justify-self: start;
}
</style>
