<script setup lang="ts">
import { addPicture, addSocket, changePicture, changeSocket, removePicture, removeSocket, standAtWall, type Look } from '@hestiad/core'
import { computed } from 'vue'
import { useI18n } from 'vue-i18n'
import CheckField from '../shell/CheckField.vue'
import { useLook } from '../stores/lookStore.js'
import WallItem from './WallItem.vue'

/** The wall behind a sideboard, a mantel or a shelf: its pictures and sockets. */
const props = defineProps<{ look: Look }>()
const { t } = useI18n()
const store = useLook()

/** Pictures and sockets alike: what each is called, its measures, and how one or all of it changes. */
const items = computed(() => {
  const leastMm = { xMm: -5000, bottomMm: 0, widthMm: 20, heightMm: 20 }
  const art = (props.look.room.behind?.art ?? []).map((one, i) => ({
    key: one.id,
    name: `${one.name} ${i + 1}`,
    drop: t('seats.dropPicture', { n: i + 1 }),
    remove: () => store.run(removePicture, one.id),
    sizes: (['xMm', 'widthMm', 'bottomMm', 'heightMm'] as const).map((size) => ({
      label: t(`seats.pictureSizes.${size}`),
      mm: one[size],
      leastMm: leastMm[size],
      set: (mm: number) => store.run(changePicture, one.id, { [size]: mm })
    }))
  }))
  const sockets = (props.look.room.behind?.sockets ?? []).map((one, i) => ({
    key: `socket-${i}`,
    name: `${t('seats.socket')} ${i + 1}`,
    drop: t('seats.dropSocket', { n: i + 1 }),
    remove: () => store.run(removeSocket, i),
    sizes: (['xMm', 'heightMm'] as const).map((size) => ({
      label: t(size === 'xMm' ? 'seats.pictureSizes.xMm' : 'seats.aboveFloor'),
      mm: one[size],
      leastMm: size === 'xMm' ? -5000 : 0,
      set: (mm: number) => store.run(changeSocket, i, { [size]: mm })
    }))
  }))
  return [...art, ...sockets]
})
</script>

<template>
  <CheckField :label="t('seats.oneSide')" :model-value="look.room.behind !== null" @update:model-value="store.run(standAtWall, $event)" />
  <template v-if="look.room.behind">
    <p class="soft small">{{ t('seats.oneSideHint') }}</p>
    <WallItem
      v-for="item in items"
      :key="item.key"
      :name="item.name"
      :drop="item.drop"
      :sizes="item.sizes"
      @set="(size, mm) => item.sizes[size]?.set(mm)"
      @remove="item.remove"
    />
    <div class="row">
      <el-button class="plain link small" @click="store.run(addPicture, t('seats.picture'))">{{ t('seats.addPicture') }}</el-button>
      <el-button class="plain link small" @click="store.run(addSocket)">{{ t('seats.addSocket') }}</el-button>
    </div>
  </template>
</template>

<style scoped>
.row {
  gap: 14px;
}

p {
  margin: 0;
}
</style>
