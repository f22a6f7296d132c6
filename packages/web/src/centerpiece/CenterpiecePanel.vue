<script setup lang="ts">
import SearchField from '../shell/SearchField.vue'
import { isStanding, pieceIndex, standingKinds, takeIn, type Look, type Offer, type Piece, type StandingPiece } from '@hestiad/core'
import { computed, ref } from 'vue'
import { useI18n } from 'vue-i18n'
import { useLook } from '../stores/lookStore.js'
import { usePreferences } from '../stores/preferences.js'
import CheckField from '../shell/CheckField.vue'
import ChosenPiece from './ChosenPiece.vue'
import ComposePanel from './ComposePanel.vue'
import GapFields from './GapFields.vue'
import GarlandFields from './GarlandFields.vue'
import RuleFigures from './RuleFigures.vue'
import PieceThumb from './PieceThumb.vue'
import ShopPicker from '../shops/ShopPicker.vue'
import { usePutting } from './usePutting.js'
import VariantsList from './VariantsList.vue'

const props = defineProps<{ look: Look }>()
const { t } = useI18n()
const store = useLook()
const { length } = usePreferences()
const search = ref('')
const { put, noRoom } = usePutting()
const index = computed(() => pieceIndex(props.look))
const chosen = computed(() => props.look.centerpiece.find((p) => p.id === store.selected))
const inUse = computed(() => {
  const counts = new Map<string, number>()
  for (const placed of props.look.centerpiece) counts.set(placed.pieceId, (counts.get(placed.pieceId) ?? 0) + 1)
  return counts
})
const standing = computed(() => props.look.pieces.filter((p): p is StandingPiece => isStanding(p)).sort((a, b) => Number(b.owned > 0) - Number(a.owned > 0)))
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
const hides = (id: string) => store.resting?.sight.costs.find((c) => c.placedId === id)?.blames.length ?? 0

/** Taken into the look first, then put where there is room. */
async function putFromShop(article: { readonly piece: Piece; readonly offers: readonly Offer[] }): Promise<void> {
  store.run(takeIn, article)
  if (isStanding(article.piece)) await put(article.piece)
}
</script>

<template>
  <div class="stack">
    <ChosenPiece v-if="chosen" :look="look" :placed="chosen" />
    <ComposePanel :look="look" />
    <RuleFigures v-if="store.resting" :look="look" :figures="store.resting" />
    <CheckField :label="t('compose.heights')" :model-value="store.heights !== undefined" @update:model-value="store.showHeights($event)" />
    <router-link class="link" :to="{ name: 'sheet', params: { id: store.id }, hash: '#sight' }">{{ t('sight.open') }}</router-link>
    <GarlandFields :look="look" />
    <GapFields :look="look" />
    <VariantsList :look="look" />
    <hr class="rule" />
    <div>
      <h3>{{ t('centerpiece.onTable') }}</h3>
      <p v-if="look.centerpiece.length === 0" class="soft small">{{ t('centerpiece.nothing') }}</p>
      <ul v-else class="placed">
        <li v-for="placed in look.centerpiece" :key="placed.id">
          <el-button class="plain" :class="{ on: placed.id === store.selected }" @click="store.selected = placed.id">
            <span>{{ index.get(placed.pieceId)?.name }}</span>
            <span v-if="hides(placed.id)" class="small hides">{{ t('centerpiece.hides', { n: hides(placed.id) }, hides(placed.id)) }}</span>
          </el-button>
        </li>
      </ul>
    </div>
    <div>
      <h3>{{ t('centerpiece.add') }}</h3>
      <SearchField id="piece-search" v-model="search" :label="t('centerpiece.search')" />
      <p class="row shops">
        <span class="soft small">{{ t('centerpiece.fromShops') }}</span>
        <ShopPicker v-for="kind in standingKinds" :key="kind" :look="look" :kind="kind" :label="t(`kind.${kind}`)" @take="putFromShop" />
      </p>
      <p v-if="noRoom" class="soft small" role="status">{{ t('centerpiece.noRoom') }}</p>
      <p v-if="found.size === 0" class="soft small">{{ t('centerpiece.empty') }}</p>
      <ul class="found">
        <!-- hidden and not taken out: laying out a hundred of them anew at a key would be felt -->
        <li v-for="piece in standing" v-show="listed.has(piece.id)" :key="piece.id">
          <PieceThumb :piece="piece" :look="look" />
          <span class="what">
            <span>{{ piece.name }}</span>
            <span class="soft small"
              >{{ 'heightMm' in piece ? `${length(piece.heightMm)}, ` : '' }}{{ t('centerpiece.owned', { n: piece.owned })
              }}<template v-if="inUse.get(piece.id)">, {{ t('centerpiece.usedNow', { n: inUse.get(piece.id) }) }}</template></span
            >
          </span>
          <el-button size="small" round @click="put(piece)">{{ t('centerpiece.put') }}</el-button>
        </li>
      </ul>
      <el-button v-if="listed.size < found.size" size="small" @click="listAll = true">{{ t('centerpiece.listAll', { n: found.size }) }}</el-button>
    </div>
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

.shops {
  flex-wrap: wrap;
  gap: 4px 10px;
}

.placed button {
  display: flex;
  justify-content: space-between;
  width: 100%;
  padding: 3px 6px;
  border-radius: var(--radius);
}

.placed button:hover {
  background: var(--ember-soft);
}

.placed .on {
  background: var(--ember-soft);
  font-weight: 600;
}

.hides {
  color: var(--ember);
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
