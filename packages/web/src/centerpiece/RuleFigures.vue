<script setup lang="ts">
import FoldAway from '../shell/FoldAway.vue'
import { askAgain, BALANCE_MOST, changeSchool, LEVELS_WANTED, scoreParts, type Figures, type FindingCode, type Look } from '@hestiad/core'
import { computed } from 'vue'
import { useI18n } from 'vue-i18n'
import { list, percent } from '../findings/findingWords.js'
import { scoreNames } from '../shell/words/composer.js'
import { ruleNames } from '../shell/words/findings/ruleNames.js'
import ClearingList from './ClearingList.vue'
import ChoiceField from '../shell/ChoiceField.vue'
import CountField from '../shell/CountField.vue'
import { useLook } from '../stores/lookStore.js'
import { usePreferences } from '../stores/preferences.js'

/** What the rules of composition measure beside what the look asks, what clearing takes, and the schools it is measured by. */
const props = defineProps<{ look: Look; figures: Figures }>()
const { t } = useI18n()
const store = useLook()
const { length } = usePreferences()
const c = computed(() => props.figures.composition)
const density = computed(() => c.value.score.density)
const parts = computed(() => scoreParts.flatMap((part) => (c.value.score.parts[part] === null ? [] : [{ part, kept: c.value.score.parts[part]! }])))
const accents = computed(() => c.value.accents.map((accent) => `${accent.color} ${accent.placedIds.length}`).join(', ') || '–')
</script>

<template>
  <FoldAway class="stack" :title="t('compose.figures')" open>
    <ul v-if="look.centerpiece.length > 0" class="parts small" :aria-label="t('compose.score', { score: percent(c.score.total) })">
      <li v-for="{ part, kept } in parts" :key="part">
        <span>{{ scoreNames[part] }}</span>
        <span class="track"><span :style="{ width: percent(kept).replace(' ', '') }" /></span>
        <span class="soft">{{ percent(kept) }}</span>
      </li>
    </ul>
    <dl class="small">
      <dt>{{ t('compose.free') }}</dt>
      <dd>{{ length(c.middle.lengthMm) }} × {{ length(c.middle.widthMm) }}</dd>
      <dt>{{ t('compose.levels') }}</dt>
      <dd>
        {{ c.levels.map((mm) => length(mm)).join(', ') || '–' }} <span class="soft">/ {{ LEVELS_WANTED }}</span>
      </dd>
      <dt>{{ t('compose.covered') }}</dt>
      <dd>
        <template v-if="density"
          >{{ percent(density.share) }} <span class="soft">/ {{ percent(density.least) }}–{{ percent(density.most) }}</span></template
        >
        <template v-else>–</template>
      </dd>
      <dt>{{ t('compose.balance') }}</dt>
      <dd>
        {{ percent(Math.abs(c.alongShare)) }}, {{ percent(Math.abs(c.acrossShare)) }}
        <span class="soft">/ {{ percent(BALANCE_MOST[look.school.symmetry]) }}</span>
      </dd>
      <dt>{{ t('compose.groups') }}</dt>
      <dd>
        {{ c.groups.map((group) => group.length).join(', ') || '–' }}<template v-if="c.graded > 0">, {{ t('compose.graded', { n: c.graded }) }}</template>
      </dd>
      <dt>{{ t('compose.accents') }}</dt>
      <dd>{{ accents }}</dd>
      <dt>{{ t('compose.materials') }}</dt>
      <dd>{{ c.finishes.length }}, {{ c.textures.length }} <span class="soft">/ 2, 2</span></dd>
      <dt>{{ t('compose.toCover') }}</dt>
      <dd>{{ c.toCover.length }}</dd>
      <dt>{{ t('compose.clear') }}</dt>
      <dd>
        <ClearingList :look="look" :clearing="figures.stability.clearing" />
      </dd>
    </dl>
    <ChoiceField
      :label="t('compose.fullness')"
      :model-value="look.school.fullness"
      :choices="(['sparse', 'usual', 'lush'] as const).map((value) => ({ value, label: t(`compose.fullnesses.${value}`) }))"
      @update:model-value="store.run(changeSchool, { fullness: $event })"
    />
    <ChoiceField
      :label="t('compose.symmetry')"
      :model-value="look.school.symmetry"
      :choices="(['symmetric', 'by-weight'] as const).map((value) => ({ value, label: t(`compose.symmetries.${value}`) }))"
      @update:model-value="store.run(changeSchool, { symmetry: $event })"
    />
    <ChoiceField
      :label="t('compose.groups')"
      :model-value="look.school.groups"
      :choices="(['odd', 'pairs'] as const).map((value) => ({ value, label: t(`compose.groupKinds.${value}`) }))"
      @update:model-value="store.run(changeSchool, { groups: $event })"
    />
    <CountField
      :label="t('compose.hidden')"
      :model-value="look.school.hiddenPercent"
      :step="5"
      @update:model-value="store.run(changeSchool, { hiddenPercent: $event })"
    />
    <p v-if="look.school.meant.length > 0" class="soft small">
      {{ t('compose.meant', { rules: list(look.school.meant.map((code) => ruleNames[code as FindingCode] ?? code)) }) }}
      <el-button class="plain link" @click="store.run(askAgain)">{{ t('compose.ask') }}</el-button>
    </p>
  </FoldAway>
</template>

<style scoped>
dl {
  display: grid;
  grid-template-columns: auto 1fr;
  gap: 3px 12px;
  margin: 0;
}

dt {
  color: var(--soft-ink);
}

dd {
  margin: 0;
  font-variant-numeric: tabular-nums;
}

.parts {
  display: grid;
  gap: 3px;
  margin: 4px 0 8px;
  padding: 0;
  list-style: none;
}

.parts li {
  display: grid;
  grid-template-columns: 112px 1fr 42px;
  gap: 8px;
  align-items: center;
}

.track {
  height: 6px;
  overflow: hidden;
  border-radius: 3px;
  background: var(--hairline);
}

.track span {
  display: block;
  height: 100%;
  background: var(--moss);
}

p {
  margin: 0;
}
</style>
