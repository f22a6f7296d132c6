<script setup lang="ts">
import CountField from '../shell/CountField.vue'
import CheckField from '../shell/CheckField.vue'
import TextField from '../shell/TextField.vue'
import { isLow, pieceSize, sortColumns, sortItems, type CupboardItem, type SortColumn } from '@hestiad/core'
import { useVirtualizer } from '@tanstack/vue-virtual'
import { ChevronDown } from '@lucide/vue'
import { computed, ref } from 'vue'
import { useI18n } from 'vue-i18n'
import { usePreferences } from '../stores/preferences.js'
import PieceTile from './PieceTile.vue'

/** Pieces as rows, of which only those in view are made; counts and places are changed in the row, and a photo dropped on it is its picture. */
const props = defineProps<{ items: readonly CupboardItem[]; chosen: ReadonlySet<string>; open: string | null }>()
const emit = defineEmits<{
  choose: [id: string, on: boolean]
  open: [item: CupboardItem]
  change: [item: CupboardItem]
  photo: [item: CupboardItem, file: File]
}>()
const { t } = useI18n()
const { length } = usePreferences()
/** By which column, and which way; pressed once up, twice down, thrice as they come. */
const sorted = ref<{ readonly column: SortColumn; readonly down: boolean } | null>(null)
const shown = computed(() => (sorted.value ? sortItems(props.items, sorted.value.column, sorted.value.down) : props.items))
const waysOf = (column: SortColumn) => (sorted.value?.column !== column ? 'none' : sorted.value.down ? 'descending' : 'ascending')

function sortBy(column: SortColumn): void {
  const way = waysOf(column)
  sorted.value = way === 'descending' ? null : { column, down: way === 'ascending' }
}

const scroller = ref<HTMLElement | null>(null)
const virtual = useVirtualizer(computed(() => ({ count: props.items.length, getScrollElement: () => scroller.value, estimateSize: () => 44, overscan: 8 })))

/** The row a file is held over. */
const over = ref<string>()

function drop(item: CupboardItem, event: DragEvent): void {
  over.value = undefined
  const [file] = event.dataTransfer?.files ?? []
  if (file) emit('photo', item, file)
}

/** A color in doubt is no size. */
const isMeasured = ({ facts }: CupboardItem) => facts.assumed.every((name) => name === 'color')

function set(item: CupboardItem, part: { owned?: number; kept?: string }): void {
  emit('change', { ...item, piece: { ...item.piece, ...part } })
}
</script>

<template>
  <div ref="scroller" class="scroller" role="table" :aria-label="t('cupboard.title')" :aria-rowcount="items.length + 1" tabindex="0">
    <div class="row head" role="row">
      <span role="columnheader" :aria-label="t('cupboard.chosenColumn')" /><span role="columnheader" :aria-label="t('cupboard.picture')" />
      <span v-for="column in sortColumns" :key="column" role="columnheader" :aria-sort="waysOf(column)">
        <el-button class="plain" @click="sortBy(column)"
          >{{ t(`cupboard.${column}`) }}<ChevronDown v-if="waysOf(column) !== 'none'" :size="13" :class="{ up: waysOf(column) === 'ascending' }"
        /></el-button>
      </span>
    </div>
    <div class="body" role="rowgroup" :style="{ height: `${virtual.getTotalSize()}px` }">
      <div
        v-for="row in virtual.getVirtualItems()"
        :key="shown[row.index]!.piece.id"
        class="row"
        role="row"
        :aria-rowindex="row.index + 2"
        :class="{ open: open === shown[row.index]!.piece.id, over: over === shown[row.index]!.piece.id }"
        :style="{ transform: `translateY(${row.start}px)` }"
        @dragover.prevent="over = shown[row.index]!.piece.id"
        @dragleave="over = undefined"
        @drop.prevent="drop(shown[row.index]!, $event)"
      >
        <span role="cell"
          ><CheckField
            bare
            :label="t('cupboard.select', { name: shown[row.index]!.piece.name })"
            :model-value="chosen.has(shown[row.index]!.piece.id)"
            @update:model-value="emit('choose', shown[row.index]!.piece.id, $event)"
        /></span>
        <span role="cell" class="tile"><PieceTile :item="shown[row.index]!" /></span>
        <span role="cell"
          ><el-button class="plain name" :aria-label="t('cupboard.open', { name: shown[row.index]!.piece.name })" @click="emit('open', shown[row.index]!)">
            {{ shown[row.index]!.piece.name }}</el-button
          ><span class="soft small kind"
            >{{ t(`kind.${shown[row.index]!.piece.kind}`)
            }}<template v-if="shown[row.index]!.piece.first.length > 0">
              · {{ shown[row.index]!.piece.first.map((care) => t(`cupboard.care.${care}`)).join(', ') }}</template
            ><template v-if="isLow(shown[row.index]!.piece)"> · {{ t('cupboard.runsLow') }}</template
            ><span class="narrow"> · {{ [pieceSize(shown[row.index]!.piece, length), shown[row.index]!.piece.kept].filter(Boolean).join(' · ') }}</span></span
          ></span
        >
        <span role="cell" class="soft"
          >{{ pieceSize(shown[row.index]!.piece, length) }}<abbr v-if="!isMeasured(shown[row.index]!)" :title="t('cupboard.notMeasured')">?</abbr></span
        >
        <span role="cell" class="soft">{{ shown[row.index]!.piece.material }}</span>
        <span role="cell"
          ><CountField
            bare
            :controls="false"
            :label="`${shown[row.index]!.piece.name}, ${t('cupboard.owned')}`"
            :model-value="shown[row.index]!.piece.owned"
            :max="100000"
            @update:model-value="set(shown[row.index]!, { owned: $event })"
        /></span>
        <span role="cell"
          ><TextField
            bare
            :label="`${shown[row.index]!.piece.name}, ${t('cupboard.kept')}`"
            :model-value="shown[row.index]!.piece.kept"
            @update:model-value="set(shown[row.index]!, { kept: $event })"
        /></span>
      </div>
    </div>
  </div>
</template>

<style scoped>
.row.over {
  outline: 2px solid var(--ember);
  outline-offset: -2px;
}

.up {
  transform: rotate(180deg);
}

.row :deep(.bare .el-input-number) {
  width: 68px;
}

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

.narrow {
  display: none;
}

/* on a phone size and place stand below the name */
@media (max-width: 620px) {
  .row {
    grid-template-columns: 22px 36px minmax(0, 1fr) 76px;
    min-width: 0;
  }

  .row > :nth-child(4),
  .row > :nth-child(5),
  .row > :nth-child(7) {
    display: none;
  }

  .narrow {
    display: inline;
  }
}

abbr {
  margin-left: 4px;
  color: var(--ember);
  text-decoration: none;
}
</style>
