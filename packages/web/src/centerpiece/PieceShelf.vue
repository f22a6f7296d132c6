<script setup lang="ts">
import { isStanding, type Piece, type Placed, type StandingPiece } from '@hestiad/core'
import { computed, ref } from 'vue'
import { useI18n } from 'vue-i18n'
import SearchField from '../shell/SearchField.vue'
import { usePreferences } from '../stores/preferences.js'
import PieceThumb from './PieceThumb.vue'

/** What can be put on the table, searched by words: of the look only what it shows, for it is long and drawn anew when that changes. */
const props = defineProps<{ pieces: readonly Piece[]; laid: readonly Placed[] }>()
const emit = defineEmits<{ put: [piece: StandingPiece] }>()
const { t } = useI18n()
const { length } = usePreferences()
const search = ref('')
const inUse = computed(() => {
  const counts = new Map<string, number>()
  for (const placed of props.laid) counts.set(placed.pieceId, (counts.get(placed.pieceId) ?? 0) + 1)
  return counts
})
const standing = computed(() => props.pieces.filter((p): p is StandingPiece => isStanding(p)).sort((a, b) => Number(b.owned > 0) - Number(a.owned > 0)))
/** Ids of what all words searched for are met by. */
const found = computed(() => {
  const words = search.value.toLowerCase().split(/\s+/).filter(Boolean)
  const isMet = (p: StandingPiece) => words.every((w) => `${p.name} ${p.kind} ${p.material} ${p.kept}`.toLowerCase().includes(w))
  return new Set(standing.value.filter(isMet).map(({ id }) => id))
})
/** So many are listed unasked: one gets past them by keys. */
const MOST_LISTED = 60
const listAll = ref(false)
const listed = computed(() => (listAll.value || search.value.trim() !== '' ? found.value : new Set([...found.value].slice(0, MOST_LISTED))))
/** Ids of what was listed once: a row is made when it is first listed, and hidden and not taken out after, for laying out a hundred anew at a key would be felt. */
const made = computed<ReadonlySet<string>>((before) => new Set([...(before ?? []), ...listed.value]))
const rows = computed(() => standing.value.filter(({ id }) => made.value.has(id)))
</script>

<template>
  <div>
    <SearchField id="piece-search" v-model="search" :label="t('centerpiece.search')" />
    <p v-if="found.size === 0" class="soft small">{{ t('centerpiece.empty') }}</p>
    <ul class="found">
      <li v-for="piece in rows" v-show="listed.has(piece.id)" :key="piece.id">
        <PieceThumb :piece="piece" :pieces="pieces" />
        <span class="what">
          <span>{{ piece.name }}</span>
          <span class="soft small"
            >{{ 'heightMm' in piece ? `${length(piece.heightMm)}, ` : '' }}{{ t('centerpiece.owned', { n: piece.owned })
            }}<template v-if="inUse.get(piece.id)">, {{ t('centerpiece.usedNow', { n: inUse.get(piece.id) }) }}</template></span
          >
        </span>
        <el-button size="small" round @click="emit('put', piece)">{{ t('centerpiece.put') }}</el-button>
      </li>
    </ul>
    <el-button v-if="listed.size < found.size" size="small" @click="listAll = true">{{ t('centerpiece.listAll', { n: found.size }) }}</el-button>
  </div>
</template>

<style scoped>
ul {
  margin: 4px 0 0;
  padding: 0;
  list-style: none;
}

p {
  margin: 4px 0 0;
}

.found li {
  display: grid;
  grid-template-columns: 46px 1fr auto;
  gap: 10px;
  align-items: center;
  padding: 5px 0;
  border-bottom: 1px solid var(--hairline);
  content-visibility: auto;
  contain-intrinsic-height: auto 55px;
}

.found svg {
  width: 46px;
  height: 44px;
}

.what {
  display: grid;
  line-height: 1.3;
}
</style>
