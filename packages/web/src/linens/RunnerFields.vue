<script setup lang="ts">
import {
  foldedIns,
  foldRunner,
  layRunner,
  pieceIndex,
  piecesOf,
  runnerLayKinds,
  seatPlan,
  straightTextile,
  takeIn,
  textilesAsRunner,
  turnRunner,
  type FoldedIn,
  type Look
} from '@hestiad/core'
import { computed } from 'vue'
import { useI18n } from 'vue-i18n'
import { percent } from '../findings/findingWords.js'
import ChoiceField from '../shell/ChoiceField.vue'
import PieceSelect from '../shell/PieceSelect.vue'
import ShopPicker from '../shops/ShopPicker.vue'
import SelectField from '../shell/SelectField.vue'
import { useLook } from '../stores/lookStore.js'
import { usePreferences } from '../stores/preferences.js'
import { tellHems } from './tellHems.js'

/** The runner: any straight textile of the house, folded or whole, and how it lies. */
const props = defineProps<{ look: Look }>()
const { t } = useI18n()
const store = useLook()
const { length } = usePreferences()
const runner = computed(() => props.look.linens.runner)
const lay = computed(() => store.resting?.linens.runner)
const textiles = computed(() => [
  ...piecesOf(props.look, 'runner'),
  ...piecesOf(props.look, 'cloth').filter((piece) => straightTextile(pieceIndex(props.look), piece.id) !== undefined)
])
/** Two others of the house that would lie better, folded. */
const others = computed(() =>
  textilesAsRunner(props.look, seatPlan(props.look).outline)
    .filter((way) => way.piece.owned > 0 && way.piece.id !== runner.value?.pieceId && way.piece.id !== props.look.linens.clothId)
    .slice(0, 2)
)
const hems = computed(() => tellHems(props.look, store.resting?.linens.hems ?? [], t))
const layers = computed(() => (runner.value ? runner.value.folded.length * runner.value.folded.width : 1))
</script>

<template>
  <PieceSelect
    :label="t('linens.runner')"
    :model-value="runner?.pieceId ?? null"
    :pieces="textiles"
    :none="t('linens.none')"
    @update:model-value="store.run(layRunner, $event)"
  />
  <ShopPicker :look="look" kind="runner" @take="store.run(takeIn, $event, (now, id) => layRunner(now, id))" />
  <template v-if="runner">
    <ChoiceField
      :label="t('linens.lay')"
      :model-value="runner.lay"
      :choices="runnerLayKinds.map((value) => ({ value, label: t(`linens.${value}`) }))"
      @update:model-value="store.run(turnRunner, $event)"
    />
    <div class="pair">
      <SelectField
        v-for="way in ['length', 'width'] as const"
        :key="way"
        :label="t(way === 'length' ? 'linens.lengthIn' : 'linens.widthIn')"
        :model-value="String(runner.folded[way])"
        :choices="foldedIns.map((parts) => ({ value: String(parts), label: t(`linens.parts.${parts}`) }))"
        @update:model-value="store.run(foldRunner, way, Number($event) as FoldedIn)"
      />
    </div>
  </template>
  <p v-if="runner && lay" class="soft small tidy">
    {{ t(layers === 1 ? 'linens.whole' : 'linens.folded', { length: length(lay.lengthMm), width: length(lay.widthMm), layers }) }}
    {{ t('linens.overhang') }} {{ length(lay.overhangMm) }}. {{ t('linens.share', { share: percent(lay.share) }) }}.
    <template v-if="hems !== ''">{{ hems }} </template>
    <template v-if="lay.strips.length !== 1">{{ t('linens.strips', { n: lay.strips.length }) }}</template>
  </p>
  <div v-if="others.length > 0" class="small">
    <span class="soft">{{ t('linens.fromHouse') }}</span>
    <ul>
      <li v-for="way in others" :key="way.piece.id">
        <el-button class="plain link" @click="store.run(layRunner, way.piece.id, way.folded)">
          {{ way.piece.name }}, {{ length(way.lengthMm) }} × {{ length(way.widthMm) }}
        </el-button>
      </li>
    </ul>
  </div>
</template>

<style scoped>
ul {
  margin: 2px 0 0;
  padding: 0;
  list-style: none;
}
</style>
