<script setup lang="ts">
import { applyEdit, isStanding, type Change, type Look } from '@hestiad/core'
import { computed, onUnmounted } from 'vue'
import { useI18n } from 'vue-i18n'
import PieceThumb from '../centerpiece/PieceThumb.vue'
import { useLook } from '../stores/lookStore.js'
import { usePreferences } from '../stores/preferences.js'
import { changeEffects, changeTitle } from './changeWords.js'

/** Changes one can make, each drawn on the Board while one points at it, and taken with one click. */
const props = defineProps<{ look: Look; of: Look | undefined; changes: readonly Change[] }>()
const { t } = useI18n()
const store = useLook()
const preferences = usePreferences()
/** Edits fit the look they were measured on and no other. */
const fits = computed(() => props.of === store.look)
const rows = computed(() =>
  props.changes.map((change) => {
    const look = props.of ? applyEdit(props.of, change.edit) : props.look
    const words = { t, look, ...preferences.measures }
    const piece = look.pieces.find((one) => one.id === (change.toId ?? change.pieceId))
    const name = (id: string) => look.pieces.find((one) => one.id === id)?.name ?? id
    return { change, piece, look, title: changeTitle(change, words, name), ...changeEffects(change, words, { ...words, look: props.of ?? props.look }) }
  })
)

const said = (owned: number, toGet: number) =>
  [...(owned > 0 ? [t('changes.owned', { n: owned })] : []), ...(toGet > 0 ? [t('changes.toGet', { n: toGet })] : [])].join(' · ')
const show = (change: Change) => fits.value && store.tryOut(change.edit)
const leave = () => store.letGo()
function take(change: Change): void {
  if (fits.value) store.apply(change.edit)
}
onUnmounted(leave)
</script>

<template>
  <ul class="changes">
    <li
      v-for="{ change, piece, look: changed, title, good, bad, also } in rows"
      :key="`${change.kind} ${change.pieceId} ${change.toId}`"
      @pointerenter="show(change)"
      @pointerleave="leave"
    >
      <span class="thumb" :class="{ out: change.kind === 'leave-out' }" aria-hidden="true">
        <PieceThumb v-if="piece && isStanding(piece)" :piece="piece" :pieces="changed.pieces" />
        <i v-else-if="piece" class="swatch" :style="{ background: piece.color, borderColor: piece.accent }" />
      </span>
      <span class="what">
        <strong>{{ title }}</strong>
        <span class="soft small">
          <template v-if="change.kind !== 'leave-out' && piece">{{ said(piece.owned, change.toGet) }}</template>
          <template v-if="change.deltaE !== null"> · {{ t(`changes.color.${change.deltaE < 8 ? 'same' : change.deltaE < 25 ? 'near' : 'other'}`) }}</template>
        </span>
        <span v-if="good.length > 0" class="good small">{{ good.join(' · ') }}</span>
        <span v-if="bad.length > 0" class="bad small">{{ bad.join(' · ') }}</span>
        <span v-if="also.length > 0" class="soft small">{{ also.join(' · ') }}</span>
        <span v-if="good.length + bad.length + also.length === 0" class="soft small">{{ t('changes.nothingElse') }}</span>
      </span>
      <el-button round size="small" :disabled="!fits" @click="take(change)" @focus="show(change)" @blur="leave">{{ t('changes.take') }}</el-button>
    </li>
  </ul>
</template>

<style scoped>
.changes {
  display: grid;
  margin: 0;
  padding: 0;
  list-style: none;
}

li {
  display: grid;
  grid-template-columns: 44px minmax(0, 1fr) auto;
  gap: 12px;
  align-items: center;
  padding: 9px 6px;
  border-bottom: 1px solid var(--hairline);
}

li:hover,
li:focus-within {
  background: var(--ember-soft);
}

.thumb {
  display: grid;
  place-items: center;
  height: 44px;
}

.thumb :deep(svg) {
  width: 44px;
  height: 44px;
}

.out {
  opacity: 0.4;
}

.swatch {
  width: 34px;
  height: 34px;
  border: 3px solid;
  border-radius: 6px;
}

.what {
  display: grid;
  line-height: 1.35;
}

.good {
  color: var(--moss);
}

.bad {
  color: var(--ember);
}
</style>
