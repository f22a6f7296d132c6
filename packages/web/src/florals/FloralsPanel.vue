<script setup lang="ts">
import CountField from '../shell/CountField.vue'
import {
  addStems,
  beginArrangement,
  changeArrangement,
  changeSchool,
  findPiece,
  mechanicsNames,
  mechanicsOf,
  petCaution,
  pieceIndex,
  piecesOf,
  setStems,
  stemAsks,
  takeIn,
  takesStems,
  type Look,
  type Placed
} from '@hestiad/core'
import { computed } from 'vue'
import { useI18n } from 'vue-i18n'
import { percent } from '../findings/findingWords.js'
import ChoiceField from '../shell/ChoiceField.vue'
import LengthField from '../shell/LengthField.vue'
import PieceSelect from '../shell/PieceSelect.vue'
import SelectField from '../shell/SelectField.vue'
import { useLook } from '../stores/lookStore.js'
import { usePreferences } from '../stores/preferences.js'
import { mechanicsInSentence } from '../shell/words/findings/inSentence.js'
import ShopPicker from '../shops/ShopPicker.vue'
import StemThumb from './StemThumb.vue'

const props = defineProps<{ look: Look }>()
const { t } = useI18n()
const store = useLook()
const { length } = usePreferences()
const index = computed(() => pieceIndex(props.look))
const vessels = computed(() =>
  props.look.centerpiece.filter((p) => {
    const vessel = findPiece(index.value, p.pieceId, 'vessel')
    return vessel !== undefined && takesStems(vessel)
  })
)
const chosen = computed<Placed | undefined>(() => vessels.value.find((p) => p.id === store.selected) ?? vessels.value[0])
const needs = computed(() => store.resting?.florals.find((f) => f.placedId === chosen.value?.id))
const usual = computed(() => {
  const vessel = findPiece(index.value, chosen.value?.pieceId, 'vessel')
  return vessel && chosen.value?.arrangement ? mechanicsOf(vessel, { ...chosen.value.arrangement, mechanics: null }) : 'none'
})
const asks = computed(() => stemAsks(props.look))
const animals = computed(() => props.look.household.cats || props.look.household.dogs)

const setStemsOf = (stemId: string, count: number) => store.run(setStems, chosen.value?.id ?? '', stemId, count)
const change = (part: Parameters<typeof changeArrangement>[2]) => store.run(changeArrangement, chosen.value?.id ?? '', part)
</script>

<template>
  <div class="stack">
    <p v-if="!chosen" class="soft">{{ t('florals.none') }}</p>
    <template v-else>
      <SelectField
        :label="t('florals.vessel')"
        :model-value="chosen.id"
        :choices="vessels.map((placed) => ({ value: placed.id, label: index.get(placed.pieceId)?.name ?? '' }))"
        @update:model-value="store.selected = $event"
      />
      <el-button v-if="!chosen.arrangement" type="primary" @click="store.run(beginArrangement, chosen.id)">{{ t('florals.begin') }}</el-button>
      <template v-else>
        <h3>{{ t('florals.recipe') }}</h3>
        <ul>
          <li v-for="line in chosen.arrangement.stems" :key="line.stemId">
            <StemThumb v-if="findPiece(index, line.stemId, 'stem')" :stem="findPiece(index, line.stemId, 'stem')!" />
            <span class="what">
              <span>{{ index.get(line.stemId)?.name }}</span>
              <span v-if="asks.get(line.stemId)?.keep" class="soft small">{{ t(`florals.keep.${asks.get(line.stemId)!.keep}`) }}</span>
              <span v-if="animals && findPiece(index, line.stemId, 'stem')?.material !== 'faux'" class="soft small">{{
                t(`florals.${petCaution(findPiece(index, line.stemId, 'stem')?.genus ?? '')}`)
              }}</span>
            </span>
            <CountField
              bare
              :model-value="line.count"
              :max="400"
              :label="`${index.get(line.stemId)?.name} ${t('florals.count')}`"
              @update:model-value="setStemsOf(line.stemId, $event)"
            />
          </li>
        </ul>
        <PieceSelect
          :label="t('florals.add')"
          :model-value="null"
          :pieces="piecesOf(look, 'stem')"
          none="…"
          @update:model-value="$event && store.run(addStems, chosen.id, $event)"
        />
        <ShopPicker :look="look" kind="stem" @take="store.run(takeIn, $event, (now, id) => addStems(now, chosen!.id, id))" />
        <div class="pair">
          <LengthField
            :label="t('florals.rise')"
            :model-value="chosen.arrangement.riseMm"
            :min-mm="0"
            :max-mm="1200"
            @update:model-value="change({ riseMm: $event })"
          />
          <LengthField
            :label="t('florals.spread')"
            :model-value="chosen.arrangement.spreadMm"
            :min-mm="10"
            :max-mm="2000"
            @update:model-value="change({ spreadMm: $event })"
          />
        </div>
        <SelectField
          :label="t('florals.mechanics')"
          :model-value="chosen.arrangement.mechanics"
          :none="t('florals.usualMechanics', { what: mechanicsInSentence[usual] })"
          :choices="mechanicsNames.map((value) => ({ value, label: t(`florals.mechanicsNames.${value}`) }))"
          @update:model-value="change({ mechanics: $event })"
          @none="change({ mechanics: null })"
        />
        <dl v-if="needs && needs.stems > 0">
          <dt>{{ t('florals.through') }}</dt>
          <dd :class="{ bad: needs.stems > needs.mouthMost }">
            {{
              needs.mouthMost > 3 * needs.stems ? t('florals.roomy', { stems: needs.stems }) : t('florals.of', { stems: needs.stems, most: needs.mouthMost })
            }}
          </dd>
          <dt>{{ t('florals.cover') }}</dt>
          <dd :class="{ bad: needs.cover < needs.coverWanted - 0.02 }">
            {{ t('florals.coverOf', { cover: percent(needs.cover), wanted: percent(needs.coverWanted) }) }}
          </dd>
          <dt>{{ t('florals.cut') }}</dt>
          <dd>{{ length(needs.cutMm) }}</dd>
          <dt>{{ t('florals.buyAtLeast') }}</dt>
          <dd :class="{ bad: needs.tooShort.length > 0 }">{{ length(needs.buyAtLeastMm) }}</dd>
        </dl>
      </template>
    </template>
    <ChoiceField
      :label="t('florals.fullness')"
      :model-value="look.school.fullness"
      :choices="(['sparse', 'usual', 'lush'] as const).map((value) => ({ value, label: t(`florals.${value}`) }))"
      @update:model-value="store.run(changeSchool, { fullness: $event })"
    />
    <CountField
      :label="t('florals.spare')"
      :model-value="look.school.spareStemsPercent"
      :step="5"
      @update:model-value="store.run(changeSchool, { spareStemsPercent: $event })"
    />
    <p class="soft small">{{ t('florals.caution') }}</p>
  </div>
</template>

<style scoped>
ul {
  margin: 0;
  padding: 0;
  list-style: none;
}

li {
  display: grid;
  grid-template-columns: 34px 1fr auto;
  gap: 8px;
  align-items: center;
  padding: 3px 0;
}

.what {
  display: grid;
  line-height: 1.25;
}

dl {
  display: grid;
  grid-template-columns: auto 1fr;
  gap: 2px 12px;
  margin: 0;
}

dt {
  color: var(--soft-ink);
}

dd {
  margin: 0;
  font-weight: 600;
}

.bad {
  color: var(--ember);
}

p {
  margin: 0;
}
</style>
