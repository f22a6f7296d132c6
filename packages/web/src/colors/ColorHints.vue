<script setup lang="ts">
import { colorName, type Change, type ColorHint, type Look, type Wood } from '@hestiad/core'
import { computed } from 'vue'
import { useI18n } from 'vue-i18n'
import ChangeList from '../changes/ChangeList.vue'
import { list, percent } from '../findings/findingWords.js'

/** What would lift the colors of a table, each with what of the house does it. */
const props = defineProps<{ look: Look; of: Look | undefined; hints: readonly ColorHint[]; lists: readonly (readonly Change[])[] }>()
const { t } = useI18n()
const names = computed(() => new Map(props.look.pieces.map((piece) => [piece.id, piece.name])))
const name = (id: string | null) => names.value.get(id ?? '') ?? ''
const woodName = (wood: Wood) => (wood.of === 'piece' ? name(wood.pieceId) : t(`colors.wood.${wood.of}`))

function tell(hint: ColorHint): string {
  switch (hint.kind) {
    case 'sharpen':
      return t('colors.hint.sharpen', { by: name(hint.byPieceId) })
    case 'pair':
      return t('colors.hint.pair', { lightness: Math.round(hint.lightness), by: name(hint.byPieceId) })
    case 'bridge':
      return t('colors.hint.bridge', { dark: name(hint.darkId), light: name(hint.lightId), by: name(hint.byPieceId) })
    case 'break-up':
      return t('colors.hint.break-up', { color: inFront(colorName(hint.color)), share: percent(hint.share), by: name(hint.byPieceId) })
    case 'stars':
      return [
        t('colors.hint.stars', { names: list(hint.pieceIds.map(name)) }),
        ...(hint.byPieceId === null ? [] : [t('colors.hint.starsBy', { by: name(hint.byPieceId) })])
      ].join(' ')
    case 'woods':
      return inFront(t('colors.hint.woods', { red: woodName(hint.red), yellow: woodName(hint.yellow) }))
    case 'art':
      return t('colors.hint.art', { color: colorName(hint.color), names: list(hint.stemIds.map(name)) })
  }
}
const inFront = (text: string) => text.charAt(0).toUpperCase() + text.slice(1)

function swatchesOf(hint: ColorHint): readonly string[] {
  if (hint.kind === 'woods') return [hint.red.color, hint.yellow.color]
  return hint.kind === 'break-up' || hint.kind === 'art' ? [hint.color] : []
}
</script>

<template>
  <section class="stack">
    <h3>{{ t('colors.hints') }}</h3>
    <p class="soft small tidy">{{ t('colors.hintsSays') }}</p>
    <ul>
      <li v-for="(hint, i) in hints" :key="hint.kind">
        <span v-if="swatchesOf(hint).length > 0" class="pairs"
          ><i v-for="color in swatchesOf(hint)" :key="color" class="swatch" :style="{ background: color }"
        /></span>
        <div class="told">
          <span>{{ tell(hint) }}</span>
          <ChangeList v-if="of === look && lists[i]?.length" :look="look" :of="of" :changes="lists[i]" />
        </div>
      </li>
    </ul>
  </section>
</template>

<style scoped>
ul {
  display: grid;
  margin: 0;
  padding: 0;
  list-style: none;
}

ul > li {
  display: flex;
  gap: 10px;
  align-items: start;
  padding: 6px 0;
  border-bottom: 1px solid var(--hairline);
}

.told {
  display: grid;
  flex: 1;
  gap: 2px;
}

.pairs {
  display: flex;
  flex: none;
}

.swatch {
  width: 24px;
  height: 24px;
  border: 1px solid var(--hairline-strong);
  border-radius: 50%;
}

.swatch + .swatch {
  margin-left: -8px;
}
</style>
