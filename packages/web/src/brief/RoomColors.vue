<script setup lang="ts">
import { changeRoom, colorName, MOST_ROOM_COLORS, roomThings, type Look, type RoomColor, type RoomThing } from '@hestiad/core'
import { Plus, X } from '@lucide/vue'
import { computed } from 'vue'
import { useI18n } from 'vue-i18n'
import ColorField from '../shell/ColorField.vue'
import SelectField from '../shell/SelectField.vue'
import { useLook } from '../stores/lookStore.js'

/** Colors of what stays in the room: a palette can be made of them, and the table is seen against them. */
const props = defineProps<{ look: Look }>()
const { t } = useI18n()
const store = useLook()
const NEW_COLOR = '#d8cfc0'
const colors = computed(() => props.look.room.colors)
const things = roomThings.map((value) => ({ value, label: t(`meant.room.of.${value}`) }))

const set = (next: readonly RoomColor[]) => store.run(changeRoom, { colors: next })
const setOne = (at: number, part: Partial<RoomColor>) => set(colors.value.map((one, i) => (i === at ? { ...one, ...part } : one)))
/** What is not said yet first. */
const add = () => set([...colors.value, { of: roomThings.find((thing) => !colors.value.some((one) => one.of === thing)) ?? 'art', color: NEW_COLOR }])
</script>

<template>
  <div class="stack">
    <ul v-if="colors.length > 0" class="entries">
      <li v-for="(one, i) in colors" :key="i">
        <ColorField
          bare
          :label="t('meant.room.color', { of: t(`meant.room.of.${one.of}`) })"
          :model-value="one.color"
          @update:model-value="setOne(i, { color: $event })"
        />
        <SelectField
          bare
          :label="t('meant.room.what', { n: i + 1 })"
          :model-value="one.of"
          :choices="things"
          @update:model-value="setOne(i, { of: $event as RoomThing })"
        />
        <span>{{ colorName(one.color) }}</span>
        <el-button class="plain" :aria-label="t('meant.room.drop', { of: t(`meant.room.of.${one.of}`) })" @click="set(colors.filter((_, at) => at !== i))"
          ><X :size="16" aria-hidden="true"
        /></el-button>
      </li>
    </ul>
    <p class="row">
      <el-button v-if="colors.length < MOST_ROOM_COLORS" size="small" @click="add"><Plus :size="14" aria-hidden="true" /> {{ t('meant.room.add') }}</el-button>
      <span v-if="colors.length === 0" class="soft small">{{ t('meant.room.says') }}</span>
    </p>
  </div>
</template>

<style scoped>
li {
  display: grid;
  grid-template-columns: auto minmax(136px, 2fr) minmax(60px, 1fr) auto;
  gap: 10px;
  align-items: center;
}

p {
  flex-wrap: wrap;
  margin: 0;
}
</style>
