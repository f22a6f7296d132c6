<script setup lang="ts">
import { isLow, pieceSize, type CupboardItem } from '@hestiad/core'
import { useVirtualizer } from '@tanstack/vue-virtual'
import { computed, ref } from 'vue'
import { useI18n } from 'vue-i18n'
import { usePreferences } from '../stores/preferences.js'
import PieceTile from './PieceTile.vue'

/** Pieces as rows, of which only those in view are made; counts and places are changed in the row. */
const props = defineProps<{ items: readonly CupboardItem[]; chosen: ReadonlySet<string>; open: string | null }>()
const emit = defineEmits<{ choose: [id: string, on: boolean]; open: [item: CupboardItem]; change: [item: CupboardItem] }>()
const { t } = useI18n()
const { length } = usePreferences()
const scroller = ref<HTMLElement | null>(null)
const virtual = useVirtualizer(computed(() => ({ count: props.items.length, getScrollElement: () => scroller.value, estimateSize: () => 44, overscan: 8 })))

function set(item: CupboardItem, part: { owned?: number; kept?: string }): void {
  emit('change', { ...item, piece: { ...item.piece, ...part } })
}
</script>

<template>
  <div ref="scroller" class="scroller" role="table" :aria-label="t('cupboard.title')" :aria-rowcount="items.length + 1" tabindex="0">
    <div class="row head" role="row">
      <span role="columnheader"></span><span role="columnheader"></span><span role="columnheader">{{ t('cupboard.name') }}</span
      ><span role="columnheader">{{ t('cupboard.size') }}</span
      ><span role="columnheader">{{ t('cupboard.material') }}</span
      ><span role="columnheader">{{ t('cupboard.owned') }}</span
      ><span role="columnheader">{{ t('cupboard.kept') }}</span>
    </div>
    <div class="body" role="rowgroup" :style="{ height: `${virtual.getTotalSize()}px` }">
      <div
        v-for="row in virtual.getVirtualItems()"
        :key="items[row.index]!.piece.id"
        class="row"
        role="row"
        :aria-rowindex="row.index + 2"
        :class="{ open: open === items[row.index]!.piece.id }"
        :style="{ transform: `translateY(${row.start}px)` }"
      >
        <span role="cell"
          ><input
            type="checkbox"
            :checked="chosen.has(items[row.index]!.piece.id)"
            :aria-label="t('cupboard.select', { name: items[row.index]!.piece.name })"
            @change="emit('choose', items[row.index]!.piece.id, ($event.target as HTMLInputElement).checked)"
        /></span>
        <span role="cell" class="tile"><PieceTile :item="items[row.index]!" /></span>
        <span role="cell"
          ><button class="plain name" :aria-label="t('cupboard.open', { name: items[row.index]!.piece.name })" @click="emit('open', items[row.index]!)">
            {{ items[row.index]!.piece.name }}</button
          ><span class="soft small kind"
            >{{ t(`kind.${items[row.index]!.piece.kind}`)
            }}<template v-if="items[row.index]!.piece.first.length > 0">
              · {{ items[row.index]!.piece.first.map((care) => t(`cupboard.care.${care}`)).join(', ') }}</template
            ><template v-if="isLow(items[row.index]!.piece)"> · {{ t('cupboard.runsLow') }}</template></span
          ></span
        >
        <span role="cell" class="soft"
          >{{ pieceSize(items[row.index]!.piece, length) }}<abbr v-if="items[row.index]!.facts.assumed.length > 0" :title="t('cupboard.assumed')">?</abbr></span
        >
        <span role="cell" class="soft">{{ items[row.index]!.piece.material }}</span>
        <span role="cell"
          ><input
            class="native"
            type="number"
            min="0"
            max="100000"
            step="1"
            :value="items[row.index]!.piece.owned"
            :aria-label="`${items[row.index]!.piece.name}, ${t('cupboard.owned')}`"
            @change="set(items[row.index]!, { owned: Math.max(0, Math.round(Number(($event.target as HTMLInputElement).value))) })"
        /></span>
        <span role="cell"
          ><input
            class="native"
            maxlength="200"
            :value="items[row.index]!.piece.kept"
            :aria-label="`${items[row.index]!.piece.name}, ${t('cupboard.kept')}`"
            @change="set(items[row.index]!, { kept: ($event.target as HTMLInputElement).value })"
        /></span>
      </div>
    </div>
  </div>
</template>

<style scoped>
.scroller {
  position: relative;
  min-height: 0;
  overflow: auto;
  background: var(--paper);
  border: 1px solid var(--hairline);
  border-radius: var(--radius);
}

.row {
  display: grid;
  grid-template-columns: 22px 36px minmax(180px, 2fr) minmax(80px, 1fr) minmax(70px, 0.7fr) 76px minmax(150px, 1.6fr);
  gap: 10px;
  align-items: center;
  height: 44px;
  min-width: 720px;
  padding: 0 12px;
  border-bottom: 1px solid var(--hairline);
}

.head {
  position: sticky;
  top: 0;
  z-index: 2;
  height: 32px;
  background: var(--paper);
  color: var(--soft-ink);
  font-size: 12.5px;
}

.body {
  position: relative;
}

.body .row {
  position: absolute;
  top: 0;
  left: 0;
  width: 100%;
}

.row.open {
  background: var(--ember-soft);
}

.tile {
  width: 34px;
  height: 34px;
}

.name {
  display: block;
  max-width: 100%;
  overflow: hidden;
  font-weight: 560;
  text-align: start;
  text-overflow: ellipsis;
  white-space: nowrap;
}

.kind {
  display: block;
  overflow: hidden;
  line-height: 1.2;
  text-overflow: ellipsis;
  white-space: nowrap;
}

abbr {
  margin-left: 4px;
  color: var(--ember);
  text-decoration: none;
}

.native {
  height: 30px;
  border-color: transparent;
  background: transparent;
}

.native:hover,
.native:focus {
  border-color: var(--hairline-strong);
  background: var(--paper);
}
</style>
