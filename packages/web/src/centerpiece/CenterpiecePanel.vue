<script setup lang="ts">
import { isStanding, pieceIndex, standingKinds, takeIn, type Look, type Offer, type Piece } from '@hestiad/core'
import { computed } from 'vue'
import { useI18n } from 'vue-i18n'
import { useLook } from '../stores/lookStore.js'
import CheckField from '../shell/CheckField.vue'
import ChosenPiece from './ChosenPiece.vue'
import ComposePanel from './ComposePanel.vue'
import GapFields from './GapFields.vue'
import GarlandFields from './GarlandFields.vue'
import RuleFigures from './RuleFigures.vue'
import PieceShelf from './PieceShelf.vue'
import ShopPicker from '../shops/ShopPicker.vue'
import { usePutting } from './usePutting.js'
import VariantsList from './VariantsList.vue'

const props = defineProps<{ look: Look }>()
const { t } = useI18n()
const store = useLook()
const { put, noRoom } = usePutting()
const index = computed(() => pieceIndex(props.look))
const chosen = computed(() => props.look.centerpiece.find((p) => p.id === store.selected))
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
      <p class="row shops">
        <span class="soft small">{{ t('centerpiece.fromShops') }}</span>
        <ShopPicker v-for="kind in standingKinds" :key="kind" :look="look" :kind="kind" :label="t(`kind.${kind}`)" @take="putFromShop" />
      </p>
      <p v-if="noRoom" class="soft small" role="status">{{ t('centerpiece.noRoom') }}</p>
      <PieceShelf :pieces="look.pieces" :laid="look.centerpiece" @put="put" />
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
</style>
