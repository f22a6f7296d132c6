<script setup lang="ts">
import TextField from '../shell/TextField.vue'
import { addView, changeRoom, changeView, removeView, sides, viewKinds, type Look } from '@hestiad/core'
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
</script>

<template>
  <SelectField
    :label="t('seats.door')"
    :model-value="look.room.door"
    :none="t('seats.noDoor')"
    :choices="sides.map((value) => ({ value, label: t(`seats.sides.${value}`) }))"
    @update:model-value="store.run(changeRoom, { door: $event })"
    @none="store.run(changeRoom, { door: null })"
  />
  <span class="soft small">{{ t('seats.views') }}</span>
  <WallItem
    v-for="view in look.room.views"
    :key="view.id"
    :name="view.name"
    :drop="t('seats.dropView', { name: view.name })"
    :sizes="measures.map((size) => ({ label: t(`seats.pictureSizes.${size}`), mm: view[size], leastMm: leastMm[size] }))"
    @set="(size, mm) => store.run(changeView, view.id, { [measures[size]!]: mm })"
    @remove="store.run(removeView, view.id)"
  >
    <TextField class="wide" :label="t('seats.viewName')" :model-value="view.name" @update:model-value="store.run(changeView, view.id, { name: $event })" />
    <SelectField
      :label="t('seats.viewKind')"
      :model-value="view.kind"
      :choices="viewKinds.map((value) => ({ value, label: t(`seats.viewKinds.${value}`) }))"
      @update:model-value="store.run(changeView, view.id, { kind: $event })"
    />
    <SelectField
      :label="t('seats.viewSide')"
      :model-value="view.side"
      :choices="sides.map((value) => ({ value, label: t(`seats.sides.${value}`) }))"
      @update:model-value="store.run(changeView, view.id, { side: $event })"
    />
  </WallItem>
  <el-button class="plain link small add" @click="store.run(addView, t('seats.picture'))">{{ t('seats.addView') }}</el-button>
</template>

<style scoped>
.wide {
  grid-column: 1 / -1;
}

.add {
  justify-self: start;
}
</style>
