<script setup lang="ts">
import FoldAway from '../shell/FoldAway.vue'
import { fillWith, sparePieces, type Fill, type Look, type Standing } from '@hestiad/core'
import { computed, ref } from 'vue'
import { useI18n } from 'vue-i18n'
import PieceSelect from '../shell/PieceSelect.vue'
import { useLook } from '../stores/lookStore.js'

/** Fills a bowl, a tray, a level of a stand or a lantern with as many of one thing as lie side by side. */
const props = defineProps<{ look: Look; standing: Standing }>()
const { t } = useI18n()
const store = useLook()
const open = ref(false)
const chosen = ref<string | null>(null)
const things = computed(() =>
  sparePieces(props.look).filter(
    (piece) => (piece.kind === 'ornament' || piece.kind === 'holder' || piece.kind === 'vessel') && piece.id !== props.standing.piece.id
  )
)
const pieceId = computed(() => chosen.value ?? things.value[0]?.id ?? null)
/** The highest level that holds any, the table of a plain tray being its only one. */
const fill = computed((): Fill | null => {
  if (!open.value || !pieceId.value) return null
  const levels = props.standing.piece.kind === 'tray' ? props.standing.piece.upper.length : 0
  for (let level = levels; level >= 0; level--) {
    if (props.look.centerpiece.some((placed) => placed.on === props.standing.placed.id && placed.level === level)) continue
    const one = fillWith(props.look, props.standing.placed.id, pieceId.value, level)
    if (one && one.fits > 0) return one
  }
  return null
})
const puts = computed(() => Math.min(fill.value?.fits ?? 0, fill.value?.spare ?? 0))
</script>

<template>
  <FoldAway v-if="things.length > 0" class="small" :title="t('compose.fill')" @opened="open = $event">
    <div class="row">
      <PieceSelect :label="t('compose.garlandOf')" :model-value="pieceId" :pieces="things" @update:model-value="chosen = $event" />
      <el-button size="small" :disabled="puts === 0" @click="fill && store.apply(fill.edit)">{{ t('compose.fillDo', { n: puts }) }}</el-button>
    </div>
    <p class="soft">{{ fill ? t('compose.fillTold', { fits: fill.fits, spare: fill.spare }) : t('compose.fillNone') }}</p>
  </FoldAway>
</template>

<style scoped>
.row {
  align-items: end;
  gap: 8px;
}

.row > :first-child {
  flex: 1;
}

p {
  margin: 0;
}
</style>
