<script setup lang="ts">
import { isStanding, patternNames, sources, type Look } from '@hestiad/core'
import { computed } from 'vue'
import { useI18n } from 'vue-i18n'
import { speakerOf } from '../findings/findingWords.js'
import CheckField from '../shell/CheckField.vue'
import ChoiceField from '../shell/ChoiceField.vue'
import SelectField from '../shell/SelectField.vue'
import { tellRefusal } from '../shell/words/composer.js'
import { useLook } from '../stores/lookStore.js'
import { usePreferences } from '../stores/preferences.js'
import IdeaStrip from './IdeaStrip.vue'
import IdeaTold from './IdeaTold.vue'
import PatternMark from './PatternMark.vue'
import { useComposer, type PatternChoice } from './useComposer.js'

/** Has the middle composed: ideas to pick from, varied and walked through; each is one step that undo takes back. */
const props = defineProps<{ look: Look }>()
const { t } = useI18n()
const store = useLook()
const preferences = usePreferences()
const composer = useComposer()
const { pattern, from, anchorId, wishLight, without, running, progress, problem, canceled, composed, shown, isCurrent } = composer
const choices: readonly PatternChoice[] = ['six', ...patternNames]
const say = computed(() => speakerOf({ t: t as never, look: props.look, ...preferences.measures }))
const anchors = computed(() =>
  props.look.pieces.filter((piece) => isStanding(piece) && piece.owned > 0).map((piece) => ({ value: piece.id, label: piece.name }))
)
/** A round or a square has no ends. */
const hasEnds = computed(() => !['round', 'square'].includes(props.look.table.shape.kind))
/** Told where one pattern was asked for and cannot be laid. */
const refused = computed(() => (composed.value && composed.value.ideas.length === 0 && isCurrent.value ? composed.value.refusals : []))

function choose(choice: PatternChoice): void {
  pattern.value = choice
  void composer.compose()
}
</script>

<template>
  <section class="stack compose" :aria-label="t('compose.title')">
    <h3>{{ t('compose.title') }}</h3>
    <div class="patterns" role="group" :aria-label="t('compose.title')">
      <el-button
        v-for="name in choices"
        :key="name"
        class="plain pattern"
        :aria-pressed="pattern === name"
        :class="{ on: pattern === name, six: name === 'six' }"
        @click="choose(name)"
      >
        <PatternMark v-if="name !== 'six'" :pattern="name" />
        <span class="small">{{ name === 'six' ? t('compose.six') : t(`compose.names.${name}`) }}</span>
      </el-button>
    </div>
    <div v-if="running" class="row between" role="status">
      <el-progress :percentage="Math.round(progress * 100)" :show-text="false" :stroke-width="6" class="bar" />
      <el-button size="small" @click="running.cancel()">{{ t('compose.cancel') }}</el-button>
    </div>
    <p v-if="problem" class="bad small" role="alert">{{ problem }}</p>
    <p v-else-if="canceled" class="soft small" role="status">{{ t('compose.canceled') }}</p>
    <div v-for="refusal in refused" :key="refusal.pattern ?? 'none'" class="small" role="status">
      <p>{{ refusal.pattern ? `${t(`compose.names.${refusal.pattern}`)}: ` : '' }}{{ tellRefusal(refusal, say) }}</p>
      <el-button v-if="refusal.smaller" size="small" @click="store.apply(refusal.smaller.edit)">{{ t('compose.doSmaller') }}</el-button>
    </div>
    <template v-if="composed && composed.ideas.length > 0">
      <IdeaStrip v-if="isCurrent" :composer="composer" />
      <p v-else class="soft small">{{ t('compose.stale') }}</p>
      <IdeaTold v-if="shown" :look="look" :idea="shown" :composer="composer" />
    </template>
    <ChoiceField v-model="from" :label="t('compose.from')" :choices="sources.map((value) => ({ value, label: t(`compose.froms.${value}`) }))" />
    <SelectField
      v-model="anchorId"
      :label="t('compose.anchor')"
      :choices="anchors"
      :none="t('compose.noAnchor')"
      :empty="t('compose.noAnchors')"
      @none="anchorId = null"
    />
    <CheckField v-model="wishLight" :label="t('compose.light')" />
    <p v-if="without.length > 0" class="small tags">
      {{ t('compose.without') }}
      <el-tag
        v-for="id in without"
        :key="id"
        closable
        size="small"
        :aria-label="t('compose.useAgain', { name: say.piece(id) })"
        @close="composer.bringBack(id)"
        >{{ say.piece(id) }}</el-tag
      >
    </p>
    <div class="row">
      <el-button type="primary" size="small" :disabled="running !== undefined" @click="composer.compose()">{{ t('compose.compose') }}</el-button>
      <el-button v-if="composed" size="small" :disabled="running !== undefined" @click="composer.another">{{ t('compose.another') }}</el-button>
    </div>
    <div v-if="look.centerpiece.length > 0" class="row parts">
      <el-button size="small" :disabled="running !== undefined" @click="composer.compose(pattern, 'flowers')">{{ t('compose.onlyFlowers') }}</el-button>
      <el-button size="small" :disabled="running !== undefined" @click="composer.compose(pattern, 'lights')">{{ t('compose.onlyLights') }}</el-button>
      <el-button v-if="hasEnds" size="small" :disabled="running !== undefined" @click="composer.compose(pattern, 'ends')">{{
        t('compose.onlyEnds')
      }}</el-button>
    </div>
  </section>
</template>

<style scoped>
.parts {
  flex-wrap: wrap;
}

.parts .el-button {
  margin: 0;
}

.patterns {
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(82px, 1fr));
  gap: 6px;
}

.pattern {
  display: grid;
  gap: 2px;
  align-content: end;
  padding: 4px;
  border: 1px solid transparent;
  border-radius: var(--radius);
  line-height: 1.15;
}

.pattern:hover,
.pattern.on {
  border-color: var(--ember);
  background: var(--ember-soft);
}

.six {
  align-content: center;
  border-color: var(--hairline-strong);
  font: 560 15px var(--serif);
}

.pattern :deep(svg) {
  width: 100%;
  max-width: 92px;
}

.bar {
  flex: 1;
}

.tags {
  display: flex;
  flex-wrap: wrap;
  gap: 4px 6px;
  align-items: center;
}

h3,
p {
  margin: 0;
}
</style>
