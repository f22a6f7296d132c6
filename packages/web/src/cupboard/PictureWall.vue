<script setup lang="ts">
import { pieceSize, type CupboardItem } from '@hestiad/core'
import { useElementSize } from '@vueuse/core'
import { useVirtualizer } from '@tanstack/vue-virtual'
import { computed, ref } from 'vue'
import { useI18n } from 'vue-i18n'
import { usePreferences } from '../stores/preferences.js'
import PieceTile from './PieceTile.vue'

/** Pieces as pictures; only the rows in view are made. */
const props = defineProps<{ items: readonly CupboardItem[]; open: string | null }>()
const emit = defineEmits<{ open: [item: CupboardItem] }>()
const { t } = useI18n()
const { length } = usePreferences()
const scroller = ref<HTMLElement | null>(null)
const { width } = useElementSize(scroller)
const columns = computed(() => Math.max(2, Math.floor((width.value || 800) / 148)))
const virtual = useVirtualizer(
  computed(() => ({ count: Math.ceil(props.items.length / columns.value), getScrollElement: () => scroller.value, estimateSize: () => 184, overscan: 2 }))
)
</script>

<template>
  <div ref="scroller" class="scroller" role="list" tabindex="0" :aria-label="t('cupboard.wall')">
    <div class="body" :style="{ height: `${virtual.getTotalSize()}px` }">
      <div
        v-for="row in virtual.getVirtualItems()"
        :key="row.index"
        class="wall"
        role="presentation"
        :style="{ transform: `translateY(${row.start}px)`, gridTemplateColumns: `repeat(${columns}, 1fr)` }"
      >
        <div v-for="item in items.slice(row.index * columns, (row.index + 1) * columns)" :key="item.piece.id" role="listitem">
          <el-button
            class="plain"
            :class="{ open: open === item.piece.id }"
            :aria-label="t('cupboard.open', { name: item.piece.name })"
            @click="emit('open', item)"
          >
            <span class="picture"><PieceTile :item="item" /></span>
            <span class="name">{{ item.piece.name }}</span>
            <span class="soft small">{{ item.piece.owned }} · {{ pieceSize(item.piece, length) || t(`kind.${item.piece.kind}`) }}</span>
          </el-button>
        </div>
      </div>
    </div>
  </div>
</template>

<style scoped>
.scroller {
  min-height: 0;
  overflow: auto;
}

.body {
  position: relative;
}

.wall {
  position: absolute;
  top: 0;
  left: 0;
  display: grid;
  gap: 10px;
  width: 100%;
}

button {
  display: grid;
  width: 100%;
  padding: 0 0 6px;
  border: 1px solid var(--hairline);
  border-radius: var(--radius);
  background: var(--paper);
  color: inherit;
  font: inherit;
  text-align: start;
  cursor: pointer;
}

button.open {
  border-color: var(--ember);
}

.picture {
  height: 122px;
  padding: 8px;
}

.name,
.small {
  overflow: hidden;
  padding: 0 9px;
  text-overflow: ellipsis;
  white-space: nowrap;
}

.name {
  font-weight: 560;
}
</style>
