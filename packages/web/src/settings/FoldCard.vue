<script setup lang="ts">
import FoldAway from '../shell/FoldAway.vue'
import { foldedNapkin, folds, type FoldKind, type Look, type Napkin } from '@hestiad/core'
import { computed } from 'vue'
import { useI18n } from 'vue-i18n'
import NapkinDrawing from '../board/drawing/NapkinDrawing.vue'
import { usePreferences } from '../stores/preferences.js'
import { foldSteps } from './foldSteps.js'

/** A fold as it lies, how it is made step by step, and what it asks. */
const props = defineProps<{ look: Look; napkin: Napkin; fold: FoldKind; count: number }>()
const { t, tm } = useI18n()
const { length } = usePreferences()
const facts = computed(() => folds[props.fold])
const half = computed(() => foldedNapkin({ sideMm: 400 }, props.fold))
const words = computed(() => tm(`fold.${props.fold}.steps`) as unknown as string[])
</script>

<template>
  <div class="stack">
    <p class="soft small tidy">
      {{
        t('settings.folding', {
          minutes: Math.round(facts.minutes * count * 10) / 10,
          pressed: t(facts.pressed ? 'settings.pressed' : 'settings.unpressed'),
          least: length(facts.leastMm)
        })
      }}<template v-if="facts.holdsCutlery">; {{ t('settings.holds') }}</template
      >; {{ t(`settings.practice.${facts.practice}`) }}.
    </p>
    <FoldAway :title="t('settings.steps')">
      <ol class="steps small">
        <li v-for="(step, i) in words" :key="i">
          <svg viewBox="-110 -110 220 220" aria-hidden="true">
            <path :d="foldSteps[fold][i]!.cloth" :fill="napkin.color" :stroke="napkin.accent" stroke-width="3" stroke-linejoin="round" />
            <path :d="foldSteps[fold][i]!.creases" fill="none" :stroke="napkin.accent" stroke-width="2.5" stroke-dasharray="9 7" />
            <path v-if="foldSteps[fold][i]!.arrow" :d="foldSteps[fold][i]!.arrow" class="arrow" marker-end="url(#fold-arrow)" />
            <defs>
              <marker id="fold-arrow" viewBox="0 0 10 10" refX="7" refY="5" markerWidth="6" markerHeight="6" orient="auto">
                <path d="M 0 0 L 10 5 L 0 10 Z" class="head" />
              </marker>
            </defs>
          </svg>
          {{ step }}
        </li>
        <li>
          <svg viewBox="-110 -110 220 220" aria-hidden="true">
            <g transform="scale(1 -1)">
              <NapkinDrawing :fold="fold" :half-x="half.halfXMm" :half-y="half.halfYMm" :color="napkin.color" :accent="napkin.accent" />
            </g>
          </svg>
        </li>
      </ol>
    </FoldAway>
  </div>
</template>

<style scoped>
.steps {
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: 8px;
  margin: 6px 0;
  padding: 0;
  list-style: none;
}

svg {
  display: block;
  width: 100%;
  background: var(--paper);
}

.arrow {
  fill: none;
  stroke: var(--ember);
  stroke-width: 4;
}

.head {
  fill: var(--ember);
}
</style>
