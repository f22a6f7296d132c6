<script setup lang="ts">
import { changeLinens, changeSchool, dropLimits, findPiece, joinCloths, layTopper, pieceIndex, piecesOf, takeIn, turnTopper, type Look } from '@hestiad/core'
import { computed } from 'vue'
import { useI18n } from 'vue-i18n'
import CheckField from '../shell/CheckField.vue'
import ChoiceField from '../shell/ChoiceField.vue'
import PieceSelect from '../shell/PieceSelect.vue'
import { useLook } from '../stores/lookStore.js'
import { usePreferences } from '../stores/preferences.js'
import LengthField from '../shell/LengthField.vue'
import ShopPicker from '../shops/ShopPicker.vue'
import RowFields from './RowFields.vue'
import RunnerFields from './RunnerFields.vue'
import SewingPlan from './SewingPlan.vue'

const props = defineProps<{ look: Look }>()
const { t } = useI18n()
const store = useLook()
const { length } = usePreferences()
const figures = computed(() => store.resting?.linens)
const joinable = computed(() => {
  const shape = findPiece(pieceIndex(props.look), props.look.linens.clothId, 'cloth')?.extent.kind
  return shape === 'rectangle' || shape === 'square'
})
const range = computed(() => dropLimits(props.look.school.drop, props.look.table.heightMm))
</script>

<template>
  <div class="stack">
    <PieceSelect
      :label="t('linens.cloth')"
      :model-value="look.linens.clothId"
      :pieces="piecesOf(look, 'cloth')"
      :none="t('linens.none')"
      @update:model-value="store.run(changeLinens, { clothId: $event })"
    />
    <ShopPicker :look="look" kind="cloth" @take="store.run(takeIn, $event, (now, clothId) => changeLinens(now, { clothId }))" />
    <ChoiceField
      :label="t('linens.style')"
      :model-value="look.school.drop"
      :choices="(['casual', 'dressy', 'formal'] as const).map((value) => ({ value, label: t(`linens.${value}`) }))"
      @update:model-value="store.run(changeSchool, { drop: $event })"
    />
    <div v-if="joinable" class="pair">
      <CheckField :label="t('linens.join')" :model-value="look.linens.lapMm !== null" @update:model-value="store.run(joinCloths, $event)" />
      <LengthField
        v-if="look.linens.lapMm !== null"
        :label="t('linens.lap')"
        :model-value="look.linens.lapMm"
        :min-mm="0"
        :max-mm="2000"
        @update:model-value="store.run(changeLinens, { lapMm: $event })"
      />
    </div>
    <div v-if="figures?.cloth">
      <h3>{{ t('linens.hang') }}</h3>
      <dl>
        <dt>{{ t('linens.ends') }}</dt>
        <dd>{{ length(figures.cloth.endDropMm) }}</dd>
        <dt>{{ t('linens.sides') }}</dt>
        <dd>{{ length(figures.cloth.sideDropMm) }}</dd>
        <dt>{{ t('linens.corners') }}</dt>
        <dd>{{ length(figures.cloth.cornerDropMm) }}</dd>
        <dt>{{ t('linens.least') }}</dt>
        <dd>{{ length(figures.cloth.leastMm) }}</dd>
      </dl>
      <p class="soft small">{{ t('linens.range', { least: length(range[0]), most: length(range[1]) }) }}</p>
    </div>
    <hr class="rule" />
    <RunnerFields :look="look" />
    <RowFields :look="look" />
    <hr class="rule" />
    <PieceSelect
      :label="t('linens.mat')"
      :model-value="look.linens.matId"
      :pieces="piecesOf(look, 'mat')"
      :none="t('linens.none')"
      @update:model-value="store.run(changeLinens, { matId: $event })"
    />
    <p v-if="figures && figures.matGapMm !== null" class="soft small">{{ t('linens.matGap') }} {{ length(figures.matGapMm) }}.</p>
    <hr class="rule" />
    <PieceSelect
      :label="t('linens.topper')"
      :model-value="look.linens.topper?.pieceId ?? null"
      :pieces="piecesOf(look, 'cloth')"
      :none="t('linens.none')"
      @update:model-value="store.run(layTopper, $event)"
    />
    <div class="checks">
      <CheckField
        v-if="look.linens.topper"
        :label="t('linens.turned')"
        :model-value="look.linens.topper.turned"
        @update:model-value="store.run(turnTopper, $event)"
      />
      <CheckField :label="t('linens.pad')" :model-value="look.linens.pad" @update:model-value="store.run(changeLinens, { pad: $event })" />
    </div>
    <p v-if="figures?.topper" class="soft small tidy">
      {{ t('linens.topperHang', { least: length(figures.topper.leastMm), most: length(figures.topper.mostMm) }) }}
    </p>
    <p class="soft small tidy">{{ t('linens.care') }}</p>
    <hr class="rule" />
    <SewingPlan :look="look" />
  </div>
</template>

<style scoped>
dl {
  display: grid;
  grid-template-columns: auto 1fr auto 1fr;
  gap: 2px 12px;
  margin: 6px 0;
}

dt {
  color: var(--soft-ink);
}

dd {
  margin: 0;
  font-weight: 600;
}

p {
  margin: 0;
}
</style>
